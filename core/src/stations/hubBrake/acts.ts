import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** The brake is set with the new spool on. */
export const HUB_BRAKE_ACTS = {
  setBrake: {
    can: (b) => b.spool === 'new',
    does: (b, after) => ({ brakeSet: true, fitted: lay(b.fitted, after('hubBrake')) }),
  },
} satisfies Acts
