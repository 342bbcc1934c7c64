/**
 * Laws of the house that no type holds: a family is named only where it may be, and a new one is its sheet and a few
 * lines, which a patch kept in docs/patches shows on a copy of core that must type-check.
 */
import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, relative } from 'node:path'
import { root } from './prepare.mjs'

const broken = []
const core = join(root, 'core/src')
const walk = (folder) =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? walk(path) : [path]
  })

/** Wording, catalogue, classification tables, demo, and the sheets with the union they stand in. */
const MAY_NAME = /^(?:wording|demo|families|wire\/classification)\/|^wire\/(?:catalogue|families)\.ts$/
const FAMILY =
  /'(?:solid-steel|solid-stainless|metal-cored|flux-cored-self-shielded|flux-cored-gas-shielded|silicon-bronze)'|family\b[^\n]{0,12}'aluminium'/
for (const path of walk(core)) {
  const name = relative(core, path)
  if (MAY_NAME.test(name)) continue
  readFileSync(path, 'utf8')
    .split('\n')
    .forEach((line, i) => {
      if (FAMILY.test(line)) broken.push(`core/src/${name}:${i + 1} names a family: ${line.trim()}`)
    })
}

const patch = join(root, 'docs/patches/pretend-family.patch')
const copy = mkdtempSync(join(tmpdir(), 'pepper-knot-laws-'))
cpSync(join(root, 'core'), join(copy, 'core'), { recursive: true })
cpSync(join(root, 'tsconfig.base.json'), join(copy, 'tsconfig.base.json'))
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))
const run = (command, args) => spawnSync(command, args, { cwd: copy, encoding: 'utf8' })
run('git', ['init', '-q'])
const applied = run('git', ['apply', patch])
if (applied.status !== 0) broken.push(`the pretended family no longer applies: ${applied.stderr.trim()}`)
else {
  const types = run('node_modules/.bin/tsc', ['-p', 'core'])
  if (types.status !== 0) broken.push(`the pretended family does not type-check:\n${types.stdout}`)
  const touched = [...readFileSync(patch, 'utf8').matchAll(/^\+\+\+ b\/(.*)$/gm)].map(([, file]) => file)
  console.log(`a pretended family touches ${touched.length} files: ${touched.join(', ')}`)
}
rmSync(copy, { recursive: true, force: true })
for (const what of broken) console.error(what)
process.exit(broken.length ? 1 : 0)
