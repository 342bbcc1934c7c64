/**
 * What it costs a stranger to add something: each patch of docs/patches goes onto a copy of its own, which must
 * type-check (page and server too) and pass the tests it names. Prints the files of the product it edits; new ones are
 * printed and not limited. `npm run bench -- costs`
 */
import { spawnSync } from 'node:child_process'
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { costOf } from './costOf.mjs'

const root = fileURLToPath(new URL('../..', import.meta.url))
const folder = join(root, 'docs/patches')
const ROOMS = ['core', 'web', 'server', 'cli', 'e2e']

/** The house again, with packages of its own where they are its rooms. */
function copyHouse(): string {
  const copy = mkdtempSync(join(tmpdir(), 'pepper-knot-costs-'))
  const left = /\/(?:node_modules|dist|\.cache|screenshots)$/
  for (const what of [...ROOMS, 'scripts', 'docs', 'jest.config.js', 'package.json', 'tsconfig.base.json'])
    cpSync(join(root, what), join(copy, what), { recursive: true, filter: (path) => !left.test(path) })
  const packages = join(copy, 'node_modules')
  mkdirSync(join(packages, '@pepper-knot'), { recursive: true })
  for (const name of readdirSync(join(root, 'node_modules')))
    if (name !== '@pepper-knot') symlinkSync(join(root, 'node_modules', name), join(packages, name))
  for (const room of ROOMS) symlinkSync(join(copy, room), join(packages, '@pepper-knot', room))
  writeFileSync(
    join(copy, 'jest.config.js'),
    readFileSync(join(copy, 'jest.config.js'), 'utf8').replace("project('server'), project('cli'), ", ''),
  )
  spawnSync('git', ['init', '-q'], { cwd: copy })
  return copy
}

let failed = 0
for (const file of readdirSync(folder)) {
  if (process.env.ONLY && !file.includes(process.env.ONLY)) continue
  const { limit, room, tests, copies, existing, tables, added } = costOf(
    readFileSync(join(folder, file), 'utf8'),
  )
  const copy = copyHouse()
  const problems: string[] = []
  const must = (otherwise: string, command: string, args: string[]) => {
    const { status, stdout, stderr } = spawnSync(command, args, { cwd: copy, encoding: 'utf8' })
    if (status !== 0) problems.push(`${otherwise}: ${`${stdout}${stderr}`.trim().slice(-2000)}`)
  }
  for (const [from, to] of copies) cpSync(join(copy, from!), join(copy, to!), { recursive: true })
  must('it does not apply', 'git', ['apply', join(folder, file)])
  const tsc = 'node_modules/typescript-7/bin/tsc'
  for (const at of ['core', 'server', 'cli'])
    must(`${at} does not type-check`, process.execPath, [tsc, '-p', at])
  must('the page does not type-check', 'node_modules/.bin/vue-tsc', ['-p', 'web', '--noEmit'])
  must('it fails its tests', 'node_modules/.bin/jest', [
    '--silent',
    `--selectProjects=${room}`,
    '--testPathPatterns',
    `test/(?:${tests.join('|')})\\.test`,
  ])
  if (existing.length > limit) problems.push(`it edits ${existing.length} files, ${limit} are allowed`)
  const also = tables.length ? ` and ${tables.length} of the tests’ tables` : ''
  console.log(
    `${file} edits ${existing.length} of ${limit} files${also}: ${[...existing, ...tables].join(', ')}; adds ${[...added, ...copies.map(([, to]) => `${to}/`)].join(', ')}`,
  )
  for (const problem of problems) console.log(`  ${problem}`)
  failed += problems.length
  rmSync(copy, { recursive: true, force: true })
}
process.exit(failed ? 1 : 0)
