/** Plans and jobs: a change, what is put right, work on the machine; done step by step, broken off, signed off. */
export { type Conversion, canConvert, planConversion } from '../changeover/convert/conversion.ts'
export { LANES, laneSteps } from '../changeover/people/crew.ts'
export { feedFigures } from '../changeover/plan/feedFigures.ts'
export { type GatherLine, gatherList } from '../changeover/plan/gather.ts'
export { offersAt } from '../changeover/plan/offers.ts'
export { type Changeover, PlanRefused, planChangeover } from '../changeover/plan/plan.ts'
export { benchOf } from '../changeover/plan/startFor.ts'
export { earliestDay, orderList } from '../changeover/stock/orderList.ts'
export {} from '../changeover/stock/settle.ts'
export {
  begin,
  correct,
  cureDone,
  doStep,
  dropList,
  endTrouble,
  settleJob,
  signOff,
  stop,
  stoppedPlan,
  undoStep,
  withSeen,
} from '../jobs/commands.ts'
export { jobOf, jobsAt, machineNow, progressOf } from '../jobs/job.ts'
export { fromTheLog, onShelf } from '../jobs/request.ts'
export { CONVERSIONS } from '../steps/conversions.ts'
export { cardsOf } from '../steps/cards.ts'
export { linerEnd } from '../steps/linerEnd.ts'
export { type Place, walkMinutes } from '../steps/places.ts'
export { type Step, isTask } from '../steps/step.ts'
export { wirePricePerKg } from '../work/wireInGun.ts'
