import { seenOnly } from '../machine/assumed.ts'
import type { Machine } from '../machine/machine.ts'
import { contextFor, readWire } from '../match/prepare.ts'
import { DEFAULT_PRACTICE, type Practice } from '../practice/schools.ts'
import { match, type StationFinding } from '../stations/index.ts'
import { isSized, type Wire } from '../wire/wire.ts'

/** A machine as it stands, judged against the wire that is on it. Empty or unread: no verdicts, only what is fitted. */
export function asItStands(
  machine: Machine,
  practice: Practice = DEFAULT_PRACTICE,
): { wire: Wire | null | undefined; findings: StationFinding[] | undefined } {
  const { fitted } = machine
  if (fitted.wire === null) return { wire: null, findings: undefined }
  const read = fitted.wire && readWire(fitted.wire, '')
  if (!read?.ok) return { wire: undefined, findings: undefined }
  const { wire } = read.value
  return {
    wire,
    findings: isSized(wire)
      ? match(contextFor(seenOnly(machine), wire, practice, { oldWire: wire, wireStays: true }))
      : undefined,
  }
}
