import { clearWay, type Action, type Acts } from '../../bench/action.ts'
import { cleaned, lay, type Bench } from '../../bench/bench.ts'
import { mayBeOn, type Gun } from '../../machine/part.ts'
import { turnedTo } from '../driveRolls/acts.ts'

/** One piece of the gun set right, the rest of it as it is; there is a gun to do it to. */
const gunPiece = (name: keyof Gun, as?: 'piece'): Action => ({
  can: (b) => clearWay(b) && b.fitted.gun !== null,
  does: (b, after) => {
    const wanted = after('gun', as).gun ?? undefined
    return {
      fitted: {
        ...b.fitted,
        gun: { ...(b.fitted.gun as Gun), ...(wanted && name in wanted && { [name]: wanted[name] }) },
      },
    }
  },
})
/** Something in or on the gun cleaned. */
const gunCleaned = (what: (gun: Gun) => Partial<Gun>): Action => ({
  can: (b) => clearWay(b) && b.fitted.gun !== null,
  does: (b) =>
    b.fitted.gun ? { fitted: { ...b.fitted, gun: { ...b.fitted.gun, ...what(b.fitted.gun) } } } : {},
})
/** Turned to another groove, they are as clean as they were. */
const gunRollsTurned: Action = {
  can: (b) => clearWay(b) && b.fitted.gun !== null,
  does: (b, after) => ({
    fitted: {
      ...b.fitted,
      gun: { ...(b.fitted.gun as Gun), rolls: turnedTo(b.fitted.gun?.rolls, after('gun').gun?.rolls) },
    },
  }),
}

/** A gun comes off and goes on with no wire in it. */
export const GUN_ACTS = {
  hosesOff: { can: (b) => !b.on, does: () => ({ hosesOn: false }) },
  hosesOn: { can: (b) => b.gunOn && !b.on, does: () => ({ hosesOn: true }) },
  gunOff: { can: (b) => clearWay(b) && !b.hosesOn, does: () => ({ gunOn: false }) },
  // Whatever gun it is: its tip and nozzle may be on, its lead lies as it came, its rolls are closed.
  gunSwap: {
    can: (b) => !b.gunOn,
    does: (b, after, c) => ({
      fitted: lay(b.fitted, after('gun', 'comes')),
      gunHot: false,
      gunConnected: false,
      gunRollsOpen: false,
      leadStraight: false,
      tipOn: c.fitted.contactTip !== null,
      nozzleOn: mayBeOn(c.fitted.nozzle),
    }),
  },
  oRing: { ...gunPiece('oRing'), can: (b) => !b.gunOn && b.fitted.gun !== null },
  oRingCheck: { can: (b) => !b.gunOn, does: () => ({}) },
  gunBack: { can: (b) => !b.gunOn, does: () => ({ gunOn: true }) },
  innerLiner: gunPiece('innerLiner', 'piece'),
  innerLinerClean: gunCleaned((gun) => ({ innerLiner: cleaned(gun.innerLiner) })),
  gunClean: gunCleaned((gun) => ({ condition: cleaned(gun).condition })),
  gunRollsChange: gunPiece('rolls', 'piece'),
  gunRollsTurn: gunRollsTurned,
  gunRollsClean: gunCleaned((gun) => ({ rolls: cleaned(gun.rolls) })),
  // Where nobody read whether there is a gun, and there is none, nothing is connected.
  connectGun: { can: (b) => b.gunOn || b.fitted.gun === null, does: () => ({ gunConnected: true }) },
  gunRollsOpen: { does: () => ({ gunRollsOpen: true }) },
  gunRollsClose: { can: (b) => b.gunRollsOpen && b.fed, does: () => ({ gunRollsOpen: false }) },
} satisfies Acts

/** Rolls in the gun hold the wire unless they are open. */
export const gunLetsWirePass = (b: Bench): boolean => b.fitted.gun?.kind !== 'push-pull' || b.gunRollsOpen
