import { machineSchema, partSchema, type Machine, type Part } from '../machine/schema.ts'

/** Saltbarrow Slip: an invented boat-slip workshop. Every machine, part and wire here is made up. */
const steelGuides = { inletGuide: { material: 'steel', gapMm: 3 }, outletGuide: { material: 'steel', gapMm: 4 } }

const MACHINES: unknown[] = [
  {
    id: 'gull', name: 'Gull', note: '250 A cabinet, front plugs',
    output: { minA: 30, maxA: 250, dutyPercent: 40, dutyAtA: 200 }, wireSpeedMPerMin: { min: 1.5, max: 18 },
    supply: { voltageV: 230, phases: 1, breakerA: 32, cordLengthM: 0, cordMm2: 4 },
    wireEntry: 'bottom', spools: ['S200', 'S300'], polarityChange: 'plugs', gasGear: true, rollPairs: 1, matchedTopRolls: false,
    scale: { min: 0, max: 6 }, workingGroove: 'inner', jogButton: true, hubLocator: 'pin',
    fitted: {
      wire: { label: 'ER70S-6 0.9 mm' }, spool: { type: 'S300', wireKg: 9, pinEngaged: true, leaves: 'bottom' }, hubBrake: 'set', ...steelGuides,
      driveRolls: { profile: 'smooth-v', grooves: ['0.8', '0.9'], active: '0.9' }, rollPressure: { mark: 4 },
      liner: { material: 'steel-coil', minMm: 0.8, maxMm: 1.0, lengthM: 3 }, gun: { kind: 'push', lengthM: 3, linerTrim: 'collet' },
      contactTip: { stamp: '0.9', aluminiumBore: false }, nozzle: { kind: 'gas', boreMm: 16 }, polarity: 'DCEP', gas: { Ar: 80, CO2: 20 }, gasFlowLPerMin: 13,
    },
  },
  {
    id: 'tern', name: 'Tern', note: '140 A portable, studs inside',
    output: { minA: 30, maxA: 140, dutyPercent: 20, dutyAtA: 90 }, wireSpeedMPerMin: { min: 1, max: 13 },
    supply: { voltageV: 120, phases: 1, breakerA: 20, cordLengthM: 0, cordMm2: 3.3 },
    wireEntry: 'bottom', spools: ['S100', 'S200'], polarityChange: 'studs', gasGear: true, rollPairs: 1, matchedTopRolls: false,
    scale: { min: 0, max: 5 }, workingGroove: 'turn', jogButton: false, hubLocator: 'none', voltTaps: 5, reverseThreads: ['spoolRetainer'],
    fitted: {
      wire: { label: 'ER70S-6 .025' }, spool: { type: 'S200', wireKg: 3.2, leaves: 'bottom' }, hubBrake: 'set', ...steelGuides,
      driveRolls: { profile: 'smooth-v', grooves: ['.025', '.030/.035'], active: '.025' }, rollPressure: { mark: 3 },
      liner: { material: 'steel-coil', minMm: 0.6, maxMm: 0.9, lengthM: 3 }, gun: { kind: 'push', lengthM: 3, linerTrim: 'gun-end' },
      contactTip: { stamp: '.025', aluminiumBore: false }, nozzle: { kind: 'gas', boreMm: 12.7 }, polarity: 'DCEP', gas: { Ar: 75, CO2: 25 }, gasFlowLPerMin: 10,
    },
  },
  {
    id: 'skua', name: 'Skua', note: '220 A push-pull, aluminium',
    output: { minA: 20, maxA: 220, dutyPercent: 35, dutyAtA: 200 }, wireSpeedMPerMin: { min: 1, max: 20 },
    supply: { voltageV: 230, phases: 1, breakerA: 32, cordLengthM: 0, cordMm2: 4 },
    wireEntry: 'bottom', spools: ['S100', 'S200', 'S300'], polarityChange: 'plugs', gasGear: true, rollPairs: 2, matchedTopRolls: true,
    scale: { min: 0, max: 5 }, workingGroove: 'inner', jogButton: true, hubLocator: 'pin', reverseThreads: ['gunRollRetainer'],
    fitted: {
      wire: { label: 'ER5356 1.2 mm' }, spool: { type: 'S300', wireKg: 4, pinEngaged: true, leaves: 'bottom' }, hubBrake: 'set',
      inletGuide: { material: 'polymer', gapMm: 2 }, outletGuide: { material: 'polymer', gapMm: 2 },
      driveRolls: { profile: 'smooth-u', grooves: ['1.0', '1.2'], active: '1.2' }, rollPressure: { mark: 1.5 },
      liner: { material: 'ptfe', minMm: 1.0, maxMm: 1.2, lengthM: 8 },
      gun: { kind: 'push-pull', lengthM: 8, rolls: { profile: 'smooth-u', grooves: ['1.2'], active: '1.2' }, innerLiner: { material: 'ptfe', minMm: 1.0, maxMm: 1.2 }, linerTrim: 'long' },
      contactTip: { stamp: '1.2', aluminiumBore: true, condition: 'worn' }, nozzle: { kind: 'gas', boreMm: 16 }, polarity: 'DCEP', gas: { Ar: 100 }, gasFlowLPerMin: 16,
    },
  },
  {
    id: 'dunlin', name: 'Dunlin', note: '350 A suitcase feeder, 300 mm spools',
    output: { minA: 40, maxA: 350, dutyPercent: 60, dutyAtA: 300 }, wireSpeedMPerMin: { min: 1.5, max: 22 },
    supply: { voltageV: 400, phases: 3, breakerA: 32, cordLengthM: 10, cordMm2: 6 },
    wireEntry: 'top', spools: ['S300', 'BS300', 'B300'], polarityChange: 'plugs', gasGear: true, rollPairs: 2, matchedTopRolls: false,
    scale: { min: 0, max: 6 }, workingGroove: 'outer', jogButton: true, hubLocator: 'pin', inletBeforeSpool: true,
    fitted: {
      wire: { label: 'ER70S-6 1.2 mm' }, spool: { type: 'S300', wireKg: 11, pinEngaged: true, leaves: 'top' }, hubBrake: 'set', ...steelGuides,
      driveRolls: { profile: 'smooth-v', grooves: ['1.0', '1.2'], active: '1.2' }, rollPressure: { mark: 4.5 },
      liner: { material: 'steel-coil', minMm: 1.0, maxMm: 1.2, lengthM: 4 }, gun: { kind: 'push', lengthM: 4, linerTrim: 'collet' },
      contactTip: { stamp: '1.2', aluminiumBore: false }, nozzle: { kind: 'gas', boreMm: 16 }, polarity: 'DCEP', gas: { Ar: 80, CO2: 20 }, gasFlowLPerMin: 16,
    },
  },
]

const rolls = (profile: string, grooves: string[], count = 1, drawer = 'drawer 1') => ({ kind: 'driveRolls', profile, grooves, count, drawer })
const tip = (stamp: string, count: number, aluminiumBore = false) => ({ kind: 'contactTip', stamp, aluminiumBore, count, drawer: aluminiumBore ? 'drawer 4' : 'drawer 3' })
const liner = (material: string, minMm: number, maxMm: number, lengthM: number, count = 1) => ({ kind: 'liner', material, minMm, maxMm, lengthM, count, condition: 'new', drawer: 'rack, left' })
const wire = (label: string, massKg: number, spoolType: string, count = 1) => ({ kind: 'wire', label, massKg, spoolType, count, drawer: 'wire shelf' })

const STORE: unknown[] = [
  rolls('smooth-v', ['0.6', '0.8']),
  rolls('smooth-v', ['0.8', '0.9']),
  rolls('smooth-v', ['1.0', '1.2'], 2),
  rolls('knurled-v', ['.030/.035', '.045'], 1, 'drawer 2'),
  rolls('knurled-v', ['1.2', '1.6'], 2, 'drawer 2'),
  rolls('smooth-u', ['1.0', '1.2'], 2, 'drawer 4'),
  rolls('smooth-u', ['0.8'], 1, 'drawer 4'),
  { kind: 'gun', part: 'rolls', profile: 'smooth-u', grooves: ['0.8'], count: 1, drawer: 'drawer 4' },
  { kind: 'gun', part: 'rolls', profile: 'smooth-v', grooves: ['0.9', '1.2'], count: 1, drawer: 'drawer 4' },
  { kind: 'gun', part: 'innerLiner', material: 'ptfe', minMm: 0.8, maxMm: 1.0, count: 1, condition: 'new', drawer: 'drawer 4' },
  { kind: 'gun', part: 'oRing', count: 6, drawer: 'drawer 5' },
  liner('steel-coil', 0.6, 0.9, 3),
  liner('steel-coil', 0.8, 1.0, 3),
  liner('steel-coil', 1.0, 1.2, 4, 2),
  liner('steel-coil', 1.2, 1.6, 4),
  liner('ptfe', 0.8, 1.0, 3),
  liner('ptfe', 1.0, 1.2, 4),
  liner('graphite-polymer', 0.8, 1.0, 8),
  tip('0.6', 4),
  tip('.030', 5),
  tip('0.8', 6),
  tip('0.9', 8),
  tip('1.0', 2),
  tip('1.2', 9),
  tip('1.6', 3),
  tip('0.9', 3, true),
  tip('1.2', 4, true),
  { kind: 'nozzle', type: 'gas', boreMm: 12.7, count: 2, drawer: 'drawer 5' },
  { kind: 'nozzle', type: 'gas', boreMm: 16, count: 3, drawer: 'drawer 5' },
  { kind: 'nozzle', type: 'gasless-cap', count: 1, drawer: 'drawer 5' },
  { kind: 'inletGuide', material: 'polymer', count: 2, drawer: 'drawer 4' },
  { kind: 'outletGuide', material: 'polymer', count: 2, drawer: 'drawer 4' },
  { kind: 'inletGuide', material: 'steel', count: 1, drawer: 'drawer 2' },
  { kind: 'outletGuide', material: 'steel', count: 1, drawer: 'drawer 2' },
  { kind: 'adapter', spool: 'B300', count: 1, drawer: 'drawer 6' },
  { kind: 'regulator', gas: 'argon', count: 1, drawer: 'drawer 6' },
  { kind: 'cylinder', gas: { Ar: 100 }, count: 1, drawer: 'gas cage' },
  { kind: 'cylinder', gas: { Ar: 80, CO2: 20 }, count: 1, drawer: 'gas cage' },
  { kind: 'cylinder', gas: { Ar: 92, CO2: 8 }, count: 1, drawer: 'gas cage' },

  wire('ER70S-6 .025 11 lb', 5, 'S200'),
  wire('ER70S-6 0.8 mm 15 kg', 15, 'S300'),
  wire('ER70S-6 0.9 mm 15 kg', 15, 'S300', 2),
  wire('ER70S-6 1.2 mm 15 kg', 15, 'S300'),
  wire('E71T-11 .030 10 lb', 4.536, 'S200'),
  wire('E71T-11 .035 10 lb', 4.536, 'S200'),
  wire('E71T-GS .030 2 lb', 0.907, 'S100'),
  wire('E71T-1M 1.2 mm 15 kg', 15, 'S300', 2),
  wire('E71T-1C 1.2 mm 15 kg', 15, 'S300'),
  wire('E70C-6M 1.2 mm 15 kg', 15, 'B300'),
  wire('ER4043 0.9 mm 2 kg', 2, 'S200'),
  wire('ER5356 1.2 mm 7 kg', 7, 'S300'),
  wire('ERCuSi-A 0.8 mm 5 kg', 5, 'S200'),
]

export interface DemoShop {
  name: string
  machines: Machine[]
  store: Part[]
}

/** The demo shop, checked against the schemas like anything from outside. */
export const demoShop = (): DemoShop => ({
  name: 'Saltbarrow Slip',
  machines: MACHINES.map((machine) => machineSchema.parse(machine)),
  store: STORE.map((part, i) => partSchema.parse({ id: `part-${i + 1}`, ...(part as object) })),
})
