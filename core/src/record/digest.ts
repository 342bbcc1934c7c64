import { z } from 'zod'
import { CAUSES, type Cause } from '../trouble/causes.ts'
import type { Finds } from '../trouble/request.ts'
import { trySchema } from '../arc/tries.ts'
import type { GoodMark } from '../feed/scale.ts'
import type { Job } from '../machine/request.ts'
import { STATIONS, type Station } from '../machine/stations.ts'
import { readWire } from '../match/prepare.ts'
import { isSized, type SizedWire } from '../wire/wire.ts'
import { withJobKind, type Run } from './run.ts'

const goodSchema = z.object({
  run: z.string(),
  machineId: z.string(),
  at: z.string(),
  family: z.string(),
  classification: z.string().nullable(),
  diameterMm: z.number(),
  material: z.string(),
  position: z.string(),
  thicknessMm: z.number(),
  settings: trySchema,
})
const markSchema = z.object({
  run: z.string(),
  machineId: z.string(),
  at: z.string(),
  mark: z.number(),
  centreN: z.number(),
})
/** What the Bench, Feed and Dial in need of all signed-off changes, so that none of them has to be opened. */
export const digestSchema = z.object({
  /** How many were signed off. */
  signed: z.number().int().min(0),
  /** Settings that were good. */
  good: z.array(goodSchema),
  /** Pressure marks that passed their test. */
  marks: z.array(markSchema),
  /** Stations that each change worked on; of one that was broken off nothing is said. */
  changed: z.array(
    z.object({ run: z.string(), machineId: z.string(), at: z.string(), stations: z.array(z.enum(STATIONS)) }),
  ),
  /** Causes of troubles that were found and cured. */
  finds: z
    .array(z.object({ run: z.string(), machineId: z.string(), at: z.string(), cause: z.enum(CAUSES) }))
    .default([]),
  /** How often each task took so many minutes, to the hundredth. */
  times: z.record(z.string(), z.record(z.string(), z.number().int().min(1))),
})
export type Digest = z.infer<typeof digestSchema>
export type TaskTimes = Digest['times']

export const emptyDigest = (): Digest => ({
  signed: 0,
  good: [],
  marks: [],
  changed: [],
  finds: [],
  times: {},
})

type Good = Digest['good'][number]
const goodOf = (run: Run): Good | undefined => {
  const { outcome, job } = run
  if (!outcome?.ran || !outcome.wire || !job.material || !job.thicknessMm) return undefined
  const read = readWire(outcome.wire, '')
  if (!read.ok || !isSized(read.value.wire)) return undefined
  const { family, classification, diameterMm } = read.value.wire
  return {
    run: run.id,
    machineId: run.machineId,
    at: run.signedOffAt!,
    family,
    classification: classification ?? null,
    diameterMm,
    material: job.material,
    position: job.position ?? 'flat',
    thicknessMm: job.thicknessMm,
    settings: outcome.ran,
  }
}
const markOf = ({ id, machineId, signedOffAt, outcome }: Run): Digest['marks'][number] | undefined =>
  outcome?.mark !== undefined && outcome.centreN
    ? { run: id, machineId, at: signedOffAt!, mark: outcome.mark, centreN: outcome.centreN }
    : undefined

function changedOf(run: Run): Digest['changed'][number] | undefined {
  // A record of an earlier version has its fields and no kind.
  if (withJobKind(run).kind === 'cure') return undefined
  const { id, machineId, signedOffAt, outcome } = run
  const worked = outcome!.stopped
    ? []
    : outcome!.findings.filter(({ verdict, kept }) => !kept && (verdict === 'change' || verdict === 'adjust'))
  return {
    run: id,
    machineId,
    at: signedOffAt!,
    stations: [...new Set(worked.map(({ station }) => station))],
  }
}

const findsOf = ({ id, machineId, signedOffAt, outcome }: Run): Digest['finds'] =>
  (outcome?.troubles ?? []).map(({ cause }) => ({ run: id, machineId, at: signedOffAt!, cause }))

const counted = (times: TaskTimes, run: Run, by: 1 | -1): TaskTimes => {
  const next: TaskTimes = { ...times }
  for (const { task, minutes } of run.outcome!.minutes) {
    const text = String(Math.round(minutes * 100) / 100)
    const { [text]: before = 0, ...others } = next[task] ?? {}
    const row = before + by > 0 ? { ...others, [text]: before + by } : others
    if (Object.keys(row).length) next[task] = row
    else delete next[task]
  }
  return next
}
/** By time, and where two were signed off at once by their id: the order does not depend on who came first. */
const placed = <R extends { at: string; run: string }>(rows: readonly R[], row: R | undefined): R[] => {
  if (!row) return [...rows]
  const after = (r: R) => (r.at !== row.at ? r.at > row.at : r.run > row.run)
  const at = rows.findIndex(after)
  return at < 0 ? [...rows, row] : [...rows.slice(0, at), row, ...rows.slice(at)]
}

/** The digest with one more signed-off change. One that is open teaches nothing yet. */
export const digestWith = (digest: Digest, run: Run): Digest =>
  run.signedOffAt === undefined || !run.outcome
    ? digest
    : {
        signed: digest.signed + 1,
        good: placed(digest.good, goodOf(run)),
        marks: placed(digest.marks, markOf(run)),
        changed: placed(digest.changed, changedOf(run)),
        finds: findsOf(run).reduce((rows, row) => placed(rows, row), digest.finds),
        times: counted(digest.times, run, 1),
      }
/** The digest without a change that is in it. @param run as it was when it was counted */
export const digestWithout = (digest: Digest, run: Run): Digest =>
  run.signedOffAt === undefined || !run.outcome
    ? digest
    : {
        signed: digest.signed - 1,
        good: digest.good.filter((row) => row.run !== run.id),
        marks: digest.marks.filter((row) => row.run !== run.id),
        changed: digest.changed.filter((row) => row.run !== run.id),
        finds: digest.finds.filter((row) => row.run !== run.id),
        times: counted(digest.times, run, -1),
      }
/** The digest of a whole record, worked out anew. */
export function digestOf(runs: Iterable<Run>): Digest {
  const digest = emptyDigest()
  const good: Good[] = []
  const marks: Digest['marks'] = []
  const changed: Digest['changed'] = []
  const finds: Digest['finds'] = []
  for (const run of runs) {
    if (run.signedOffAt === undefined || !run.outcome) continue
    digest.signed++
    const [g, m, c] = [goodOf(run), markOf(run), changedOf(run)]
    if (g) good.push(g)
    if (m) marks.push(m)
    if (c) changed.push(c)
    finds.push(...findsOf(run))
    for (const { task, minutes } of run.outcome.minutes) {
      const text = String(Math.round(minutes * 100) / 100)
      const row = (digest.times[task] ??= {})
      row[text] = (row[text] ?? 0) + 1
    }
  }
  const inTime = (a: { at: string; run: string }, b: { at: string; run: string }) =>
    a.at < b.at || (a.at === b.at && a.run < b.run) ? -1 : 1
  return {
    ...digest,
    good: good.sort(inTime),
    marks: marks.sort(inTime),
    changed: changed.sort(inTime),
    finds: finds.sort(inTime),
  }
}

/** What was at fault in this shop, and how often. */
export function shopFinds({ finds }: Digest): Finds {
  const counts = new Map<Cause, number>()
  for (const { cause } of finds) counts.set(cause, (counts.get(cause) ?? 0) + 1)
  return [...counts].map(([cause, count]) => ({ cause, count }))
}

/** A change is the first suspect for so long, days. common practice, no source */
const RECENT_DAYS = 14

/**
 * The stations of the last change on a machine, where it was a short while ago: the first place to look.
 * @param at now, an ISO date
 * @returns nothing where there was none of late, or nobody knows what it touched
 */
export function lastChanged(
  { changed }: Digest,
  machineId: string,
  at: string,
): { stations: Station[]; at: string } | undefined {
  const last = changed.findLast((row) => row.machineId === machineId)
  if (!last || last.stations.length === 0) return undefined
  const days = (Date.parse(at) - Date.parse(last.at)) / 86_400_000
  return days <= RECENT_DAYS ? { stations: [...last.stations], at: last.at } : undefined
}

/** Marks of one machine that passed their test, oldest first, each with the middle of the window it was found in. */
export const goodMarks = ({ marks }: Digest, machineId: string): GoodMark[] =>
  marks.filter((m) => m.machineId === machineId).map(({ mark, centreN }) => ({ mark, centreN }))

/** A thickness so much thinner or thicker is another job. common practice, no source */
const SAME_THICKNESS = 0.25

/**
 * The settings that were good when this wire last ran on this machine on such metal, and when: the same family,
 * classification and size, the same metal in the same position, a thickness within a quarter.
 * @param near where there are none, those of the nearest metal and thickness: to be said, not to be taken
 */
export function lastGood(
  { good }: Digest,
  machineId: string,
  wire: SizedWire,
  job: Partial<Job>,
  near = false,
): Good | undefined {
  const { thicknessMm, material, position = 'flat' } = job
  const here = good.filter(
    (then) =>
      then.machineId === machineId &&
      then.family === wire.family &&
      then.classification === (wire.classification ?? null) &&
      then.diameterMm === wire.diameterMm,
  )
  const such = thicknessMm
    ? here.findLast(
        (then) =>
          then.material === material &&
          then.position === position &&
          Math.abs(then.thicknessMm / thicknessMm - 1) <= SAME_THICKNESS,
      )
    : undefined
  if (such || !near) return such
  // The same metal first, then the same position, then the thickness that differs least; the latest of those alike.
  const off = (then: Good) =>
    (material && then.material !== material ? 100 : 0) +
    (then.position === position ? 0 : 10) +
    (thicknessMm ? Math.abs(Math.log(then.thicknessMm / thicknessMm)) : 0)
  return here
    .toReversed()
    .reduce<Good | undefined>((best, then) => (!best || off(then) < off(best) ? then : best), undefined)
}
