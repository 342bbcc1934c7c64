import { clearWay, type Acts } from '../../bench/action.ts'
import { linerEnd } from '../../steps/linerEnd.ts'
import { leadsLinerUp } from '../pieces/guide.ts'
import { cleaned, lay } from '../../bench/bench.ts'

/** A liner is drawn and fitted with the gun off; it is blown out with the tip off. */
export const LINER_ACTS = {
  linerOut: { can: (b) => !b.gunOn && clearWay(b), does: (b) => ({ fitted: { ...b.fitted, liner: null } }) },
  linerIn: {
    can: (b) => !b.gunOn && !b.tipOn && b.fitted.liner === null,
    does: (b, after) => ({
      fitted: lay(b.fitted, after('liner', 'comes')),
      linerTrimmed: false,
      linerCutAtRolls: false,
    }),
  },
  linerTrim: {
    can: (b) => b.fitted.liner != null,
    does: (b, _after, c) => ({
      linerTrimmed: true,
      linerCutAtRolls: linerEnd({ trim: leadsLinerUp(c) ? 'long' : b.fitted.gun?.linerTrim }) === 'rolls',
      // Led up to the rolls, it is left long.
      ...(leadsLinerUp(c) &&
        b.fitted.gun && { fitted: { ...b.fitted, gun: { ...b.fitted.gun, linerTrim: 'long' as const } } }),
    }),
  },
  blowOutLiner: {
    // From the machine end, into a gun that lies off it, open at its own end.
    can: (b) => !b.tipOn && !b.gunOn && b.inGun === 'none',
    does: (b) => ({ linerBlown: true, fitted: { ...b.fitted, liner: cleaned(b.fitted.liner) } }),
  },
} satisfies Acts
