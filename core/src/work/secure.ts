import type { Fitted } from '../machine/fitted/fitted.ts'
import { leftWith, wireInGunOf, type MachineStanding } from '../machine/standing.ts'
import type { Task } from '../steps/step.ts'

/** What the steps that make a machine safe look at. */
export interface Unsafe {
  fitted: Pick<Fitted, 'gun'>
  standing: MachineStanding | undefined
  /** A wire is on, or nobody looked. */
  wireOn: boolean
  /** The wire that is threaded is the one that is wanted: its end is closed in, not cut. */
  wireIsRight: boolean
}
export interface SecureTask {
  task: Task
  /** The wire is in the hand. */
  captive: boolean
}

/**
 * The wire's end made fast, whatever it was left in: closed into the rolls, or cut where it hangs together with the
 * wire in the gun, and tucked.
 */
function endMadeFast({ standing, wireOn, wireIsRight }: Unsafe): Task[] {
  const end = standing?.wireEnd
  if (end !== 'in-hand' && end !== 'free') return []
  const whole = wireInGunOf(standing, wireOn) === 'whole'
  const held: Task[] = end === 'free' ? ['holdOldWire'] : []
  if (whole && wireIsRight) return [...held, ...arm(standing), 'closeArm']
  return [...held, ...(whole ? [...arm(standing), 'cutOldWire' as const] : []), 'tuckNewEnd']
}
const arm = (standing: MachineStanding | undefined): Task[] => (standing?.arm === 'open' ? [] : ['openArm'])

const gunMadeFast = ({ fitted, standing }: Unsafe): Task[] =>
  fitted.gun === null
    ? []
    : [
        ...(leftWith(standing, 'gun-off') ? (['gunBack'] as const) : []),
        ...(leftWith(standing, 'gun-off') || leftWith(standing, 'gun-not-connected')
          ? (['connectGun'] as const)
          : []),
        ...(fitted.gun?.cooling === 'water' &&
        (leftWith(standing, 'gun-off') || leftWith(standing, 'hoses-off'))
          ? (['hosesOn'] as const)
          : []),
      ]

const asTasks = (captive: readonly Task[], free: readonly Task[]): SecureTask[] => [
  ...captive.map((task) => ({ task, captive: true })),
  ...free.map((task) => ({ task, captive: false })),
]

/**
 * What every plan begins with on a machine that was left in the middle, before anything else is touched.
 * @param regulatorComesOff pressure is let out through the solenoid first, which wants power
 */
export function takeOver(u: Unsafe, regulatorComesOff: boolean): SecureTask[] {
  const { standing } = u
  const gun = gunMadeFast(u)
  return asTasks(endMadeFast(u), [
    ...(leftWith(standing, 'fire-not-watched') ? (['fireWatch'] as const) : []),
    ...(leftWith(standing, 'tagged') ? (['takeTagOff'] as const) : []),
    ...(gun.length > 0 && standing?.on !== false ? (['switchOff'] as const) : []),
    ...gun,
    ...(leftWith(standing, 'case-open') ? (['closeCase'] as const) : []),
    ...(regulatorComesOff && underPressure(standing) ? powerOn(standing, gun.length > 0) : []),
  ])
}
const underPressure = (standing: MachineStanding | undefined): boolean =>
  standing?.valve !== 'shut' || leftWith(standing, 'not-drained')
/** Switch and plug after tasks, on a machine that was left so. */
export function powerAfter(
  standing: MachineStanding | undefined,
  tasks: readonly { task: Task }[],
): { on: boolean; plugged: boolean } {
  let on = standing?.on !== false
  let plugged = standing?.plugged !== false
  for (const { task } of tasks) {
    if (task === 'switchOn' || task === 'switchOff') on = task === 'switchOn'
    if (task === 'plugIn' || task === 'unplug') plugged = task === 'plugIn'
  }
  return { on, plugged }
}
/** On, where it is off or was switched off for the gun; plugged in with the switch off. */
function powerOn(standing: MachineStanding | undefined, switchedOff: boolean): Task[] {
  const off = switchedOff || standing?.on === false
  if (standing?.plugged === false) return [...(off ? [] : (['switchOff'] as const)), 'plugIn', 'switchOn']
  return off ? ['switchOn'] : []
}

/** What leaves a machine safe in the middle of its work, for whoever comes next. */
export function leaveSafe(
  u: Unsafe & {
    gasOn: boolean
    spoolOn: boolean
    /** Hands and eyes are covered; the clamp is off; a fault in the earth makes the case live. */
    covered: boolean
    clampOff: boolean
    earthPoor: boolean
  },
): SecureTask[] {
  const { standing } = u
  const shuts = u.gasOn && standing?.valve !== 'shut'
  const isOn = standing?.on !== false
  const off: Task[] = isOn ? ['switchOff'] : []
  const shut: Task[] = shuts ? ['shutCylinder'] : []
  // The gauges are drained through the purge while the machine is on, with the clamp off; not through a live case.
  const made: Task[] = u.earthPoor
    ? [...off, ...(standing?.plugged === false ? [] : (['unplug'] as const)), ...shut]
    : [...(shuts && isOn && !u.clampOff ? (['clampOff'] as const) : []), ...shut, ...off]
  return asTasks(endMadeFast(u), [
    ...(!u.covered && (shuts || gunMadeFast(u).length > 0) ? (['protect'] as const) : []),
    ...made,
    ...gunMadeFast(u),
    ...(leftWith(standing, 'case-open') ? (['closeCase'] as const) : []),
    ...(leftWith(standing, 'adapter-on-hub') && !u.spoolOn ? (['adapterOff'] as const) : []),
    ...(leftWith(standing, 'fire-not-watched') ? (['fireWatch'] as const) : []),
    'hangTag',
  ])
}
