/** What the server says, which speaks English. */
export { answers, problemsAnswer, problemText } from '../wording/en/index.ts'
export { openApi } from '../wording/en/openapi.ts'
