import {
  canConvert,
  changeoverRequestSchema,
  CONVERSIONS,
  DEFAULT_PRACTICE,
  FITTED_KINDS,
  machineSchema,
  partKey,
  planChangeover,
  planConversion,
  readWire,
  settle,
  settleConversion,
  storeSchema,
  type Machine,
  type Part,
  type Settled,
} from '../src/index.ts'
import { dice, otherSetup } from './otherSetups.ts'

type Count = Map<string, number>

/** A gun taken apart: itself, and what is in and on it. */
function pieces(part: object): object[] {
  const {
    kind,
    part: piece,
    type,
    lengthM,
    rolls,
    innerLiner,
    liner,
    contactTip,
    nozzle,
  } = part as Record<string, object | string | undefined>
  if (kind !== 'gun' || (piece ?? 'whole') !== 'whole') return [part]
  const inside: [object, object | string | undefined][] = [
    [{ kind: 'gun', part: 'rolls' }, rolls],
    [{ kind: 'gun', part: 'innerLiner' }, innerLiner],
    [{ kind: 'liner' }, liner],
    [{ kind: 'contactTip' }, contactTip],
  ]
  const held = inside.flatMap(([own, held]) => (held ? [{ ...(held as object), ...own }] : []))
  const cup = nozzle as { kind: string } | undefined
  if (cup && cup.kind !== 'none') held.push({ ...cup, type: cup.kind, kind: 'nozzle' })
  return [{ kind, type, lengthM }, ...held]
}

/** What a part is, whatever its state: a liner is cut to its gun, a box is known by its wire. */
function nameOf(part: object): string {
  const { kind, label, byHand } = part as { kind: string; label: string; byHand?: object }
  if (kind === 'wire') {
    const read = readWire((byHand ?? { label }) as { label: string }, '')
    return read.ok
      ? `wire ${read.value.wire.classification ?? read.value.wire.family} ${read.value.wire.diameterMm}`
      : `wire ${label}`
  }
  if (['regulator', 'adapter', 'solenoid', 'hose', 'clip', 'oRing'].includes(kind)) return kind
  return partKey(part, ['condition', 'grooveConditions', 'massKg', ...(kind === 'gun' ? [] : ['lengthM'])])
}

function add(count: Count, parts: readonly object[], times = 1) {
  for (const part of parts.flatMap(pieces)) count.set(nameOf(part), (count.get(nameOf(part)) ?? 0) + times)
}

/** Inside a machine that has gas gear. */
const GAS_GEAR = [{ kind: 'solenoid' }, { kind: 'hose' }, { kind: 'clip' }]

/** Everything a shop owns, by name: what the machine carries and what lies in the store. */
export function inventory(machine: Machine, store: readonly Part[], scrapped: readonly Part[] = []): Count {
  const { fitted } = machine
  const count: Count = new Map()
  const { gun, nozzle, gas, spool, wire } = fitted
  add(
    count,
    FITTED_KINDS.flatMap((kind) => (fitted[kind] ? [{ ...fitted[kind], kind }] : [])),
  )
  if (nozzle && nozzle.kind !== 'none') add(count, [{ ...nozzle, type: nozzle.kind, kind: 'nozzle' }])
  if (gun) add(count, [{ ...gun, type: gun.kind, kind: 'gun', part: 'whole' }])
  if (gas) add(count, [{ kind: 'cylinder', gas }, { kind: 'regulator' }])
  if (spool?.adapter) add(count, [{ kind: 'adapter' }])
  if (wire && spool?.wireKg !== 0)
    add(count, [{ kind: 'wire', ...('label' in wire ? { label: wire.label } : { label: '', byHand: wire }) }])
  if (machine.gasGear) add(count, GAS_GEAR)
  for (const part of store) add(count, [part], part.count)
  add(count, scrapped)
  return count
}

/** A machine of which everything was looked at: what nobody wrote down is not there. */
export const read = (machine: Machine): Machine => {
  const { assumed: _assumed, ...rest } = machine
  const gun = machine.fitted.gun && { rolls: null, innerLiner: null, ...machine.fitted.gun }
  const none = Object.fromEntries(
    ['wire', 'spool', ...FITTED_KINDS, 'gun', 'nozzle', 'gas'].map((station) => [station, null]),
  )
  return { ...rest, fitted: { ...none, ...machine.fitted, ...(gun && { gun }) } }
}

/** One thing done to a machine and the store it goes by, and what of the two was lost on the way. */
export interface Done {
  what: string
  lost: string[]
  /** Parts that stand in machine or store afterwards and came from neither, beyond those the plan had to buy. */
  conjured: number
}

/** A run of changes, conversions and ways back on one machine that has been read. */
export function* runs(seed: number, length = 6): Generator<Done> {
  const first = otherSetup(seed) as { machine: object; store?: object[] }
  let machine = read(machineSchema.parse(first.machine))
  let n = 0
  const newId = () => `new-${++n}`
  let store: Part[] = storeSchema.parse(first.store ?? []).map((part, i) => ({ ...part, id: `${i}` }))
  const d = dice(seed + 7_000_000)
  const words = { cameOff: () => 'came off', newId }
  for (let i = 0; i < length; i++) {
    let settled: Settled | undefined
    let bought: number
    let what: string
    if (d.chance(0.65)) {
      const next = otherSetup(seed * 31 + i) as { wire: object; job: object; practice: object }
      const wire = i % 3 === 2 && machine.fitted.wire ? machine.fitted.wire : next.wire
      const request = changeoverRequestSchema.safeParse({ ...next, wire, machine, store })
      if (!request.success) continue
      const plan = planChangeover(request.data)
      if (!plan.ok || plan.value.problems.length) continue
      what = `to ${JSON.stringify(wire)}`
      settled = settle(plan.value, machine, store, {}, words)
      bought = plan.value.gather.filter((line) => line.storeIndex === null).length
      // Of a gun that goes on, rolls and second liner that nobody named are as they must be.
      if (plan.value.gather.some((line) => line.kind === 'gun' && !line.piece)) bought += 2
    } else {
      const kind = d.of(CONVERSIONS.filter((k) => canConvert(machine, k)))
      what = kind
      const gun = { kind: d.of(['push', 'push-pull', 'spool-gun'] as const) }
      const plan = planConversion(machine, kind, gun, store, DEFAULT_PRACTICE)
      settled = settleConversion(plan, machine, store, words)
      bought = plan.gather.filter((line) => line.storeIndex === null).length
    }
    const before = inventory(machine, store)
    const after = inventory(settled.machine, settled.store, settled.scrapped)
    // Rings and the rings' like are used up.
    const lost = [...before].filter(
      ([name, have]) => !name.includes('oRing') && (after.get(name) ?? 0) < have,
    )
    const sum = (count: Count) => [...count.values()].reduce((a, b) => a + b, 0)
    machine = read(settled.machine)
    store = settled.store
    yield {
      what,
      lost: lost.map(([name, have]) => `${name}: ${have}, now ${after.get(name) ?? 0}`),
      conjured: sum(after) - sum(before) - bought,
    }
  }
}
