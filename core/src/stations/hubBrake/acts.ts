import type { Acts } from '../../bench/action.ts'
import { isRightSpool, lay } from '../../bench/bench.ts'

/** The brake is set with the spool on whose wire is wanted. */
export const HUB_BRAKE_ACTS = {
  setBrake: {
    can: (b, c) => isRightSpool(b, c) && b.end !== 'in-hand',
    does: (b, after) => ({ brakeSet: true, fitted: lay(b.fitted, after('hubBrake')) }),
  },
} satisfies Acts
