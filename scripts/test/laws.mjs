/**
 * Laws of the house that no type holds. `npm run laws` checks them; `npm run laws -- --break` breaks each on purpose
 * in a copy and fails unless that is found.
 */
import { spawnSync } from 'node:child_process'
import {
  cpSync,
  existsSync,
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
import ts from 'typescript'
import { root } from '../prepare.mjs'
import { costOf } from './costOf.mjs'
import { pseudoSource } from '../pseudo.mjs'

const walk = (folder) =>
  existsSync(folder)
    ? readdirSync(folder).flatMap((name) => {
        const path = join(folder, name)
        return statSync(path).isDirectory() ? walk(path) : [path]
      })
    : []
const read = (path) => readFileSync(path, 'utf8')
/** Every line of the files under a folder that a pattern meets. */
const lines = (house, folder, skip, pattern, what) =>
  walk(join(house, folder)).flatMap((path) => {
    const name = relative(join(house, folder), path)
    if (!/\.(?:ts|vue)$/.test(name) || skip.test(name)) return []
    return read(path)
      .split('\n')
      .flatMap((line, i) =>
        pattern.test(line) ? [`${folder}/${name}:${i + 1} ${what}: ${line.trim()}`] : [],
      )
  })
const run = (house, command, args) =>
  spawnSync(join(house, 'node_modules/.bin', command), args, { cwd: house, encoding: 'utf8' })
const typeCheck = (house) =>
  spawnSync(process.execPath, ['node_modules/typescript-7/bin/tsc', '-p', 'core'], {
    cwd: house,
    encoding: 'utf8',
  })

/** Law 1 and 2: who imports whom. */
function imports(house) {
  const found = run(house, 'depcruise', [
    'core/src',
    'web/src',
    'server/src',
    ...(existsSync(join(house, 'cli/src')) ? ['cli/src'] : []),
    '--config',
    '.dependency-cruiser.mjs',
    '--output-type',
    'err',
  ])
  return found.status === 0 ? [] : [`${found.stdout}${found.stderr}`]
}

/**
 * Law 1: below wording nothing holds a sentence. Errors of the program itself are not said to a user, and usual spares
 * are lines of quick entry, read as they are typed.
 */
const SENTENCE = /[A-Za-z]{2,},? [a-z]{2,},? [a-z]{2,}/
function sentences(house) {
  const core = join(house, 'core/src')
  return walk(core).flatMap((path) => {
    const name = relative(core, path)
    if (
      !name.endsWith('.ts') ||
      /^(?:wording|demo)\/|^machine\/usualSpares\.ts$|^metals\/(?:steels|stainless|light)\.ts$/.test(name)
    )
      return []
    const source = ts.createSourceFile(path, read(path), ts.ScriptTarget.Latest, true)
    const found = []
    const visit = (node) => {
      const callee = ts.isNewExpression(node) || ts.isCallExpression(node) ? node.expression.getText() : ''
      if (callee === 'RangeError' || callee === 'super') return
      if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node))
        if (SENTENCE.test(node.text))
          found.push(
            `core/src/${name}:${source.getLineAndCharacterOfPosition(node.pos).line + 1} holds a sentence: ${node.text}`,
          )
      ts.forEachChild(node, visit)
    }
    visit(source)
    return found
  })
}

/** Law 3: a family is named only in its sheet, the union, its words, and the wires of catalogue and standards. */
const FAMILY =
  /'(?:solid-steel|solid-stainless|metal-cored|flux-cored-self-shielded|flux-cored-gas-shielded|silicon-bronze)'|family\b[^\n]{0,12}'aluminium'/
const families = (house) => [
  ...lines(
    house,
    'core/src',
    /^(?:wording|demo|families|catalogue|wire\/classification)\/|^terms\/terms\.ts$/,
    FAMILY,
    'names a family',
  ),
  ...lines(house, 'web/src', /^$/, FAMILY, 'names a family'),
]

/**
 * Law 3: what a stranger would add, kept as patches, applies and edits no more files than it says; family and station
 * type-check together. `npm run bench -- costs` takes each alone, page and server too, and runs its tests.
 */
function patches(house, say = () => {}) {
  return inCopy(house, (copy) => {
    spawnSync('git', ['init', '-q'], { cwd: copy })
    const wrong = []
    for (const file of walk(join(house, 'docs/patches'))) {
      const name = relative(join(house, 'docs/patches'), file)
      const { limit, existing } = costOf(read(file))
      say(`${name} edits ${existing.length} of ${limit}: ${existing.join(', ')}`)
      if (existing.length > limit) wrong.push(`${name} edits ${existing.length} files, ${limit} are allowed`)
      const apply = (...how) => spawnSync('git', ['apply', ...how, file], { cwd: copy, encoding: 'utf8' })
      const applied = apply()
      if (applied.status !== 0) {
        wrong.push(`${name} no longer applies: ${applied.stderr.trim()}`)
        continue
      }
      // One that slipped to other lines applies and says nonsense.
      for (const path of existing) {
        const { diagnostics } = ts.transpileModule(read(join(copy, path)), { reportDiagnostics: true })
        if (diagnostics?.length) wrong.push(`${name} spoils ${path}`)
      }
      if (!/family|station/.test(name)) apply('-R')
    }
    const types = typeCheck(copy)
    return types.status === 0
      ? wrong
      : [...wrong, `with the patches core does not type-check:\n${types.stdout}`]
  })
}

/** Law 1: a rule without words or rank, a problem without words: the compiler says so. */
const compiles = (house) => {
  const types = typeCheck(house)
  return types.status === 0 ? [] : [`core does not type-check:\n${types.stdout}`]
}

/** Law 4: no grammar by string surgery, and nobody compares with a word that is shown. */
const grammar = (house) => [
  ...lines(
    house,
    'core/src/wording',
    /search\.ts$/,
    /charAt\(|\.toLowerCase\(|\.toUpperCase\(|\.replace\('/,
    'makes grammar of a string',
  ),
  ...lines(
    house,
    'web/src',
    /^storage\//,
    /_(?:NAMES|SHORT|WORDS)\[[^\]]*\]\.(?:to|replace|slice)|=== '[a-z]+ [a-z]+'/,
    'makes grammar of a name',
  ),
]

/** Law 4: with the words of wording pretended, no answer to seeded requests says anything in English. */
const language = (house) =>
  inCopy(house, (copy) => {
    for (const path of walk(join(copy, 'core/src/wording/en')))
      writeFileSync(path, pseudoSource(read(path), path))
    for (const path of ['server/src/answer.ts', 'server/test/asked.ts'])
      writeFileSync(
        join(copy, path),
        read(join(copy, path))
          .replace(/'@pepper-knot\/core\/internal'/g, "'../../core/src/index.ts'")
          .replace(/'@pepper-knot\/core\/(\w+)'/g, "'../../core/src/public/$1.ts'"),
      )
    const told = run(copy, 'tsx', ['--conditions=source', 'scripts/test/pseudoAnswers.ts'])
    if (told.status !== 0) return [`the pretended language does not run: ${told.stderr}`]
    return told.stdout
      .split('\n')
      .filter(Boolean)
      .map((line) => `an answer stays English: ${line}`)
  })

/** Law 5: no trade in components: no unit's factor, no mixture, no rule told by its ending. */
const trade = (house) =>
  lines(
    house,
    'web/src',
    /^messages\//,
    /\b(?:25\.4|0\.0254|28\.3168\d*|0\.45359\d*|1\.01325|0\.3048|0\.44704)\b|\{ (?:Ar|CO2|He): \d|rule\.(?:endsWith|startsWith|includes|match)/,
    'holds trade',
  )

/** A field that focuses itself does so a moment late, and takes what is typed by then from another. */
const late = (house) =>
  lines(house, 'web/src', /^$/, /^(?!.*<v-btn).*\sautofocus[\s/>]/, 'takes the focus late: data-first')

/** What takes a phone a moment is thought in a worker, never on the page. */
const heavy = (house) =>
  lines(house, 'web/src', /^workers\//, /\b(?:planCure|findTrouble|feedChances)\(/, 'thinks on the page')

/** Law 2: a job changes by a command: outside the store that carries commands out, nothing assigns to a run. */
const assigns = (house) =>
  lines(
    house,
    'web/src',
    /^stores\/(?:runs|page)\.ts$|^workers\//,
    /\b(?:run|found|kept|origin)(?:\.value)?!?\.\w+(?:\.\w+)* (?:=|\+=) |v-model="run\.|delete run\b|"run\.\w+ = /,
    'assigns to a run',
  )

/** Law 1: what others use of core is named, and can be taken in: at most so many names a front, and in all. */
const MOST_NAMES = 60
const MOST_PUBLISHED = 399
function names(house) {
  const published = new Set()
  const found = []
  for (const path of [...walk(join(house, 'core/src/public')), join(house, 'core/src/package.ts')]) {
    const source = ts.createSourceFile(path, read(path), ts.ScriptTarget.Latest, true)
    const own = new Set()
    for (const node of source.statements) {
      if (ts.isExportDeclaration(node)) {
        if (!node.exportClause) found.push(`${relative(house, path)} exports without naming`)
        else if (ts.isNamedExports(node.exportClause))
          for (const { name } of node.exportClause.elements) own.add(name.text)
      } else if (node.modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword))
        for (const { name } of node.declarationList?.declarations ?? [node]) own.add(name.getText())
    }
    if (own.size > MOST_NAMES) found.push(`${relative(house, path)} has ${own.size} names`)
    for (const name of own) published.add(name)
  }
  if (published.size > MOST_PUBLISHED) found.push(`the package publishes ${published.size} names`)
  return found
}

/** The second truths of troubles and of the arc share nothing with what they judge: they import nothing at all. */
const apart = (house) =>
  lines(
    house,
    'core/test',
    /^(?!(?:mechanics|mechanicalArc)\.ts$)/,
    /^\s*import\b|\bimport\(/,
    'is no truth apart',
  )

const LAWS = {
  apart,
  names,
  imports,
  sentences,
  families,
  compiles,
  patches,
  grammar,
  language,
  trade,
  late,
  heavy,
  assigns,
}

/** A copy of what the laws look at, with the same packages. */
function inCopy(house, use) {
  const copy = mkdtempSync(join(tmpdir(), 'pepper-knot-laws-'))
  for (const what of [
    'core',
    'cli/src',
    'server/src',
    'server/test',
    'scripts',
    'web/src',
    'docs/patches',
    '.dependency-cruiser.mjs',
    'tsconfig.base.json',
    'package.json',
  ])
    cpSync(join(house, what), join(copy, what), { recursive: true })
  symlinkSync(join(house, 'node_modules'), join(copy, 'node_modules'))
  try {
    return use(copy)
  } finally {
    rmSync(copy, { recursive: true, force: true })
  }
}

/** Each law broken on purpose: what is done to the copy, and what the law must then say. */
const BREAKS = [
  [
    'one public name too many',
    'names',
    'core/src/public/arc.ts',
    (s) => `${s}\n${Array.from({ length: 60 }, (_, i) => `export const odd${i} = ${i}`).join('\n')}\n`,
    /public\/arc\.ts has \d+ names[^]*publishes/,
  ],
  [
    'a front that names nothing',
    'names',
    'core/src/public/wire.ts',
    (s) => `${s}\nexport * from '../wire/spool.ts'\n`,
    /exports without naming/,
  ],
  [
    'the page past the fronts of core',
    'imports',
    'web/src/parts/rows.ts',
    (s) => `import { dice } from '@pepper-knot/core/internal'\nexport const odd = dice\n${s}`,
    /front-doors/,
  ],
  [
    'words past the composable',
    'imports',
    'web/src/parts/places.ts',
    (s) => `import { loadWords } from '@pepper-knot/core/words'\nexport const odder = loadWords\n${s}`,
    /words-by-one-composable/,
  ],
  [
    'a language that nobody chose',
    'imports',
    'web/src/parts/keys.ts',
    (s) => `import { answers } from '@pepper-knot/core/english'\nexport const odd = answers\n${s}`,
    /words-by-choice/,
  ],
  [
    'a circle of folders',
    'imports',
    'core/src/units/format.ts',
    (s) => `import type { Wire } from '../wire/wire.ts'\nexport type Odd = Wire\n${s}`,
    /no-circle-of-folders/,
  ],
  [
    'a low room that imports wording',
    'imports',
    'core/src/wire/label.ts',
    (s) => `import { problemText } from '../wording/index.ts'\nexport const odd = problemText\n${s}`,
    /words-above/,
  ],
  [
    'acts that import work',
    'imports',
    'core/src/stations/spool/acts.ts',
    (s) => `import { spoolOffWork } from './work.ts'\nexport const odd = spoolOffWork\n${s}`,
    /proof-apart-from-planning/,
  ],
  [
    'work that imports acts',
    'imports',
    'core/src/stations/spool/work.ts',
    (s) => `import { SPOOL_ACTS } from './acts.ts'\nexport const odd = SPOOL_ACTS\n${s}`,
    /planning-apart-from-proof/,
  ],
  [
    'a cure that asks its proof what to do',
    'imports',
    'core/src/trouble/cureList.ts',
    (s) => `import { perform } from '../changeover/proof/perform.ts'\nexport const odd = perform\n${s}`,
    /planning-apart-from-proof/,
  ],
  [
    'the page that imports the server',
    'imports',
    'web/src/parts/places.ts',
    (s) => `import { answer } from '../../../server/src/answer.ts'\nexport const odd = answer\n${s}`,
    /one-way[^\n]*web\/src/,
  ],
  [
    'core that imports the page',
    'imports',
    'core/src/gas/leak.ts',
    (s) => `import type { Mark } from '../../../web/src/parts/marks.ts'\nexport type Odd = Mark\n${s}`,
    /one-way[^\n]*core\/src/,
  ],
  [
    'the server that imports the page',
    'imports',
    'server/src/answer.ts',
    (s) => `import { keys } from '../../web/src/parts/places.ts'\nexport const odd = keys\n${s}`,
    /one-way[^\n]*server\/src/,
  ],
  [
    'a component that keeps for itself',
    'imports',
    'web/src/parts/marks.ts',
    (s) => `import localforage from 'localforage'\nexport const odd = localforage\n${s}`,
    /storage-alone/,
  ],
  [
    'a sentence in a low room',
    'sentences',
    'core/src/gas/flow.ts',
    (s) => `${s}\nexport const odd = 'Open the valve slowly.'\n`,
    /gas\/flow\.ts/,
  ],
  [
    'a family named in the arc',
    'families',
    'core/src/arc/volts.ts',
    (s) => `${s}\nexport const odd = 'metal-cored'\n`,
    /names a family/,
  ],
  [
    'a family named in a component',
    'families',
    'web/src/parts/marks.ts',
    (s) => `${s}\nexport const odd = 'silicon-bronze'\n`,
    /names a family/,
  ],
  [
    'a rule without words',
    'compiles',
    'core/src/stations/spool/rules.ts',
    (s) => s.replace(/= \{\n/, "= {\n  'spool-odd': { rank: 'harms', keep: 'may' },\n"),
    /spool-odd/,
  ],
  [
    'a rule that does not say whether it may be kept',
    'compiles',
    'core/src/stations/hubBrake/rules.ts',
    (s) => s.replace(", keep: 'may'", ''),
    /hubBrake\/rules\.ts[^\n]*keep|keep[^\n]*RuleRow/,
  ],
  [
    'a kind of job without a goal',
    'compiles',
    'core/src/jobs/kinds.ts',
    (s) => s.replace(/ {2}goal: \(\{ kind,[^]*?\n {2}folds/, '  folds'),
    /jobs\/kinds\.ts[^\n]*goal/,
  ],
  [
    'a kind of job without a row',
    'compiles',
    'core/src/record/run.ts',
    (s) =>
      s.replace(
        '} as const\n/** What is done in',
        "  odd: z.object({ kind: z.literal('odd'), ...everyRun }),\n} as const\n/** What is done in",
      ),
    /jobs\/kinds\.ts[^\n]*odd/,
  ],
  [
    'a problem without words',
    'compiles',
    'core/src/base/codes.ts',
    (s) => s.replace('ProblemFacts {\n', "ProblemFacts {\n  'unit.odd': []\n"),
    /unit\.odd/,
  ],
  [
    'a sheet that asks for more',
    'patches',
    'core/src/families/sheet.ts',
    (s) => s.replace('export interface FamilySheet {', 'export interface FamilySheet {\n  odd: number'),
    /does not type-check/,
  ],
  [
    'a station whose words are in another file again',
    'patches',
    'core/src/wording/en/stations/index.ts',
    (s) => s.replaceAll('supply: SUPPLY', 'supply: { ...SUPPLY }'),
    /no longer applies/,
  ],
  [
    'grammar by surgery',
    'grammar',
    'core/src/wording/en/short.ts',
    (s) => `${s}\nexport const odd = (s: string) => s.charAt(0)\n`,
    /grammar/,
  ],
  [
    'an id said for a word',
    'language',
    'core/src/wording/en/stations/reader.ts',
    (s) => s.replace('text: (key) => valueText(facts[key])', 'text: (key) => String(facts[key])'),
    /stays English/,
  ],
  [
    'a unit in a component',
    'trade',
    'web/src/parts/marks.ts',
    (s) => `${s}\nexport const odd = (mm: number) => mm / 25.4\n`,
    /holds trade/,
  ],
  [
    'a field that takes the focus late',
    'late',
    'web/src/screens/store/MachineEditor.vue',
    (s) => s.replace('data-first', 'autofocus'),
    /takes the focus late/,
  ],
  [
    'a second truth that looks at the first',
    'apart',
    'core/test/mechanics.ts',
    (s) => `import { CAUSES } from '../src/trouble/causes.ts'\n${s}`,
    /is no truth apart/,
  ],
  [
    'a cure planned on the page',
    'heavy',
    'web/src/screens/trouble/useTroubleRun.ts',
    (s) => `${s}\nexport const odd = () => planCure()\n`,
    /thinks on the page/,
  ],
  [
    'a component that assigns to a run',
    'assigns',
    'web/src/screens/changeover/SwapStage.vue',
    (s) => s.replace('change((run) => undoStep(run, id))', 'run.value.done = run.value.done.slice(0, -1)'),
    /assigns to a run/,
  ],
  [
    'a field bound to a run',
    'assigns',
    'web/src/screens/changeover/DecideStage.vue',
    (s) => s.replace(':model-value="run.label"', 'v-model="run.label"'),
    /assigns to a run/,
  ],
]

let failed = 0
if (process.argv.includes('--break')) {
  // Laws that only read share a copy; one that runs what was broken has its own. The two that run long break with `bench -- long`.
  const slow = ['patches', 'language']
  const own = ['compiles', ...(process.env.LONG === '1' ? slow : [])]
  const reading = Object.keys(LAWS).filter((name) => ![...own, ...slow].includes(name))
  for (const names of [reading, ...own.map((name) => [name])])
    inCopy(root, (copy) => {
      const own = BREAKS.filter(([, of]) => names.includes(of))
      for (const [what, , file, spoil] of own) {
        const before = read(join(copy, file))
        const after = spoil(before)
        if (after === before) throw new Error(`${what}: nothing was broken`)
        writeFileSync(join(copy, file), after)
      }
      const found = Object.fromEntries(names.map((name) => [name, LAWS[name](copy).join('\n')]))
      for (const [what, of, , , says] of own) {
        const good = says.test(found[of])
        if (!good) failed++
        console.log(`${good ? 'found' : 'NOT FOUND'}: ${what}`)
      }
    })
} else
  for (const [name, law] of Object.entries(LAWS)) {
    if (name === 'compiles') continue // the type check says it
    const found = name === 'patches' ? law(root, console.log) : law(root)
    for (const line of found) console.error(line)
    failed += found.length
  }
process.exit(failed ? 1 : 0)
