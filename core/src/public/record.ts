/** What a shop keeps: runs, plans, settings, digests. */
export {
  type Key,
  keyOf,
  readContent,
  readKey,
  fieldsOfThing,
  recordsOfThing,
  thingsOfKey,
} from '../record/contents.ts'
export { defaultSettings } from '../record/defaults.ts'
export {
  type Digest,
  digestOf,
  digestSchema,
  digestWith,
  digestWithout,
  lastChanged,
  lastGood,
  shopFinds,
} from '../record/digest.ts'
export {
  ENTRY_SCHEMAS,
  type EntryContent,
  PAGE_ENTRIES,
  entriesOf,
  entryContent,
  kindOfEntry,
} from '../record/entries.ts'
export { conversionKept, isPlanCurrent, keptPlan, planKept } from '../record/keptPlan.ts'
export { knownMarks, ownMark } from '../record/marks.ts'
export { ownMinutes } from '../record/minutes.ts'
export { corrected, LOG_NOTES } from '../record/kinds/log.ts'
export { logLine } from '../record/log.ts'
export { logFigures } from '../record/logFigures.ts'
export { kindsIn, LISTS } from '../record/kinds/index.ts'
export { isRun, type JobKind, PRESSURE_RESULTS, type Run, STAGES } from '../record/run.ts'
export { type Settings, settingsSchema } from '../record/settings.ts'
export { passedMark, startOf } from '../record/signOff.ts'
export { type Shop, type State, idsByList, thingIn, mergeStates, runOf } from '../record/state.ts'
export { metalFor, partsAgain, wireAgain } from '../record/wayBack.ts'
