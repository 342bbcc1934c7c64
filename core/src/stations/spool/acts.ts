import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A spool goes on an empty hub, and its end stays tucked. */
export const SPOOL_ACTS = {
  fitAdapter: { can: (b) => b.spool === 'none', does: () => ({}) },
  mountSpool: {
    can: (b) => b.spool === 'none',
    does: (b, after) => ({ spool: 'new', end: 'tucked', fitted: lay(b.fitted, after('spool')) }),
  },
  spoolOff: {
    can: (b) => b.spool !== 'new',
    does: (b) => ({ spool: 'none', end: b.end === 'tucked' ? 'none' : b.end === 'none' ? 'none' : 'free' }),
  },
} satisfies Acts
