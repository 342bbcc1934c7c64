import {
  DEFAULT_PRACTICE,
  isSized,
  match,
  readWire,
  seenOnly,
  type StationFinding,
  type Machine,
  type Practice,
  type Wire,
} from '@pepper-knot/core'

/** A machine as it stands, judged against the wire that is on it. Empty or unread: no verdicts, only what is fitted. */
export function asItStands(
  machine: Machine,
  practice: Practice = DEFAULT_PRACTICE,
): { wire: Wire | null | undefined; findings: StationFinding[] | undefined } {
  const { fitted } = machine
  const seen = seenOnly(machine)
  if (fitted.wire === null) return { wire: null, findings: undefined }
  const read = fitted.wire && readWire(fitted.wire, '')
  if (!read?.ok) return { wire: undefined, findings: undefined }
  const { wire } = read.value
  if (!isSized(wire)) return { wire, findings: undefined }
  return {
    wire,
    findings: match({
      machine: seen,
      fitted: seen.fitted,
      wire,
      oldWire: wire,
      spool: { type: null, massKg: null },
      job: undefined,
      store: undefined,
      practice,
    }),
  }
}
