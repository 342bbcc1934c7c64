/** What both commands need first: the packages, exactly as locked. */
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = join(dirname(fileURLToPath(import.meta.url)), '..')

export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options })
  return result.status ?? 1
}

function need(status, what) {
  if (status === 0) return
  console.error(`${what} failed.`)
  process.exit(status)
}

export function install() {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20) {
    console.error(`Node 20 or newer is needed; this is ${process.version}.`)
    process.exit(2)
  }
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = join(root, 'node_modules', '.pepper-knot-lock')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  console.error('Installing packages…')
  need(
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      stdio: ['ignore', 'ignore', 'inherit'],
    }),
    'npm ci',
  )
  mkdirSync(dirname(stamp), { recursive: true })
  writeFileSync(stamp, lock)
}

export const build = () => need(run('npm', ['run', 'build', '--silent']), 'The build')
