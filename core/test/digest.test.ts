import {
  digestOf,
  digestSchema,
  digestWith,
  digestWithout,
  emptyDigest,
  goodMarks,
  lastChanged,
  lastGood,
  ownMinutes,
  shopFinds,
  type Digest,
  type Run,
} from '../src/index.ts'
import { sizedWire } from './bench.ts'
import { times } from './counts.ts'
import { dice, type Dice } from './otherSetups.ts'

const MACHINES = ['gull', '__proto__']
const LABELS = ['ER5356 1.2', 'ER70S-6 1.0']
const METALS = ['aluminium', 'mild-steel'] as const
const STATIONS = ['liner', 'polarity'] as const
const CAUSES = ['tip-worn', 'liner-dirty'] as const
const TRY = { weld: 'bead', wireSpeedMPerMin: 8, arc: 'steady', bead: 'good' }
const DAY = '2026-11-20'
/** Signed off on few machines, on few wires, in few minutes: many are alike, and some at the same time. */
function someJob(d: Dice, id: string): Run {
  const [station, label] = [d.of(STATIONS), d.of(LABELS)]
  return {
    kind: d.of(['change', 'cure']),
    id,
    machineId: d.of(MACHINES),
    startedAt: `${DAY}T07:00:00Z`,
    label,
    job: {
      material: d.of(METALS),
      thicknessMm: d.of([3, 6]),
      ...(d.chance(0.5) && { position: 'overhead' }),
    },
    gathered: [],
    done: [],
    ...(d.chance(0.9) && {
      signedOffAt: `${DAY}T08:${String(10 + d.below(50))}:00Z`,
      outcome: {
        wire: { label },
        findings: [{ station, verdict: d.of(['change', 'fits']), rule: '-' }],
        minutes: [{ task: 'tipOff', minutes: d.below(3) }],
        troubles: d.chance(0.3) ? [{ cause: d.of(CAUSES) }] : [],
        ...(d.chance(0.1) && { stopped: true }),
        ...(d.chance(0.7) && { ran: { ...TRY, voltageV: 15 + d.below(90) / 10 } }),
        ...(d.chance(0.7) && { mark: d.below(9), centreN: 20 + d.below(30) }),
      },
    }),
  } as unknown as Run
}

/** What is asked of the record, looked for in every job there is. */
function truth(all: readonly Run[]) {
  const signed = all
    .filter((run) => run.signedOffAt)
    .sort((a, b) => Date.parse(a.signedOffAt!) - Date.parse(b.signedOffAt!) || (a.id < b.id ? -1 : 1))
  const on = (machine: string) => signed.filter((run) => run.machineId === machine)
  return {
    signed: signed.length,
    changed: MACHINES.map((machine) => {
      const last = on(machine).findLast((run) => run.kind === 'change')
      const stations = last?.outcome!.stopped
        ? []
        : (last?.outcome!.findings ?? []).flatMap((f) => (f.verdict === 'change' ? f.station : []))
      return stations.length ? { stations, at: last!.signedOffAt } : undefined
    }),
    marks: MACHINES.map((machine) =>
      on(machine)
        .flatMap(({ outcome }) =>
          outcome!.mark === undefined ? [] : { mark: outcome!.mark, centreN: outcome!.centreN },
        )
        .slice(-30),
    ),
    good: asked.map(({ machine, label, job }) => {
      const last = on(machine).findLast(
        (run) =>
          run.outcome!.ran &&
          run.label === label &&
          run.job.material === job.material &&
          (run.job.position ?? 'flat') === job.position &&
          run.job.thicknessMm === job.thicknessMm,
      )
      return last?.outcome!.ran!.voltageV
    }),
    finds: Object.fromEntries(
      CAUSES.map((cause) => [
        cause,
        signed.flatMap((run) => run.outcome!.troubles ?? []).filter((t) => t.cause === (cause as string))
          .length,
      ]),
    ),
    times: [0, 1, 2].map(
      (n) => signed.flatMap((run) => run.outcome!.minutes).filter(({ minutes }) => minutes === n).length,
    ),
  }
}
const asked = MACHINES.flatMap((machine) =>
  LABELS.flatMap((label) =>
    METALS.flatMap((material) =>
      ([3, 6] as const).flatMap((thicknessMm) =>
        (['flat', 'overhead'] as const).map((position) => ({
          machine,
          label,
          job: { material, thicknessMm, position },
        })),
      ),
    ),
  ),
)
const WIRES = new Map(LABELS.map((label) => [label, sizedWire(label)]))
const said = (digest: Digest): ReturnType<typeof truth> => ({
  signed: digest.signed,
  changed: MACHINES.map((machine) => lastChanged(digest, machine, `${DAY}T20:00:00Z`)),
  marks: MACHINES.map((machine) => goodMarks(digest, machine)),
  good: asked.map(
    ({ machine, label, job }) => lastGood(digest, machine, WIRES.get(label)!, job)?.settings.voltageV,
  ),
  finds: Object.fromEntries(
    CAUSES.map((cause) => [cause, shopFinds(digest).find((f) => f.cause === cause)?.count ?? 0]),
  ),
  times: [0, 1, 2].map((n) => digest.times.tipOff?.[n] ?? 0),
})
const asKept = (digest: Digest): unknown => JSON.parse(JSON.stringify(digest))

describe('the digest', () => {
  test('says what the last change worked on, for a fortnight; a trouble is none, of a broken one nothing is said', () => {
    const signed = (id: string, at: string, station: 'liner' | 'polarity', more: object = {}) =>
      ({
        id,
        machineId: 'm',
        signedOffAt: at,
        job: {},
        outcome: {
          findings: [
            { station, verdict: 'change', rule: '-' },
            { station: 'nozzle', verdict: 'fits', rule: '-' },
          ],
          minutes: [],
          ...more,
        },
      }) as unknown as Run
    const runs = [
      signed('b', '2026-11-10T08:00:00Z', 'polarity'),
      signed('a', '2026-11-01T08:00:00Z', 'liner'),
      { ...signed('t', '2026-11-12T08:00:00Z', 'liner'), trouble: { told: { symptoms: [] } } } as Run,
    ]
    const last = (all: Run[], at: string) => lastChanged(digestOf(all), 'm', at)?.stations
    expect(last(runs, '2026-11-13T08:00:00Z')).toEqual(['polarity'])
    expect(last(runs, '2026-11-25T08:00:00Z')).toBeUndefined()
    expect(
      last(
        [...runs, signed('s', '2026-11-12T09:00:00Z', 'liner', { stopped: true })],
        '2026-11-13T08:00:00Z',
      ),
    ).toBeUndefined()
    expect(lastChanged(digestOf(runs), 'other', '2026-11-13T08:00:00Z')).toBeUndefined()
  })

  test(`answers as the whole record does, or says that it must be worked out anew: ${times(400, 20_000)} touches`, () => {
    const d = dice(7)
    let digest = emptyDigest()
    let anew = 0
    const runs = new Map<string, Run>()
    for (let i = 0; i < times(400, 20_000); i++) {
      // Long times of signing off, then long times of taking back, the latest first.
      const back = Math.floor(i / 130) % 2 === 1
      const latest = [...runs.values()].sort((a, b) =>
        (a.signedOffAt ?? '') < (b.signedOffAt ?? '') ? 1 : -1,
      )[0]
      const id = back && latest && d.chance(0.7) ? latest.id : `r${d.below(400)}`
      const [old, next] = [runs.get(id), back ? undefined : someJob(d, id)]
      let then: Digest | undefined = digest
      if (old) then = digestWithout(then, old)
      if (next) {
        then = then && digestWith(then, next)
        runs.set(id, next)
      } else runs.delete(id)
      if (!then) anew++
      digest = then ?? digestOf(runs.values())
      if (i % 20 === 0) {
        const kept = digestSchema.parse(asKept(digest))
        expect(kept).toEqual(digest)
        expect([i, said(kept)]).toEqual([i, truth([...runs.values()])])
        expect([i, said(digestOf(runs.values()))]).toEqual([i, said(digest)])
      }
    }
    // Both happen, and the first far more often.
    expect(anew).toBeGreaterThan(0)
    expect(anew).toBeLessThan(times(400, 20_000) / 10)
    expect(Object.keys(ownMinutes(digest.times)).length).toBeGreaterThan(0)
  })

  test('one that keeps too few of those that are alike is none', () => {
    const d = dice(3)
    const digest = digestOf(Array.from({ length: 300 }, (_, i) => someJob(d, `r${i}`)))
    for (const groups of [digest.good, digest.changed, digest.marks])
      for (const group of Object.values(groups)) {
        const { rows } = group
        group.rows = []
        expect(digestSchema.safeParse(digest).success).toBe(false)
        group.rows = rows
        expect(digestSchema.safeParse(digest).success).toBe(true)
      }
  })

  test('kept before with a row for every change, it says the same', () => {
    const d = dice(11)
    const runs = Array.from({ length: 200 }, (_, i) => someJob(d, `r${i}`))
    const signed = runs
      .filter((run) => run.signedOffAt)
      .sort((a, b) => (a.signedOffAt! + a.id < b.signedOffAt! + b.id ? -1 : 1))
    const row = (run: Run) => ({ run: run.id, machineId: run.machineId, at: run.signedOffAt! })
    const { signed: count, times: minutes } = digestOf(runs)
    const former = {
      signed: count,
      times: minutes,
      good: signed.flatMap((run) =>
        run.outcome!.ran
          ? {
              ...row(run),
              ...WIRES.get(run.label)!,
              classification: WIRES.get(run.label)!.classification ?? null,
              ...run.job,
              position: run.job.position ?? 'flat',
              settings: run.outcome!.ran,
            }
          : [],
      ),
      marks: signed.flatMap((run) =>
        run.outcome!.mark === undefined
          ? []
          : { ...row(run), mark: run.outcome!.mark, centreN: run.outcome!.centreN },
      ),
      changed: signed.flatMap((run) =>
        run.kind === 'cure'
          ? []
          : {
              ...row(run),
              stations: run.outcome!.stopped
                ? []
                : run.outcome!.findings.flatMap((f) => (f.verdict === 'change' ? f.station : [])),
            },
      ),
      finds: signed.flatMap((run) => (run.outcome!.troubles ?? []).map((t) => ({ ...row(run), ...t }))),
    }
    expect(said(digestSchema.parse(former))).toEqual(truth(runs))
    expect(said(digestSchema.parse(former))).toEqual(said(digestOf(runs)))
  })
})
