import type { Tool } from '../../changeover/plan/gather.ts'
import type { Station } from '../../machine/stations.ts'
import { maySkip } from '../../steps/skip.ts'
import type { Step } from '../../steps/step.ts'
import type { UnitSystem } from '../../units/format.ts'
import { sizeText, valueText } from './names.ts'
import { CABINET_STEPS } from './steps/cabinet.ts'
import { CYLINDER_STEPS } from './steps/cylinder.ts'
import { GUN_STEPS } from './steps/gun.ts'
import { MAINS_STEPS } from './steps/mains.ts'
import { SOURCE_STEPS } from './steps/source.ts'
import { SPOOL_STEPS } from './steps/spool.ts'
import { STORE_STEPS } from './steps/store.ts'
import { OWN_STEPS, STATION_WORDS } from './stations/index.ts'
import type { Say, Words } from './steps/reader.ts'

/** One file a place; what belongs to one station alone stands with its words. */
const STEP_WORDS: Record<Step['task'], Say> = {
  ...CABINET_STEPS,
  ...CYLINDER_STEPS,
  ...GUN_STEPS,
  ...MAINS_STEPS,
  ...SOURCE_STEPS,
  ...SPOOL_STEPS,
  ...STORE_STEPS,
  ...OWN_STEPS,
  readStation: (r) => STATION_WORDS[r.t('of') as Station].reading(r),
}

function words(step: Step, units: UnitSystem): Words {
  const size = step.facts.sizeMm === undefined ? '' : sizeText(Number(step.facts.sizeMm), units)
  return STEP_WORDS[step.task]({ f: step.facts, t: (key) => valueText(step.facts[key]), size, units })
}
/** The order, one sentence. */
export const stepTitle = (step: Step, units: UnitSystem): string =>
  maySkip(step) ? `Unless you read it as right: ${words(step, units).say}` : words(step, units).say
/** How to do it on this machine; empty where the order says all. */
export const stepHow = (step: Step, units: UnitSystem): string => words(step, units).how ?? ''
/** Why it is done; empty where it explains itself. */
export const stepWhy = (step: Step, units: UnitSystem): string => words(step, units).why ?? ''

export const TOOL_NAMES: Record<Tool, string> = {
  protection: 'jacket, gloves, eye protection',
  'side-cutters': 'side cutters',
  pliers: 'pliers',
  tray: 'tray for what comes off',
  marker: 'marker and labels',
  'liner-collet': 'collet, or sleeve and insert, of the polymer liner’s outside size',
  'hex-keys': 'driver or key for the rolls and gun',
  'fine-file': 'fine file or deburring tool',
  brush: 'stiff brush',
  'dry-air': 'dry air, low pressure',
  'wood-block': 'dry block of wood',
  wrench: 'wrench for regulator or studs',
  'soapy-water': 'soapy water and brush',
  'stainless-brush': 'stainless brush kept for this metal',
  degreaser: 'degreaser without chlorine, clean cloth',
  'fume-extraction': 'fume extraction at the arc, or a fitted fume respirator',
  thermometer: 'thermometer or temperature crayon',
  extinguisher: 'fire extinguisher',
}
