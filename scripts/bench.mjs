/**
 * npm run bench: every pair of wires planned, the readiness board of a large shop, the feed bench against
 * mathjs and a bare loop, dialling in on simulated arcs, and the order search against a
 * general solver. `npm run bench -- combinations` runs setups at random instead; `long` tries every law
 * at its full count, the browser’s among them the walks of every job too; `record` is what a touch costs in a long record, `memory` what a long log does; `proof` holds the proof
 * against a checker of its own; `mutants` breaks seeded places and asks Jest; `costs` adds a family, a station, a job
 * and the like to a copy;
 * any name runs that one alone.
 */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { build, install, root, run } from './prepare.mjs'

const usual = ['pairs', 'readiness', 'feed', 'dialin', 'order']
const known = [
  ...usual,
  'combinations',
  'server',
  'setups',
  'settings',
  'answers',
  'labels',
  'metals',
  'notes',
  'load',
  'record',
  'memory',
  'proof',
  'trouble',
  'mechanics',
  'mutants',
  'costs',
  'photo',
  'long',
]
/** They measure what is served. */
const OF_WHAT_IS_BUILT = ['server', 'load', 'record', 'memory']
const asked = process.argv.slice(2)
const odd = asked.find((name) => !known.includes(name))
if (odd) {
  console.error(`There is no bench ${odd}; there are ${known.join(', ')}.`)
  process.exit(2)
}
/** Every law at its full count: the sample of each runs with `npm test`. */
function long() {
  const laws = ['core', 'web', 'server'].flatMap((room) =>
    readdirSync(join(root, room, 'test')).flatMap((name) =>
      name.endsWith('.test.ts') && readFileSync(join(root, room, 'test', name), 'utf8').includes('times(')
        ? [`${room}/test/${name}`]
        : [],
    ),
  )
  const env = { ...process.env, LONG: '1' }
  const status = run('npx', ['jest', '--verbose', ...laws], { env })
  build()
  return (
    run(
      'npx',
      [
        'playwright',
        'test',
        'record',
        'jobs',
        'standing',
        'changeovers',
        'hands',
        'overflow',
        'shop',
        'access',
      ],
      {
        env,
        cwd: join(root, 'e2e'),
      },
    ) ||
    run('node', ['scripts/test/laws.mjs', '--break'], { env }) ||
    run('npx', ['tsx', '--conditions=source', 'scripts/test/costs.ts']) ||
    run('npx', ['tsx', '--conditions=source', 'scripts/test/mutants.ts']) ||
    status
  )
}

install()
let status = 0
for (const name of asked.length ? asked : usual) {
  console.log(`\n— ${name}`)
  if (OF_WHAT_IS_BUILT.includes(name)) build()
  status =
    (name === 'long' ? long() : run('npx', ['tsx', '--conditions=source', `scripts/test/${name}.ts`])) ||
    status
}
process.exit(status)
