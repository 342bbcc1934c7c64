import { gatherList, type GatherLine } from '../changeover/plan/gather.ts'
import { planFrom } from '../changeover/plan/plan.ts'
import { seenOnly } from '../machine/assumed.ts'
import type { Machine } from '../machine/machine.ts'
import type { Part } from '../machine/store.ts'
import type { MatchContext } from '../match/finding.ts'
import { contextFor, handOf, readWire, shelfWire } from '../match/prepare.ts'
import { match } from '../stations/index.ts'
import { obstacles, type Obstacle } from '../stations/obstacles.ts'
import type { Practice } from '../practice/schools.ts'
import type { WireByHand } from '../wire/byHand.ts'
import type { Spool } from '../wire/spool.ts'
import { isSized, type SizedWire } from '../wire/wire.ts'

/** A wire the shop has: on the shelf, on a machine, or both. */
export interface ReadinessRow {
  /** Classification and size: two boxes of one wire are one row. */
  key: string
  /** What the box says, or the name the shop gave a wire that no box describes; empty where it has none. */
  label: string
  byHand?: WireByHand
  wire: SizedWire
  spool: Spool
  /** Spools on the shelf. */
  count: number
  /** Machines that carry it. */
  on: string[]
}

/**
 * One wire on one machine. `ready` may still ask for parts that only a reading can call for: `unread` counts the
 * stations nobody looked at.
 */
export interface ReadinessCell {
  row: string
  machineId: string
  state: 'loaded' | 'ready' | 'missing' | 'cannot'
  /** Stations that ask for something. */
  changes: number
  unread: number
  missing: Pick<GatherLine, 'station' | 'kind' | 'spec' | 'piece'>[]
  problems: Obstacle[]
}

export interface Readiness {
  rows: ReadinessRow[]
  cells: ReadinessCell[]
}

const keyOf = (wire: SizedWire) => `${wire.classification ?? `${wire.family} by hand`} ${wire.diameterMm}`

/** Every wire of the shelf and of the machines, once, in the order of the shelf. */
export function readinessRows(machines: readonly Machine[], store: readonly Part[]): ReadinessRow[] {
  const rows = new Map<string, ReadinessRow>()
  for (const part of store) {
    if (part.kind !== 'wire' || part.count === 0) continue
    const shelf = shelfWire(part)
    if (!shelf.ok || !isSized(shelf.value.wire)) continue
    const key = keyOf(shelf.value.wire)
    const row = rows.get(key)
    if (row) row.count += part.count
    else
      rows.set(key, {
        key,
        label: part.label,
        ...(part.byHand && { byHand: part.byHand }),
        wire: shelf.value.wire,
        spool: shelf.value.spool,
        count: part.count,
        on: [],
      })
  }
  for (const { name, fitted } of machines) {
    const read = fitted.wire ? readWire(fitted.wire, '') : undefined
    if (!read?.ok || !isSized(read.value.wire)) continue
    const { wire, spool } = read.value
    const key = keyOf(wire)
    const row = rows.get(key)
    if (row) row.on.push(name)
    else
      rows.set(key, {
        key,
        ...('label' in fitted.wire!
          ? { label: fitted.wire.label }
          : { label: '', byHand: handOf(fitted.wire!) }),
        wire,
        spool: { ...spool, type: spool.type ?? fitted.spool?.type ?? null },
        count: 0,
        on: [name],
      })
  }
  return [...rows.values()]
}

const contextOf = (
  machine: Machine,
  row: ReadinessRow,
  store: readonly Part[],
  practice: Practice,
  minutes: MatchContext['minutes'],
): MatchContext => contextFor(machine, row.wire, practice, { spool: row.spool, store, minutes })

/** Verdict and missing parts for every wire on every machine. Nothing is planned yet, so it is quick. */
export function readiness(
  machines: readonly Machine[],
  store: readonly Part[],
  practice: Practice,
): Readiness {
  const rows = readinessRows(machines, store)
  return { rows, cells: readinessCells(rows, machines, store, practice) }
}

/** The cells of these wires on these machines: of a large shop, those in view. */
export function readinessCells(
  rows: readonly ReadinessRow[],
  machines: readonly Machine[],
  store: readonly Part[],
  practice: Practice,
): ReadinessCell[] {
  const seen = machines.map(seenOnly)
  return rows.flatMap((row) => seen.map((machine) => cellOf(machine, row, store, practice)))
}

/** What is loaded first, then what lies on the shelf; otherwise as they stand. */
export const loadedFirst = (rows: readonly ReadinessRow[]): ReadinessRow[] =>
  [...rows].sort((a, b) => Number(b.on.length > 0) - Number(a.on.length > 0))

function cellOf(
  machine: Machine,
  row: ReadinessRow,
  store: readonly Part[],
  practice: Practice,
): ReadinessCell {
  const change = contextOf(machine, row, store, practice, undefined)
  const loaded = change.oldWire != null && keyOf(change.oldWire) === row.key
  // What is on is judged as it stands: its spool is the one on the hub.
  const c: MatchContext = loaded
    ? { ...change, wireStays: true, spool: { type: machine.fitted.spool?.type ?? null, massKg: null } }
    : change
  const findings = match(c)
  const problems = obstacles(c, findings)
  const changes = findings.filter((f) => f.verdict === 'change' || f.verdict === 'adjust').length
  const unread = findings.filter((f) => f.verdict === 'unknown').length
  const base = { row: row.key, machineId: machine.id, changes, unread, missing: [], problems: [] }
  // A wire that is on runs, whatever else could be better; what it asks for is counted beside it.
  if (loaded) return { ...base, state: 'loaded' }
  if (problems.length) return { ...base, state: 'cannot', problems }
  const missing = gatherList(c, findings)
    .filter((line) => !line.have && !line.ifNeeded)
    .map(({ station, kind, spec, piece }) => ({ station, kind, spec, ...(piece && { piece }) }))
  return missing.length ? { ...base, state: 'missing', missing } : { ...base, state: 'ready' }
}

/** What two machines must share for the same change to take the same minutes: everything but name and id. */
const sameMachine = ({
  id: _id,
  name: _name,
  note: _note,
  upkeep: _upkeep,
  upkeepEvery: _every,
  ...rest
}: Machine) => JSON.stringify(rest)

/**
 * Minutes of every change that could be begun now, one after another, from the same planner as the changeover
 * itself. Identical changes are planned once.
 * @param store as given to `readiness`
 */
export function* readinessMinutes(
  { rows, cells }: Readiness,
  machines: readonly Machine[],
  store: readonly Part[],
  practice: Practice,
  minutes?: MatchContext['minutes'],
): Generator<{ row: string; machineId: string; minutes: number }> {
  const known = new Map<string, number>()
  const seen = new Map(machines.map((m) => [m.id, seenOnly(m)]))
  const byKey = new Map(rows.map((r) => [r.key, r]))
  for (const cell of cells) {
    if (cell.state !== 'ready' && cell.state !== 'missing') continue
    const machine = seen.get(cell.machineId)!
    const key = `${cell.row} ${sameMachine(machine)}`
    let took = known.get(key)
    if (took === undefined) {
      // Two people share a list at the changeover; the board counts one.
      const c = contextOf(machine, byKey.get(cell.row)!, store, { ...practice, people: 1 }, minutes)
      took = planFrom(c).minutes!
      known.set(key, took)
    }
    yield { row: cell.row, machineId: cell.machineId, minutes: took }
  }
}
