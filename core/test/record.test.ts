import {
  apart,
  apartIn,
  changesBetween,
  compareStates,
  defaultSettings,
  differences,
  emptyState,
  entriesOf,
  entryShown,
  ENTRY_SCHEMAS,
  follow,
  imported,
  isUsualEntry,
  keptPlan,
  mergeFields,
  mergeKept,
  idsByList,
  LISTS,
  mergeStates,
  migrate,
  openVersion1,
  planKept,
  readEntry,
  readShopFile,
  RUN_SCHEMAS,
  runWith,
  settle,
  shopOf,
  shownContent,
  stateWith,
  stepTitle,
  takeBack,
  TASKS,
  textOf,
  thingIn,
  withoutRemoved,
  withPicks,
  writeShopFile,
  fieldsOf,
  type Content,
  type EntryContent,
  type Kept,
  type Run,
  type Shop,
  type State,
} from '../src/index.ts'
import { machine, plan, shop as demo } from './bench.ts'
import { times } from './counts.ts'
import written from './kept/version-1.pepperknot.json'
import { meeting, type Written } from './devices.ts'
import { dice, type Dice } from './otherSetups.ts'

const at = '2026-11-26T08:00:00.000Z'
const by = { device: 'here', at, fork: 'here~1' }

describe('versions of one record', () => {
  // Parker et al., Detection of Mutual Inconsistency in Distributed Systems, IEEE TSE 9(3), 1983, recalled from
  // memory: of two versions one follows when its vector is at least the other's everywhere, else they conflict.
  const least = (a: Written['clock'], b: Written['clock']) =>
    Object.keys(b).every((device) => (a[device] ?? 0) >= b[device]!)
  test(`${times(150, 20_000)} meetings: in any order, any grouping and as often as one likes it is the same`, () => {
    for (let seed = 1; seed <= times(150, 20_000); seed++) {
      const { held, written: writes } = meeting(dice(seed))
      const [a, b, c] = held as [Kept, Kept, Kept]
      const one = mergeKept(mergeKept(a, b), c)
      expect([seed, mergeKept(a, mergeKept(b, c))]).toEqual([seed, one])
      expect([seed, mergeKept(mergeKept(c, b), a)]).toEqual([seed, one])
      expect([seed, mergeKept(one, mergeKept(one, b))]).toEqual([seed, one])
      // No write is lost: it stands, or one stands that had seen it.
      for (const w of writes)
        if (!one.versions.some((v) => least(v.clock, w.clock)))
          throw new Error(`${seed}: ${textOf(w)} is lost of ${textOf(one.versions)}`)
      // Nobody is asked where one follows the other.
      for (const v of one.versions)
        for (const w of one.versions)
          if (v !== w && least(v.clock, w.clock) && !least(w.clock, v.clock))
            throw new Error(`${seed}: both stand`)
    }
  })
  test('what was removed is not brought back by an old file, without its content either', () => {
    const first = follow(undefined, { name: 'Gull' }, by, 1)
    const gone = follow(first, null, { ...by, at: '2026-08-01T00:00:00.000Z' }, 1)
    expect(shownContent(mergeKept(gone, first))).toBeNull()
    expect(gone.versions[0]!.was).toEqual({ name: 'Gull' })
    const old = withoutRemoved(gone)
    expect(old.versions[0]!.was).toBeUndefined()
    expect(shownContent(mergeKept(old, first))).toBeNull()
  })
})

describe('fields', () => {
  const some = (d: Dice): Content => ({
    ...(d.chance(0.7) && { name: d.of(['a', 'b', 'c']) }),
    ...(d.chance(0.7) && { note: d.of(['x', 'y']) }),
    fitted: {
      ...(d.chance(0.7) && {
        liner: d.of([null, { material: 'ptfe' }, { material: 'steel-coil', lengthM: 3 }]),
      }),
      ...(d.chance(0.7) && { contactTip: { stamp: d.of(['0.9', '1.2']) } }),
    },
  })
  /** Every field by its place, as a person would list them. */
  const flat = (content: Content | null) => {
    const { fitted = {}, ...rest } = (content ?? {}) as { fitted?: object }
    return new Map([
      ...Object.entries(rest).map(([k, v]): [string, string] => [k, textOf(v)]),
      ...Object.entries(fitted).map(([k, v]): [string, string] => [`fitted.${k}`, textOf(v)]),
    ])
  }
  const FIELDS = ['name', 'note', 'fitted.liner', 'fitted.contactTip']
  test(`${times(300, 20_000)} pairs of edits: a field one side left alone is as the other has it`, () => {
    for (let seed = 1; seed <= times(300, 20_000); seed++) {
      const d = dice(seed)
      const [base, mine, theirs] = [some(d), some(d), some(d)]
      const { content, clashes } = mergeFields(base, mine, theirs)
      const [b, m, t, got] = [flat(base), flat(mine), flat(theirs), flat(content)]
      for (const field of FIELDS) {
        const want = m.get(field) === b.get(field) ? t.get(field) : m.get(field)
        expect([seed, field, got.get(field)]).toEqual([seed, field, want])
        const both =
          m.get(field) !== b.get(field) && t.get(field) !== b.get(field) && m.get(field) !== t.get(field)
        expect([seed, field, clashes.some((c) => c.path.join('.') === field)]).toEqual([seed, field, both])
      }
      expect(differences(base, mine).map((f) => f.path.join('.'))).toEqual(
        FIELDS.filter((f) => b.get(f) !== m.get(f)).sort(),
      )
    }
  })
  test(`${times(300, 20_000)} touches taken back: what was touched since stays, the rest is as before`, () => {
    for (let seed = 1; seed <= times(300, 20_000); seed++) {
      const d = dice(seed)
      const [before, after, now] = [some(d), some(d), some(d)]
      const taken = takeBack([{ key: 'machine/a', before, after }], () => now)
      const end = flat(taken.changes[0]?.after ?? now)
      const [x, y, z] = [flat(before), flat(after), flat(now)]
      for (const field of FIELDS)
        expect([seed, field, end.get(field)]).toEqual([
          seed,
          field,
          z.get(field) === y.get(field) ? x.get(field) : z.get(field),
        ])
      // Every pick back: then all it touched is as before.
      const all = flat(
        withPicks(
          taken,
          () => true,
          () => now,
        )[0]?.after ?? now,
      )
      for (const field of FIELDS)
        if (x.get(field) !== y.get(field))
          expect([seed, field, all.get(field)]).toEqual([seed, field, x.get(field)])
    }
  })
})

/** A run as people leave it, halfway or done. */
const made = plan({ on: 'gull', label: 'ER5356 1.2' })
function someRun(d: Dice, id: string): Run {
  const n = d.below(made.steps.length)
  const done = made.steps.slice(0, n)
  const minutes = done
    .filter(() => d.chance(0.8))
    .map((s) => ({ step: s.id, task: s.task, minutes: d.below(400) / 100 }))
  const mark = d.below(12) / 2
  const run: Run = {
    kind: 'change',
    id,
    machineId: d.of(['gull', 'tern']),
    startedAt: '2026-11-20T08:00:00.000Z',
    stage: 'swap',
    label: 'ER5356 1.2',
    job: { material: 'aluminium', thicknessMm: 4, position: 'flat' },
    gathered: d.chance(0.5) ? ['liner/liner/'] : [],
    done: done.map((s) => s.id),
    ...(minutes.length && { times: minutes }),
    ...(d.chance(0.5) && {
      tries: Array.from({ length: 1 + d.below(4) }, (_, i) => ({
        weld: 'bead' as const,
        voltageV: 20 + i,
        wireSpeedMPerMin: 8,
        arc: 'steady' as const,
        bead: 'good' as const,
      })),
    }),
    ...(d.chance(0.5) && { pressureMark: mark, pressureResult: 'right' as const }),
    ...(d.chance(0.5) && { note: 'ran well\nsecond line' }),
  }
  if (d.chance(0.5)) return run
  const ran = run.tries?.at(-1)
  return {
    ...run,
    signedOffAt: new Date(Date.UTC(2026, 10, 20, 9, d.below(50))).toISOString(),
    outcome: {
      machine: 'Gull',
      wire: { label: 'ER5356 1.2' },
      before: {},
      end: {},
      findings: [],
      used: [],
      returned: [],
      scrapped: [],
      minutes,
      ...(ran && { ran }),
      ...(run.pressureMark != null && { mark: run.pressureMark, centreN: 20 + d.below(30) }),
    },
  }
}
const ids = () => {
  let n = 0
  return () => `t${++n}`
}

describe('a run and what stands beside it', () => {
  test('is the same run when it is put together again, and a step more is one entry more', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const run = someRun(dice(seed), 'r')
      const entries = entriesOf(run, new Map(), 1000, ids())
      expect(runWith(fieldsOf(run), entries)).toEqual(run)
      const more = { ...run, done: [...run.done, 'one-more'], tries: [...(run.tries ?? []), { ...TRY }] }
      const then = entriesOf(more, entries, 1000, ids())
      const changed = [...then].filter(([id, c]) => entries.get(id) !== c)
      expect(changed).toHaveLength(2)
      expect([...entries.keys()].every((id) => then.has(id))).toBe(true)
    }
  })
  const TRY = { weld: 'bead', voltageV: 17, wireSpeedMPerMin: 6, arc: 'steady', bead: 'cold' } as const
  test('two people who tick steps of one run never conflict; of two notes both stand', () => {
    const kept = (content: EntryContent, device: string) =>
      follow(undefined, content as unknown as Content, { ...by, device }, 1)
    const step = mergeKept(kept({ at: 2, task: 'tipOff', minutes: 3 }, 'b'), kept({ at: 1 }, 'a'))
    expect(entryShown('done/tipOff', step)).toEqual({ at: 1 })
    const gone = mergeKept(step, follow(kept({ at: 1 }, 'a'), null, { ...by, device: 'a' }, 1))
    // One took it back, the other did it: it is done.
    expect(entryShown('done/tipOff', gone)).toMatchObject({ task: 'tipOff' })
    const note = mergeKept(kept({ at: 5, text: 'second' }, 'b'), kept({ at: 4, text: 'first' }, 'a'))
    expect(entryShown('note/note', note)).toEqual({ at: 5, text: 'first\nsecond' })
  })
  test('a plan is kept as it was, with the parts it counts on and no other', () => {
    const kept = planKept(JSON.parse(JSON.stringify(keptPlan(made))) as ReturnType<typeof keptPlan>)
    expect(kept.steps).toEqual(JSON.parse(JSON.stringify(made.steps)))
    expect(kept.steps.map((s) => stepTitle(s, 'inch'))).toEqual(made.steps.map((s) => stepTitle(s, 'inch')))
    const words = { cameOff: () => 'x', newId: () => 'y' }
    const sign = (p: typeof made) => settle(p, machine('gull'), demo.store, {}, words)
    expect(sign(kept)).toEqual(sign(made))
    expect(kept.context.store!.length).toBeLessThan(demo.store.length / 2)
  })
})

test('kept before runs had a kind, a run is what it was; beside a file that has them nothing is asked', () => {
  const own = { trouble: { told: { symptoms: [] } }, conversion: 'to-gas' as const }
  // The kinds there were then.
  const kinds = ['change', 'put-right', 'convert', 'cure'] as const
  const runs = kinds
    .map((kind) => ({ ...someRun(dice(3), kind), kind, ...own }) as unknown as Run)
    .map((run) => RUN_SCHEMAS[run.kind].parse(run) as Run)
  const now = migrate({ ...demo, settings: defaultSettings(), runs: [] }, at)
  const state = stateWith(now, { ...demo, settings: defaultSettings(), runs }, by, () => 'new')
  const older = JSON.stringify(JSON.parse(writeShopFile(state, at)), (_key, value: unknown) => {
    const run = value as Record<string, unknown> | null
    if (!run || typeof run !== 'object' || !('machineId' in run) || !('gathered' in run || 'stage' in run))
      return value
    const { kind, ...rest } = run
    return { ...rest, ...(kind === 'put-right' && { putRight: true }) }
  })
  expect(older).not.toMatch(/"kind":"(change|put-right|convert|cure)"/)
  const read = readShopFile(older)
  if (!read.ok) throw new Error('not read')
  expect(read.value.aside).toEqual([])
  expect(read.value.state).toEqual(state)
  expect(apartIn(mergeStates(state, read.value.state))).toEqual([])
  // As the browser has it: nothing was read through a schema.
  const raw = new Map(
    [...state.records].map(([key, kept]) => {
      const [version] = kept.versions
      const { kind, ...rest } = (version!.content ?? {}) as Record<string, unknown>
      if (!key.startsWith('run/')) return [key, kept] as const
      const content = { ...rest, ...(kind === 'put-right' && { putRight: true }) } as Content
      return [key, { ...kept, versions: [{ ...version!, content }] }] as const
    }),
  )
  const otherwise = { name: '-', settings: defaultSettings() }
  expect(shopOf({ ...state, records: raw }, otherwise)).toEqual(shopOf(state, otherwise))
})

/** As the version before this one wrote it, half way through one change and after another. */
const version1 = `${JSON.stringify(written, null, 2)}\n`
const old = () => {
  const opened = openVersion1(version1, '-')
  if (!opened.ok) throw new Error('the old file does not open')
  return opened.value.shop
}
const otherwise = { name: '-', settings: defaultSettings() }

describe('what the version before this one wrote', () => {
  test('migrates whole: machines, parts, settings, an open run at its step, a signed-off one', () => {
    const shop = old()
    const now = shopOf(migrate(shop, at), otherwise)
    expect(now.name).toBe('Quay')
    expect(now.settings).toEqual(shop.settings)
    expect(now.machines).toEqual(shop.machines)
    expect(now.store.map(({ id: _id, ...part }) => part)).toEqual(
      shop.store.map(({ id: _id, ...part }) => part),
    )
    const [open, signed, fresh] = now.runs
    expect(open!.done).toEqual(shop.runs[0]!.done)
    expect(open!.planned!.steps.map((s) => s.id).slice(0, 5)).toEqual(open!.done)
    expect(open!.note).toBe('half way')
    expect(open!.frozen!.store).toBeUndefined()
    expect(signed!.outcome).toMatchObject({ machine: 'Tern', mark: 2, ran: { voltageV: 16.5 } })
    expect(signed!.outcome!.wire).toBeDefined()
    expect(signed!.outcome!.centreN).toBeGreaterThan(1)
    expect(signed!.outcome!.end.polarity).toBe('DCEN')
    expect(signed!.frozen).toBeUndefined()
    expect(fresh).toMatchObject({ stage: 'decide', label: 'ER70S-6 .0' })
  })
  test('twice is no difference, and its file is read as one of this version', () => {
    const state = migrate(old(), at)
    expect(mergeStates(state, migrate(old(), at))).toEqual(state)
    const read = readShopFile(version1)
    expect(read.ok && read.value.aside).toEqual([])
    expect(
      read.ok && compareStates(state, read.value.state).every((r) => r.added + r.changed + r.removed === 0),
    ).toBe(true)
  })
})

/** A shop with runs of every kind, some records twice and some removed. */
function someState(seed: number): State {
  const d = dice(seed)
  const shop: Shop = {
    name: 'Quay',
    settings: defaultSettings(),
    machines: demo.machines,
    store: demo.store.map((p, i) => ({ ...p, id: p.id ?? `p${i}` })),
    runs: Array.from({ length: 4 }, (_, i) => someRun(d, `run/${i}`)),
  }
  const state = migrate(shop, at)
  const keys = [...state.records.keys()].filter((k) => k.startsWith('machine/'))
  const gone = new Map(state.records)
  gone.set(keys[0]!, follow(gone.get(keys[0]!), null, by, 1))
  const theirs = new Map(state.records)
  theirs.set(
    keys[1]!,
    follow(
      theirs.get(keys[1]!),
      { ...shownContent(theirs.get(keys[1]!)), note: 'there' },
      { ...by, device: 'b' },
      1,
    ),
  )
  gone.set(keys[1]!, follow(gone.get(keys[1]!), { ...shownContent(gone.get(keys[1]!)), note: 'here' }, by, 1))
  return mergeStates({ records: gone, entries: state.entries }, { records: theirs, entries: state.entries })
}

describe('files', () => {
  test('export, then import, is the same state: versions, marks of what was removed, entries', () => {
    for (let seed = 1; seed <= times(4, 300); seed++) {
      const state = someState(seed)
      const read = readShopFile(writeShopFile(state, at))
      if (!read.ok) throw new Error(JSON.stringify(read.problems))
      expect(read.value.aside).toEqual([])
      // In a file they stand in the order of their names.
      const sorted = (s: State) => ({
        records: [...s.records].sort(),
        entries: [...s.entries].sort().map(([run, of]) => [run, [...of].sort()]),
      })
      expect(sorted(read.value.state)).toEqual(sorted(state))
      expect([...state.records.values()].filter((k) => apart(k).length)).toHaveLength(1)
    }
  })
  test('some of a shop: whole on another device, with all that it names, and nothing new where it came from', () => {
    for (let seed = 1; seed <= times(6, 300); seed++) {
      const [d, state] = [dice(seed), someState(seed)]
      const ids = idsByList(state.records)
      const all = LISTS.flatMap((list) => ids[list].map((id) => ({ list, id })))
      const chosen = all.filter(() => d.chance(0.1))
      const read = readShopFile(writeShopFile(state, at, { of: 'Quay', chosen }))
      if (!read.ok) throw new Error(JSON.stringify(read.problems))
      expect(read.value.partOf).toBe('Quay')
      // Spoiled or not, a part is never taken for the whole, in whose place all else would go.
      const spoiled = {
        ...(JSON.parse(writeShopFile(state, at, { of: 'Quay', chosen })) as object),
        part: d.of([null, 1, {}, { of: 'x'.repeat(300) }]),
      }
      const again = readShopFile(JSON.stringify(spoiled))
      expect(again.ok && again.value.partOf).toBe('?')
      const part = read.value.state
      const there = (list: (typeof LISTS)[number], id: string, from: State) =>
        thingIn(from.records, list, id, from.entries.get(id))
      for (const { list, id } of chosen) expect(there(list, id, part)).toEqual(there(list, id, state))
      // A part that is named and does not come would be a drawer that opens on nothing.
      for (const { list, id } of all) {
        const thing = there(list, id, part)
        if (!thing) continue
        expect(thing).toEqual(there(list, id, state))
        const said = JSON.stringify(thing)
        for (const other of all)
          if (said.includes(`"${other.id}"`) && !there(other.list, other.id, part))
            throw new Error(`${seed}: ${list}/${id} names ${other.list}/${other.id}`)
      }
      expect(compareStates(state, imported(state, part, 'merge', by))).toEqual(compareStates(state, state))
      for (const key of ['shop/shop', 'settings/settings'] as const) expect(part.records.has(key)).toBe(false)
      // A machine goes with what is being done on it: that is what stands on it.
      for (const run of state.records.keys()) {
        const { machineId } = shownContent(state.records.get(run)) ?? {}
        if (run.startsWith('run/') && chosen.some(({ id }) => id === machineId))
          expect(part.records.has(run)).toBe(true)
      }
    }
  })
  test('merged or put in its place: the difference shown is the one that comes', () => {
    for (let seed = 1; seed <= times(3, 200); seed++) {
      const [now, file] = [someState(seed), someState(seed + 1000)]
      for (const how of ['merge', 'replace'] as const) {
        const then = imported(now, file, how, by)
        const rows = compareStates(now, then)
        expect(rows.reduce((sum, r) => sum + r.added + r.changed + r.removed, 0)).toBe(
          changesBetween(now, then).length,
        )
        if (how === 'replace') expect(shopOf(then, otherwise)).toEqual(shopOf(file, otherwise))
        // All of it can be taken back.
        const back = takeBack(changesBetween(now, then), (key) =>
          key.startsWith('entry/') ? null : shownContent(then.records.get(key as never)),
        )
        for (const { key, after } of back.changes)
          if (!key.startsWith('entry/')) expect(after).toEqual(shownContent(now.records.get(key as never)))
      }
    }
  })
  test('into an empty shop it is the file', () => {
    const file = someState(3)
    expect(imported(emptyState(), file, 'merge', by)).toEqual(file)
  })
  test('the quick way past the schema lets pass only what the schema lets pass unchanged', () => {
    const d = dice(11)
    const usual = () => ({
      run: d.of(['r1', 'x'.repeat(200), '']),
      id: d.of(['done/tipOff', 'done/', 'try/1', `done/${'y'.repeat(290)}`]),
      since: d.of([0, 5.5, -1, NaN, '5']),
      versions: [
        {
          clock: d.of<unknown>([{ a: 1 }, { a: 0 }, { a: 1.5 }, {}, null, { ['k'.repeat(90)]: 1 }]),
          at: d.of<unknown>([at, '2026-02-30T08:00:00Z', '2026-11-26', 5, '2026-11-26T25:00:00Z']),
          content: d.of<unknown>([
            { at: 5 },
            { at: 5, task: d.of(TASKS), minutes: 2 },
            { at: 5, task: 'dance' },
            { at: -1 },
            { at: 5, more: 1 },
            null,
          ]),
          ...(d.chance(0.1) && { was: { at: 5 } }),
        },
      ],
      ...(d.chance(0.1) && { more: true }),
    })
    let passed = 0
    for (let i = 0; i < 20_000; i++) {
      const raw: unknown = usual()
      if (!isUsualEntry(raw)) continue
      passed++
      expect(ENTRY_SCHEMAS.done.safeParse(raw.versions[0]!.content)).toEqual({
        success: true,
        data: raw.versions[0]!.content,
      })
      const slow = readEntry({ ...raw, versions: [...raw.versions, ...raw.versions] })
      expect(slow.ok && slow.value.kept.versions[0]).toEqual(raw.versions[0])
    }
    expect(passed).toBeGreaterThan(20)
  })
  test.each([
    ['not JSON', '{', 'file.notJson'],
    ['another program’s file', '{"format":"x","version":1}', 'file.notOurs'],
    ['a newer one', '{"format":"pepperknot","version":99}', 'file.newer'],
  ])('%s is refused', (_what, text, code) => {
    const read = readShopFile(text)
    expect(read.ok ? [] : read.problems.map((p) => p.code)).toEqual([code])
  })
})

/** Spoils one value somewhere in a text of JSON, or the text itself. */
function spoiled(d: Dice, text: string): string {
  if (d.chance(0.05)) return text.slice(0, d.below(text.length))
  const whole = JSON.parse(text) as Record<string, unknown>
  const junk = d.of<unknown>([null, -1, '', 'x'.repeat(5000), [], {}, true, { id: 'gull' }, 1e300, '2026'])
  const into = (value: unknown): unknown => {
    if (typeof value !== 'object' || value === null || d.chance(0.15)) return junk
    const keys = Object.keys(value)
    if (keys.length === 0) return junk
    const key = d.of(keys)
    ;(value as Record<string, unknown>)[key] = into((value as Record<string, unknown>)[key])
    return value
  }
  return JSON.stringify(into(whole))
}
test(`${times(24, 2000)} files spoiled anywhere: none throws, and no record that could be read is lost`, () => {
  const whole = someState(5)
  for (const text of [writeShopFile(whole, at), version1]) {
    const good = readShopFile(text)
    if (!good.ok) throw new Error('the good one does not read')
    const count = ({ records, entries }: State) =>
      records.size + [...entries.values()].reduce((sum, of) => sum + of.size, 0)
    const all = count(good.value.state)
    for (let seed = 1; seed <= times(24, 2000) / 2; seed++) {
      const read = readShopFile(spoiled(dice(seed), text))
      // Refused is only what is no shop at all.
      if (!read.ok) {
        expect(read.problems.length).toBeGreaterThan(0)
        continue
      }
      const { state, aside } = read.value
      if (aside.length === 0) continue
      // A record of a run of version 1 carries its plan and its lines; a list that is no list is one thing.
      const lost = all - count(state)
      const lists = aside.some((a) => Array.isArray(a.record) || typeof a.record !== 'object')
      if (lost > 60 && !lists && text !== version1)
        throw new Error(`${seed}: ${lost} lost for ${aside.length}`)
      expect(readShopFile(writeShopFile(state, at)).ok).toBe(true)
    }
  }
})

test('a record that says it is another, and an id twice in one list, are laid aside; the rest is read', () => {
  const whole = someState(5)
  const file = JSON.parse(writeShopFile(whole, at)) as {
    records: { kind: string; id: string; versions: { content: Content | null; was?: Content }[] }[]
  }
  const asides = (records: unknown[]) => {
    const read = readShopFile(JSON.stringify({ ...file, records }))
    if (!read.ok) throw new RangeError()
    expect(read.value.state.records.size + read.value.aside.length).toBe(records.length)
    return read.value.aside.length
  }
  const named = file.records.filter(({ versions: [v] }) => (v!.content ?? v!.was)?.id !== undefined)
  expect(new Set(named.map(({ kind }) => kind)).size).toBeGreaterThan(2)
  for (const record of named) {
    const [version] = record.versions
    const other = {
      ...version,
      ...(version!.content
        ? { content: { ...version!.content, id: 'another' } }
        : { was: { ...version!.was, id: 'another' } }),
    }
    expect(asides(file.records.map((r) => (r === record ? { ...r, versions: [other] } : r)))).toBe(1)
  }
  const part = { kind: 'contactTip', stamp: '0.9', count: 1, id: 'same' }
  const wire = { kind: 'wire', label: 'ER70S-6 0.9', id: 'same' }
  const kept = (kind: string, content: object) => ({
    kind,
    id: 'same',
    since: 1,
    versions: [{ clock: { a: 1 }, at, content }],
  })
  expect(asides([...file.records, kept('part', part)])).toBe(0)
  expect(asides([...file.records, kept('wire', wire)])).toBe(0)
  expect(asides([...file.records, kept('part', part), kept('wire', wire)])).toBe(1)
})
test.each([0, -1, 1.5, '2', null])('a file of version %s is refused, and says why', (version) => {
  const read = readShopFile(JSON.stringify({ ...JSON.parse(writeShopFile(someState(5), at)), version }))
  expect(read.ok || read.problems.length).toBe(1)
})
