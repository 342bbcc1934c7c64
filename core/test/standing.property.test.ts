import {
  canConvert,
  changeoverRequestSchema,
  CONVERSIONS,
  DEFAULT_PRACTICE,
  laneSteps,
  LANES,
  machineAfter,
  openEndNames,
  OPEN_ENDS,
  OPEN_END_WORDS,
  planChangeover,
  planConversion,
  SCHOOL_IDS,
  schoolOptions,
  settleConversion,
  stopConversion,
  stopHere,
  WIRE_ENDS,
  type Changeover,
} from '../src/index.ts'
import { machine, plan, shop } from './bench.ts'
import { inventory, read } from './conserved.ts'
import { times } from './counts.ts'
import { foldFaults } from './folding.ts'
import { left, nextPlans, setupOf } from './leftInTheMiddle.ts'
import { provedPlan } from './orderLaw.ts'
import { dice, otherSetup } from './otherSetups.ts'

const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))
const many = function* (from: number, count: number) {
  for (let n = from, found = 0; found < count; n++) {
    const request = setupOf(n, schools)
    const made = provedPlan(request)
    if (!made) continue
    found++
    yield { n, request, made }
  }
}

test('after every step the folded machine is what the proof’s model says, unread included', () => {
  for (const { n, made } of many(80_000, times(14, 1000)))
    for (let at = 0; at <= made.steps.length; at++) {
      const done = made.steps.slice(0, at).map((s) => s.id)
      expect([n, at, foldFaults(made, made.context.machine, done)]).toEqual([n, at, []])
    }
})

test('from wherever it is left, every next plan is proved, and no part is lost or conjured', () => {
  let proved = 0
  for (const { n, request, made } of many(400_000, times(8, 1000)))
    for (let i = 0; i < 3; i++) {
      const { at, folded, settled, lost, conjured } = left(made, request, n * 7 + i)
      // What nobody looked at is found, not made.
      expect([n, at, lost, n % 2 ? Math.max(0, conjured) : 0]).toEqual([n, at, [], 0])
      for (const from of [folded, settled.machine])
        for (const { what, holds } of nextPlans(
          from,
          { ...request, store: from === folded ? request.store : settled.store },
          setupOf(n * 31 + i, schools),
        )) {
          if (holds === true) proved++
          // Put right, where no wire is on any more, has nothing to go by.
          else if (holds === 'refused')
            expect([n, at, what, from.fitted.wire ?? null]).toEqual([n, at, 'on', null])
          else expect([n, at, what, holds]).toEqual([n, at, what, 'problems'])
        }
    }
  expect(proved).toBeGreaterThan(times(120, 15_000))
})

test('however a machine is said to have been left, a plan is proved or its obstacle named', () => {
  let over = 0
  for (let n = 1; n <= times(150, 4000); n++) {
    const d = dice(n * 13)
    const raw = otherSetup(n, schools) as { machine: { fitted: object }; practice: object }
    const standing = {
      ...(d.chance(0.5) && { plugged: d.chance(0.5) }),
      ...(d.chance(0.5) && { on: d.chance(0.5) }),
      ...(d.chance(0.5) && { arm: d.of(['open', 'closed']) }),
      ...(d.chance(0.4) && { wireEnd: d.of(WIRE_ENDS) }),
      ...(d.chance(0.5) && { valve: d.of(['open', 'shut']) }),
      ...(d.chance(0.5) && { clamp: d.of(['on', 'off']) }),
      openEnds: OPEN_ENDS.filter(() => d.chance(0.12)),
    }
    const request = changeoverRequestSchema.parse({
      ...raw,
      machine: { ...raw.machine, standing },
      practice: { ...raw.practice, people: 1 },
    })
    const made = planChangeover(request)
    if (!made.ok) throw new Error(`${n}: ${JSON.stringify(made.problems)}`)
    const { proof, problems, steps } = made.value
    expect([n, standing, proof?.holds ?? problems.length > 0]).toEqual([n, standing, true])
    if (steps[0]?.id.endsWith('-left')) over++
  }
  expect(over).toBeGreaterThan(times(30, 800))
})

test('work on the machine itself is broken off after any step, and gone on from', () => {
  let stops = 0
  for (let n = 1; n <= times(5, 120); n++) {
    const request = setupOf(900_000 + n, schools)
    const begins = read(request.machine)
    const store = request.store!
    for (const kind of CONVERSIONS.filter((k) => canConvert(begins, k))) {
      const made = planConversion(begins, kind, undefined, store, DEFAULT_PRACTICE)
      for (let at = n % 3; at <= made.steps.length; at += times(3, 1)) {
        const stopped = stopConversion(
          made,
          made.steps.slice(0, at).map((s) => s.id),
        )
        stops++
        expect([n, kind, at, stopped.proof.violations]).toEqual([n, kind, at, []])
        let id = 0
        const settled = settleConversion(stopped, begins, store, {
          cameOff: () => '',
          newId: () => `n${++id}`,
        })
        const [before, after] = [
          inventory(begins, store),
          inventory(settled.machine, settled.store, settled.scrapped),
        ]
        const lost = [...before].filter(
          ([name, have]) => !/oRing|solenoid|hose|clip/.test(name) && (after.get(name) ?? 0) < have,
        )
        expect([n, kind, at, lost]).toEqual([n, kind, at, []])
        for (const { what, holds } of nextPlans(
          settled.machine,
          { ...request, store: settled.store },
          request,
        ))
          expect([n, kind, at, what, holds === true || holds === 'problems' || what === 'on']).toEqual([
            n,
            kind,
            at,
            what,
            true,
          ])
      }
    }
  }
  expect(stops).toBeGreaterThan(times(36, 3000))
})

test('two at work, in any order their lists allow, leave the same machine', () => {
  const d = dice(9)
  let tried = 0
  for (const { n, request } of many(700_000, times(4, 100))) {
    const two = planChangeover({ ...request, practice: { ...request.practice!, people: 2 } })
    if (!two.ok || !two.value.crew) continue
    const { crew, steps } = two.value
    const before = new Map(crew.steps.map((s) => [s.id, s.before]))
    const lists = LANES.map((lane) => [...laneSteps(crew, lane, steps)])
    const done: string[] = []
    while (lists.some((list) => list.length)) {
      const ready = lists.filter(
        (list) => list[0] && before.get(list[0].id)!.every((id) => done.includes(id)),
      )
      done.push(d.of(ready).shift()!.id)
      const inOrder = steps.filter((s) => done.includes(s.id)).map((s) => s.id)
      expect([n, machineAfter(request.machine, two.value, done)]).toEqual([
        n,
        machineAfter(request.machine, two.value, inOrder),
      ])
      tried++
    }
  }
  expect(tried).toBeGreaterThan(times(60, 2000))
})

describe('Gull, half-way from steel to aluminium', () => {
  const made = plan({ on: 'gull', label: 'ER5356 1.2' })
  const upTo = (task: string) => made.steps.slice(0, made.steps.findIndex((s) => s.task === task) + 1)
  const after = (task: string) =>
    machineAfter(
      machine('gull'),
      made,
      upTo(task).map((s) => s.id),
    )
  const stopped = (task: string): Changeover =>
    stopHere(
      made,
      upTo(task).map((s) => s.id),
    )

  test('nothing done yet, it stands as it stood', () =>
    expect(machineAfter(machine('gull'), made, [])).toBe(machine('gull')))
  test('with the rolls changed it carries the new rolls, and the old tip waits in the tray', () => {
    const { fitted, standing } = after('rollsChange')
    expect(fitted.driveRolls).toMatchObject({ profile: 'smooth-u', active: '1.2' })
    expect(fitted.contactTip).toEqual(machine('gull').fitted.contactTip)
    expect(standing).toMatchObject({ on: false })
    expect(standing!.openEnds).toEqual(expect.arrayContaining(['tip-off', 'nozzle-off']))
  })
  test('the wire it carries is that of the spool on its hub', () => {
    expect(after('pullOldWire').fitted.wire).toEqual(machine('gull').fitted.wire)
    expect(after('spoolOff').fitted).toMatchObject({ wire: null, spool: null })
    expect(after('mountSpool').fitted.wire).toMatchObject({ label: expect.stringContaining('ER5356') })
    expect(after('mountSpool').standing!.openEnds).toContain('not-threaded')
    expect(after('closeArm').standing!.openEnds).not.toContain('not-threaded')
    expect(after('closeArm').standing!.openEnds).toContain('not-fed')
  })
  test('done to its end it stands as after any finished job', () =>
    expect(after('putAway').standing).toBeUndefined())
  test('unread stays unread, whatever is done to the part beside it', () => {
    const { gun: _g, nozzle: _n, contactTip: _t, ...fitted } = machine('gull').fitted
    const unread = { ...machine('gull'), fitted }
    const again = planChangeover({
      machine: unread,
      wire: { label: 'ER5356 1.2' },
      job: { material: 'aluminium', thicknessMm: 4 },
      store: shop.store,
    })
    if (!again.ok) throw new Error('not planned')
    const off = again.value.steps.findIndex((s) => s.task === 'tipOff')
    const now = machineAfter(
      unread,
      again.value,
      again.value.steps.slice(0, off + 1).map((s) => s.id),
    )
    expect([now.fitted.gun, now.fitted.nozzle, now.fitted.contactTip]).toEqual([
      undefined,
      undefined,
      undefined,
    ])
    expect(now.standing!.openEnds).toEqual(expect.arrayContaining(['tip-off', 'nozzle-off']))
  })
  test('stopped, what is left open is named, tag first; the next plan begins with the tag and closes all', () => {
    const end = stopped('mountSpool')
    const now = machineAfter(
      machine('gull'),
      end,
      end.steps.map((s) => s.id),
    )
    expect(openEndNames(now.standing)).toEqual(expect.arrayContaining(['tagged', 'wire not threaded']))
    const on = planChangeover({ machine: now, store: shop.store })
    if (!on.ok) throw new Error('not planned')
    expect(on.value.steps[0]!.task).toBe('takeTagOff')
    const closed = machineAfter(
      now,
      on.value,
      on.value.steps.map((s) => s.id),
    )
    expect(closed.standing).toBeUndefined()
  })
})

test('every end that can be left open has its words', () =>
  expect(OPEN_ENDS.map((end) => OPEN_END_WORDS[end]).filter(Boolean)).toHaveLength(OPEN_ENDS.length))
