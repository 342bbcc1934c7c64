import type { Fitted, Machine, Part } from '../machine/schema.ts'
import { conditionVerdict } from '../match/finding.ts'
import type { UpkeepDates } from '../machine/upkeep.ts'
import type { Changeover } from './plan.ts'
import type { Task } from './step.ts'

export interface Settled {
  machine: Machine
  store: Part[]
  /** Parts that came off and went into the store. */
  returned: Part[]
  /** Parts of the store that are now fitted. */
  used: Part[]
}

const bare = (part: Part) =>
  JSON.stringify(
    Object.entries({ ...part, count: 0, id: '', drawer: '', note: '' })
      .filter(([, v]) => v !== undefined && v !== '')
      .sort(),
  )

/** Puts one part into a store: a twin's count goes up, or it gets a line of its own. */
export function putInStore(store: readonly Part[], part: Part, newId: () => string): Part[] {
  const twin = store.findIndex((p) => bare(p) === bare(part))
  return twin < 0
    ? [...store, { ...part, id: part.id ?? newId() }]
    : store.map((p, i) => (i === twin ? { ...p, count: p.count + part.count } : p))
}

/** What came off the machine, as store parts, labelled with where it was. Worn and damaged parts are not put back. */
function takenOff(before: Fitted, after: Fitted, plan: Changeover, note: string): Part[] {
  const parts: Part[] = []
  const off = (kind: 'inletGuide' | 'outletGuide' | 'driveRolls' | 'liner' | 'contactTip') => {
    const old = before[kind]
    const finding = plan.findings.find((f) => f.station === kind)!
    if (finding.verdict !== 'change' || !old || conditionVerdict(old.condition) === 'change') return
    const { active: _active, gapMm: _gap, ...rest } = old as typeof old & { active?: string; gapMm?: number }
    parts.push({ ...rest, kind, count: 1, note } as Part)
  }
  for (const kind of ['inletGuide', 'outletGuide', 'driveRolls', 'liner', 'contactTip'] as const) off(kind)
  const nozzleChanged = plan.findings.find((f) => f.station === 'nozzle')!.verdict === 'change'
  if (
    nozzleChanged &&
    before.nozzle &&
    before.nozzle.kind !== 'none' &&
    conditionVerdict(before.nozzle.condition) !== 'change'
  ) {
    const { kind: type, ...rest } = before.nozzle
    parts.push({ ...rest, type, kind: 'nozzle', count: 1, note })
  }
  const gun = plan.findings.find((f) => f.station === 'gun')!
  const wholeGun = gun.verdict === 'change' && gun.parts.some((p) => p.piece === undefined)
  if (wholeGun && before.gun && conditionVerdict(before.gun.condition) !== 'change') {
    const { kind: type, ...rest } = before.gun
    parts.push({ ...rest, type, kind: 'gun', part: 'whole', count: 1, note })
  }
  if (
    gun.facts.rolls === 'change' &&
    before.gun?.rolls &&
    conditionVerdict(before.gun.rolls.condition) !== 'change'
  )
    parts.push({ kind: 'gun', part: 'rolls', count: 1, note, ...before.gun.rolls } as Part)
  if (
    gun.facts.innerLiner === 'change' &&
    before.gun?.innerLiner &&
    conditionVerdict(before.gun.innerLiner.condition) !== 'change'
  )
    parts.push({ kind: 'gun', part: 'innerLiner', count: 1, note, ...before.gun.innerLiner } as Part)
  if (before.gas && JSON.stringify(before.gas) !== JSON.stringify(after.gas))
    parts.push({ kind: 'cylinder', gas: before.gas, count: 1, note })
  return parts
}

/** Upkeep that the plan did, with its date; a new part counts as looked after. */
function lookedAfter(plan: Changeover, at: string): UpkeepDates {
  const did = (...tasks: Task[]) => plan.steps.some((s) => tasks.includes(s.task) && !s.facts.ifNeeded)
  return {
    ...(did('blowOutLiner', 'linerIn') && { blowOutLiner: at }),
    ...(did('rollsClean', 'rollsChange') && { brushRolls: at }),
    ...(did('oRing', 'oRingCheck') && { checkORings: at }),
  }
}

/** The old spool goes back on the shelf with what is left on it. */
function oldSpool(machine: Machine, note: string): Part[] {
  const { wire, spool } = machine.fitted
  if (!wire || !('label' in wire) || spool?.wireKg === 0) return []
  return [
    {
      kind: 'wire',
      label: wire.label,
      ...(spool?.wireKg !== undefined && { massKg: spool.wireKg }),
      ...(spool?.type && { spoolType: spool.type }),
      count: 1,
      note,
    },
  ]
}

/**
 * What the shop looks like once the change is signed off: the new setup on the machine, new parts out of the
 * store, old parts into it, labelled with machine and use.
 * @param outcome what only the bench can tell: the pressure mark found, and when it was (ISO time)
 * @throws RangeError when the change has no proved plan
 */
export function settle(
  plan: Changeover,
  machine: Machine,
  store: readonly Part[],
  outcome: { pressureMark?: number | null; at?: string },
  words: { cameOff: (machine: string, wire: string) => string; newId: () => string },
): Settled {
  if (!plan.proof?.holds) throw new RangeError('no proved plan to sign off')
  const { supply, ...end } = plan.proof.end
  const fitted: Fitted = {
    ...end,
    ...(outcome.pressureMark !== undefined && { rollPressure: { mark: outcome.pressureMark } }),
  }
  const { assumed: _assumed, ...seen } = machine
  const oldWire = machine.fitted.wire
  const note = words.cameOff(machine.name, oldWire && 'label' in oldWire ? oldWire.label : '')
  const picked = plan.gather.filter((line) => line.storeIndex !== null)
  // The store may have moved on since the plan was made: parts are found again by their id.
  const planned = plan.context.store ?? []
  const indices = picked
    .map((line) =>
      store.findIndex((part, i) =>
        planned[line.storeIndex!]!.id === undefined
          ? i === line.storeIndex
          : part.id === planned[line.storeIndex!]!.id,
      ),
    )
    .filter((i) => i >= 0)
  const used = indices.map((i) => store[i]!)
  let next = store.map((part, i) => ({
    ...part,
    count: Math.max(0, part.count - indices.filter((at) => at === i).length),
  }))
  // A spool or a cylinder that is on a machine is no longer on the shelf; a tip or a roll keeps its line at nought.
  next = next.filter((part) => part.count > 0 || (part.kind !== 'wire' && part.kind !== 'cylinder'))
  const returned = [...takenOff(machine.fitted, fitted, plan, note), ...oldSpool(machine, note)]
  const after = returned.reduce<Part[]>((sum, part) => putInStore(sum, part, words.newId), next)
  const upkeep = { ...machine.upkeep, ...(outcome.at && lookedAfter(plan, outcome.at)) }
  return {
    machine: { ...seen, fitted, ...(Object.keys(upkeep).length && { upkeep }), ...(supply && { supply }) },
    store: after,
    returned,
    used,
  }
}
