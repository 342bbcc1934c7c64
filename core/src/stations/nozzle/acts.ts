import type { Acts } from '../../bench/action.ts'
import { cleaned, isPutBack, lay } from '../../bench/bench.ts'

/** The nozzle goes on over the tip. */
export const NOZZLE_ACTS = {
  nozzleOff: { does: () => ({ nozzleOn: false }) },
  nozzleClean: {
    can: (b) => !b.nozzleOn,
    does: (b) => ({ fitted: { ...b.fitted, nozzle: cleaned(b.fitted.nozzle) } }),
  },
  fitNozzle: {
    can: (b) => b.tipOn && !b.nozzleOn,
    does: (b, after) => ({
      nozzleOn: true,
      ...(!isPutBack(b.fitted.nozzle, after('nozzle').nozzle) && { fitted: lay(b.fitted, after('nozzle')) }),
    }),
  },
} satisfies Acts
