/** A thousand seeded requests, a third of the changeovers spoiled somewhere inside. */
import { dice, otherSetup, type Dice } from '../../core/test/otherSetups.ts'
import { CATALOGUE, SCHOOL_IDS, schoolOptions } from '@pepper-knot/core/internal'
import type { Question } from '../src/answer.ts'

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

/** @param share of the thousand, from the first */
export function asked(share = 1): [Question, unknown][] {
  const asked: [Question, unknown][] = []
  for (let seed = 1; seed <= 300 * share; seed++) asked.push(['decode', label(dice(seed * 31))])
  for (let seed = 1; seed <= 700 * share; seed++) {
    const d = dice(seed * 17)
    const setup = otherSetup(seed, schools)
    const practice = { ...(setup.practice as object), people: 1 }
    asked.push(['changeover', seed % 3 === 0 ? spoiled(d, setup) : { ...setup, practice }])
  }
  return asked
}
