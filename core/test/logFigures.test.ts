import { workIn } from '../src/machine/upkeep.ts'
import { logFigures } from '../src/record/logFigures.ts'
import { corrected, LOG_NOTES, logNoteSchema, type LogNote } from '../src/record/kinds/log.ts'
import type { LogLine } from '../src/record/log.ts'
import { times } from './counts.ts'
import { dice, type Dice } from './otherSetups.ts'

const MAY = '2026-05-01T08:00:00.000Z'
const MONTHS = ['2026-01', '2026-02', '2026-03']
const monthOf = (at: string) => at.slice(0, 7)
const day = (d: Dice) => new Date(Date.UTC(2025, 11, 15 + d.below(120), d.below(24))).toISOString()
const lineBy = (d: Dice, id: string): LogLine => ({
  id,
  at: day(d),
  kind: d.of(['change', 'put-right', 'convert', 'cure'] as const),
  label: 'ER70S-6 0.9',
  machineId: d.of(['gull', 'tern']),
  ...(d.chance(0.7) && { minutes: d.below(60) }),
  ...(d.chance(0.4) && { fitted: [d.of(['contactTip', 'liner', 'nozzle'] as const)] }),
  ...(d.chance(0.2) && { stopped: true as const }),
  ...(d.chance(0.3) && { causes: [d.of(['rollsWorn', 'tipWorn'] as never[])] }),
})
const noteBy = (d: Dice, id: string): LogNote =>
  logNoteSchema.parse({
    id,
    at: day(d),
    what: d.of(LOG_NOTES),
    text: '',
    ...(d.chance(0.8) && { machineId: d.of(['gull', 'tern']) }),
    ...(d.chance(0.6) && { kg: d.below(18) }),
    ...(d.chance(0.6) && { arcHours: d.below(500) }),
    ...(d.chance(0.6) && { part: d.of(['contactTip', 'liner', 'nozzle']) }),
    ...(d.chance(0.6) && { cost: d.below(90) }),
  })

// Recounted another way: month by month over all of it, in whatever order it lies.
test('what the log adds up to is what a plain recount finds, in any order', () => {
  for (let seed = 1; seed <= times(60, 3000); seed++) {
    const d = dice(seed)
    const lines = Array.from({ length: d.below(40) }, (_, i) => lineBy(d, `l${i}`))
    const notes = Array.from({ length: d.below(40) }, (_, i) => noteBy(d, `n${i}`))
    const found = logFigures(lines, notes, MONTHS, monthOf)
    const turned = logFigures([...lines].reverse(), [...notes].reverse(), MONTHS, monthOf)
    const near = (a: number | null | undefined, b: number | null | undefined) =>
      (a ?? null) === null ? (b ?? null) === null : Math.abs(a! - b!) < 1e-9
    MONTHS.forEach((month, i) => {
      const inMonth = lines.filter((l) => l.at.startsWith(month))
      for (const kind of ['change', 'put-right', 'convert', 'cure'] as const) {
        const took = inMonth.filter((l) => l.kind === kind && !l.stopped && l.minutes !== undefined)
        const mean = took.length ? took.reduce((sum, l) => sum + l.minutes!, 0) / took.length : null
        expect([seed, near(found.minutes[kind]?.[i], mean)]).toEqual([seed, true])
        expect([seed, near(turned.minutes[kind]?.[i], mean)]).toEqual([seed, true])
      }
      const changes = inMonth.filter((l) => l.kind === 'change')
      const clean = changes.filter((l) => !l.stopped && !l.causes?.length).length
      expect([seed, near(found.firstTry[i], changes.length ? clean / changes.length : null)]).toEqual([
        seed,
        true,
      ])
      for (const [on, whats] of Object.entries({
        wire: ['spool-opened', 'spool-emptied'],
        gas: ['cylinder-changed'],
        parts: ['part-fitted'],
        wasted: ['part-scrapped'],
      })) {
        let sum = 0
        for (const n of notes) if (whats.includes(n.what) && n.at.startsWith(month)) sum += n.cost ?? 0
        expect([seed, found.money[on as 'gas']?.[i] ?? 0]).toEqual([seed, sum])
      }
    })
    const all = lines.flatMap((l) => l.causes ?? [])
    expect([seed, found.causes.reduce((sum, [, n]) => sum + n, 0)]).toEqual([seed, all.length])
    // Every one but the last on its machine was followed by another.
    for (const machineId of ['gull', 'tern'])
      for (const part of ['contactTip', 'liner'] as const) {
        const put =
          lines.filter((l) => l.machineId === machineId && l.fitted?.includes(part)).length +
          notes.filter((n) => n.what === 'part-fitted' && n.machineId === machineId && n.part === part).length
        const said = found.lasted.find((one) => one.machineId === machineId && one.part === part)
        expect([seed, said?.count ?? 0]).toEqual([seed, Math.max(0, put - 1)])
      }
    const order = (rows: typeof found.lasted) =>
      [...rows].sort((a, b) => (a.part + a.machineId < b.part + b.machineId ? -1 : 1))
    expect([seed, order(turned.lasted)]).toEqual([seed, order(found.lasted)])
  }
})
test('a note that is corrected keeps what it said, in words and in figures, and who said it', () => {
  const first = logNoteSchema.parse({
    id: 'n',
    at: MAY,
    what: 'spool-emptied',
    text: 'ran out',
    kg: 15,
    by: 'K. B.',
  })
  const next = corrected(first, { text: 'ran out', kg: 5 }, undefined, MAY)
  expect(next).toMatchObject({
    text: 'ran out',
    kg: 5,
    was: [{ at: MAY, text: 'ran out', kg: 15, by: 'K. B.' }],
  })
  expect(next).not.toHaveProperty('by')
  expect(logNoteSchema.parse(JSON.parse(JSON.stringify(next)))).toEqual(next)
  expect(corrected(next, { text: 'ran out', kg: 5 }, 'A. S.', MAY)).toBe(next)
})
test('how long a tip lasted: the wire and the arc between one that was fitted and the next', () => {
  const note = (date: string, rest: object) =>
    logNoteSchema.parse({ id: date, at: `2026-02-${date}T08:00:00Z`, machineId: 'gull', text: '', ...rest })
  const tip = { what: 'part-fitted', part: 'contactTip' }
  const notes = [
    note('01', tip),
    note('02', { what: 'arc-hours', arcHours: 100 }),
    note('03', { what: 'spool-emptied', kg: 15 }),
    note('04', { what: 'arc-hours', arcHours: 109 }),
    note('05', tip),
    // Opened, not emptied: nothing ran through yet.
    note('06', { what: 'spool-opened', kg: 18 }),
    note('07', { what: 'spool-emptied', kg: 5 }),
    note('08', tip),
  ]
  expect(logFigures([], notes, MONTHS, monthOf).lasted).toEqual([
    { machineId: 'gull', part: 'contactTip', count: 2, kg: 10, arcHours: 9 },
  ])
  expect(workIn(notes)).toHaveLength(4)
  expect(logFigures([], notes.slice(0, 4), MONTHS, monthOf).lasted).toEqual([])
  // A changeover that put the next one in says so itself.
  const changed: LogLine = {
    id: 'run',
    at: '2026-02-04T12:00:00Z',
    kind: 'change',
    label: '',
    machineId: 'gull',
    fitted: ['driveRolls', 'contactTip'],
  }
  expect(logFigures([changed], notes.slice(0, 4), MONTHS, monthOf).lasted).toEqual([
    { machineId: 'gull', part: 'contactTip', count: 1, kg: 15, arcHours: 9 },
  ])
})
