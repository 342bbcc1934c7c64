import { set, type Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** Cables are moved with the machine unplugged, where it has cables to move. */
export const POLARITY_ACTS = {
  swapStuds: set('polarity'),
  swapPlugs: set('polarity'),
  turnSwitch: set('polarity'),
  tightenStuds: set('polarity'),
  clampMend: {
    can: (b) => b.clampOff,
    does: (b) => ({ fitted: lay(b.fitted, { conditions: { workClamp: 'good' } }) }),
  },
} satisfies Acts
