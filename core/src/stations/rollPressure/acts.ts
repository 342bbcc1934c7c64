import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** Pressure is set with the wire through and the tip on. */
export const ROLL_PRESSURE_ACTS = {
  setPressure: {
    can: (b) => b.on && b.tipOn && b.end === 'in-rolls' && b.fed && !b.gunRollsOpen,
    does: (b, after) => ({
      pressureTested: true,
      trimmed: false,
      fitted: lay(b.fitted, after('rollPressure')),
    }),
  },
} satisfies Acts
