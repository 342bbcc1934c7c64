import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A spool goes on an empty hub, and its end stays tucked. */
export const SPOOL_ACTS = {
  adapterOff: { can: (b) => b.spool === 'none', does: () => ({}) },
  fitAdapter: { can: (b) => b.spool === 'none', does: () => ({}) },
  mountSpool: {
    can: (b) => b.spool === 'none',
    // A drum has no brake: what stands free needs none.
    does: (b, after) => ({
      spool: 'new',
      end: 'tucked',
      ...(after('spool').spool?.type === 'drum' && { brakeSet: true }),
      fitted: lay(b.fitted, after('spool')),
    }),
  },
  spoolOff: {
    can: (b) => b.spool !== 'new',
    does: (b) => ({ spool: 'none', end: b.end === 'tucked' ? 'none' : b.end === 'none' ? 'none' : 'free' }),
  },
} satisfies Acts
