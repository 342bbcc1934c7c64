import {
  fittedKey,
  fittedSchema,
  machineAfter,
  STATIONS,
  type Changeover,
  type Fitted,
  type Machine,
} from '../src/index.ts'
import { same } from '../src/base/same.ts'
import { benchesAfter } from '../src/changeover/proof/proof.ts'

/** What is to be read of a station by every machine it may have been: the same on all of them, or not known. */
const agreed = (values: readonly unknown[]) =>
  values.every((value) => same(value, values[0])) ? values[0] : undefined

/**
 * Where the folded machine says otherwise than the proof's model, run for every reading of what was not read: a
 * station is known where all readings lead to the same, and unread where they do not.
 */
export function foldFaults(plan: Changeover, machine: Machine, done: readonly string[]): string[] {
  const folded = machineAfter(machine, plan, done)
  const steps = plan.steps.filter((s) => done.includes(s.id))
  const runs = benchesAfter(steps, plan.findings, plan.context)
  const faults: string[] = []
  const differs = (what: string, said: unknown, wanted: unknown) => {
    if (!same(said, wanted)) faults.push(`${what}: ${JSON.stringify(said)}, not ${JSON.stringify(wanted)}`)
  }
  if (!fittedSchema.safeParse(folded.fitted).success) faults.push('the machine breaks its schema')
  const swapped = steps.some((s) => s.task === 'gunSwap')
  const off = (key: keyof Fitted) =>
    (key === 'gas' && runs.every(({ bench }) => !bench.regulatorOn)) ||
    (key === 'spool' && runs.every(({ bench }) => bench.spool === 'none'))
  for (const station of STATIONS) {
    if (station === 'supply') continue
    const key = fittedKey(station)
    // What goes off with the old gun is not what the model judges.
    if (plan.context.gunOff && !swapped && key in plan.context.gunOff) continue
    if (key === 'gasFlowLPerMin') continue
    // What was seen of a part whose rest was not stays seen: its first reading keeps it.
    const readings = plan.context.fitted[key] === undefined ? runs : runs.slice(0, 1)
    const after = agreed(readings.map(({ bench }) => bench.fitted[key]))
    if (off(key)) differs(key, folded.fitted[key], null)
    else if (key === 'spool' && after) {
      const { adapter: _a, ...said } = folded.fitted.spool ?? {}
      const { adapter: _b, ...wanted } = after as NonNullable<Fitted['spool']>
      differs(key, said, wanted)
    } else differs(key, folded.fitted[key], after)
  }
  const flag = (name: 'plugged' | 'on' | 'armOpen' | 'clampOff') =>
    agreed(runs.map(({ bench }) => bench[name]))
  const { standing } = folded
  differs('plugged', standing?.plugged ?? true, flag('plugged'))
  differs('on', standing?.on ?? true, flag('on'))
  differs('arm', standing?.arm === 'open', flag('armOpen'))
  differs('clamp', standing?.clamp === 'off', flag('clampOff'))
  return faults
}
