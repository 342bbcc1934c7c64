/** Problems and how they are said to a program; units and their figures; terms; ways of working. */
export { problemsOf, tooMuch, validate } from '../base/check.ts'
export { type Said, say } from '../base/codes.ts'
export { type Problem, type Read, problemAt } from '../base/problem.ts'
export { FAMILY_SHEETS } from '../families/index.ts'
export { practiceSchema } from '../practice/practice.ts'
export { SCHOOL_IDS, type School, schoolOptions } from '../practice/schools.ts'
export {
  FAMILIES,
  GROOVE_PROFILES,
  GUIDE_MATERIALS,
  LINER_MATERIALS,
  MATERIALS,
  POLARITIES,
  POSITIONS,
} from '../terms/terms.ts'
export {
  type UnitSystem,
  formatAmps,
  formatCut,
  formatDeposition,
  formatDraught,
  formatFlow,
  formatForce,
  formatGas,
  formatHeat,
  formatKgPerM,
  formatLead,
  formatLeak,
  formatLength,
  formatMass,
  formatMinutes,
  formatSpeed,
  formatTorque,
  formatTravel,
  formatVolts,
} from '../units/format.ts'
export { gaugeScaleOf } from '../units/gauge.ts'
export { BAR, typedNumber } from '../units/parse.ts'
export { QUANTITIES, type Quantity, printQuantity, readQuantity } from '../units/quantities.ts'
