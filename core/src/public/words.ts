/** All that is said, by language. */
export { LANGUAGES, type Words, loadWords } from '../wording/index.ts'
