import { set, whenClear, type Acts } from '../../bench/action.ts'

/** Guides are touched with no wire in them. */
export const INLET_GUIDE_ACTS = {
  inletGuideChange: whenClear(set('inletGuide')),
  inletGuideSet: whenClear(set('inletGuide')),
} satisfies Acts
