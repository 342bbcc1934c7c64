import type { Acts } from '../../bench/action.ts'
import { lay, nozzleStands } from '../../bench/bench.ts'

/** Flow is set with gas running through the nozzle. */
export const GAS_FLOW_ACTS = {
  setFlow: {
    can: (b) => b.valveOpen && b.on && b.purged && nozzleStands(b),
    does: (b, after) => ({ flowSet: true, screwOut: false, fitted: lay(b.fitted, after('gasFlow')) }),
  },
} satisfies Acts
