import type { Acts } from '../../bench/action.ts'
import { cleaned, isPutBack, lay, type Bench } from '../../bench/bench.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { MatchContext } from '../../match/finding.ts'
import { stampTakes } from '../../wire/sizes.ts'
import { tipsFor } from './match.ts'

/** Bore of the fitted tip is one the new wire takes. */
export const tipIsRight = (b: Bench, c: MatchContext): boolean =>
  b.fitted.contactTip != null &&
  tipsFor(c).some((choice) => stampTakes(b.fitted.contactTip!.stamp, Number(choice.stamp)))

/** A school leaves a right tip on while stiff wire is threaded with a straight clean end. */
export const tipMayStay = (b: Bench, c: MatchContext): boolean =>
  c.practice.tipWhileThreading === 'on' && !FAMILY_SHEETS[c.wire.family].soft && tipIsRight(b, c)

/** The tip is under the nozzle, and goes on over the new wire. */
export const CONTACT_TIP_ACTS = {
  // The wire is snipped before the tip is drawn off over it.
  tipOff: { can: (b) => !b.nozzleOn, does: () => ({ tipOn: false, ball: false }) },
  tipClean: {
    can: (b) => !b.tipOn,
    does: (b) => ({ fitted: { ...b.fitted, contactTip: cleaned(b.fitted.contactTip) } }),
  },
  fitTip: {
    can: (b) => b.fed && !b.tipOn,
    // Put back on it is as clean as it was made.
    does: (b, after) => ({
      tipOn: true,
      ...(!isPutBack(b.fitted.contactTip, after('contactTip').contactTip) && {
        fitted: lay(b.fitted, after('contactTip')),
      }),
    }),
  },
} satisfies Acts
