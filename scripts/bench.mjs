/** npm run bench: every pair of wires in the catalogue on every demo machine, planned and proved. */
import { install, run } from './prepare.mjs'

install()
process.exit(run('npx', ['tsx', 'scripts/pairs.ts']))
