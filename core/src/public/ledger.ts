/** Versions of records, merging, taking back; files. */
export { type Aside, readEntry, readRecord, readingFile, writeShopFile } from '../exchange/file.ts'
export {
  type Difference,
  type EntryKey,
  IMPORTS,
  compareStates,
  entryKey,
  imported,
  readEntryKey,
} from '../exchange/import.ts'
export { migrate, migrating } from '../exchange/migrate.ts'
export { openVersion1 } from '../exchange/openVersion1.ts'
export { type Content, differences, mergeFields, saysSame, textOf, withField } from '../keep/fields.ts'
export { nameFor } from '../keep/hash.ts'
export { type Change, type Clash, takeBack, withPicks } from '../keep/takeBack.ts'
export { covers } from '../keep/vector.ts'
export {
  KEPT_DAYS,
  type Kept,
  type Version,
  type Writer,
  apart,
  beside,
  follow,
  mergeKept,
  shownContent,
  shownVersion,
  withoutRemoved,
} from '../keep/versions.ts'
