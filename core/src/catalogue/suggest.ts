import { idealSizeMm } from '../families/size.ts'
import { DRAUGHT_LIMIT_M_PER_S } from '../gas/flow.ts'
import { CATALOGUE, type CatalogueEntry } from './catalogue.ts'
import { type Family, type Material, type Position, type Service } from '../terms/terms.ts'
import { fillerOf, isNickel } from '../metals/filler.ts'
import { judgeWire, metalsOf, unfitInService, type MetalJoint } from '../metals/joint.ts'
import type { OwnMetal } from '../metals/own.ts'
import { isSteel, type MetalNote, type NeverReason } from '../metals/metal.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import type { Machine } from '../machine/machine.ts'
import type { Part } from '../machine/store.ts'
import { shelfWire } from '../match/prepare.ts'
import { bandOf, judgeSize, type SizeVerdict } from '../procedures/band.ts'
import { UPRIGHT } from '../procedures/row.ts'
import { startSettings } from '../procedures/start.ts'
import { isForPosition, slagRunsAhead } from '../procedures/usability.ts'
import { diameterOfMm } from '../wire/diameters.ts'
import { readLabel } from '../wire/label.ts'
import { remember } from '../base/remember.ts'
import type { SizedWire, Wire } from '../wire/wire.ts'

/** What is to be welded; thickness in mm, draught in m/s; the machine and the store where they are known. */
export interface Work {
  material: Material
  thicknessMm: number
  /** The metal by its grade, and the other where two are joined. */
  alloy?: string | undefined
  otherAlloy?: string | undefined
  service?: readonly Service[] | undefined
  surveillance?: boolean | undefined
  metals?: readonly OwnMetal[] | undefined
  position?: Position | undefined
  draughtMPerS?: number | undefined
  machine?: Machine | undefined
  store?: readonly Part[] | undefined
}

/** Why a wire suits; `wording` has the sentences. */
export type Reason =
  | 'thin-wire-for-sheet'
  | 'everyday-wire'
  | 'deep-and-fast-on-plate'
  | 'shields-itself-in-wind'
  | 'brazes-cool-on-coated-sheet'
  | 'matches-stainless'
  | 'matches-low-alloy'
  | 'stiff-aluminium-wire'
  | 'aluminium-for-heat'
  | 'copper-filler'
  | 'usual-for-this-metal'
  | 'also-for-this-metal'
/** What a wire costs, whatever else is in the list. */
export const COSTS = [
  'needs-shelter',
  'needs-gas',
  'burn-through-risk',
  'cold-lap-risk',
  'slow',
  'spatter',
  'slag',
  'single-pass',
  'special-rolls',
  'short-supply',
  'feeds-harder',
  'lower-strength',
] as const
export type Cost = (typeof COSTS)[number]

export interface Suggestion {
  classification: string
  /** `null`: named as what the metal wants, but not planned with from here. */
  family: Family | null
  /** `null` where the label is not read. */
  diameterMm: number | null
  reason: Reason
  costs: Cost[]
  /** The shop has it in this size. */
  inStore: boolean
}
export interface Suggestions {
  /** Rows of the shop’s own that were read. */
  own: readonly OwnMetal[]
  /** Best first; none where nothing suits. */
  wires: Suggestion[]
  /** It blows too much for gas, and nothing that shields itself suits: shelter is the answer. */
  shelter: boolean
  /** The metal as its row names it; nothing where no row is asked. */
  metal?: readonly string[]
  /** Grades that no row knows. */
  unknown: readonly string[]
  /** A grade that is not the metal the job says. */
  contradicts?: string
  notes: readonly { note: MetalNote; name: string }[]
  /** Wires that must not be taken, and why. */
  never: readonly { wires: readonly string[]; why: NeverReason }[]
  /** No wire of a shop: by a tested procedure, or not at all. */
  noWire: boolean
  /** Its fume stops the job until extraction and medical watch stand. */
  beryllium: boolean
}

/** A wire a practitioner reaches for, with the metal it is reached for on, mm. */
type Choice = readonly [classification: string, reason: Reason, overMm?: number, toMm?: number]

/** Best first: with gas about, and what shields itself. common practice, no source; sizes and limits are the bands’. */
const CHOICES: Readonly<Record<Material, readonly Choice[]>> = {
  'mild-steel': [
    ['E71T-1M', 'deep-and-fast-on-plate', 8],
    ['E70C-6M', 'deep-and-fast-on-plate', 8],
    ['ER70S-6', 'thin-wire-for-sheet', 0, 3],
    ['ER70S-6', 'everyday-wire', 3],
    ['ER70S-3', 'everyday-wire', 0, 3],
    ['E71T-1M', 'deep-and-fast-on-plate', 3, 8],
    ['E71T-8', 'shields-itself-in-wind', 12],
    ['E70T-6', 'shields-itself-in-wind', 12],
    ['E71T-11', 'shields-itself-in-wind'],
    ['E71T-GS', 'shields-itself-in-wind'],
    ['E71T-8', 'shields-itself-in-wind', 5, 12],
  ],
  'low-alloy-steel': [
    ['ER80S-D2', 'matches-low-alloy'],
    ['E81T1-Ni1M', 'deep-and-fast-on-plate'],
    ['ER80S-Ni1', 'matches-low-alloy'],
    ['E71T8-Ni1', 'shields-itself-in-wind'],
  ],
  'galvanised-steel': [
    ['ERCuSi-A', 'brazes-cool-on-coated-sheet'],
    ['ER70S-3', 'everyday-wire', 3],
    ['ER70S-6', 'everyday-wire'],
    ['E71T-14', 'shields-itself-in-wind'],
    ['E71T-11', 'shields-itself-in-wind'],
    ['E71T-8', 'shields-itself-in-wind', 12],
  ],
  'stainless-steel': [
    ['ER308LSi', 'matches-stainless'],
    ['E308LT1-4', 'deep-and-fast-on-plate', 4],
    ['ER316LSi', 'matches-stainless'],
    ['E308LT0-3', 'shields-itself-in-wind', 3],
  ],
  aluminium: [
    ['ER5356', 'stiff-aluminium-wire'],
    ['ER4043', 'aluminium-for-heat'],
    ['ER5183', 'stiff-aluminium-wire', 3],
  ],
  'copper-alloy': [
    ['ERCuSi-A', 'copper-filler'],
    ['ERCuAl-A2', 'copper-filler'],
    ['ERCuSn-A', 'copper-filler'],
  ],
  'cast-iron': [],
}

const inCatalogue = (name: string) => CATALOGUE.some(({ classification }) => classification === name)

/** The metal’s own wires, best first, then what is made of the same alloy in other forms. */
function choicesFor(joint: MetalJoint): Choice[] {
  const own = [...joint.first.filter(inCatalogue), ...joint.also.filter(inCatalogue)]
  const bases = new Set(own.map((name) => fillerOf(wireOf(name))?.base))
  // Of steel wires there are so many of one kind that the row names the usual ones.
  const kin = isSteel(joint.kind)
    ? []
    : CATALOGUE.filter(
        ({ classification }) =>
          !own.includes(classification) && bases.has(fillerOf(wireOf(classification))?.base),
      )
  return [
    ...joint.first.filter(inCatalogue).map((name): Choice => [name, 'usual-for-this-metal']),
    ...[...joint.also.filter(inCatalogue), ...kin.map(({ classification }) => classification)].map(
      (name): Choice => [name, 'also-for-this-metal'],
    ),
  ]
}
/** Ordinary steel is chosen for its thickness: the row only says what not. */
const BY_THICKNESS = ['carbon', 'galvanised']

const entryOf = (classification: string): CatalogueEntry =>
  CATALOGUE.find((e) => e.classification === classification)!
const wireOf: (classification: string) => Wire = remember((classification) => {
  const label = readLabel(classification)
  if (!label.ok) throw new RangeError(`the catalogue holds a wire that cannot be read: ${classification}`)
  return label.value.wire
})
const inSize = (classification: string, mm: number): SizedWire => ({
  ...wireOf(classification),
  ...diameterOfMm(mm)!,
})

/** @param sizes one at least */
const nearestTo = (target: number, sizes: readonly number[]): number =>
  sizes.reduce((a, b) => (Math.abs(b - target) < Math.abs(a - target) ? b : a))
const SHEET_MM = 4
/** The size of this wire for a thickness: the nearest to the usual one that it is sold in. @param thicknessMm over 0 */
export function sizeForThickness(entry: CatalogueEntry, thicknessMm: number): number {
  const ideal = idealSizeMm(entry.family, thicknessMm)
  // Where no band is known, sheet takes the thinnest and plate the thickest it is sold in.
  if (entry.diametersMm.every((mm) => bandOf(inSize(entry.classification, mm)) === null))
    return thicknessMm > SHEET_MM ? Math.max(...entry.diametersMm) : Math.min(...entry.diametersMm)
  const suits = (...verdicts: SizeVerdict[]) =>
    entry.diametersMm.filter((mm) =>
      verdicts.includes(judgeSize(inSize(entry.classification, mm), thicknessMm)),
    )
  const [best, some] = [suits('fits'), suits('fits', 'stitch-only')]
  return nearestTo(ideal, best.length ? best : some.length ? some : entry.diametersMm)
}

/** Below this share over the thinnest metal of its band a wire is near burning through. common practice, no source */
const NEAR_BURN_THROUGH = 1.25
const BURNS_THROUGH_TO_MM = 3
const MUCH_THINNER = 0.9
const LAPS_COLD_FROM_MM = 8
const usualGas = (wire: Wire) => wire.gas.designations[0] ?? null

function costsOf(wire: SizedWire, work: Work, bestKsi: number | undefined, windy: boolean): Cost[] {
  const { thicknessMm, machine } = work
  const sheet = FAMILY_SHEETS[wire.family]
  const band = bandOf(wire)
  const verdict = judgeSize(wire, thicknessMm)
  const needA =
    machine?.output?.maxA === undefined ? undefined : startSettings(wire, work, usualGas(wire), {}).currentA
  const costs: [Cost, boolean][] = [
    ['needs-shelter', windy && wire.gas.needed],
    ['needs-gas', wire.gas.needed],
    [
      'burn-through-risk',
      verdict === 'stitch-only' ||
        (band !== null && thicknessMm <= BURNS_THROUGH_TO_MM && thicknessMm < band[0] * NEAR_BURN_THROUGH),
    ],
    ['cold-lap-risk', sheet.lapsColdOnPlate && thicknessMm > LAPS_COLD_FROM_MM],
    [
      'slow',
      thicknessMm > BURNS_THROUGH_TO_MM &&
        wire.diameterMm < MUCH_THINNER * idealSizeMm(wire.family, thicknessMm),
    ],
    ['spatter', sheet.slag === 'spatter-and-slag'],
    ['slag', sheet.slag !== 'none'],
    ['single-pass', wire.passes === 'single'],
    ['special-rolls', sheet.rolls[0] !== 'smooth-v'],
    ['short-supply', needA != null && needA.value > machine!.output!.maxA!],
    ['feeds-harder', /^ER4/.test(wire.classification ?? '')],
    [
      'lower-strength',
      wire.strength !== null && bestKsi !== undefined && wire.strength.tensileKsi.min < bestKsi,
    ],
  ]
  return costs.filter(([, holds]) => holds).map(([cost]) => cost)
}

/** Metal-cored wire on plate is sprayed, and spray falls out of an upright joint. common practice */
const sprayedTube = (wire: Wire): boolean => FAMILY_SHEETS[wire.family].across === 'sprayed-tube'
const upright = (position: Position | undefined): boolean =>
  position !== undefined && UPRIGHT.includes(position)

/** Whether a machine can run it at all: its gas gear, and a polarity that cannot be changed. */
function machineTakes(wire: Wire, machine: Machine | undefined): boolean {
  if (!machine) return true
  const fixed = machine.polarityChange === 'fixed' ? machine.fitted.polarity : undefined
  return !(wire.gas.needed && machine.gasGear === false) && (fixed == null || wire.polarity.includes(fixed))
}

/**
 * Wires for a job, best first, with the reason and the costs of each: inside the band of their size, the positions
 * and passes of their class, what the machine can run, and first among equals what the shop has. In a draught above
 * the limit for gas-shielded work only those that shield themselves; where none of them suits, the gas wires, and
 * shelter is the answer.
 * @param work thickness over 0 mm, draught from 0 m/s
 */
export function suggestWires(work: Work): Suggestions {
  const { thicknessMm, position } = work
  const { joint, unknown, contradicts, own } = metalsOf(work)
  const ordinary = joint?.metals.length === 1 && BY_THICKNESS.includes(joint.id) && !joint.byShop
  const row = ordinary && !work.service?.length ? undefined : joint
  const choices = row ? choicesFor(row) : CHOICES[work.material]
  const windy = (work.draughtMPerS ?? 0) > DRAUGHT_LIMIT_M_PER_S
  const shelf = shelfOf(work.store)
  const takenAt = (anySize: boolean) =>
    choices.flatMap(([classification, reason, over = 0, to = Infinity]) => {
      if (thicknessMm <= over || thicknessMm > to) return []
      const entry = entryOf(classification)
      const had = entry.diametersMm.filter((mm) => shelf.has(`${classification} ${mm}`))
      const suits = (mm: number, ...also: SizeVerdict[]) =>
        ['fits', ...also].includes(judgeSize(inSize(classification, mm), thicknessMm))
      const best = sizeForThickness(entry, thicknessMm)
      const fitting = had.filter((mm) => suits(mm))
      const taken = fitting.length ? nearestTo(best, fitting) : best
      const wire = inSize(classification, taken)
      return (anySize || suits(taken, 'stitch-only')) &&
        (position === undefined || isForPosition(wire, position)) &&
        !slagRunsAhead(wire, position) &&
        !(sprayedTube(wire) && upright(position)) &&
        machineTakes(wire, work.machine) &&
        !(joint && judgeWire(wire, joint)?.is === 'never') &&
        !unfitInService(wire, work)
        ? [{ wire, reason, inStore: had.includes(taken) }]
        : []
    })
  const inBand = takenAt(false)
  // A metal with one wire takes it outside the band of its size too: its costs say so.
  const able = inBand.length || !row ? inBand : takenAt(true)
  const gasless = able.filter(({ wire }) => !wire.gas.needed)
  const shelter = windy && gasless.length === 0 && able.length > 0
  const list = windy && !shelter ? gasless : able
  const once = list.filter(
    (a, i) => list.findIndex((b) => b.wire.classification === a.wire.classification) === i,
  )
  const bestKsi = Math.max(...once.map(({ wire }) => wire.strength?.tensileKsi.min ?? 0))
  const read = [...once]
    // What the shop has comes first among equals: the metal’s first wires before what is taken too.
    .sort(
      (a, b) =>
        (row ? Number(a.reason === 'also-for-this-metal') - Number(b.reason === 'also-for-this-metal') : 0) ||
        Number(b.inStore) - Number(a.inStore),
    )
    .map(({ wire, reason, inStore }) => ({
      classification: wire.classification!,
      family: wire.family,
      diameterMm: wire.diameterMm,
      reason,
      costs: costsOf(wire, work, bestKsi || undefined, windy),
      inStore,
    }))
  const asNamed = (name: string) => isNickel(name) || (own.length > 0 && !inCatalogue(name))
  const named: Suggestion[] = row
    ? [...row.first, ...row.also].filter(asNamed).map((classification) => ({
        classification,
        family: null,
        diameterMm: null,
        reason: row.first.includes(classification) ? 'usual-for-this-metal' : 'also-for-this-metal',
        costs: ['needs-gas'],
        inStore: false,
      }))
    : []
  const namedFirst = row?.first[0] !== undefined && asNamed(row.first[0])
  const beryllium = joint?.fume.includes('beryllium') === true && !work.surveillance
  return {
    shelter,
    wires: namedFirst ? [...named, ...read] : [...read, ...named],
    ...(row && { metal: row.names }),
    unknown,
    own,
    ...(contradicts && { contradicts }),
    notes: row?.notes ?? [],
    never: row?.never ?? [],
    noWire: row?.first.length === 0 && row.also.length === 0,
    beryllium,
  }
}

/** Wires on the shelf as `classification size`. */
function shelfOf(store: readonly Part[] | undefined): ReadonlySet<string> {
  const has = new Set<string>()
  for (const part of store ?? []) {
    const read = part.kind === 'wire' && part.count > 0 ? shelfWire(part) : undefined
    if (read?.ok) has.add(`${read.value.wire.classification} ${read.value.wire.diameterMm}`)
  }
  return has
}
