import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'
import { keeps } from '../../match/finding.ts'

/** A spool goes on an empty hub, and its end stays tucked; or in hand, where it has passed the inlet already. */
export const SPOOL_ACTS = {
  adapterOff: { can: (b) => b.spool === 'none', does: () => ({ adapter: false }) },
  fitAdapter: {
    can: (b, c) => b.spool === 'none' && !(b.adapter && c.fitted.spool !== undefined),
    does: () => ({ adapter: true }),
  },
  // With its wire in the rolls, or its end tucked, a spool is turned until its pin is home.
  seatSpool: {
    can: (b) => b.end === 'in-rolls' || b.end === 'tucked',
    does: (b, after) => ({ fitted: lay(b.fitted, after('spool')) }),
  },
  // Passed and clipped there: no hand is at it while the spool is lifted.
  passInlet: {
    can: (b) => b.spool === 'none' && b.inGun === 'none',
    does: () => ({ inletPassed: true }),
  },
  mountSpool: {
    can: (b) => b.spool === 'none' && b.end !== 'in-hand',
    // A drum has no brake: what stands free needs none.
    does: (b, after, c) => {
      const { spool } = after('spool')
      return {
        spool: 'new',
        end: 'tucked',
        conduitLed: false,
        ...((spool?.type === 'drum' || keeps(c, 'hubBrake')) && { brakeSet: true }),
        fitted: lay(b.fitted, {
          spool: spool && { ...spool, ...(spool.adapter !== undefined && { adapter: b.adapter }) },
        }),
      }
    },
  },
  spoolOff: {
    can: (b) => b.spool !== 'new' && !b.whole,
    does: (b) => ({
      spool: 'none',
      brakeSet: false,
      inletPassed: false,
      end: b.end === 'tucked' ? 'none' : b.end === 'none' ? 'none' : 'free',
    }),
  },
} satisfies Acts
