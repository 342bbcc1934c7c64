import { useWords } from '../../composables/useWords.ts'
import { i18n } from '../../messages/i18n.ts'
import { logSayer, type LogContext, type LogSayer } from './logRows.ts'

const words = useWords()
/** Says the log in the language that was chosen, on the page or in a worker. */
export const sayLog = (context: LogContext): LogSayer =>
  logSayer({ words, t: (key, values) => i18n.global.t(key, values ?? {}) }, context)
