/** All that is said, by language. */
export { type StartKey } from '../wording/en/arc.ts'
export { LANGUAGES, type Language, type Words, loadWords } from '../wording/index.ts'
