import { set, whenClear, type Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** Rolls are touched with no wire in them; a tangle is cut out with the arm open. */
export const DRIVE_ROLLS_ACTS = {
  rollsChange: whenClear(set('driveRolls')),
  rollsTurn: whenClear(set('driveRolls')),
  rollsClean: whenClear(set('driveRolls')),
  clearTangle: {
    can: (b) => b.armOpen && b.end !== 'in-rolls' && b.end !== 'in-hand',
    does: (b) => ({ fitted: lay(b.fitted, { conditions: { birdnest: false } }) }),
  },
} satisfies Acts
