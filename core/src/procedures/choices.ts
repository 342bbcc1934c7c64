import { FAMILY_SHEETS } from '../families/index.ts'
import type { Group } from '../families/groups.ts'
import type { Machine } from '../machine/machine.ts'
import { POSITIONS, type Material, type Position } from '../terms/terms.ts'
import type { SizedWire } from '../wire/wire.ts'
import type { Span } from './row.ts'
import { ALL_ROWS, rowFor, type FoundRow } from './table.ts'
import { gasCoredGroup, isStainlessCored, selfShieldedGroup } from './usability.ts'

export type StartWire = Pick<SizedWire, 'family' | 'diameterMm' | 'exactMm'> &
  Partial<Pick<SizedWire, 'classification' | 'standard' | 'positions' | 'passes'>>
export interface StartJob {
  material: Material
  thicknessMm: number
  position?: Position | undefined
}
export type StartMachine = Pick<Machine, 'output' | 'wireSpeedMPerMin' | 'control'>

/** Plate on which a coarse arc is taken, and on which short arc laps cold, mm. */
export const PLATE_MM = 6
/** Metal-cored and stainless wires spray from here, mm. recalled from memory */
const SPRAY_FROM_MM = { metalCored: 4.5, stainless: 6 }

const silicon = (wire: StartWire) => !wire.classification || /CuSi|65\d\d/i.test(wire.classification)
export const named = (wire: StartWire) => ({
  family: wire.family,
  classification: wire.classification ?? null,
  standard: wire.standard ?? null,
  positions: wire.positions ?? [...POSITIONS],
})

/** Groups a wire may be set by, whatever the job. */
export function groupsOf(wire: StartWire): Group[] {
  const { across, groups, process } = FAMILY_SHEETS[wire.family]
  const box = named(wire)
  if (across === 'by-designator') {
    const group = process === 'FCAW-G' ? gasCoredGroup(box) : selfShieldedGroup(box)
    return group ? [group] : []
  }
  if (across === 'sprayed-tube' && isStainlessCored(box)) return []
  return across === 'bronze' && !silicon(wire) ? groups.filter((g) => g !== 'bronze-brazing') : [...groups]
}

/** Least and most current of a wire's rows, A; `null` where none are known. */
export function wireRangeA(wire: StartWire): Span | null {
  const groups = groupsOf(wire)
  const found = ALL_ROWS.filter((r) => groups.includes(r.group) && r.sizeMm === wire.diameterMm)
  if (found.length)
    return [Math.min(...found.map((r) => r.currentA[0])), Math.max(...found.map((r) => r.currentA[1]))]
  const between = groups.flatMap((group) => {
    const gases = [...new Set(ALL_ROWS.filter((r) => r.group === group).flatMap((r) => r.gases))]
    return (gases.length ? gases : [null]).flatMap((gas) => {
      const row = rowFor({ group, sizeMm: wire.diameterMm, gas, position: 'flat', thicknessMm: 6 })
      return row ? [row.currentA] : []
    })
  })
  return between.length
    ? [Math.min(...between.map((r) => r[0])), Math.max(...between.map((r) => r[1]))]
    : null
}

/** Rows that may serve a job, the first choice first. */
export function choices(
  wire: StartWire,
  job: StartJob,
  gas: string | null,
  wanted: number,
  machineMost: number,
): FoundRow[] {
  const position = job.position ?? 'flat'
  const ask = (group: Group) =>
    rowFor({ group, sizeMm: wire.diameterMm, gas, position, thicknessMm: job.thicknessMm })
  const t = job.thicknessMm
  const first = (...rows: (FoundRow | undefined)[]) => rows.filter((r) => r !== undefined)
  const reached = (row: FoundRow | undefined) => row && machineMost >= row.currentA[0]
  switch (FAMILY_SHEETS[wire.family].across) {
    case 'solid': {
      const [short, coarse, spray] = [ask('solid-short-arc'), ask('solid-coarse'), ask('solid-spray')]
      if (reached(spray) && wanted >= spray!.currentA[0]) return first(spray, short)
      if (reached(coarse) && t >= PLATE_MM) return first(coarse, short)
      return first(short, spray, coarse)
    }
    case 'stainless': {
      const short = ask('stainless-short-arc') ?? ask('stainless-short-arc-helium')
      const spray = ask('stainless-spray')
      return reached(spray) && t >= SPRAY_FROM_MM.stainless ? first(spray, short) : first(short, spray)
    }
    case 'sprayed-tube': {
      if (isStainlessCored(named(wire))) return []
      const [short, spray] = [ask('metal-cored-short-arc'), ask('metal-cored-spray')]
      return reached(spray) && t >= SPRAY_FROM_MM.metalCored ? first(spray, short) : first(short, spray)
    }
    case 'bronze':
      return job.material === 'copper-alloy' || !silicon(wire)
        ? first(ask('bronze-spray'))
        : first(ask('bronze-brazing'))
    default:
      return first(...groupsOf(wire).map(ask))
  }
}
