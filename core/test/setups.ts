import fc from 'fast-check'
import {
  catalogueLabels,
  CONDITIONS,
  FAMILIES,
  GROOVE_PROFILES,
  GUIDE_MATERIALS,
  LINER_MATERIALS,
  MATERIALS,
  SCHOOL_IDS,
  schoolOptions,
  SPOOL_TYPES,
  UPKEEP,
} from '../src/index.ts'
import { demoShop } from '../src/demo/saltbarrow.ts'

const shop = demoShop()
const labels = catalogueLabels()
const of = <T>(values: readonly T[]) => fc.constantFrom(...values)
/** Seen, looked and nothing there, or not looked at. */
const seen = <T>(value: fc.Arbitrary<T>) =>
  fc.oneof(
    { weight: 5, arbitrary: value },
    { weight: 1, arbitrary: fc.constant(null) },
    { weight: 1, arbitrary: fc.constant(undefined) },
  )
const condition = fc.option(of(CONDITIONS), { nil: undefined, freq: 2 })
const stamp = of(['0.6', '.030', '0.8', '.035', '0.9', '1.0', '1.2', '1/16', '.030/.035', '2.4'])
const guide = fc.record({
  material: of(GUIDE_MATERIALS),
  gapMm: fc.option(of([0, 2, 4, 25]), { nil: undefined }),
  condition,
})
const rolls = fc
  .record({
    profile: of(GROOVE_PROFILES),
    grooves: fc.array(stamp, { minLength: 1, maxLength: 2 }),
    at: fc.option(fc.nat(1), { nil: undefined }),
    condition,
  })
  .map(({ at, ...r }) => ({ ...r, active: at === undefined ? undefined : (r.grooves[at] ?? r.grooves[0]) }))
const liner = fc.record({
  material: of(LINER_MATERIALS),
  minMm: of([0.6, 0.8, 1.0]),
  maxMm: of([1.0, 1.2, 1.6, 2.4]),
  lengthM: fc.option(of([2.5, 3, 8]), { nil: undefined }),
  condition,
})
const fitted = fc.record({
  wire: seen(fc.record({ label: of(labels).map(({ label }) => label), condition })),
  spool: seen(
    fc.record({
      type: of(SPOOL_TYPES),
      pinEngaged: fc.boolean(),
      leaves: of(['top', 'bottom']),
      adapter: fc.boolean(),
    }),
  ),
  hubBrake: seen(of(['set', 'loose', 'tight'])),
  inletGuide: seen(guide),
  outletGuide: seen(guide),
  driveRolls: seen(rolls),
  rollPressure: seen(fc.record({ mark: of([1, 4]) })),
  liner: seen(liner),
  gun: seen(
    fc.record({
      kind: of(['push', 'push-pull', 'spool-gun']),
      lengthM: fc.option(of([2.5, 3, 8]), { nil: undefined }),
      rolls: seen(rolls),
      innerLiner: seen(liner),
      oRing: condition,
      condition,
    }),
  ),
  contactTip: seen(
    fc.record({ stamp, aluminiumBore: fc.option(fc.boolean(), { nil: undefined }), condition }),
  ),
  nozzle: seen(
    fc.record({
      kind: of(['gas', 'gasless-cap', 'none']),
      boreMm: fc.option(of([12.7, 16, 19]), { nil: undefined }),
      condition,
    }),
  ),
  polarity: seen(of(['DCEP', 'DCEN'])),
  gas: seen(
    of<object>([
      { Ar: 100 },
      { CO2: 100 },
      { Ar: 80, CO2: 20 },
      { Ar: 82, CO2: 18 },
      { Ar: 92, CO2: 8 },
      { Ar: 98, O2: 2 },
    ]),
  ),
  gasFlowLPerMin: seen(of([0, 9, 16, 35])),
  conditions: fc.option(
    fc.record({
      studs: of(['tight', 'loose']),
      earthPin: of(['present', 'missing']),
      workClamp: condition,
      birdnest: of([false, false, true]),
    }),
    { nil: undefined },
  ),
})
const practice = fc.record({
  ...(Object.fromEntries(SCHOOL_IDS.map((school) => [school, of(schoolOptions(school))])) as Record<
    (typeof SCHOOL_IDS)[number],
    fc.Arbitrary<string>
  >),
  people: fc.oneof({ weight: 60, arbitrary: fc.constant(1) }, { weight: 1, arbitrary: fc.constant(2) }),
})
const wire = fc.oneof(
  { weight: 6, arbitrary: fc.record({ label: of(labels).map(({ label }) => label), condition }) },
  {
    weight: 1,
    arbitrary: fc.record({
      family: of(FAMILIES),
      diameterMm: of([0.8, 0.9, 1.2]),
      polarity: fc.constant(['DCEP']),
    }),
  },
)
/** Any setup, any wire, any way of working: what the planner must answer without fail. */
export const requests = fc
  .record({
    machine: fc
      .record({
        base: of(shop.machines),
        fitted,
        polarityChange: seen(of(['studs', 'plugs', 'switch', 'fixed'])),
        unsaid: fc.subarray([
          'supply',
          'output',
          'spools',
          'wireEntry',
          'gasGear',
          'hubLocator',
          'scale',
          'rollPairs',
          'workingGroove',
        ] as const),
      })
      .map(({ base, fitted, polarityChange, unsaid }) => ({
        ...Object.fromEntries(Object.entries(base).filter(([key]) => !unsaid.some((u) => u === key))),
        polarityChange: polarityChange ?? undefined,
        fitted,
      })),
    wire,
    fitMetal: of([true, true, true, true, false]),
    job: fc.record({
      material: of(MATERIALS),
      thicknessMm: of([0.8, 4, 12]),
      draughtMPerS: of([0, 0, 0, 5]),
    }),
    store: fc.option(fc.constant(shop.store), { nil: undefined }),
    practice,
    upkeep: fc.subarray([...UPKEEP]),
  })
  // Mostly a metal the wire is for: what is refused for its metal says nothing of the rest.
  .map(({ fitMetal, ...request }) => {
    const label = 'label' in request.wire ? request.wire.label : undefined
    const metal = labels.find((l) => l.label === label)?.metal
    return { ...request, job: { ...request.job, ...(fitMetal && metal && { material: metal }) } }
  })
