import { set, whenClear, type Acts } from '../../bench/action.ts'

/** Guides are touched with no wire in them. */
export const OUTLET_GUIDE_ACTS = {
  outletGuideChange: whenClear(set('outletGuide')),
  outletGuideSet: whenClear(set('outletGuide')),
  outletGuideOut: whenClear(set('outletGuide')),
} satisfies Acts
