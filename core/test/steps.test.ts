import { changeoverAnswer, cautions, judgeWire, metalsOf } from '../src/index.ts'
import { formatAbout } from '../src/units/format.ts'
import { plan, sizedWire } from './bench.ts'

const answer = (ask: Parameters<typeof plan>[0]) => changeoverAnswer(plan(ask))
const text = (ask: Parameters<typeof plan>[0], task: string) =>
  answer(ask)
    .steps.filter((s) => s.task === task)
    .map((s) => s.text)
    .join(' | ')
const order = (ask: Parameters<typeof plan>[0], ...asked: string[]) => {
  const ids = answer(ask).steps.map((s) => s.id)
  return asked.map((id) => ids.indexOf(id))
}
const rising = (places: number[]) => places.every((at, i) => at >= 0 && (i === 0 || at > places[i - 1]!))

// Each a sentence of the trade; common practice unless a source is named, recalled from memory.
describe('the steps, as they are done', () => {
  test('the curl is cut off before the arc (H)', () =>
    expect(rising(order({}, 'setPressure', 'trimWire', 'testWeld'))).toBe(true))
  test('what burns is cleared before the arc and watched after: NFPA 51B, OSHA 1910.252 (H)', () => {
    expect(rising(order({}, 'hotWork', 'testWeld', 'fireWatch'))).toBe(true)
    expect(text({}, 'hotWork')).toMatch(/11 m.*extinguisher.*permit/)
    expect(text({}, 'fireWatch')).toMatch(/60 min.*30 min at least/)
    expect(answer({}).tools).toContain('fire extinguisher')
  })
  test('a cylinder comes off: valve shut, gauges drained, screw out, then loosened (H)', () => {
    expect(rising(order({}, 'shutCylinder', 'switchOff', 'regulatorOff'))).toBe(true)
    expect(text({}, 'shutCylinder')).toMatch(/shut its valve, drain both gauges.*screw out/)
    expect(text({}, 'regulatorOff')).toMatch(/zero.*screw out.*loosen/)
  })
  test('a cylinder goes on: screw out before the valve, aside, slowly, then screw in; leaks looked for under pressure (H)', () => {
    expect(rising(order({}, 'regulatorOn', 'openCylinder', 'leakCheck', 'purgeGas', 'setFlow'))).toBe(true)
    expect(text({}, 'openCylinder')).toMatch(/^Screw out\. Stand aside.*slowly; then turn the screw in/)
    expect(text({}, 'leakCheck')).toMatch(/screw in and the solenoid shut/)
    const purge = answer({}).steps.find((s) => s.task === 'purgeGas')!
    expect(purge.hazards.join(' ')).toMatch(/displace air: ventilate/)
  })
  test('a cored wire is not held fast in the pressure test: it would be crushed (M)', () => {
    expect(text({ label: 'E71T-11 .035' }, 'setPressure')).not.toMatch(/must not slip/)
    expect(text({ label: 'E71T-11 .035' }, 'setPressure')).toMatch(/tube/)
    expect(text({ label: 'ER70S-6 0.9' }, 'setPressure')).toMatch(/must not slip/)
  })
  test.each([
    ['ER70S-6 0.9', 'Push'],
    ['E71T-11 .035', 'Drag'],
    ['E71T-1M 1.2', 'Drag'],
    ['ER5356 1.2', 'Push'],
  ])('the test weld with %s: %s, with its angle, distance and way (H)', (label, hand) =>
    expect(text({ label, job: { position: 'vertical-up' } }, 'testWeld')).toMatch(
      new RegExp(`${hand} the gun, leaning 10–15°, the tip (about \\d+ mm|as far off).*upwards`),
    ),
  )
  test('ozone at aluminium, chromium at stainless, zinc at galvanised (H)', () => {
    const hazards = (ask: Parameters<typeof plan>[0]) =>
      answer(ask)
        .steps.find((s) => s.task === 'testWeld')!
        .hazards.join(' ')
    expect(hazards({})).toMatch(/ozone/)
    expect(hazards({ label: 'ER308LSi 0.9', job: { material: 'stainless-steel' } })).toMatch(/chromium/)
    expect(hazards({ label: 'ERCuSi-A 0.8', job: { material: 'galvanised-steel' } })).toMatch(/Zinc/)
  })
  test.each([
    [6, undefined, false],
    [12, undefined, false],
    [20, undefined, true],
    [5, 'cast', true],
  ])('aluminium of %d mm, %s: preheated %s (M)', (thicknessMm, alloy, preheated) =>
    expect(text({ job: { thicknessMm, alloy } }, 'preheat') !== '').toBe(preheated),
  )
  test('at most 120 °C, and more than 3 % magnesium is not held between 65 and 200 °C (M)', () => {
    expect(text({ job: { thicknessMm: 20 } }, 'preheat')).toMatch(/at most 120 °C.*65 and 200 °C/)
    expect(text({ label: 'ER4043 1.2', job: { thicknessMm: 20 } }, 'preheat')).not.toMatch(/65/)
    expect(answer({ job: { thicknessMm: 20 } }).tools).toContain('thermometer or temperature crayon')
  })
  test.each([
    ['P22', /200 °C/],
    ['S690QL', /75 °C/],
  ])('%s of 12 mm is preheated by its row (M)', (alloy, said) =>
    expect(
      text({ label: 'ER70S-6 1.2', job: { material: 'low-alloy-steel', thicknessMm: 12, alloy } }, 'preheat'),
    ).toMatch(said),
  )
  test('zinc stays on where it is brazed, and goes where it is welded (H)', () => {
    const coupon = (label: string) =>
      text({ label, job: { material: 'galvanised-steel', thicknessMm: 1 } }, 'cleanCoupon')
    expect(coupon('ERCuSi-A 0.8')).toMatch(/leave the zinc on/)
    expect(coupon('ER70S-6 0.8')).toMatch(/Grind the zinc off/)
  })
  test('a stainless brush and a degreaser are gathered for aluminium (H)', () => {
    const { tools } = answer({})
    expect(tools).toEqual(expect.arrayContaining(['stainless brush kept for this metal']))
    expect(tools.join()).toMatch(/degreaser without chlorine/)
  })
  test('a long extension asks for an insulated guide, unless the gun has one (M)', () => {
    const said = (stickOutGuideMm?: number) =>
      cautions(
        plan({
          on: 'dunlin',
          label: 'E70T-4 3/32',
          fitted: { gun: { kind: 'push', lengthM: 4, stickOutGuideMm } },
          job: { thicknessMm: 20 },
        }).context,
      ).map((c) => c.rule)
    expect(said()).toContain('insulated-guide-wanted')
    expect(said(60)).not.toContain('insulated-guide-wanted')
    const job = { thicknessMm: 20 }
    expect(text({ on: 'dunlin', label: 'E70T-4 3/32', job }, 'fitNozzle')).toMatch(/insulated guide/)
    expect(text({ on: 'dunlin', label: 'E71T-11 5/64', job: { thicknessMm: 8 } }, 'fitNozzle')).not.toMatch(
      /insulated/,
    )
  })
  test('a gun rated below the start is said to be (M)', () => {
    const { context } = plan({
      on: 'dunlin',
      label: 'E71T-1M 1.6',
      fitted: { gun: { kind: 'push', lengthM: 3, ratingA: 150, cooling: 'air' } },
      job: { thicknessMm: 20 },
    })
    expect(cautions(context).map((c) => c.rule)).toContain('gun-rating-low')
  })
})

// common practice, no source: a welder's inch is cut in eighths.
test.each([
  [12, '1/2 in'],
  [19, '3/4 in'],
  [16, '5/8 in'],
  [68, '2 5/8 in'],
  [25.4, '1 in'],
])('%d mm by eye is %s', (mm, inches) => expect(formatAbout(mm, 'inch')).toBe(inches))

// published: Aluminum Association filler chart, AWS D1.6, recalled from memory.
describe('the wire against its parent metal', () => {
  test.each([
    ['ER4043 1.2', '5083', 'aluminium', 'brittle-silicide'],
    ['ER5183 1.2', '5083', 'aluminium', undefined],
    ['ER4043 1.2', '6061', 'aluminium', undefined],
    ['ER5356 1.2', '6061', 'aluminium', undefined],
    ['ER5356 1.2', 'cast A356', 'aluminium', 'brittle-magnesium'],
    ['ER308LSi 0.9', '316L', 'stainless-steel', 'rusts-first'],
    ['ER316LSi 0.9', '304', 'stainless-steel', undefined],
    ['ER308L 0.9', '2205', 'stainless-steel', 'weaker-and-rusts'],
    ['ER70S-6 1.2', 'S690', 'low-alloy-steel', 'too-weak-unsaid'],
    ['ER110S-1 1.2', 'S690', 'low-alloy-steel', undefined],
    ['ER70S-6 1.2', 'P22', 'low-alloy-steel', 'another-chromium'],
    ['ER80S-B2 1.2', 'P11', 'low-alloy-steel', undefined],
  ] as const)('%s on %s: %s', (label, alloy, material, why) => {
    const verdict = judgeWire(sizedWire(label), metalsOf({ material, alloy }).joint!)!
    expect(verdict.is === 'never' ? verdict.why : undefined).toBe(why)
  })
  test.each([
    ['ER308L 0.9', /309L or 18 8 Mn/],
    ['ER309LSi 0.9', /joins stainless to carbon steel/],
    ['G 18 8 Mn 1.0', /joins stainless to carbon steel/],
  ])('%s on carbon steel is said (H)', (label, words) =>
    expect(answer({ label, job: { material: 'mild-steel' } }).notes.join(' ')).toMatch(words),
  )
})
