import type { Bench } from '../src/bench/bench.ts'
import { perform } from '../src/changeover/proof/perform.ts'
import type { Finding } from '../src/match/finding.ts'
import { cureStarts } from '../src/trouble/cureProof.ts'
import { afterTask, type Stance } from '../src/work/stance.ts'
import {
  CAUSES,
  causeRow,
  chancesOf,
  CHECKS,
  checkRow,
  contradiction,
  cureRow,
  findFrom,
  findTrouble,
  machineInRun,
  findSymptoms,
  outcomesOf,
  pointsTo,
  putBackBefore,
  showsIt,
  undoneBy,
  knownOf,
  match,
  nextCheck,
  planChangeover,
  planCure,
  stopHere,
  prepareTrouble,
  stepTitle,
  seeded,
  SYMPTOM_WORDS,
  SYMPTOMS,
  toldSchema,
  troubleRequestSchema,
  type Cause,
  type Check,
  type Checked,
  type Machine,
  type Symptom,
  type Told,
  type TroubleRequest,
} from '@pepper-knot/core/internal'
import { demoShop } from '../src/demo/saltbarrow.ts'
import { mechanicalPatient } from './mechanics.ts'
import { createPatient } from './patient.ts'
import { SHOWN_BY } from './truth.ts'
import { times } from './counts.ts'
import { otherSetup } from './otherSetups.ts'

/** A machine of which only its gun and its wire are known. */
const bare = (
  label: string,
  more: Partial<Machine['fitted']> = {},
  machine: Partial<Machine> = {},
): Machine => ({
  id: 'm',
  name: 'M',
  polarityChange: 'plugs',
  gasGear: true,
  ...machine,
  fitted: { wire: { label }, gun: { kind: 'push', lengthM: 3 }, ...more },
})
const SOLID = 'ER70S-6 0.9'
const GASLESS = 'E71T-11 0.8'
const SOFT = 'ER5356 1.2'

const ask = (request: TroubleRequest) => {
  const found = findTrouble(request)
  if (!found.ok) throw new RangeError(JSON.stringify(found.problems))
  return found.value
}
const contextOf = (machine: Machine) => {
  const c = prepareTrouble({ machine, symptoms: ['birdnest'] })
  if (!c.ok) throw new RangeError(JSON.stringify(c.problems))
  const findings = match(c.value)
  return { context: c.value, findings, known: knownOf(c.value, findings, { symptoms: [] as never }) }
}

/** Goes along with the finder on a machine that answers truly, until it names a cause or gives up. */
function course(machine: Machine, told: Told, answers: (check: Check) => Checked['outcome']) {
  const { context, findings } = contextOf(machine)
  const checks: Checked[] = []
  for (;;) {
    const { found, next, notes } = findFrom(context, findings, { ...told, checks })
    if (found || !next) return { cause: found?.cause, checks, notes }
    checks.push({ id: next.check, outcome: answers(next.check) })
  }
}

// common practice, no source: a gas wire read at no flow has its valve shut, or its flow not set.
test.each([SOLID, 'E71T-1M 1.2', SOFT])('%s at 0 L/min with porosity: the valve or the flow', (label) => {
  const gas = label === SOFT ? { Ar: 100 } : { Ar: 80, CO2: 20 }
  const read = bare(label, { gas, gasFlowLPerMin: 0, nozzle: { kind: 'gas', boreMm: 16 } })
  const { causes } = ask({ machine: read, symptoms: ['porosity'] })
  expect(new Set(causes.slice(0, 2).map((c) => c.cause))).toEqual(new Set(['cylinder-shut', 'flow-low']))
  expect(causes.slice(0, 2).map((c) => c.because)).toEqual(['mismatch', 'mismatch'])
})

/** Which machine a cause can be on. */
const machineFor = (cause: Cause): Machine =>
  cause.startsWith('gun-rolls')
    ? bare(SOFT, { gun: { kind: 'push-pull', lengthM: 8 } })
    : cause === 'push-too-long'
      ? bare(SOFT, { gun: { kind: 'push', lengthM: 4 } })
      : bare(cause === 'wire-damp' || cause === 'volts-high' ? 'E71T-1M 1.2' : SOLID)

describe('every cause', () => {
  it.each(CAUSES)('%s is named, where its looks show it', (cause) => {
    const row = causeRow(cause)
    const shown = (how: string) => SYMPTOMS.filter((s) => row.shows[s] === how)
    const symptoms = [...shown('usually'), ...shown('often')].slice(0, 2) as [Symptom]
    const told: Told = { symptoms, ...(row.only && { at: row.only[0]! }) }
    const { context, findings } = contextOf(machineFor(cause))
    // What was named and cured in vain is left, and it goes on.
    const cured: Cause[] = []
    for (;;) {
      const checks: Checked[] = []
      let named: Cause | undefined
      for (;;) {
        const { found, next } = findFrom(context, findings, { ...told, checks, cured })
        if (found || !next) {
          named = found?.cause
          break
        }
        checks.push({ id: next.check, outcome: SHOWN_BY[next.check].includes(cause) ? 'here' : 'not-here' })
      }
      if (named === cause) return
      if (!named || cured.length > 14)
        throw new RangeError(
          `${cause} not named: ${cured.join()} after ${checks.map((c) => `${c.id} ${c.outcome}`).join()}`,
        )
      cured.push(named)
    }
  })

  it('has looks that show it, but for what a technician finds', () => {
    const shown = new Set(CHECKS.flatMap((check) => checkRow(check).finds))
    expect(CAUSES.filter((cause) => !shown.has(cause))).toEqual(['control-board'])
    expect(CAUSES.every((cause) => Object.keys(causeRow(cause).shows).length > 0)).toBe(true)
  })
})

// The trade's own list of symptoms with their causes, likeliest first. common practice, no source
const ROWS: [Symptom, string, Cause[]][] = [
  [
    'birdnest',
    SOLID,
    [
      'tip-blocked',
      'tip-too-small',
      'liner-kinked',
      'liner-dirty',
      'liner-wrong',
      'pressure-high',
      'guide-gap',
      'guide-out-of-line',
    ],
  ],
  ['birdnest', SOFT, ['push-too-long']],
  [
    'rolls-slip',
    SOLID,
    [
      'tip-blocked',
      'tip-too-small',
      'liner-dirty',
      'rolls-wrong-groove',
      'rolls-wrong-profile',
      'pressure-low',
      'brake-tight',
      'turns-crossed',
      'wire-rusty',
    ],
  ],
  [
    'wire-flattened',
    SOLID,
    ['pressure-high', 'rolls-wrong-profile', 'rolls-wrong-groove', 'guide-out-of-line'],
  ],
  ['spool-runs-on', SOLID, ['brake-loose', 'pin-out']],
  [
    'erratic-arc',
    SOLID,
    [
      'liner-dirty',
      'liner-kinked',
      'tip-worn',
      'tip-too-large',
      'rolls-dirty-or-worn',
      'tip-loose',
      'work-clamp',
    ],
  ],
  ['stubbing', SOLID, ['speed-high', 'volts-low']],
  ['burnback', SOFT, ['speed-low', 'rolls-dirty-or-worn', 'volts-high', 'too-close']],
  ['spatter', GASLESS, ['polarity-wrong']],
  ['ropey', GASLESS, ['polarity-wrong']],
  [
    'porosity',
    SOLID,
    [
      'cylinder-shut',
      'cylinder-empty',
      'flow-low',
      'flow-high',
      'draught',
      'nozzle-blocked',
      'hose-leak',
      'o-ring',
      'gas-wrong',
      'metal-dirty',
    ],
  ],
  ['porosity', GASLESS, ['too-close', 'polarity-wrong']],
  ['worm-tracks', 'E71T-1M 1.2', ['volts-high', 'too-close', 'wire-damp']],
  ['ropey', SOLID, ['volts-low', 'supply-weak', 'work-clamp']],
  ['burn-through', SOLID, ['wire-thick-for-metal', 'volts-high', 'travel']],
  ['soot', SOFT, ['gun-angle', 'too-far', 'gas-wrong']],
  ['tip-life-short', SOLID, ['tip-too-small', 'tip-too-large', 'tip-loose', 'pressure-high', 'too-close']],
  ['breaker-trips', SOLID, ['supply-weak']],
]
it.each(ROWS)('%s with %s: what the trade suspects is weighed', (symptom, label, causes) => {
  const { causes: ranked } = ask({ machine: bare(label), symptoms: [symptom] })
  const weighed = ranked.filter((c) => c.chance > 0.004).map((c) => c.cause)
  expect(weighed).toEqual(expect.arrayContaining(causes))
})

describe('the first look', () => {
  it('differs with what is known, the symptom the same', () => {
    const machines: [string, TroubleRequest][] = [
      ['nothing known', { machine: bare(SOLID), symptoms: ['birdnest'] }],
      ['while threading', { machine: bare(SOLID), symptoms: ['birdnest'], at: 'threading' }],
      ['a coiled lead', { machine: bare(SOLID), symptoms: ['birdnest'], lead: 'coiled' }],
      [
        'a tip for thinner wire',
        { machine: bare(SOLID, { contactTip: { stamp: '0.8' } }), symptoms: ['birdnest'] },
      ],
      [
        'soft wire, a long gun',
        { machine: bare(SOFT, { gun: { kind: 'push', lengthM: 5 } }), symptoms: ['birdnest'] },
      ],
      [
        'rolls and guide read, and right',
        {
          machine: bare(SOLID, {
            driveRolls: { profile: 'smooth-v', grooves: ['0.9'], active: '0.9' },
            outletGuide: { material: 'steel', gapMm: 3 },
          }),
          symptoms: ['birdnest'],
        },
      ],
      ['a spool gun', { machine: bare(SOFT, { gun: { kind: 'spool-gun' } }), symptoms: ['birdnest'] }],
    ]
    const first = machines.map(([, request]) => {
      const { found, next } = ask(request)
      return found ? `found ${found.cause}` : next!.check
    })
    expect(new Set(first).size).toBeGreaterThanOrEqual(5)
    expect(first[3]).toBe('found tip-too-small')
    expect(first[4]).toBe('found push-too-long')
  })

  it('is by chance over minutes where looks know nothing of each other', () => {
    // Smith 1956: jobs by weight over time. Four looks at one place, one cause each.
    const { context, findings, known } = contextOf(bare(SOLID))
    const only: Cause[] = ['spool-wrong-side', 'wire-rusty', 'turns-crossed', 'pin-out']
    const looks: Check[] = ['spool-side', 'look-wire-rust', 'look-turns', 'spool-pin']
    const weights = Object.fromEntries(
      CAUSES.map((x) => [x, { ...known.weights[x], weight: only.includes(x) ? causeRow(x).weight : 0 }]),
    ) as typeof known.weights
    const small = { weights, checks: new Set(CHECKS.filter((x) => !looks.includes(x))) }
    const told: Told = { symptoms: ['feed-jerks'] }
    const chances = chancesOf(small, told)
    const best = looks
      .map((id) => ({ id, worth: chances.of[checkRow(id).finds[0]!] / checkRow(id).minutes }))
      .sort((a, b) => b.worth - a.worth)[0]!
    expect(nextCheck(small, told, chances, false)?.check).toBe(best.id)
    expect(findings.length).toBe(14)
    expect(context.wire.family).toBe('solid-steel')
  })
})

describe('reasoning', () => {
  it('never leads to gas with a wire that shields itself', () => {
    const { causes, notes } = ask({ machine: bare(GASLESS), symptoms: ['porosity'] })
    expect(causes.filter((c) => causeRow(c.cause).side === 'gas')).toEqual([])
    expect(notes.map((n) => n.note)).toContain('gasless-no-gas')
  })

  it('leads from stubbing and burnback at one setting to the feed', () => {
    const { causes, next } = ask({
      machine: bare(SOLID),
      symptoms: ['stubbing', 'burnback'],
      at: 'welding',
      setting: { voltageV: 18, wireSpeedMPerMin: 6 },
    })
    const feed = causes.filter((c) => causeRow(c.cause).side === 'feed').reduce((sum, c) => sum + c.chance, 0)
    expect(feed).toBeGreaterThan(0.6)
    expect(checkRow(next!.check).knob).toBeUndefined()
  })

  it('never cures a jerky feed with a knob, and blames no liner for a steady one', () => {
    const air = (outcome: Checked['outcome']) =>
      ask({ machine: bare(SOLID), symptoms: ['stubbing'], checks: [{ id: 'feed-into-air', outcome }] })
    const knobs = ['volts-low', 'volts-high', 'speed-low', 'speed-high']
    expect(air('here').causes.filter((c) => knobs.includes(c.cause))).toEqual([])
    const steady = air('not-here').causes
    expect(steady[0]!.cause).toMatch(/volts-low|speed-high/)
    expect(steady.find((c) => c.cause === 'liner-dirty')!.chance).toBeLessThan(0.05)
  })

  it('says a mismatch first, with the finding’s own sentence', () => {
    const { found } = ask({
      machine: bare(SOLID, { driveRolls: { profile: 'smooth-v', grooves: ['0.6', '0.8'], active: '0.6' } }),
      symptoms: ['rolls-slip', 'feed-jerks'],
    })
    expect(found).toMatchObject({ cause: 'rolls-wrong-groove', by: 'mismatch' })
    expect(found!.weight.finding!.finding.station).toBe('driveRolls')
  })

  it('says that no cylinder is connected, and asks nothing of one', () => {
    const machine = bare(SOLID, { gas: null })
    const { found, causes } = ask({ machine, symptoms: ['porosity'] })
    expect(found).toMatchObject({ cause: 'gas-wrong', by: 'mismatch' })
    expect(found!.weight.finding!.finding.rule).toBe('gas-missing')
    const gas = causes.filter((c) => causeRow(c.cause).side === 'gas' && c.cause !== 'gas-wrong')
    expect(gas).toEqual([])
    const c = prepareTrouble({
      machine,
      symptoms: ['porosity'],
      store: demoShop('2026-11-01T08:00:00Z').store,
    })
    const said = planCure((c as Extract<typeof c, { ok: true }>).value, 'gas-wrong', ['porosity'])!
    const tasks = said.steps.map((s) => s.task)
    for (const task of ['shutCylinder', 'regulatorOff'] as const) expect(tasks).not.toContain(task)
    expect(said.steps.map((s) => stepTitle(s, 'metric')).join(' ')).toMatch(/Chain the .* cylinder/)
  })

  it('takes what comes and goes as such: a look that missed it counts for less', () => {
    const told = (comesAndGoes: boolean) =>
      ask({
        machine: bare(SOLID),
        symptoms: ['feed-jerks'],
        comesAndGoes,
        checks: [{ id: 'blow-out-liner', outcome: 'not-here' }],
      })
    const chance = (goes: boolean) => told(goes).causes.find((c) => c.cause === 'liner-dirty')!.chance
    expect(chance(true)).toBeGreaterThan(3 * chance(false))
    expect(told(true).notes.map((n) => n.note)).toContain('comes-and-goes')
    // Answered both ways, it goes and comes.
    const both = ask({
      machine: bare(SOLID),
      symptoms: ['rolls-slip'],
      checks: [
        { id: 'feed-into-air', outcome: 'here' },
        { id: 'feed-into-air', outcome: 'not-here' },
      ],
    })
    expect(both.notes.map((n) => n.note)).toContain('comes-and-goes')
  })

  it('says so when two findings have no cause in common, and clears one first', () => {
    const checks: Checked[] = [
      { id: 'tip-tight', outcome: 'here' },
      { id: 'work-clamp', outcome: 'here' },
    ]
    expect(contradiction({ checks })).not.toBeNull()
    const { notes, found } = ask({ machine: bare(SOLID), symptoms: ['erratic-arc'], checks })
    expect(notes.map((n) => n.note)).toContain('two-faults')
    expect(found).not.toBeNull()
    const then = ask({ machine: bare(SOLID), symptoms: ['erratic-arc'], checks, cured: [found!.cause] })
    expect(then.found!.cause).toBe(found!.cause === 'tip-loose' ? 'work-clamp' : 'tip-loose')
  })

  it('names what is a technician’s, and says what it does not know', () => {
    const dead = course(bare(SOLID), { symptoms: ['motor-strains'] }, () => 'not-here')
    const { notes } = dead
    expect(dead.cause === 'feeder-motor' || notes.some((n) => n.note === 'do-not-know')).toBe(true)
    const clicks = course(bare(SOLID), { symptoms: ['no-click'] }, (check) =>
      check === 'click' || check === 'feed-into-air' ? 'here' : 'not-here',
    )
    expect(clicks.cause).toBe('gun-switch')
    expect(clicks.notes.map((n) => n.note)).toContain('technician')
  })

  it('lets the shop’s own finds weigh in from the third', () => {
    const chance = (count: number) =>
      ask({
        machine: bare(SOLID),
        symptoms: ['rolls-slip'],
        ...(count > 0 && { finds: [{ cause: 'turns-crossed' as const, count }] }),
      }).causes.find((c) => c.cause === 'turns-crossed')!.chance
    expect(chance(2)).toBeCloseTo(chance(0), 9)
    expect(chance(3)).toBeGreaterThan(chance(0))
    expect(chance(9)).toBeGreaterThan(chance(3))
  })

  it('reads the settings in use', () => {
    const low = (voltageV: number) =>
      ask({
        machine: bare(SOLID),
        job: { material: 'mild-steel', thicknessMm: 3 },
        symptoms: ['spatter'],
        setting: { voltageV, wireSpeedMPerMin: 6 },
      }).causes.find((c) => c.cause === 'volts-low')!.chance
    expect(low(13)).toBeGreaterThan(2 * low(24))
  })
})

it('finds symptoms by the words people use', () => {
  const first = (word: string) => findSymptoms(word)[0]
  expect(['birdnesting', 'popping', 'pinholes', 'sputter'].map(first)).toEqual([
    'birdnest',
    'erratic-arc',
    'porosity',
    'erratic-arc',
  ])
  expect(findSymptoms('zzz')).toEqual([])
})

/** Machines of the demo with some of their stations not read. */
function someMachine(random: () => number): Machine {
  const able = demoShop('2026-01-01T00:00:00Z').machines.filter((m) => m.fitted.wire)
  const machine = JSON.parse(JSON.stringify(able[Math.floor(random() * able.length)])) as Machine
  for (const key of Object.keys(machine.fitted) as (keyof Machine['fitted'])[])
    if (key !== 'wire' && random() < 0.5) delete machine.fitted[key]
  return machine
}

it('asks nothing that is known, given, or cannot be, and says when the machine goes on again', () => {
  const random = seeded(5)
  let named = 0
  const runs = times(15, 1000)
  for (let i = 0; i < runs; i++) {
    const machine = someMachine(random)
    const c = contextOf(machine)
    const patient = createPatient(c.context, c.known, i + 1)
    const told = { symptoms: patient.symptoms() as [Symptom] }
    expect(toldSchema.safeParse(told).success).toBe(true)
    const checks: Checked[] = []
    for (;;) {
      const answer = findFrom(c.context, c.findings, { ...told, checks })
      const sum = answer.causes.reduce((a, x) => a + x.chance, answer.other)
      expect(sum).toBeCloseTo(1, 9)
      if (!answer.next) {
        if (answer.found && patient.hidden.includes(answer.found.cause)) named++
        break
      }
      const { check, first, switchOn } = answer.next
      const { finds, first: needs } = checkRow(check)
      // Once more only what may have missed it, when all else is looked at; and it is said.
      const made = checks.filter((x) => x.id === check)
      expect(made.map((x) => x.outcome)).toEqual(answer.next.again ? ['not-here'] : [])
      expect(answer.known.checks.has(check)).toBe(false)
      if (!c.context.wire.gas.needed) expect(finds.every((f) => causeRow(f).side === 'gas')).toBe(false)
      if (machine.fitted.gun?.kind === 'push') expect(check).not.toBe('read-gun-rolls')
      const before = checks
        .filter((x) => x.outcome !== 'cannot' && checkRow(x.id).first.some((f) => f.startsWith('machine-')))
        .at(-1)
      const off = before && checkRow(before.id).first.includes('machine-off')
      if (off && needs.includes('machine-on')) expect(switchOn && first.includes('machine-on')).toBe(true)
      checks.push({ id: check, outcome: patient.look(check) })
    }
  }
  // The first cause named is mostly the right one.
  expect(named / runs).toBeGreaterThan(0.6)
})

const EXPECTED_OF = [
  ...['plugged', 'on', 'gunHot', 'gunOn', 'tipOn', 'nozzleOn', 'leadStraight', 'clampOff', 'armOpen', 'end'],
  ...['inGun', 'whole', 'regulatorOn', 'screwOut', 'chained', 'valveOpen', 'flowSet', 'pressureTested'],
  ...['brakeSet', 'trimmed', 'gathered', 'protected', 'ball', 'fed', 'gunRollsOpen'],
] as (keyof Stance & keyof Bench)[]
describe('a cure', () => {
  const { machines, store } = demoShop('2026-01-01T00:00:00Z')
  const able = machines.filter((m) => m.fitted.wire)
  const on = (machine: Machine, wire?: TroubleRequest['wire']) => {
    const c = prepareTrouble({ machine, ...(wire && { wire }), symptoms: ['birdnest'], store })
    if (!c.ok) throw new RangeError(JSON.stringify(c.problems))
    return c.value
  }

  it.each(able)('of any cause on $name holds its proof, knot or none', (machine) => {
    const c = on(machine)
    for (const cause of CAUSES)
      for (const symptoms of [[], ['birdnest']] as const) {
        const cure = planCure(c, cause, symptoms)
        // Only gas on a machine that has none on, and fixed cables, are no work here.
        if (cure === null) expect(cureRow(cause).work ?? 'none').toMatch(/none|polarity|cylinder|purge|flow/)
        expect(cure?.proof?.violations ?? []).toEqual([])
        if (cure && symptoms.length) expect(cure.steps.map((s) => s.task)).toContain('clearTangle')
      }
  })

  it('of any cause on any machine holds its proof', () => {
    let cures = 0
    for (let seed = 1; seed <= times(7, 600); seed++) {
      const { machine, wire } = otherSetup(seed) as unknown as TroubleRequest
      const read = troubleRequestSchema.safeParse({ machine, wire, symptoms: ['birdnest'] })
      const c = read.success ? prepareTrouble(read.data) : undefined
      if (!c?.ok) continue
      for (const cause of CAUSES)
        for (const symptoms of [[], ['birdnest']] as const) if (planCure(c.value, cause, symptoms)) cures++
    }
    expect(cures).toBeGreaterThan(times(350, 30_000))
  })

  // The two were written apart: the list goes by what it expects of a step, the proof by what the step does.
  it('expects of each of its steps what the step does', () => {
    let looked = 0
    // Each cause on one machine or two, on all of them in the long run.
    for (const [m, machine] of able.entries())
      for (const [i, cause] of CAUSES.entries()) {
        if ((m + i) % times(able.length, 1) !== 0) continue
        const cure = planCure(on(machine), cause, ['birdnest'])
        if (!cure) continue
        const { findings, context } = cure
        const by = new Map(findings.map((f) => [f.station, f as Finding]))
        let bench = cureStarts(cureRow(cause).work!, context)[0]!
        let stance: Stance = { ...bench, drum: context.fitted.spool?.type === 'drum' }
        for (const step of cure.steps) {
          bench = perform(step, bench, by, context)
          stance = afterTask(stance, step.task)
          for (const key of EXPECTED_OF) {
            expect([machine.id, cause, step.id, key, stance[key]]).toEqual([
              machine.id,
              cause,
              step.id,
              key,
              bench[key],
            ])
            looked++
          }
        }
      }
    expect(looked).toBeGreaterThan(times(2500, 10_000))
  })

  it('is broken off after any step, and leaves the machine safe and tagged', () => {
    let stops = 0
    for (const [m, machine] of able.slice(0, times(2, 4)).entries())
      for (const [i, cause] of CAUSES.entries()) {
        const cure = planCure(on(machine), cause, ['birdnest'])
        for (let at = (i + m) % 8; cure && at <= cure.steps.length; at += times(8, 1)) {
          // It is proved as it is made, or it throws.
          const { steps } = stopHere(
            cure,
            cure.steps.slice(0, at).map((s) => s.id),
          )
          expect(steps.at(-1)!.task).toBe('hangTag')
          stops++
        }
      }
    expect(stops).toBeGreaterThan(times(25, 400))
  })

  it('of a kinked liner isolates, takes the wire out, draws the liner, threads again and tests', () => {
    const tasks = planCure(on(able[0]!), 'liner-kinked')!.steps.map((s) => s.task)
    const order = [
      'switchOff',
      'takeOldWire',
      'cutOldWire',
      'pullOldWire',
      'gunOff',
      'linerOut',
      'linerIn',
      'gunBack',
      'threadNewWire',
      'feedThrough',
      'fitTip',
      'setPressure',
    ]
    expect(tasks.filter((t) => order.includes(t))).toEqual(order)
  })

  /** The change that the next two stop in the middle of. */
  const toAluminium = () => {
    const plan = planChangeover({
      machine: able[0]!,
      wire: { label: SOFT },
      job: { material: 'aluminium', thicknessMm: 4 },
      store,
    })
    if (!plan.ok) throw new RangeError('no plan')
    return plan.value
  }
  it('in the middle of a change doubts what was just fitted, and no part that is still to come', () => {
    const plan = toAluminium()
    const ids = plan.steps.map((s) => s.id)
    const asked = (at: number) => {
      const stood = machineInRun({ plan, done: ids.slice(0, at) })
      const wire = { label: SOFT }
      const looks = (checks: Checked[]): Check[] => {
        const found = findTrouble({ machine: stood, wire, symptoms: ['feed-stops'], checks })
        if (!found.ok) throw new RangeError('no answer')
        const next = found.value.found ? undefined : found.value.next?.check
        return next ? [next, ...looks([...checks, { id: next, outcome: 'not-here' }])] : []
      }
      return looks([])
    }
    const rolls = plan.steps.findIndex((s) => s.station === 'driveRolls')
    // What is written down is doubted late, what was just put in early.
    const late = (at: number, check: Check) => asked(at).indexOf(check) + 1 || Infinity
    expect(late(rolls + 1, 'read-roll-groove')).toBeLessThan(late(rolls, 'read-roll-groove'))
    expect(late(rolls + 1, 'read-roll-groove')).toBeLessThan(late(rolls + 1, 'read-tip-stamp'))
  })

  it('in the middle of a change leads back to how it stood, after any of its steps', () => {
    const plan = toAluminium()
    const c = on(able[0]!, { label: SOFT })
    let cures = 0
    plan.steps.forEach((_, k) => {
      const done = plan.steps.slice(0, k + 1).map((s) => s.id)
      for (const cause of [
        'liner-kinked',
        'tip-blocked',
        'pressure-high',
        'polarity-wrong',
        'o-ring',
      ] as const) {
        const cure = planCure(c, cause, ['birdnest'], { plan, done })
        expect(cure?.proof?.violations ?? []).toEqual([])
        if (cure) cures++
      }
    })
    expect(cures).toBeGreaterThan(20)
  })
})

describe('looks', () => {
  const told = (checks: Checked[]): Told => ({ symptoms: ['porosity', 'feed-jerks'], checks })
  const { known } = contextOf(bare('E71T-1M 1.2'))
  const WAYS = CHECKS.flatMap((check) =>
    Object.entries(checkRow(check).ways ?? {}).map(([way, causes]) => [check, way, causes] as const),
  )
  test.each(WAYS)(
    '%s %s speaks for its own causes, and more than the other way does',
    (check, way, causes) => {
      const after = (outcome: string) =>
        chancesOf(known, told([{ id: check, outcome: outcome as 'here' }])).of
      const others = Object.entries(checkRow(check).ways!).filter(
        ([other, of]) => other !== way && !of.some((c) => causes.includes(c)),
      )
      for (const cause of causes) {
        if (known.weights[cause].weight === 0) continue
        expect(after(way)[cause]).toBeGreaterThan(chancesOf(known, told([])).of[cause])
        for (const [other] of others) expect(after(way)[cause]).toBeGreaterThan(3 * after(other)[cause])
      }
    },
  )
  test.each([
    [{ id: 'tip-distance', outcome: 'slips' }, false],
    [{ id: 'tip-distance', outcome: 'too-near' }, true],
    [{ id: 'wire-end', outcome: 'too-near' }, false],
    [{ id: 'wire-end', outcome: 'here' }, true],
  ])('%j is an answer: %s', (checked, good) =>
    expect(toldSchema.safeParse({ symptoms: ['porosity'], checks: [checked] }).success).toBe(good),
  )
  // published: ANSI Z49.1, in the rules of the trade; recalled from memory
  test.each(CHECKS)('%s keeps hands from what turns, burns and is live', (check) => {
    const { hazards, first } = checkRow(check)
    const live = hazards.includes('live-wire') || hazards.includes('feeding-wire')
    if (live) expect(first).toContain('clamp-off')
    // Gas is let out with the rolls released: no wire runs.
    if (hazards.includes('gas-in-closed-space') && live) expect(first).toContain('arm-open')
    if (hazards.includes('hot-parts')) expect(first).toContain('cooled')
    if (hazards.includes('hot-parts') && !live) expect(first).toContain('machine-off')
    if (hazards.includes('machine-off')) expect(first).toContain('machine-off')
    if (hazards.includes('arc')) expect(first).not.toContain('clamp-off')
  })
  test('whatever looks came before, an arc is struck with everything back', () => {
    const d = seeded(29)
    const of = <T>(list: readonly T[]) => list[Math.floor(d() * list.length)]!
    for (let n = 0; n < times(400, 20_000); n++) {
      const checks = Array.from({ length: 1 + Math.floor(d() * 6) }, () => ({
        id: of(CHECKS),
        outcome: 'not-here' as const,
      }))
      const next = of(CHECKS)
      const undone = undoneBy({ checks })
      const back = putBackBefore({ checks }, next)
      const { hazards, undoes = [] } = checkRow(next)
      const left = undone.filter((part) => !back.includes(part))
      if (hazards.includes('arc')) expect(left).toEqual([])
      if (hazards.includes('feeding-wire'))
        expect(left.filter((part) => ['gun', 'wire', 'plug'].includes(part))).toEqual([])
      expect(undoneBy({ checks: [...checks, { id: next, outcome: 'here' }] })).toEqual(
        expect.arrayContaining([...undoes]),
      )
    }
  })
})

/** Patients by mechanics answer; what the finder may never do, whoever is right. */
test('on patients by another truth: nothing named unseen, nothing just cleared, nothing impossible asked', () => {
  const looked = { named: 0, of: 0 }
  for (let seed = 1; seed <= times(25, 2000); seed++) {
    const label = [SOLID, GASLESS, SOFT, 'E71T-1M 1.2'][seed % 4]!
    const threading = seed % 7 === 0
    const { context, findings } = contextOf(bare(label))
    const line = {
      soft: label === SOFT,
      tubular: label.startsWith('E71'),
      gasless: label === GASLESS,
      gun: 'push' as const,
      threading,
    }
    const patient = mechanicalPatient(line, seed * 31, { wrongPercent: seed % 3 === 0 ? 5 : 0 })
    const symptoms = patient?.symptoms() as Symptom[] | undefined
    if (!patient || !symptoms?.length) continue
    looked.of++
    const checks: Checked[] = []
    const cured: Cause[] = []
    for (let step = 0; step < 80; step++) {
      const { found, next } = findFrom(context, findings, {
        symptoms,
        ...(threading && { at: 'threading' as const }),
        checks,
        cured,
      })
      if (found) {
        const on = checks.filter(
          ({ id, outcome }) => outcome !== 'cannot' && checkRow(id).finds.includes(found.cause),
        )
        const seen = on.some(
          ({ id, outcome }) => showsIt(outcome) && pointsTo(id, outcome).includes(found.cause),
        )
        const cheap = cureRow(found.cause).minutes <= 16 || cureRow(found.cause).kind === 'technician'
        expect([found.cause, seen || found.by === 'mismatch' || cheap]).toEqual([found.cause, true])
        const last = on
          .filter(({ id, outcome }) => showsIt(outcome) || !checkRow(id).partly?.includes(found.cause))
          .at(-1)
        if (last && !seen) throw new RangeError(`${found.cause} was just cleared by ${last.id}`)
        cured.push(found.cause)
        patient.cure(found.cause)
        if (patient.well) looked.named++
        if (patient.well) break
        continue
      }
      if (!next) break
      if (threading) expect(checkRow(next.check).hazards).not.toContain('arc')
      expect(checks.filter(({ id }) => id === next.check).length).toBeLessThan(2)
      const shown = patient.look(next.check) as Checked['outcome']
      checks.push({ id: next.check, outcome: outcomesOf(next.check).includes(shown) ? shown : 'here' })
    }
  }
  expect(looked.named / looked.of).toBeGreaterThan(0.8)
})

// How people say it. common practice, no source
test.each<[string, Symptom]>([
  ['burn through', 'burn-through'],
  ['porous', 'porosity'],
  ['pinholes', 'porosity'],
  ['popping', 'porosity'],
  ['spatters', 'spatter'],
  ['wandering', 'uneven-width'],
  ['stutter', 'feed-jerks'],
  ['machine-gun', 'stubbing'],
  ['no arc', 'weak-arc'],
  ['sticks', 'burnback'],
  ['worm holes', 'worm-tracks'],
  ['black soot', 'soot'],
  ['crackle', 'erratic-arc'],
  ['birds nest', 'birdnest'],
  ['bird’s nest', 'birdnest'],
  ['whiskers', 'birdnest'],
  ['undercut', 'undercut'],
  ['overheats', 'cuts-out'],
  ['slag inclusion', 'slag-in-weld'],
  ['crater crack', 'crater'],
])('“%s” finds %s', (typed, symptom) => expect(findSymptoms(typed)).toContain(symptom))

test('a slip of the finger finds what the word finds', () => {
  for (const symptom of SYMPTOMS) {
    const [word] = SYMPTOM_WORDS[symptom].name
      .toLowerCase()
      .match(/\p{L}{8,}/gu)
      ?.sort((a, b) => b.length - a.length) ?? ['']
    if (!word) continue
    const at = 2 + (word.charCodeAt(1) % (word.length - 3))
    const slips = [
      word.slice(0, at) + word.slice(at + 1),
      word.slice(0, at) + word[at] + word.slice(at),
      word.slice(0, at) + word[at + 1] + word[at] + word.slice(at + 2),
    ]
    for (const slip of slips)
      expect([slip, findSymptoms(slip)]).toEqual([slip, expect.arrayContaining([symptom])])
  }
})

// 4140 hardens in air and cracks under a mild steel wire without preheat: handbooks of its welding, recalled from memory.
// common practice, no source: a part that is written down as wrong is no reason for a sign it cannot give.
test.each(demoShop('2026-01-01T00:00:00Z').machines.filter((m) => m.fitted.wire))(
  'what is written down as wrong on $name is named unseen only where it shows what is said',
  (machine) => {
    const spoiled = {
      ...machine,
      fitted: { ...machine.fitted, contactTip: { stamp: '0.6', condition: 'worn' as const } },
    }
    for (const s of SYMPTOMS) {
      const { found } = ask({ machine: spoiled, symptoms: [s] })
      if (found)
        expect([s, found.cause, Object.keys(causeRow(found.cause).shows)]).toEqual([
          s,
          found.cause,
          expect.arrayContaining([s]),
        ])
    }
  },
)
test('what is welded counts by its grade: a hardenable steel that cracks is the metal, mild steel is not at once', () => {
  const asked = (alloy: string) =>
    ask({
      machine: bare(SOLID),
      job: { material: 'low-alloy-steel', thicknessMm: 12, alloy },
      symptoms: ['crack'],
    })
  const hard = asked('4140')
  expect(hard.causes[0]).toMatchObject({ cause: 'base-metal', because: 'mismatch' })
  const mild = ask({
    machine: bare(SOLID),
    job: { material: 'mild-steel', thicknessMm: 6, alloy: 'A36' },
    symptoms: ['crack'],
  })
  expect(mild.causes.find((c) => c.cause === 'base-metal')!.because).not.toBe('mismatch')
  expect(hard.causes[0]!.chance).toBeGreaterThan(mild.causes.find((c) => c.cause === 'base-metal')!.chance)
})
