import { refuse, type Problem, type Read } from '../base/problem.ts'
import type { ChangeoverRequest } from '../machine/request.ts'
import type { Part } from '../machine/store.ts'
import type { WireInput } from '../machine/fitted/wire.ts'
import { seenOnly } from '../machine/assumed.ts'
import { coherent } from '../machine/standing.ts'
import type { Machine } from '../machine/machine.ts'
import { DEFAULT_PRACTICE, type Practice } from '../practice/schools.ts'
import { remember } from '../base/remember.ts'
import { readLabel } from '../wire/label.ts'
import { spoolForMass, type Spool } from '../wire/spool.ts'
import { wireByHand, type WireByHand } from '../wire/byHand.ts'
import { isSized, type SizedWire, type Wire } from '../wire/wire.ts'
import { say } from '../base/codes.ts'
import type { MatchContext } from './finding.ts'

const readKnownLabel = remember((text) => readLabel(text, ''))
/** Reads a label that may have been read a moment ago. */
export function labelAt(text: string, path: string): ReturnType<typeof readLabel> {
  const label = readKnownLabel(text)
  return label.ok ? label : { ok: false, problems: label.problems.map((p) => ({ ...p, path })) }
}

/** A label read, or a wire entered by hand, with the spool it comes on. */
export function readWire(input: WireInput, path: string): Read<{ wire: Wire; spool: Spool }> {
  const given = { type: input.spool?.type ?? null, massKg: input.spool?.massKg ?? null }
  if (!('label' in input))
    return {
      ok: true,
      value: { wire: wireByHand(input), spool: { ...given, type: given.type ?? spoolForMass(given.massKg) } },
    }
  const label = labelAt(input.label, `${path}.label`)
  if (!label.ok) return label
  const massKg = given.massKg ?? label.value.spool.massKg
  return {
    ok: true,
    value: {
      wire: label.value.wire,
      spool: {
        massKg,
        type: given.type ?? (given.massKg !== null ? spoolForMass(massKg) : label.value.spool.type),
      },
    },
  }
}

/** A wire entered by hand without its spool and state: what it is. */
export function handOf(wire: Exclude<WireInput, { label: string }>): WireByHand {
  const { family, diameterMm, polarity, gas, tubular } = wire
  return {
    family,
    diameterMm,
    ...(tubular && { tubular }),
    ...(polarity && { polarity }),
    ...(gas && { gas }),
  }
}

/** The wire of a spool on the shelf; one whose box cannot be read is not offered, and stops nothing. */
export function shelfWire(part: Extract<Part, { kind: 'wire' }>): Read<{ wire: Wire; spool: Spool }> {
  const spool = {
    ...(part.spoolType && { type: part.spoolType }),
    ...(part.massKg && { massKg: part.massKg }),
  }
  const wire = readWire(part.byHand ? { ...part.byHand, spool } : { label: part.label, spool }, '')
  // A solid wire of which nobody knows the metal is no wire to offer.
  return wire.ok && wire.value.wire.open === 'solid' ? refuse('', say('label.kindNeeded')) : wire
}

/** A wire whose size or metal was not read is a wire not read. */
const sized = (read: Read<{ wire: Wire }> | undefined): SizedWire | undefined =>
  read?.ok && isSized(read.value.wire) && read.value.wire.open !== 'solid' ? read.value.wire : undefined

/** The wire on a machine: `null` when it is empty, `undefined` when it was not read. */
export const wireOnMachine = (machine: Machine): SizedWire | null | undefined =>
  machine.fitted.wire === null
    ? null
    : machine.fitted.wire && sized(readWire(machine.fitted.wire, 'machine.fitted.wire'))

/**
 * What stations look at, from a machine as it was seen (`seenOnly`) and a wire; the one place it is put together.
 * @param more what else is known: job, store, spool, what ran well
 */
export const contextFor = (
  machine: Machine,
  wire: SizedWire,
  practice: Practice,
  more: Partial<MatchContext> = {},
): MatchContext => ({
  machine: machine.standing
    ? { ...machine, standing: coherent(machine.standing, machine.fitted.wire !== null) }
    : machine,
  fitted: machine.fitted,
  wire,
  oldWire: wireOnMachine(machine),
  spool: { type: null, massKg: null },
  job: undefined,
  store: undefined,
  practice,
  ...more,
})

/** Turns a request into what the stations look at; labels that cannot be read come back with their path. */
export function prepare(request: ChangeoverRequest): Read<MatchContext> {
  if (request.wire === undefined) return prepareToPutRight(request)
  const problems: Problem[] = []
  const wanted = readWire(request.wire, 'wire')
  if (!wanted.ok) problems.push(...wanted.problems)
  else if (wanted.value.wire.open === 'solid')
    problems.push(...refuse('wire.label', say('label.kindNeeded')).problems)
  else if (!isSized(wanted.value.wire))
    problems.push(...refuse('wire.label', say('request.diameterNeeded')).problems)
  // What is only assumed is not seen: it is read before anything is done.
  const machine = seenOnly(request.machine)
  const { fitted } = machine
  const old = fitted.wire ? readWire(fitted.wire, 'machine.fitted.wire') : undefined
  if (old && !old.ok) problems.push(...old.problems)
  if (problems.length || !wanted.ok || !isSized(wanted.value.wire)) return { ok: false, problems }
  return {
    ok: true,
    value: contextFor(machine, wanted.value.wire, request.practice ?? DEFAULT_PRACTICE, {
      oldWire: fitted.wire === null ? null : sized(old),
      spool: wanted.value.spool,
      job: request.job,
      wireCondition: request.wire.condition,
      ...asked(request),
    }),
  }
}

/** What a request says besides machine and wire. */
const asked = (r: ChangeoverRequest): Partial<MatchContext> => ({
  job: r.job,
  store: r.store,
  upkeep: r.upkeep,
  minutes: r.minutes,
  ranWell: r.ranWell,
  keep: r.keep,
  use: r.use,
})

/** The wire stays: what the machine carries is judged for the wire that is on it. */
function prepareToPutRight(request: ChangeoverRequest): Read<MatchContext> {
  const machine = seenOnly(request.machine)
  const { wire: on } = machine.fitted
  const path = 'machine.fitted.wire'
  const wire = on ? readWire(on, path) : undefined
  if (wire && !wire.ok) return wire
  const known = sized(wire)
  if (!wire || !known) return refuse(path, say('request.wireToPutRight'))
  return {
    ok: true,
    value: contextStaying(machine, known, wire.value.spool, request.practice, asked(request)),
  }
}

/** What stations look at where the wire stays: what the machine carries is judged for it. @param box the spool as its box says */
export const contextStaying = (
  machine: Machine,
  wire: SizedWire,
  box: Spool,
  practice: Practice = DEFAULT_PRACTICE,
  more: Partial<MatchContext> = {},
): MatchContext =>
  contextFor(machine, wire, practice, {
    wireStays: true,
    oldWire: wire,
    spool: {
      type: machine.fitted.spool?.type ?? box.type,
      massKg: machine.fitted.spool?.wireKg ?? box.massKg,
    },
    wireCondition: machine.fitted.wire?.condition,
    ...more,
  })
