import { clearWay, type Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A liner is drawn and fitted with the gun off; it is blown out with the tip off. */
export const LINER_ACTS = {
  linerOut: { can: (b) => !b.gunOn && clearWay(b), does: (b) => ({ fitted: { ...b.fitted, liner: null } }) },
  linerIn: {
    can: (b) => !b.gunOn && !b.tipOn && b.fitted.liner === null,
    does: (b, after) => ({ fitted: lay(b.fitted, after('liner')) }),
  },
  linerTrim: { can: (b) => b.fitted.liner != null, does: () => ({}) },
  blowOutLiner: { can: (b) => !b.tipOn, does: (b, after) => ({ fitted: lay(b.fitted, after('liner')) }) },
} satisfies Acts
