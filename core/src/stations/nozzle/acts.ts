import { set, type Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** The nozzle goes on over the tip. */
export const NOZZLE_ACTS = {
  nozzleOff: { does: () => ({ nozzleOn: false }) },
  nozzleClean: { ...set('nozzle'), can: (b) => !b.nozzleOn },
  fitNozzle: {
    can: (b) => b.tipOn && !b.nozzleOn,
    does: (b, after) => ({ nozzleOn: true, fitted: lay(b.fitted, after('nozzle')) }),
  },
} satisfies Acts
