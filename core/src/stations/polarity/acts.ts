import type { Action, Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** The cables on the other side; moved by hand they are tightened with it, by a switch they are not. */
const cables = (byHand: boolean): Action => ({
  does: (b, after) => {
    const { polarity, conditions } = after('polarity')
    return {
      fitted: lay(b.fitted, {
        polarity,
        ...(byHand && conditions?.studs && { conditions: { studs: conditions.studs } }),
      }),
    }
  },
})

/** Cables are moved with the machine unplugged, where it has cables to move. */
export const POLARITY_ACTS = {
  swapStuds: cables(true),
  swapPlugs: cables(true),
  turnSwitch: cables(false),
  tightenStuds: { does: (b) => ({ fitted: lay(b.fitted, { conditions: { studs: 'tight' } }) }) },
  clampMend: {
    can: (b) => b.clampOff,
    does: (b) => ({ fitted: lay(b.fitted, { conditions: { workClamp: 'good' } }) }),
  },
} satisfies Acts
