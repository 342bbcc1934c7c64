/**
 * Setups drawn straight from the words of the contract: continuous sizes, stores of their own, gaps anywhere. Shares
 * nothing with `setups.ts`, which begins from the demo shop.
 */

/** Small steady random numbers: the same seed, the same setups. */
export function dice(seed: number) {
  let state = (seed * 2_654_435_761) >>> 0 || 1
  const roll = () => {
    state ^= state << 13
    state >>>= 0
    state ^= state >>> 17
    state ^= state << 5
    state >>>= 0
    return state / 4_294_967_296
  }
  for (let i = 0; i < 8; i++) roll()
  const die = {
    roll,
    below: (n: number) => Math.floor(roll() * n),
    chance: (share: number) => roll() < share,
    of: <T>(values: readonly T[]): T => values[Math.floor(roll() * values.length)]!,
    between: (low: number, high: number, places = 2) =>
      Math.round((low + roll() * (high - low)) * 10 ** places) / 10 ** places,
  }
  return die
}
export type Dice = ReturnType<typeof dice>

/** Labels as boxes print them, with the metal they are made for. */
const BOXES: readonly (readonly [string, string])[] = [
  ['ER70S-6 0.8 mm 5 kg', 'mild-steel'],
  ['ER70S-3 .035 33 lb', 'galvanised-steel'],
  ['G 42 4 M21 3Si1 1.0 mm 15 kg', 'mild-steel'],
  ['ER80S-D2 .045', 'low-alloy-steel'],
  ['ER308LSi 0.9', 'stainless-steel'],
  ['flux core .035', 'mild-steel'],
  ['dual shield .045', 'mild-steel'],
  ['ER70S-6 1.2 250 kg', 'mild-steel'],
  ['T 46 4 M M21 3 H5 1.2', 'mild-steel'],
  ['E71T-5C 1.2', 'mild-steel'],
  ['G 19 12 3 L Si 1.0', 'stainless-steel'],
  ['E70C-6M .052', 'mild-steel'],
  ['E71T-11 .030 2 lb', 'mild-steel'],
  ['E71T-GS .030', 'galvanised-steel'],
  ['E71T-8 5/64', 'mild-steel'],
  ['E70T-4 3/32', 'mild-steel'],
  ['E308LT0-3 .045', 'stainless-steel'],
  ['E71T-1C .045', 'mild-steel'],
  ['E71T-1M/-9M 1/16 33 lb', 'mild-steel'],
  ['T 46 4 P M21 1 H5 1.2 mm 16 kg', 'low-alloy-steel'],
  ['E308LT1-4 1.2', 'stainless-steel'],
  ['ER4043 1.0 mm 7 kg', 'aluminium'],
  ['ER5356 3/64 1 lb', 'aluminium'],
  ['ER5183 1.6', 'aluminium'],
  ['ERCuSi-A .035', 'copper-alloy'],
]
const FAMILIES = [
  'solid-steel',
  'solid-stainless',
  'metal-cored',
  'flux-cored-self-shielded',
  'flux-cored-gas-shielded',
  'aluminium',
  'silicon-bronze',
] as const
const METAL: Readonly<Record<(typeof FAMILIES)[number], string>> = {
  'solid-steel': 'mild-steel',
  'solid-stainless': 'stainless-steel',
  'metal-cored': 'mild-steel',
  'flux-cored-self-shielded': 'mild-steel',
  'flux-cored-gas-shielded': 'mild-steel',
  aluminium: 'aluminium',
  'silicon-bronze': 'galvanised-steel',
}
const SIZES = [0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.6, 2.0, 2.4] as const
const STAMPS = [
  '.023',
  '.030',
  '.035',
  '.040',
  '.045',
  '.052',
  '1/16',
  '0.8',
  '1.0',
  '1.2',
  '.030/.035',
] as const
const SPOOLS = ['S100', 'S200', 'S300', 'B300', 'BS300', 'drum'] as const
const CONDITIONS = ['new', 'good', 'worn', 'dirty', 'kinked', 'damaged'] as const
const PROFILES = ['smooth-v', 'smooth-u', 'knurled-v'] as const
const LINERS = ['steel-coil', 'ptfe', 'nylon', 'graphite-polymer'] as const
const GUNS = ['push', 'push-pull', 'spool-gun'] as const

type Draw = Record<string, unknown>

const mixture = (d: Dice): Draw => {
  const other = d.of(['CO2', 'CO2', 'O2', 'He'])
  const share = d.chance(0.3) ? d.of([0, 2, 18, 25, 100]) : d.between(0.5, 60, 1)
  if (share === 0) return { Ar: 100 }
  if (share >= 100) return { CO2: 100 }
  return { Ar: Math.round((100 - share) * 10) / 10, [other]: share }
}
const condition = (d: Dice): Draw => (d.chance(0.3) ? { condition: d.of(CONDITIONS) } : {})
const guide = (d: Dice): Draw => ({
  material: d.of(['steel', 'polymer']),
  ...(d.chance(0.6) && { gapMm: d.between(0, 40, 1) }),
  ...condition(d),
})
const rolls = (d: Dice): Draw => {
  if (d.chance(0.15)) {
    const own = Array.from({ length: 2 }, () => ({
      size: d.of(STAMPS),
      profile: d.of(PROFILES),
      ...condition(d),
    }))
    const { size, profile } = d.of(own)
    return { grooves: own, ...(d.chance(0.7) && { active: { size, profile } }), ...condition(d) }
  }
  const grooves = Array.from({ length: 1 + d.below(4) }, () => d.of(STAMPS))
  return {
    profile: d.of(PROFILES),
    grooves,
    ...(d.chance(0.7) && { active: d.of(grooves) }),
    ...condition(d),
  }
}
const liner = (d: Dice): Draw => {
  const [a, b] = [d.between(0.5, 2.4, 1), d.between(0.5, 2.8, 1)]
  return {
    material: d.of(LINERS),
    minMm: Math.min(a, b),
    maxMm: Math.max(a, b),
    ...(d.chance(0.6) && { lengthM: d.between(1, 12) }),
    ...condition(d),
  }
}
/** Seen, nothing there, or not looked at. */
const seen = (d: Dice, key: string, draw: () => unknown, none = 0.12, unread = 0.18): Draw => {
  const r = d.roll()
  return r < unread ? {} : { [key]: r < unread + none ? null : draw() }
}
const gun = (d: Dice): Draw => ({
  kind: d.of(GUNS),
  ...(d.chance(0.7) && { lengthM: d.between(1, 12) }),
  ...seen(d, 'rolls', () => rolls(d)),
  ...seen(d, 'innerLiner', () => liner(d)),
  ...(d.chance(0.4) && { oRing: d.of(CONDITIONS) }),
  ...(d.chance(0.4) && { linerTrim: d.of(['collet', 'gun-end', 'long']) }),
  ...condition(d),
})

function wire(d: Dice): { input: Draw; metal: string } {
  if (d.chance(0.7)) {
    const [label, metal] = d.of(BOXES)
    return {
      input: {
        label,
        ...condition(d),
        ...(d.chance(0.2) && { spool: { type: d.of(SPOOLS), massKg: d.between(0.3, 20, 1) } }),
      },
      metal,
    }
  }
  const family = d.of(FAMILIES)
  return {
    input: {
      family,
      diameterMm: d.of(SIZES),
      ...(d.chance(0.8) && { polarity: d.of(['DCEP', 'DCEN', ['DCEP', 'DCEN']]) }),
      ...(d.chance(0.4) && { gas: d.of([{ needed: false }, ['M21'], ['C1', 'M21'], ['I1'], null]) }),
    },
    metal: METAL[family],
  }
}

function part(d: Dice): Draw {
  const stock = {
    ...(d.chance(0.8) && { count: d.below(4) }),
    ...(d.chance(0.3) && { id: `p${d.below(1000)}` }),
    ...(d.chance(0.3) && { drawer: d.of(['1', 'rack B', 'under the bench']) }),
  }
  const { kind: type, ...whole } = gun(d)
  return d.of<() => Draw>([
    () => ({ kind: d.of(['inletGuide', 'outletGuide']), ...guide(d), ...stock }),
    () => ({ kind: 'driveRolls', ...rolls(d), ...stock }),
    () => ({ kind: 'driveRolls', ...rolls(d), ...stock }),
    () => ({ kind: 'liner', ...liner(d), ...stock }),
    () => ({ kind: 'liner', ...liner(d), ...stock }),
    () => ({ ...whole, kind: 'gun', type, part: 'whole', ...stock }),
    () => ({ ...liner(d), kind: 'gun', part: 'innerLiner', ...stock }),
    () => ({ ...rolls(d), kind: 'gun', part: 'rolls', ...stock }),
    () => ({ kind: 'gun', part: 'oRing', ...stock }),
    () => ({
      kind: 'contactTip',
      stamp: d.of(STAMPS),
      aluminiumBore: d.chance(0.3),
      ...condition(d),
      ...stock,
    }),
    () => ({ kind: 'contactTip', stamp: d.of(STAMPS), ...stock }),
    () => ({
      kind: 'nozzle',
      type: d.of(['gas', 'gasless-cap', 'none']),
      boreMm: d.between(8, 25, 1),
      ...stock,
    }),
    () => ({ kind: 'adapter', spool: d.of(SPOOLS), ...stock }),
    () => ({ kind: 'regulator', gas: d.of(['CO2', 'argon', 'any']), ...stock }),
    () => ({ kind: 'cylinder', gas: mixture(d), ...stock }),
    () => ({
      kind: 'wire',
      label: d.chance(0.2) ? d.of(['solid steel 0.9', 'ER70S-6', 'old stuff', '???']) : d.of(BOXES)[0],
      massKg: d.between(0, 18, 1),
      ...stock,
    }),
  ])()
}

const SCHOOLS: Readonly<Record<string, readonly unknown[]>> = {
  wireInGun: ['by-money', 'rewind', 'cut', 'keep-as-filler'],
}

/** One request of a changeover, valid by the contract. @param schools every school with its options */
export function otherSetup(
  seed: number,
  schools: Readonly<Record<string, readonly unknown[]>> = SCHOOLS,
): Draw {
  const d = dice(seed)
  const { input, metal } = wire(d)
  const fitted = {
    ...seen(d, 'wire', () => wire(d).input, 0.2),
    ...seen(d, 'spool', () => ({
      ...(d.chance(0.8) && { type: d.of(SPOOLS) }),
      ...(d.chance(0.6) && { wireKg: d.between(0, 20, 1) }),
      ...(d.chance(0.8) && { pinEngaged: d.chance(0.8) }),
      ...(d.chance(0.8) && { leaves: d.of(['top', 'bottom']) }),
      ...(d.chance(0.3) && { adapter: d.chance(0.5) }),
      ...condition(d),
    })),
    ...seen(d, 'hubBrake', () => d.of(['set', 'loose', 'tight'])),
    ...seen(d, 'inletGuide', () => guide(d)),
    ...seen(d, 'outletGuide', () => guide(d)),
    ...seen(d, 'driveRolls', () => rolls(d)),
    ...seen(d, 'rollPressure', () => (d.chance(0.3) ? { mark: null } : { mark: d.between(-2, 12, 1) })),
    ...seen(d, 'liner', () => liner(d)),
    ...seen(d, 'gun', () => gun(d)),
    ...seen(d, 'contactTip', () => ({ stamp: d.of(STAMPS), ...condition(d) })),
    ...seen(d, 'nozzle', () => ({
      kind: d.of(['gas', 'gas', 'gasless-cap', 'none']),
      ...(d.chance(0.7) && { boreMm: d.between(6, 30, 1) }),
      ...condition(d),
    })),
    ...seen(d, 'polarity', () => d.of(['DCEP', 'DCEN'])),
    ...seen(d, 'gas', () => mixture(d)),
    ...seen(d, 'gasFlowLPerMin', () => d.between(0, 40, 1)),
    ...(d.chance(0.4) && {
      conditions: {
        ...(d.chance(0.5) && { studs: d.of(['tight', 'loose', 'worn', 'dirty', 'good']) }),
        ...(d.chance(0.5) && { workClamp: d.of(CONDITIONS) }),
        ...(d.chance(0.5) && { earthPin: d.of(['present', 'missing', 'worn', true, false]) }),
        ...(d.chance(0.3) && { birdnest: d.chance(0.5) }),
      },
    }),
  }
  const maybe = (share: number, key: string, draw: () => unknown): Draw =>
    d.chance(share) ? { [key]: draw() } : {}
  const machine = {
    id: `m${seed}`,
    name: 'Any machine',
    ...maybe(0.6, 'output', () => ({
      minA: 30,
      maxA: d.of([90, 140, 250, 450]),
      dutyPercent: 40,
      dutyAtA: 90,
    })),
    ...maybe(0.6, 'supply', () => ({
      voltageV: d.of([110, 120, 230, 400, 480]),
      phases: d.of([1, 3]),
      breakerA: d.of([13, 15, 20, 32, 63]),
      cordLengthM: d.between(0, 60, 1),
      cordMm2: d.of([1, 1.5, 2.5, 4, 6]),
    })),
    ...maybe(0.7, 'wireEntry', () => d.of(['top', 'bottom'])),
    ...maybe(0.3, 'spools', () => d.of([['S100'], ['S200', 'S300'], [...SPOOLS]])),
    ...maybe(0.8, 'polarityChange', () => d.of(['studs', 'plugs', 'switch', 'studs', 'fixed'])),
    ...maybe(0.7, 'gasGear', () => d.chance(0.85)),
    ...maybe(0.7, 'rollPairs', () => 1 + d.below(2)),
    ...maybe(0.4, 'matchedTopRolls', () => d.chance(0.5)),
    ...maybe(0.5, 'scale', () => (d.chance(0.3) ? null : { min: 0, max: 10 })),
    ...maybe(0.5, 'workingGroove', () => d.of(['inner', 'outer', 'turn', 'depth'])),
    ...maybe(0.4, 'reverseThreads', () => d.of([[], ['spoolRetainer'], ['rollRetainer', 'gunRollRetainer']])),
    ...maybe(0.5, 'jogButton', () => d.chance(0.5)),
    ...maybe(0.5, 'hubLocator', () => d.of(['pin', 'tab', 'none'])),
    ...maybe(0.3, 'inletBeforeSpool', () => d.chance(0.5)),
    ...maybe(0.2, 'assumed', () =>
      d.of([['driveRolls', 'liner'], ['contactTip'], ['gas', 'gasFlow', 'polarity']]),
    ),
    fitted,
  }
  const practice = Object.fromEntries(
    Object.entries(schools).flatMap(([id, options]) => (d.chance(0.4) ? [[id, d.of(options)]] : [])),
  )
  return {
    machine,
    wire: input,
    job: {
      material: d.chance(0.9) ? metal : d.of(['mild-steel', 'stainless-steel', 'aluminium']),
      thicknessMm: d.chance(0.5) ? d.between(0.6, 4) : d.between(3, 60, 1),
      ...(d.chance(0.7) && {
        position: d.of(['flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead']),
      }),
      ...(d.chance(0.6) && { draughtMPerS: d.chance(0.9) ? d.between(0, 2.2) : d.between(2.3, 12) }),
    },
    ...(d.chance(0.7) && { store: Array.from({ length: d.below(25) }, () => part(d)) }),
    practice: { ...practice, ...(d.chance(0.1) && { people: 2 }) },
    ...(d.chance(0.3) && { upkeep: ['blowOutLiner', 'brushRolls', 'checkORings'].slice(d.below(3)) }),
    ...(d.chance(0.1) && { minutes: { fitTip: 2.5, setPressure: 6 } }),
  }
}
