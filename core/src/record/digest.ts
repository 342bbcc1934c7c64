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
const changedSchema = z.object({
  run: z.string(),
  machineId: z.string(),
  at: z.string(),
  stations: z.array(z.enum(STATIONS)),
})
type Good = z.infer<typeof goodSchema>
type Mark = z.infer<typeof markSchema>
type Changed = z.infer<typeof changedSchema>

/** The latest of those that are alike, and how many there are in all. */
const groupsOf = <R extends z.ZodType>(row: R) =>
  z.record(z.string(), z.object({ of: z.number().int().min(1), rows: z.array(row) }))
type Groups<R> = Record<string, { of: number; rows: R[] }>
/**
 * How many of those that are alike an answer looks at, and how many are kept, so that some may be taken back. Of marks
 * the latest: springs tire and rolls wear. common practice, no source
 */
const REACH = {
  good: { needed: 1, kept: 4 },
  marks: { needed: 30, kept: 40 },
  changed: { needed: 1, kept: 4 },
} as const
type Grouped = keyof typeof REACH
const countsSchema = {
  /** How many were signed off. */
  signed: z.number().int().min(0),
  /** How often each task took so many minutes, to the hundredth. */
  times: z.record(z.string(), z.record(z.string(), z.number().int().min(1))),
}
const groupedSchema = z.object({
  ...countsSchema,
  /** Settings that were good, those of one machine, wire and job together. */
  good: groupsOf(goodSchema),
  /** Pressure marks that passed their test, those of one machine together. */
  marks: groupsOf(markSchema),
  /** Stations that each change worked on, by machine; of one that was broken off nothing is said. */
  changed: groupsOf(changedSchema),
  /** Causes of troubles that were found and cured, and how often. */
  finds: z.partialRecord(z.enum(CAUSES), z.number().int().min(1)),
})
export type Digest = z.infer<typeof groupedSchema>
export type TaskTimes = Digest['times']
/** As it was kept before, with a row of every change there ever was. */
const formerSchema = z.object({
  ...countsSchema,
  good: z.array(goodSchema),
  marks: z.array(markSchema),
  changed: z.array(changedSchema),
  finds: z
    .array(z.object({ run: z.string(), machineId: z.string(), at: z.string(), cause: z.enum(CAUSES) }))
    .default([]),
})
/**
 * What the Bench, Feed and Dial in need of all signed-off changes, so that none of them has to be opened. It does not
 * grow with every change: an answer looks at the latest of those that are alike.
 */
export const digestSchema = z.union([
  groupedSchema.refine(({ good, marks, changed }) =>
    Object.entries({ good, marks, changed }).every(([name, groups]) =>
      Object.values(groups).every((group) => reaches(name as Grouped, group)),
    ),
  ),
  formerSchema.transform(({ good, marks, changed, finds, ...counts }): Digest => {
    const rows = { good, marks, changed }
    return { ...counts, ...groupedRows(rows), finds: countedFinds(finds.map(({ cause }) => cause)) }
  }),
])

export const emptyDigest = (): Digest => ({
  signed: 0,
  good: {},
  marks: {},
  changed: {},
  finds: {},
  times: {},
})

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
const markOf = ({ id, machineId, signedOffAt, outcome }: Run): Mark | undefined =>
  outcome?.mark !== undefined && outcome.centreN
    ? { run: id, machineId, at: signedOffAt!, mark: outcome.mark, centreN: outcome.centreN }
    : undefined

function changedOf(run: Run): Changed | undefined {
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

const causesOf = ({ outcome }: Run): Cause[] => (outcome?.troubles ?? []).map(({ cause }) => cause)
const countedFinds = (causes: readonly Cause[], by = 1, before: Digest['finds'] = {}): Digest['finds'] => {
  const counts = { ...before }
  for (const cause of causes) {
    const count = (counts[cause] ?? 0) + by
    if (count > 0) counts[cause] = count
    else delete counts[cause]
  }
  return counts
}

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
interface Row {
  run: string
  machineId: string
  at: string
}
interface Rows {
  good: Good
  marks: Mark
  changed: Changed
}
/** In brackets, as the others are: no name can be one that objects have of their own. */
const keyOfMachine = ({ machineId }: { machineId: string }) => JSON.stringify([machineId])
/** What makes two alike. */
const KEY_OF: { [K in Grouped]: (row: Rows[K]) => string } = {
  good: (g) =>
    JSON.stringify([
      g.machineId,
      g.family,
      g.classification,
      g.diameterMm,
      g.material,
      g.position,
      g.thicknessMm,
    ]),
  marks: keyOfMachine,
  changed: keyOfMachine,
}
const ROW_OF: { [K in Grouped]: (run: Run) => Rows[K] | undefined } = {
  good: goodOf,
  marks: markOf,
  changed: changedOf,
}
/** By time, and where two were signed off at once by their id: the order does not depend on who came first. */
const inTime = (a: Row, b: Row) => (a.at < b.at || (a.at === b.at && a.run < b.run) ? -1 : 1)
/** Whether enough of them are kept for every answer. */
const reaches = (name: Grouped, { of, rows }: { of: number; rows: readonly Row[] }) =>
  rows.length <= of && rows.length >= Math.min(of, REACH[name].needed)

function grouped<K extends Grouped>(name: K, rows: readonly Rows[K][]): Groups<Rows[K]> {
  const groups = new Map<string, Rows[K][]>()
  for (const row of rows) {
    const alike = groups.get(KEY_OF[name](row)) ?? []
    alike.push(row)
    groups.set(KEY_OF[name](row), alike)
  }
  return Object.fromEntries(
    [...groups].map(([key, alike]) => [
      key,
      { of: alike.length, rows: alike.sort(inTime).slice(-REACH[name].kept) },
    ]),
  )
}
const groupedRows = (rows: { [K in Grouped]: readonly Rows[K][] }) => ({
  good: grouped('good', rows.good),
  marks: grouped('marks', rows.marks),
  changed: grouped('changed', rows.changed),
})
/** With one more of them. */
function joined<K extends Grouped>(digest: Digest, name: K, run: Run): Groups<Rows[K]> {
  const groups = digest[name] as Groups<Rows[K]>
  const row = ROW_OF[name](run)
  if (!row) return groups
  const key = KEY_OF[name](row)
  const { of, rows } = groups[key] ?? { of: 0, rows: [] }
  // What lies before the oldest that is kept nobody knows here.
  const fits = rows.length === of || inTime(rows[0]!, row) < 0
  return {
    ...groups,
    [key]: { of: of + 1, rows: fits ? [...rows, row].sort(inTime).slice(-REACH[name].kept) : rows },
  }
}
/** Without one of them. @returns nothing where too few of those that are alike are left here */
function parted<K extends Grouped>(digest: Digest, name: K, run: Run): Groups<Rows[K]> | undefined {
  const groups = digest[name] as Groups<Rows[K]>
  const row = ROW_OF[name](run)
  if (!row) return groups
  const key = KEY_OF[name](row)
  const { [key]: there, ...others } = groups
  if (!there) return undefined
  const left = { of: there.of - 1, rows: there.rows.filter((one) => one.run !== row.run) }
  if (left.of === 0) return others
  return reaches(name, left) ? { ...others, [key]: left } : undefined
}

/** The digest with one more signed-off change. One that is open teaches nothing yet. */
export const digestWith = (digest: Digest, run: Run): Digest =>
  run.signedOffAt === undefined || !run.outcome
    ? digest
    : {
        signed: digest.signed + 1,
        good: joined(digest, 'good', run),
        marks: joined(digest, 'marks', run),
        changed: joined(digest, 'changed', run),
        finds: countedFinds(causesOf(run), 1, digest.finds),
        times: counted(digest.times, run, 1),
      }
/**
 * The digest without a change that is in it.
 * @param run as it was when it was counted
 * @returns nothing where what is kept does not reach so far back: it is worked out anew
 */
export function digestWithout(digest: Digest, run: Run): Digest | undefined {
  if (run.signedOffAt === undefined || !run.outcome) return digest
  const [good, marks, changed] = [
    parted(digest, 'good', run),
    parted(digest, 'marks', run),
    parted(digest, 'changed', run),
  ]
  return (
    good &&
    marks &&
    changed && {
      signed: digest.signed - 1,
      good,
      marks,
      changed,
      finds: countedFinds(causesOf(run), -1, digest.finds),
      times: counted(digest.times, run, -1),
    }
  )
}
/** The digest of a whole record, worked out anew. */
export function digestOf(runs: Iterable<Run>): Digest {
  const digest = emptyDigest()
  const rows: { [K in Grouped]: Rows[K][] } = { good: [], marks: [], changed: [] }
  const causes: Cause[] = []
  for (const run of runs) {
    if (run.signedOffAt === undefined || !run.outcome) continue
    digest.signed++
    const [g, m, c] = [goodOf(run), markOf(run), changedOf(run)]
    if (g) rows.good.push(g)
    if (m) rows.marks.push(m)
    if (c) rows.changed.push(c)
    causes.push(...causesOf(run))
    for (const { task, minutes } of run.outcome.minutes) {
      const text = String(Math.round(minutes * 100) / 100)
      const row = (digest.times[task] ??= {})
      row[text] = (row[text] ?? 0) + 1
    }
  }
  return { ...digest, ...groupedRows(rows), finds: countedFinds(causes) }
}

/** What was at fault in this shop, and how often. */
export const shopFinds = ({ finds }: Digest): Finds =>
  Object.entries(finds).map(([cause, count]) => ({ cause: cause as Cause, count }))

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
  const last = changed[keyOfMachine({ machineId })]?.rows.at(-1)
  if (!last || last.stations.length === 0) return undefined
  const days = (Date.parse(at) - Date.parse(last.at)) / 86_400_000
  return days <= RECENT_DAYS ? { stations: [...last.stations], at: last.at } : undefined
}

/**
 * The latest marks of one machine that passed their test, oldest first, each with the middle of the window it was found
 * in.
 */
export const goodMarks = ({ marks }: Digest, machineId: string): GoodMark[] =>
  (marks[keyOfMachine({ machineId })]?.rows ?? [])
    .slice(-REACH.marks.needed)
    .map(({ mark, centreN }) => ({ mark, centreN }))

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
  const here = Object.values(good)
    .flatMap(({ rows }) => rows)
    .filter(
      (then) =>
        then.machineId === machineId &&
        then.family === wire.family &&
        then.classification === (wire.classification ?? null) &&
        then.diameterMm === wire.diameterMm,
    )
    .sort(inTime)
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
