import { refuse, type Problem, type Read } from '../base/problem.ts'
import type { ChangeoverRequest } from '../machine/request.ts'
import type { Part } from '../machine/store.ts'
import type { WireInput } from '../machine/fitted/wire.ts'
import { seenOnly } from '../machine/assumed.ts'
import { DEFAULT_PRACTICE } from '../practice/schools.ts'
import { remember } from '../base/remember.ts'
import { readLabel } from '../wire/label.ts'
import { spoolForMass, type Spool } from '../wire/spool.ts'
import { wireByHand, type WireByHand } from '../wire/byHand.ts'
import { isSized, type Wire } from '../wire/wire.ts'
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
  const { family, diameterMm, polarity, gas } = wire
  return { family, diameterMm, ...(polarity && { polarity }), ...(gas && { gas }) }
}

/** The wire of a spool on the shelf; one whose box cannot be read is not offered, and stops nothing. */
export function shelfWire(part: Extract<Part, { kind: 'wire' }>): Read<{ wire: Wire; spool: Spool }> {
  const spool = {
    ...(part.spoolType && { type: part.spoolType }),
    ...(part.massKg && { massKg: part.massKg }),
  }
  return readWire(part.byHand ? { ...part.byHand, spool } : { label: part.label, spool }, '')
}

/** Turns a request into what the stations look at; labels that cannot be read come back with their path. */
export function prepare(request: ChangeoverRequest): Read<MatchContext> {
  const problems: Problem[] = []
  const wanted = readWire(request.wire, 'wire')
  if (!wanted.ok) problems.push(...wanted.problems)
  else if (!isSized(wanted.value.wire))
    problems.push(...refuse('wire.label', say('request.diameterNeeded')).problems)
  // What is only assumed is not seen: it is read before anything is done.
  const machine = seenOnly(request.machine)
  const { fitted } = machine
  const old = fitted.wire ? readWire(fitted.wire, 'machine.fitted.wire') : undefined
  if (old && !old.ok) problems.push(...old.problems)
  if (problems.length || !wanted.ok || !isSized(wanted.value.wire)) return { ok: false, problems }
  // A wire whose size was not read is a wire not read.
  const oldWire =
    fitted.wire === null ? null : old?.ok && isSized(old.value.wire) ? old.value.wire : undefined
  return {
    ok: true,
    value: {
      machine,
      fitted,
      wire: wanted.value.wire,
      oldWire,
      spool: wanted.value.spool,
      job: request.job,
      store: request.store,
      wireCondition: request.wire.condition,
      upkeep: request.upkeep,
      minutes: request.minutes,
      ranWell: request.ranWell,
      practice: request.practice ?? DEFAULT_PRACTICE,
    },
  }
}
