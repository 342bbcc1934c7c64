import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** Flow is set with gas running through the nozzle. */
export const GAS_FLOW_ACTS = {
  setFlow: {
    can: (b) => b.valveOpen && b.on && b.purged && b.nozzleOn,
    does: (b, after) => ({ flowSet: true, screwOut: false, fitted: lay(b.fitted, after('gasFlow')) }),
  },
} satisfies Acts
