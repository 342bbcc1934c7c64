/**
 * npm test: format, lint, types, Jest and Playwright, installing what they need.
 * Ends with one line, `N passed, N failed`, summed from Jest and Playwright; a failed lint or type check counts as one.
 */
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { build, install, root, run } from './prepare.mjs'

const cache = join(root, '.cache')
const jestFile = join(cache, 'jest.json')
const playwrightFile = join(cache, 'playwright.json')

install()
ensureChromium()
mkdirSync(cache, { recursive: true })
for (const file of [jestFile, playwrightFile]) rmSync(file, { force: true })

let passed = 0
let failed = 0
build()
const check = (name) => async () => {
  const { status, said } = await quietly('npm', ['run', name, '--silent'])
  console.log(`\n— ${name}\n${said}`)
  if (status === 0) return
  failed++
  console.log(`${name} failed`)
}
const runner = async (name, command, args, env, file, read) => {
  const { said } = await quietly(command, args, env)
  console.log(`\n— ${name}\n${said}`)
  count(name, file, read)
}
const jest = () =>
  runner(
    'jest',
    'npx',
    ['jest', '--json', `--outputFile=${jestFile}`, '--silent'],
    { BUILT: '1' },
    jestFile,
    (r) => [r.numPassedTests, r.numFailedTests + r.numRuntimeErrorTestSuites],
  )
const playwright = () =>
  runner(
    'playwright',
    'npm',
    ['run', 'e2e', '--silent'],
    { PW_JSON: playwrightFile, CHROMIUM: chromium() },
    playwrightFile,
    (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected + r.errors.length],
  )
// Two lanes, one a core: the browser has one from the start, and each takes what is left when it is free.
const left = [playwright, jest, ...['types', 'lint', 'laws:break', 'laws'].map(check)]
const lane = async () => {
  for (let next = left.shift(); next; next = left.shift()) await next()
}
await Promise.all([lane(), lane()])

console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)

/** Runs a command and keeps what it says until it is done, so that two do not talk at once. */
function quietly(command, args, env = {}) {
  return new Promise((done) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text))
    child.on('close', (status) => done({ status: status ?? 1, said }))
  })
}

/** A runner that left no report has failed as a whole. */
function count(name, file, read) {
  const [good, bad] = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : [0, 1]
  if (!existsSync(file)) console.log(`${name} left no report`)
  passed += good
  failed += bad
}

function chromium() {
  const found = ['chromium-headless-shell', 'chromium', 'chromium-browser'].map((name) => `/usr/bin/${name}`)
  return [process.env.CHROMIUM, ...found].find((path) => path && existsSync(path))
}

function ensureChromium() {
  if (chromium()) return
  const mayInstall = existsSync('/usr/bin/apt-get') && process.getuid?.() === 0
  if (mayInstall) {
    console.error('Installing Debian’s chromium…')
    const quiet = {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }
    run('apt-get', ['update', '-qq'], quiet)
    // The same browser without its window costs a fifth less time; where it is not packaged, the whole one.
    for (const name of ['chromium-headless-shell', 'chromium'])
      if (!chromium()) run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], quiet)
  }
  if (chromium()) return
  console.error(
    'The browser tests need Chromium. Run:  sudo apt-get update && sudo apt-get install -y chromium\nor name one you have:  CHROMIUM=/path/to/chromium npm test',
  )
  process.exit(2)
}
