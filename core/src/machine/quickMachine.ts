import { USUAL_MIXTURES } from '../gas/mixture.ts'
import { asStamp } from '../wire/sizes.ts'
import { LINER_RANGES_MM } from '../wire/bores.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import type { SpoolType } from '../wire/spool.ts'
import type { Mixture } from '../gas/mixtureSchema.ts'
import type { SizedWire } from '../wire/wire.ts'
import type { Fitted } from './fitted/fitted.ts'
import type { GUN_KINDS } from './fitted/gun.ts'
import type { Machine } from './machine.ts'
import type { POLARITY_CHANGES } from './fitted/polarity.ts'
import type { Station } from './stations.ts'

/** What a machine looks like from across the shop. */
export const MACHINE_BUILDS = ['portable', 'cabinet', 'feeder'] as const
export type MachineBuild = (typeof MACHINE_BUILDS)[number]

/** A few answers; any but the name may be left out. */
export interface MachineAnswers {
  name: string
  build?: MachineBuild | undefined
  /** The wire on it: `null` when empty, left out when nobody looked. */
  wire?: { label: string; read: SizedWire } | null | undefined
  polarityChange?: (typeof POLARITY_CHANGES)[number] | undefined
  gasGear?: boolean | undefined
  /** The circuit it is plugged into, V and phases. */
  supply?: { voltageV: number; phases: 1 | 3 } | undefined
  /** What the cylinder says that is on. */
  cylinder?: Mixture | null | undefined
  gun?: { kind: (typeof GUN_KINDS)[number]; lengthM?: number | undefined } | undefined
}

/** Spools a build usually takes. common practice, no source */
const SPOOLS_OF: Record<MachineBuild, readonly SpoolType[]> = {
  portable: ['S100', 'S200'],
  cabinet: ['S200', 'S300'],
  feeder: ['S300'],
}

/**
 * A machine from a few answers. Parts that follow from the wire on it are put in as they usually are, and marked
 * assumed until somebody looks: a plan reads them first. common practice, no source
 * @param id given by the caller
 */
export function quickMachine(answers: MachineAnswers, id: string): Machine {
  const { name, build, wire, polarityChange, gasGear, gun, supply, cylinder } = answers
  const assumed: Station[] = []
  const fitted: Fitted = {}
  const assume = (station: Station, value: Partial<Fitted>) => {
    assumed.push(station)
    Object.assign(fitted, value)
  }
  if (wire === null) fitted.wire = null
  if (gun) fitted.gun = { kind: gun.kind, ...(gun.lengthM !== undefined && { lengthM: gun.lengthM }) }
  if (gasGear === false) {
    fitted.gas = null
    fitted.gasFlowLPerMin = 0
  }
  if (wire) {
    const { read, label } = wire
    const needs = FAMILY_SHEETS[read.family]
    const mm = read.diameterMm
    const size = asStamp(mm)
    const [minMm, maxMm] = LINER_RANGES_MM.find(([min, max]) => min <= mm && mm <= max) ?? [mm, mm]
    fitted.wire = { label }
    assume('spool', { spool: { pinEngaged: true } })
    assume('hubBrake', { hubBrake: 'set' })
    assume('inletGuide', { inletGuide: { material: needs.guides[0]! } })
    assume('driveRolls', { driveRolls: { profile: needs.rolls[0]!, grooves: [size], active: size } })
    assume('rollPressure', { rollPressure: { mark: null } })
    assume('outletGuide', { outletGuide: { material: needs.guides[0]! } })
    assume('liner', {
      liner: {
        material: needs.liner[0]!,
        minMm,
        maxMm,
        ...(gun?.lengthM !== undefined && { lengthM: gun.lengthM }),
      },
    })
    assume('contactTip', { contactTip: { stamp: size, aluminiumBore: needs.tip === 'aluminium-bore' } })
    assume('nozzle', { nozzle: { kind: gasGear === false ? 'gasless-cap' : 'gas' } })
    if (read.polarity[0]) assume('polarity', { polarity: read.polarity[0] })
    if (gasGear !== false && read.gas.needed && cylinder === undefined) {
      const mixture = USUAL_MIXTURES[read.gas.designations[0] ?? '']?.[0]
      if (mixture) assume('gas', { gas: mixture })
    }
  }
  // What was read off the cylinder is seen, not assumed.
  if (gasGear !== false && cylinder !== undefined) fitted.gas = cylinder
  return {
    id,
    name,
    ...(supply && { supply }),
    ...(build && { spools: [...SPOOLS_OF[build]] }),
    ...(polarityChange && { polarityChange }),
    ...(gasGear !== undefined && { gasGear }),
    ...(assumed.length && { assumed }),
    fitted,
  }
}

/** What stands on cylinders where the wire is not named. common practice, no source */
const ANY_CYLINDER: readonly Mixture[] = [{ Ar: 75, CO2: 25 }, { Ar: 80, CO2: 20 }, { CO2: 100 }, { Ar: 100 }]
/** Questions are answered by a touch: no more than can be looked over. */
const MOST_CYLINDERS = 6

/** Gases to offer for the cylinder that is on: those of the wire, else the ones most shops have. */
export const cylindersFor = (wire: SizedWire | undefined): Mixture[] =>
  (wire?.gas.needed
    ? wire.gas.designations.flatMap((d) => USUAL_MIXTURES[d] ?? [])
    : [...ANY_CYLINDER]
  ).slice(0, MOST_CYLINDERS)
