import { whenClear, type Acts } from '../../bench/action.ts'
import { cleaned, lay } from '../../bench/bench.ts'
import type { Rolls } from '../../machine/fitted/driveRolls.ts'

/** Rolls turned to another groove: what they are and how clean stays. */
export function turnedTo(
  rolls: Rolls | null | undefined,
  wanted: Rolls | null | undefined,
): Rolls | null | undefined {
  if (!rolls || !wanted) return wanted
  const { profile, active, activeProfile } = wanted
  return { ...rolls, profile, ...(active && { active }), ...(activeProfile && { activeProfile }) }
}

/** Rolls are touched with no wire in them; a tangle is cut out with the arm open. */
export const DRIVE_ROLLS_ACTS = {
  rollsChange: whenClear({
    does: (b, after) => ({ fitted: lay(b.fitted, after('driveRolls', 'comes')) }),
  }),
  rollsTurn: whenClear({
    does: (b, after) => ({
      fitted: lay(b.fitted, { driveRolls: turnedTo(b.fitted.driveRolls, after('driveRolls').driveRolls) }),
    }),
  }),
  rollsClean: whenClear({
    does: (b) => ({ fitted: { ...b.fitted, driveRolls: cleaned(b.fitted.driveRolls) } }),
  }),
  clearTangle: {
    can: (b) => b.armOpen && b.end !== 'in-rolls' && b.end !== 'in-hand',
    does: (b) => ({ fitted: lay(b.fitted, { conditions: { birdnest: false } }) }),
  },
} satisfies Acts
