/**
 * Breaks seeded places of core, stores and storage one at a time in a copy, and asks Jest whether it notices.
 * `npm run bench -- mutants`; `MUTANTS` says how many, `SEED` which, `ONLY` a folder. What survives is printed, to be
 * killed by a test or seen to be alike.
 */
import { spawn } from 'node:child_process'
import {
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import ts from 'typescript'
import { dice } from '../../core/test/otherSetups.ts'

const root = fileURLToPath(new URL('../..', import.meta.url))
const wanted = Number(process.env.MUTANTS ?? 60)
const d = dice(Number(process.env.SEED ?? 1))
/** Words are held by their own laws, lists of exports by the compiler. */
const SKIP = /\/(?:wording|demo|public)\/|\/(?:index|package)\.ts$|\.d\.ts$/
const FOLDERS = (process.env.ONLY ?? 'core/src,web/src/stores,web/src/storage').split(',')
/** Files that take long are asked last: most mutants are noticed before. */
const SLOW = '(?:trouble|standing.property|words|suggest|setups.property|plans.property|order|gasGroups)'
const LONGEST_MS = 400_000

const walk = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? walk(path) : /\.ts$/.test(name) && !SKIP.test(path) ? [path] : []
  })

interface Place {
  file: string
  line: number
  from: number
  to: number
  was: string
  is: string
}
const SWAPS: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.PlusToken]: '-',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
  [ts.SyntaxKind.SlashToken]: '*',
}
/** Every place of a file that can be broken in a small way. */
function placesOf(path: string): Place[] {
  const text = readFileSync(path, 'utf8')
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true)
  const places: Place[] = []
  const put = (node: ts.Node, is: string) => {
    const from = node.getStart()
    const { line } = source.getLineAndCharacterOfPosition(from)
    places.push({ file: relative(root, path), line: line + 1, from, to: node.end, was: node.getText(), is })
  }
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
    if (ts.isBinaryExpression(node)) {
      const swap = SWAPS[node.operatorToken.kind]
      if (swap) put(node.operatorToken, swap)
    } else if (node.kind === ts.SyntaxKind.TrueKeyword) put(node, 'false')
    else if (node.kind === ts.SyntaxKind.FalseKeyword) put(node, 'true')
    else if (ts.isNumericLiteral(node)) put(node, `(${node.text} * 1.5 + 1)`)
    else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      put(node, node.operand.getText())
    else if (ts.isConditionalExpression(node)) put(node.condition, `!(${node.condition.getText()})`)
    else if (ts.isIfStatement(node)) put(node.expression, `!(${node.expression.getText()})`)
    else if (ts.isExpressionStatement(node) && ts.isCallExpression(node.expression)) put(node, ';')
    else if (ts.isSpreadElement(node) && ts.isArrayLiteralExpression(node.parent)) put(node, '...[]')
    ts.forEachChild(node, visit)
  }
  visit(source)
  return places
}

/** @returns whether the tests failed */
function fails(copy: string, room: string, args: string[]): Promise<boolean> {
  return new Promise((done) => {
    const child = spawn(
      join(copy, 'node_modules/.bin/jest'),
      ['--bail', '--silent', '--ci', `--selectProjects=${room}`, '--maxWorkers=1', ...args],
      { cwd: copy, stdio: 'ignore', env: { ...process.env, BUILT: '1' } },
    )
    // What never ends is noticed too.
    const late = setTimeout(() => child.kill('SIGKILL'), LONGEST_MS)
    child.on('close', (status) => {
      clearTimeout(late)
      done(status !== 0)
    })
  })
}

const all = FOLDERS.flatMap((folder) => walk(join(root, folder))).flatMap(placesOf)
const picked = Array.from({ length: wanted }, () => d.of(all))
const survivors: Place[] = []
let asked = 0
async function lane() {
  const copy = mkdtempSync(join(tmpdir(), 'pepper-knot-mutants-'))
  for (const what of [
    'core',
    'web',
    'server/test',
    'scripts',
    'docs',
    'jest.config.js',
    'package.json',
    'tsconfig.base.json',
  ])
    cpSync(join(root, what), join(copy, what), {
      recursive: true,
      filter: (path) => !/\/(?:node_modules|dist)$/.test(path),
    })
  for (const file of ['jest.config.js'])
    writeFileSync(
      join(copy, file),
      readFileSync(join(copy, file), 'utf8').replace("project('server'), project('cli'), ", ''),
    )
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))
  // A copy that fails by itself would notice everything.
  if (
    (await fails(copy, 'core', ['--testPathPatterns', 'test/(?:match|bounds)\\.test'])) ||
    (await fails(copy, 'web', []))
  )
    throw new Error('the copy fails as it stands')
  for (;;) {
    const place = picked[asked++]
    if (!place) break
    const path = join(copy, place.file)
    const text = readFileSync(path, 'utf8')
    writeFileSync(path, text.slice(0, place.from) + place.is + text.slice(place.to))
    const room = place.file.split('/')[0]!
    const killed =
      room === 'core'
        ? (await fails(copy, room, ['--testPathIgnorePatterns', `test/${SLOW}\\.test`])) ||
          (await fails(copy, room, ['--testPathPatterns', `test/${SLOW}\\.test`]))
        : await fails(copy, room, [])
    writeFileSync(path, text)
    console.log(
      `${killed ? 'killed  ' : 'SURVIVED'} ${place.file}:${place.line} ${place.was.slice(0, 60)} -> ${place.is.slice(0, 60)}`,
    )
    if (!killed) survivors.push(place)
  }
  rmSync(copy, { recursive: true, force: true })
}
await Promise.all([lane(), lane()])
const share = (picked.length - survivors.length) / picked.length
console.log(`${all.length} places; of ${picked.length}, ${(100 * share).toFixed(0)} % killed`)
if (share < 0.8) process.exitCode = 1
