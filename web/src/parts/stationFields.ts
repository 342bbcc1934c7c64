import { z } from 'zod'
import {
  CONDITIONS,
  COOLINGS,
  GUN_KINDS,
  LEAVES,
  machineSchema,
  NOZZLE_KINDS,
} from '@pepper-knot/core/machine'
import { GROOVE_PROFILES, GUIDE_MATERIALS, LINER_MATERIALS, POLARITIES } from '@pepper-knot/core/trade'
import { SPOOL_TYPES } from '@pepper-knot/core/wire'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** One field of a form about a part or a station, in the words of the contract. */
export interface FieldRow {
  key: string
  as:
    | 'choice'
    | 'stamp'
    | 'size'
    | 'number'
    | 'yes'
    | 'lead'
    | 'length'
    | 'flow'
    | 'mass'
    | 'mixture'
    | 'text'
    | 'grooves'
  choices?: readonly { value: string; title: string }[]
  must?: boolean
}

const named = (values: readonly string[], names: Record<string, string> = {}) =>
  values.map((value) => ({ value, title: names[value] ?? value }))
const condition: FieldRow = {
  key: 'condition',
  as: 'choice',
  choices: named(CONDITIONS, words.CONDITION_NAMES),
}
const guide: FieldRow[] = [
  { key: 'material', as: 'choice', choices: named(GUIDE_MATERIALS), must: true },
  { key: 'gapMm', as: 'length' },
  condition,
]
export const ROLL_FIELDS: FieldRow[] = [
  { key: 'profile', as: 'choice', choices: named(GROOVE_PROFILES, words.PROFILE_NAMES), must: true },
  { key: 'grooves', as: 'grooves', must: true },
  { key: 'active', as: 'stamp' },
  { key: 'activeProfile', as: 'choice', choices: named(GROOVE_PROFILES, words.PROFILE_NAMES) },
  condition,
]
export const LINER_FIELDS: FieldRow[] = [
  { key: 'material', as: 'choice', choices: named(LINER_MATERIALS, words.LINER_NAMES), must: true },
  { key: 'minMm', as: 'size', must: true },
  { key: 'maxMm', as: 'size', must: true },
  { key: 'lengthM', as: 'lead' },
  condition,
]

const RATING: FieldRow[] = [
  { key: 'ratingA', as: 'number' },
  { key: 'cooling', as: 'choice', choices: named(COOLINGS) },
  { key: 'stickOutGuideMm', as: 'length' },
]

/** Fields of each station of a machine; `polarity`, `gas` and the like are single values under `value`. */
const STATION_FIELDS: Record<string, FieldRow[]> = {
  spool: [
    { key: 'type', as: 'choice', choices: named(SPOOL_TYPES) },
    { key: 'wireKg', as: 'mass' },
    { key: 'pinEngaged', as: 'yes' },
    { key: 'leaves', as: 'choice', choices: named(LEAVES) },
    { key: 'adapter', as: 'yes' },
    condition,
  ],
  hubBrake: [{ key: 'value', as: 'choice', choices: named(['set', 'loose', 'tight']), must: true }],
  inletGuide: guide,
  driveRolls: ROLL_FIELDS,
  rollPressure: [{ key: 'mark', as: 'number' }],
  outletGuide: guide,
  liner: LINER_FIELDS,
  gun: [
    { key: 'kind', as: 'choice', choices: named(GUN_KINDS, words.GUN_NAMES), must: true },
    { key: 'lengthM', as: 'lead' },
    { key: 'oRing', as: 'choice', choices: named(CONDITIONS) },
    { key: 'linerTrim', as: 'choice', choices: named(['collet', 'gun-end', 'long']) },
    ...RATING,
    condition,
  ],
  contactTip: [{ key: 'stamp', as: 'stamp', must: true }, { key: 'aluminiumBore', as: 'yes' }, condition],
  nozzle: [
    { key: 'kind', as: 'choice', choices: named(NOZZLE_KINDS, words.NOZZLE_NAMES), must: true },
    { key: 'boreMm', as: 'length' },
    condition,
  ],
  polarity: [
    {
      key: 'value',
      as: 'choice',
      choices: POLARITIES.map((value) => ({
        value,
        title: value === 'DCEP' ? 'gun on + (DCEP)' : 'gun on − (DCEN)',
      })),
      must: true,
    },
  ],
  gas: [{ key: 'value', as: 'mixture', must: true }],
  gasFlow: [{ key: 'value', as: 'flow', must: true }],
  supply: [
    { key: 'voltageV', as: 'number', must: true },
    { key: 'phases', as: 'number' },
    { key: 'breakerA', as: 'number' },
    { key: 'cordLengthM', as: 'lead' },
    { key: 'cordMm2', as: 'number' },
  ],
}

/** States beside a station's own value: they are kept with the machine's conditions, or with the wire on it. */
export const STATE_FIELDS: Partial<Record<string, FieldRow[]>> = {
  spool: [
    {
      key: 'wireCondition',
      as: 'choice',
      choices: named(['good', 'dirty', 'damaged'], words.CONDITION_NAMES),
    },
  ],
  driveRolls: [{ key: 'birdnest', as: 'yes' }],
  polarity: [
    { key: 'studs', as: 'choice', choices: named(['tight', 'loose', 'damaged'], words.CONDITION_NAMES) },
    {
      key: 'workClamp',
      as: 'choice',
      choices: named(['good', 'dirty', 'worn', 'damaged'], words.CONDITION_NAMES),
    },
  ],
  supply: [
    {
      key: 'earthPin',
      as: 'choice',
      choices: named(['present', 'missing', 'damaged'], words.CONDITION_NAMES),
    },
  ],
}

/** Fields of each kind of part in the store. */
export const PART_FIELDS: Record<string, FieldRow[]> = {
  driveRolls: ROLL_FIELDS.filter((f) => !f.key.startsWith('active')),
  liner: LINER_FIELDS,
  contactTip: STATION_FIELDS.contactTip!,
  nozzle: [
    {
      key: 'type',
      as: 'choice',
      choices: named(
        NOZZLE_KINDS.filter((k) => k !== 'none'),
        words.NOZZLE_NAMES,
      ),
      must: true,
    },
    { key: 'boreMm', as: 'length' },
    condition,
  ],
  inletGuide: guide.filter((f) => f.key !== 'gapMm'),
  outletGuide: guide.filter((f) => f.key !== 'gapMm'),
  gun: [
    { key: 'type', as: 'choice', choices: named(GUN_KINDS, words.GUN_NAMES), must: true },
    { key: 'lengthM', as: 'lead' },
    ...RATING,
    condition,
  ],
  gunRolls: ROLL_FIELDS.filter((f) => !f.key.startsWith('active')),
  gunInnerLiner: LINER_FIELDS.filter((f) => f.key !== 'lengthM'),
  gunORing: [],
  adapter: [{ key: 'spool', as: 'choice', choices: named(SPOOL_TYPES) }],
  regulator: [
    { key: 'gas', as: 'choice', choices: named(['argon', 'CO2']) },
    { key: 'outlet', as: 'text' },
  ],
  workClamp: [{ key: 'ratingA', as: 'number' }, condition],
  solenoid: [{ key: 'coilV', as: 'number' }, condition],
  hose: [{ key: 'gas', as: 'text' }, { key: 'lengthM', as: 'lead' }, condition],
  clip: [],
  oRing: [],
  sleeve: [{ key: 'stamp', as: 'stamp' }],
  hubHardware: [{ key: 'spool', as: 'choice', choices: named(['coil', 'drum', 'B300']) }],
  cylinder: [{ key: 'gas', as: 'mixture', must: true }],
}

/** What a field is called: on a form, else where a place in a file is named. */
export const fieldName = (key: string, has: (key: string) => boolean, t: (key: string) => string): string =>
  has(`fields.${key}`) ? t(`fields.${key}`) : words.placeText(key)

const inner = (schema: unknown): unknown =>
  schema instanceof z.ZodNullable || schema instanceof z.ZodOptional ? inner(schema.unwrap()) : schema
/** Fields of a station: as they are written down here, else as its schema has them. */
export function fieldsAt(station: string): FieldRow[] {
  if (STATION_FIELDS[station]) return STATION_FIELDS[station]
  const schema = inner((machineSchema.shape.fitted.unwrap().shape as Record<string, unknown>)[station])
  if (!(schema instanceof z.ZodObject)) return []
  return Object.entries(schema.shape).map(([key, field]): FieldRow => {
    if (key === 'condition') return condition
    const of = inner(field)
    const must = of === field
    if (of instanceof z.ZodEnum) return { key, as: 'choice', choices: named(of.options as string[]), must }
    return {
      key,
      as: of instanceof z.ZodBoolean ? 'yes' : of instanceof z.ZodNumber ? 'number' : 'text',
      must,
    }
  })
}
