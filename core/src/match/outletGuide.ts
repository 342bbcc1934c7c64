import type { Finding, MatchContext } from './finding.ts'
import { matchGuide } from './guide.ts'

/** The tube after the rolls, where a pushed wire folds first. */
export const matchOutletGuide = (c: MatchContext): Finding => matchGuide('outletGuide', c)
