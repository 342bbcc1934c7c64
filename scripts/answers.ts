/**
 * The answers to a thousand seeded requests, as one hash a question: what moved is seen at once.
 * `npm run bench -- answers`; `WRITE=file` keeps the answers line by line, so that two versions can be compared.
 */
import { createHash } from 'node:crypto'
import { writeFileSync } from 'node:fs'
import { dice, otherSetup, type Dice } from '../core/test/otherSetups.ts'
import { CATALOGUE, SCHOOL_IDS, schoolOptions } from '../core/src/index.ts'
import { answer, type Question } from '../server/src/answer.ts'

const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))
const TAILS = [
  '',
  ' .035',
  ' 1.2 mm 15 kg',
  ' 1/16 33 lb',
  ' 0.9',
  ' 7.5 mm',
  ' .045 80/20',
  ' 0.8 5kg spool',
]
const ODD = [
  '',
  'E7018',
  'ER',
  'tungsten 2.4',
  'E71T-99 .045',
  'G 42 4 M21',
  'T 46 4 P NO 1',
  '6061',
  'SG2 0.8',
  '…',
]

function label(d: Dice): unknown {
  if (d.chance(0.1)) return { label: d.of(ODD) }
  const text = d.of(CATALOGUE).classification + d.of(TAILS)
  return { label: d.chance(0.2) ? text.toLowerCase() : d.chance(0.2) ? text.replace(/-/g, ' ') : text }
}

/** Somewhere inside, another value: most are refused, with a path. */
function spoiled(d: Dice, value: unknown): unknown {
  const wrong = () => d.of<unknown>([null, -1, 1e9, '', 'x'.repeat(600), [], {}, true, 'smooth-w'])
  if (typeof value !== 'object' || value === null || d.chance(0.15)) return wrong()
  const keys = Object.keys(value)
  if (keys.length === 0) return wrong()
  const key = d.of(keys)
  const inside = (value as Record<string, unknown>)[key]
  if (Array.isArray(value)) return value.map((v, i) => (String(i) === key ? spoiled(d, v) : v))
  return { ...value, [key]: spoiled(d, inside) }
}

const asked: [Question, unknown][] = []
for (let seed = 1; seed <= 300; seed++) asked.push(['decode', label(dice(seed * 31))])
for (let seed = 1; seed <= 700; seed++) {
  const d = dice(seed * 17)
  const setup = otherSetup(seed, schools)
  const practice = { ...(setup.practice as object), people: 1 }
  asked.push(['changeover', seed % 3 === 0 ? spoiled(d, setup) : { ...setup, practice }])
}

const lines = asked.map(([question, body]) => {
  const given = answer({ question, body: new TextEncoder().encode(JSON.stringify(body)) })
  return [question, typeof given === 'string' ? given : `${given.status} ${given.body}`] as const
})
const hash = (of: readonly string[]) => createHash('sha256').update(of.join('\n')).digest('hex').slice(0, 16)
for (const question of ['decode', 'changeover'] as const) {
  const own = lines.filter(([q]) => q === question).map(([, text]) => text)
  const by = [...new Set(own.map((text) => text.slice(0, 3)))].sort()
  console.log(
    `${question}: ${own.length} answers, hash ${hash(own)}, ${by.map((s) => `${s}: ${own.filter((t) => t.startsWith(s)).length}`).join(', ')}`,
  )
}
console.log(`all: hash ${hash(lines.map(([, text]) => text))}`)
if (process.env.WRITE) writeFileSync(process.env.WRITE, lines.map(([q, text]) => `${q} ${text}`).join('\n'))
