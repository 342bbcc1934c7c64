import type { Try } from '../arc/tries.ts'
import { readWire } from '../match/prepare.ts'
import type { Cause } from '../trouble/causes.ts'
import type { Station } from '../machine/stations.ts'
import type { PartKind } from '../machine/store.ts'
import { isSized } from '../wire/wire.ts'
import { withJobKind, type JobKind, type Run } from './run.ts'

/** Letters of a note in the list of all jobs: there are thousands. */
const MOST_NOTE = 160

/** What the log says of a job that was signed off, short: none of them has to be opened for it. */
export interface LogLine {
  id: string
  /** ISO time. */
  at: string
  kind: JobKind
  label: string
  machineId: string
  machine?: string
  mark?: number
  /** The wire as it is classified; nothing where its box could not be read. */
  wire?: { family: string; classification: string | null; diameterMm: number }
  material?: string
  thicknessMm?: number
  /** What it ran well at. */
  ran?: Pick<Try, 'voltageV' | 'wireSpeedMPerMin' | 'tap' | 'dial'>
  minutes?: number
  /** What its list would have taken. */
  planned?: number
  /** The beginning of what was noted at its end. */
  note?: string
  stopped?: true
  causes?: Cause[]
  /** Parts that it put in: what was changed, and what came out of the store. */
  fitted?: PartKind[]
  by?: string
}

/** Parts that are the whole of what the station of their name is. */
const OF_STATION: readonly string[] = [
  'inletGuide',
  'driveRolls',
  'outletGuide',
  'liner',
  'contactTip',
  'nozzle',
] as const satisfies readonly (Station & PartKind)[]
const isOwnPart = (station: Station): station is Station & PartKind => OF_STATION.includes(station)
/** Wire and gas are used up; they are no parts that are fitted. */
const NO_PART: readonly PartKind[] = ['wire', 'cylinder']
/** Of one that was broken off only what came out of the store is sure. */
function fittedBy({ outcome }: Run): PartKind[] {
  if (!outcome) return []
  const used = outcome.used.map(({ kind }) => kind).filter((kind) => !NO_PART.includes(kind))
  const changed = outcome.stopped
    ? []
    : outcome.findings.flatMap(({ station, verdict, kept }) =>
        isOwnPart(station) && verdict === 'change' && !kept ? [station] : [],
      )
  return [...new Set([...changed, ...used])]
}

/** @returns nothing where it is not signed off */
export function logLine(run: Run): LogLine | undefined {
  const { signedOffAt: at, outcome, job } = run
  if (at === undefined) return undefined
  const { machine, mark, ran, stopped, troubles } = outcome ?? {}
  const read = outcome?.wire && readWire(outcome.wire, '')
  const fitted = fittedBy(run)
  const wire = read?.ok && isSized(read.value.wire) ? read.value.wire : undefined
  return {
    id: run.id,
    at,
    kind: withJobKind(run).kind,
    label: run.label,
    machineId: run.machineId,
    ...(machine !== undefined && { machine }),
    ...(typeof mark === 'number' && { mark }),
    ...(wire && {
      wire: {
        family: wire.family,
        classification: wire.classification ?? null,
        diameterMm: wire.diameterMm,
      },
    }),
    ...(job.material && { material: job.material }),
    ...(job.thicknessMm && { thicknessMm: job.thicknessMm }),
    ...(ran && {
      ran: {
        voltageV: ran.voltageV,
        wireSpeedMPerMin: ran.wireSpeedMPerMin,
        ...(ran.tap !== undefined && { tap: ran.tap }),
        ...(ran.dial !== undefined && { dial: ran.dial }),
      },
    }),
    ...(run.minutesTaken !== undefined && { minutes: run.minutesTaken }),
    ...(run.minutesPlanned !== undefined && { planned: run.minutesPlanned }),
    ...(run.note?.trim() && { note: run.note.trim().slice(0, MOST_NOTE) }),
    ...(stopped && { stopped: true }),
    ...(troubles?.length && { causes: troubles.map(({ cause }) => cause) }),
    ...(fitted.length && { fitted }),
    ...(run.by && { by: run.by }),
  }
}
