import { clearWay, type Action, type Acts } from '../../bench/action.ts'
import { lay, type Bench } from '../../bench/bench.ts'
import type { After } from '../../match/finding.ts'

/** One piece of the gun set right, the rest of it as it is. */
const gunPiece = (...names: string[]): Action => ({
  can: clearWay,
  does: (b, after) => {
    const wanted = (after('gun').gun ?? {}) as Record<string, unknown>
    return {
      fitted: {
        ...b.fitted,
        gun: {
          ...(b.fitted.gun as After['gun'] & object),
          ...Object.fromEntries(names.filter((n) => n in wanted).map((n) => [n, wanted[n]])),
        },
      },
    }
  },
})

/** A gun comes off and goes on with no wire in it. */
export const GUN_ACTS = {
  gunOff: { can: clearWay, does: () => ({ gunOn: false }) },
  // Whatever gun it is: its tip and nozzle may be on, its lead lies as it came, its rolls are closed.
  gunSwap: {
    can: (b) => !b.gunOn,
    does: (b, after, c) => ({
      fitted: lay(b.fitted, after('gun')),
      gunHot: false,
      gunConnected: false,
      gunRollsOpen: false,
      leadStraight: false,
      tipOn: c.fitted.contactTip !== null,
      nozzleOn: c.fitted.nozzle !== null && c.fitted.nozzle?.kind !== 'none',
    }),
  },
  oRing: { ...gunPiece('oRing'), can: (b) => !b.gunOn },
  oRingCheck: { can: (b) => !b.gunOn, does: () => ({}) },
  gunBack: { can: (b) => !b.gunOn, does: () => ({ gunOn: true }) },
  innerLiner: gunPiece('innerLiner'),
  innerLinerClean: gunPiece('innerLiner'),
  gunClean: gunPiece('condition'),
  gunRollsChange: gunPiece('rolls'),
  gunRollsTurn: gunPiece('rolls'),
  gunRollsClean: gunPiece('rolls'),
  connectGun: { can: (b) => b.gunOn, does: () => ({ gunConnected: true }) },
  gunRollsOpen: { does: () => ({ gunRollsOpen: true }) },
  gunRollsClose: { can: (b) => b.gunRollsOpen && b.fed, does: () => ({ gunRollsOpen: false }) },
} satisfies Acts

/** Rolls in the gun hold the wire unless they are open. */
export const gunLetsWirePass = (b: Bench): boolean => b.fitted.gun?.kind !== 'push-pull' || b.gunRollsOpen
