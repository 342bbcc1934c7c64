import { read, refuse, type Problem, type Read } from '../base/problem.ts'
import { say, type Said } from '../base/codes.ts'
import { takeBesides, type Besides } from './besides.ts'
import {
  asScanned,
  evenText,
  inOurWords,
  isFiller,
  mendNumbers,
  setAside,
  takeMass,
  withoutDashes,
  withoutFormulas,
} from './boxText.ts'
import { readDesignation, type Designated } from './classification/index.ts'
import { readDiameter, type Diameter } from './diameters.ts'
import { otherProduct } from './otherProducts.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { gaugeScaleOf } from '../units/gauge.ts'
import { kindOfWords } from './classification/shopWords.ts'
import type { Spool, SpoolType } from './spool.ts'
import { spoolForMass } from './spool.ts'
import type { Family } from '../terms/terms.ts'
import type { Wire, WireNote } from './wire.ts'

const UNIT_WORD = /^(MM|IN|INCH|INCHES|"|THOU|MIL|MILS|THOUSANDTHS?)\.?$/
const SPOOL = /\b(BS300|B300|S100|S200|S300)\b/
const LOOKS_LIKE_SIZE =
  /^(?:\d*[.,]\d+|0\d\d|\d{1,2}\/\d{1,2}|\d{2},000)(?:MM|IN|INCH|"|THOU)?$|^\d+(?:[.,]\d+)?(?:MM|THOU|MILS?|")$/
/** Words in the longest designation, `T 46 3 1Ni B M21 1 H5` with its standard left out. */
const LONGEST = 9
/** A box says no more; what a camera reads beyond it is not the label. */
const MOST_WORDS = 120
/** Characters that a camera may read of one box. */
const LONGEST_BOX = 2000
/** What stands before an alloy and is not printed twice: `ER316/316L`. */
const LEAD = /^E[RC]/
/** Letters in the longest designation, two standards on one box. */
const MOST_LETTERS = 80
/** Ways to mend a camera's slips that are tried on one label. */
const MOST_FORMS = 300

export interface Label {
  wire: Wire
  spool: Spool
  /** Gas, thickness and date that were typed beside it. */
  besides: Besides
}

/** A size and no wire: the wire is asked for, and of a size that no wire has what was meant. */
function onlySize(text: string, path: string): Read<never> | undefined {
  const typed = text.trim()
  if (typed.length > LONGEST_SIZE || !/^(?:[\d.,/]+|ø\s*[\d.,]+)\s*(?:mm|in\.?|inch|["”])?$/i.test(typed))
    return undefined
  const size = readDiameter(typed)
  if (size.ok) return refuse(path, say('label.onlySize', size.value.diameterLabel))
  const [problem] = size.problems
  return problem!.suggestion === undefined ? undefined : { ok: false, problems: [{ ...problem!, path }] }
}
const LONGEST_SIZE = 20

/**
 * Reads what a box of wire says: classification, size and mass in any order and any case, typed or read by a
 * camera with its line breaks, lot numbers and letters for figures.
 * `E71T-11 .030 10 lb`, `er5356 1,2mm`, `ISO 14341-A-G 42 4 M21 3Si1 0.9 mm NET WT 15 kg`.
 * @returns the wire with what was not read in `unread`, or the reason it is refused with the likely meaning
 */
export function readLabel(text: string, path = 'label'): Read<Label> {
  if (text.length > LONGEST_BOX) return refuse(path, say('label.tooLong', text.length))
  const even = inOurWords(mendNumbers(evenText(text)))
  if (!even) return refuse(path, say('label.empty'))
  const { rest: said, aside } = setAside(withoutFormulas(even))
  const { rest: bare, besides } = takeBesides(said)
  const mass = takeMass(withoutDashes(bare))
  const spool = SPOOL.exec(mass.rest)?.[1] as SpoolType | undefined
  const tokens = mass.rest
    .replace(SPOOL, ' ')
    .split(/[\s;()]+|,(?!\d)/)
    .filter(Boolean)
    .slice(0, MOST_WORDS)
  const named = takeDesignations(tokens)
  const words = kindOfWords(mass.rest)
  const kind = named.ok
    ? contradicted(named.value, words) && words
    : named.said.code === 'label.noClassification' && words
  const found = kind ? { ok: true as const, value: kind, rest: tokens } : named
  const other = otherProduct(mass.rest, found.ok)
  if (other) return refuse(path, other)
  if (!found.ok) return onlySize(text, path) ?? refuse(path, found.said, found.suggestion, found.instead)
  const size = takeDiameter(found.rest, found.value.family)
  if (!size.ok) return { ok: false, problems: size.problems.map((p) => ({ ...p, path })) }

  const { diameter } = size
  const { alloy: _alloy, ...value } = found.value
  const notRead = size.rest.filter((token) => !isFiller(token) && !repeatsGas(token, value.gas.designations))
  const wire: Wire = {
    ...value,
    notes: [...value.notes, ...(value.classification === null ? [] : slips(text, value.classification))],
    diameterMm: diameter?.diameterMm ?? null,
    diameterLabel: diameter?.diameterLabel ?? null,
    exactMm: diameter?.exactMm ?? null,
    massKg: mass.kg,
    ...printedPolarity(mass.rest),
    unread: [
      ...(value.open ? ['family'] : []),
      ...(diameter ? [] : ['diameter']),
      ...notRead,
      ...mass.odd,
      ...aside,
    ],
  }
  // A gauge is of the metal’s own scale, which the wire tells.
  const scale = gaugeScaleOf(value.joins[0])
  const gauged =
    scale && scale !== 'steel' && besides.thicknessMm !== undefined
      ? takeBesides(said, scale).besides.thicknessMm
      : undefined
  const thicknessMm = gauged ?? besides.thicknessMm ?? size.thicknessMm
  return read({
    wire,
    spool: { type: spool ?? (/\bCOIL\b/.test(mass.rest) ? 'coil' : spoolForMass(mass.kg)), massKg: mass.kg },
    besides: {
      ...besides,
      ...(thicknessMm !== undefined && { thicknessMm }),
      ...(aside.length > 0 && { numbers: aside }),
    },
  })
}

/** What the box prints about polarity wins over the usual; nothing where it prints none, or both. */
function printedPolarity(text: string): Partial<Pick<Wire, 'polarity'>> {
  const minus = /\bDCEN\b|\bDC\s?-(?![A-Z0-9])|\b(?:ELECTRODE|GUN|TORCH)\s(?:ON\s)?(?:NEGATIVE|MINUS)\b/.test(
    text,
  )
  const plus = /\bDCEP\b|\bDC\s?\+|\b(?:ELECTRODE|GUN|TORCH)\s(?:ON\s)?(?:POSITIVE|PLUS)\b/.test(text)
  return minus === plus ? {} : { polarity: [minus ? 'DCEN' : 'DCEP'] }
}

/** Words that were not understood: what is missing is told elsewhere, and a lot or heat number was understood. */
export const notUnderstood = ({ wire, besides }: Pick<Label, 'wire' | 'besides'>): string[] =>
  wire.unread.filter((word) => word !== 'diameter' && word !== 'family' && !besides.numbers?.includes(word))

/** A short name, `308L`, taken for a solid wire where a shop's word beside it says that it is a tube. */
const contradicted = (named: Designated, words: ReturnType<typeof kindOfWords>): boolean =>
  named.notes.includes('short-form') &&
  words !== undefined &&
  FAMILY_SHEETS[words.family].tubular &&
  !FAMILY_SHEETS[named.family].tubular

/** The gas printed beside the designation once more, `M21`, says nothing new. */
const repeatsGas = (word: string, designations: readonly string[]): boolean =>
  word.split(/[/,]/).every((gas) => designations.includes(gas))

/** Small slips in how it was written, each with one possible meaning: case and spaces. */
function slips(text: string, classification: string): WireNote[] {
  // A designation of two standards, or with its hydrogen class apart, is compared by its first words.
  const first = classification.split(' / ')[0]!
  const words = (t: string) =>
    t
      .normalize('NFKC')
      .replace(/[‐‑‒–—−]/g, '-')
      .replace(/\s+/g, ' ')
  const said = words(text)
  if (said.includes(first)) return []
  if (said.toUpperCase().includes(first.toUpperCase())) return ['case-mended']
  const close = (t: string) => t.replaceAll(' ', '').toUpperCase()
  return first.includes(' ') &&
    / \D|\D /.test(first) &&
    /^[GTS] /.test(first) &&
    close(said).includes(close(first))
    ? ['spaces-mended']
    : []
}

/** `length`: so many words belong together, and no part of them is read alone. */
type Wrong = { ok: false; said: Said; suggestion?: string; instead?: string; length?: number }
type Taken = { ok: true; value: Designated; rest: string[] } | Wrong
interface Took {
  ok: true
  length: number
  values: Designated[]
}

/** The longest run of words that reads as a designation wins; a refusal counts only if nothing reads. */
function takeDesignations(tokens: string[]): Taken {
  const typed = scan(tokens, (run) => [run])
  let forms = MOST_FORMS
  const mended = (run: string) => {
    const tried = forms > 0 && (/\d/.test(run) || /^(?:[GT]CR|ERCU)/.test(run)) ? asScanned(run) : []
    forms -= tried.length
    return tried
  }
  // A letter left alone may be a figure of the designation beside it: `C1 I H5`.
  const alone = typed.values.length > 0 && typed.rest.some((word) => /^[IL|]$/.test(word))
  const slipped = alone || typed.values.length === 0 ? scan(tokens, mended, 'letters-mended') : typed
  const found = typed.values.length === 0 || slipped.rest.length < typed.rest.length ? slipped : typed
  if (found.values.length === 0)
    return typed.wrong ?? found.wrong ?? { ok: false, said: say('label.noClassification', tokens.join(' ')) }
  const [first, ...others] = found.values
  let merged = first!
  for (const other of others) {
    const both = merge(merged, other)
    if (!both)
      return {
        ok: false,
        said: say('label.twoClassifications', merged.classification, other.classification),
      }
    merged = both
  }
  // Gases that a designation names exactly come before those the family usually takes.
  const usual = FAMILY_SHEETS[merged.family].gas.length
  const named = found.values.flatMap(({ gas }) => (gas.designations.length < usual ? gas.designations : []))
  const gas = { ...merged.gas, designations: [...new Set([...named, ...merged.gas.designations])] }
  return { ok: true, value: { ...merged, gas }, rest: found.rest }
}

function scan(tokens: string[], forms: (run: string) => string[], note?: WireNote) {
  const rest: string[] = []
  const values: Designated[] = []
  let wrong: Wrong | undefined
  for (let at = 0; at < tokens.length;) {
    const took = designationAt(tokens, at, forms)
    if (took?.ok) {
      values.push(...took.values.map((v) => (note ? { ...v, notes: [...v.notes, note] } : v)))
      at += took.length
      continue
    }
    wrong ??= took
    const together = took?.length ?? 1
    rest.push(...tokens.slice(at, at + together))
    at += together
  }
  return { values, rest, wrong }
}

function designationAt(
  tokens: string[],
  at: number,
  forms: (run: string) => string[],
): Took | Wrong | undefined {
  let wrong: Wrong | undefined
  for (let length = Math.min(LONGEST, tokens.length - at); length > 0; length--) {
    const words = tokens.slice(at, at + length)
    // A size ends a designation: what stands behind it is not swallowed.
    if (length > 1 && words.some((word) => LOOKS_LIKE_SIZE.test(word))) continue
    // Words run together must not make a figure of two: E71T-1 1 SPOOL is not E71T-11.
    const run = words.join('')
    if (run.length > MOST_LETTERS) continue
    const apart = words.some((word, i) => i > 0 && /\d$/.test(words[i - 1]!) && /^\d/.test(word))
    for (const form of forms(run)) {
      // Two whole designations on one box, E71T-1C/E71T-1M.
      const halves = form
        .split(/\/(?=E[RC]?\d|[GT]-?\d|SS\d|S-?(?:AL|CU)|\d{3}[A-Z]{0,3}$)/)
        .map((half, i, all) => (i > 0 && /^\d/.test(half) ? `${LEAD.exec(all[0]!)?.[0] ?? ''}${half}` : half))
      const each = halves.map((half) => readDesignation(half, apart))
      if (each.every((d) => d?.ok))
        return { ok: true, length, values: each.map((d) => (d as { value: Designated }).value) }
      const refused = each.findIndex((d) => d && !d.ok)
      if (refused < 0) continue
      // The longest refused run names the most: `G 3Si-1`, not its last word.
      const { whole, ...why } = each[refused] as Wrong & { whole?: true }
      const instead = length === 1 ? halves[refused]! : words.join(' ')
      wrong ??= { ...why, said: naming(why.said, halves[refused]!, instead), instead }
      if (whole) return { ...wrong, length }
    }
  }
  return wrong
}

/** The same refusal of the words as they were typed. */
const naming = ({ code, facts }: Said, form: string, typed: string): Said => ({
  code,
  facts: facts.map((fact) => (fact === form ? typed : fact)) as Said['facts'],
})

const system = (d: Designated) => (d.standard.startsWith('ISO') ? 'ISO' : 'AWS')
/** Newer forms of a standard stand beside the older on one box. */
const OPEN_SYSTEMS = ['AWS A5.36', 'ISO 14341-B', 'ISO 17632-B', 'ISO 14343-B', 'ISO 17633-B']

/** An A-variant is the same alloy with less beryllium; 307 and 307Si are kin printed on one box. */
const oneAlloy = (alloy: string): string => alloy.replace(/^(\d{4})A$/, '$1').replace(/^307Si$/, '307')

/** The same wire under two designations carries both gases; `undefined` when they cannot be one wire. */
function merge(a: Designated, b: Designated): Designated | undefined {
  if (a.classification === b.classification) return a
  const polarity = a.polarity.filter((p) => b.polarity.includes(p))
  const grades = twoGrades(a, b)
  const sameKind =
    a.family === b.family &&
    (polarity.length > 0 || a.polarity.length === 0 || b.polarity.length === 0) &&
    (a.alloy === undefined || b.alloy === undefined || oneAlloy(a.alloy) === oneAlloy(b.alloy) || grades)
  const twoStandards =
    system(a) !== system(b) ||
    (a.standard !== b.standard && [a, b].some((d) => OPEN_SYSTEMS.includes(d.standard)))
  const twoGases =
    a.standard === b.standard &&
    (a.process === 'FCAW-G' ||
      (a.alloy !== undefined && a.alloy === b.alloy) ||
      // One wire for CO2 and mixtures: E70C-6C and -6M.
      (/[CM]$/.test(a.classification) && a.classification.slice(0, -1) === b.classification.slice(0, -1)))
  if (!sameKind || !(twoStandards || twoGases || grades)) return undefined
  const argonPercent = a.gas.argonPercent ?? b.gas.argonPercent
  const positions = a.positions.filter((p) => b.positions.includes(p))
  return {
    ...a,
    classification: `${a.classification}${twoStandards ? ' / ' : '/'}${b.classification}`,
    polarity: polarity.length ? polarity : [...a.polarity, ...b.polarity],
    gas: {
      needed: a.gas.needed,
      designations: [...new Set([...a.gas.designations, ...b.gas.designations])],
      ...(argonPercent && { argonPercent }),
    },
    positions: positions.length ? positions : a.positions,
    passes: a.passes === 'single' || b.passes === 'single' ? 'single' : 'multi',
    hydrogen: a.hydrogen ?? b.hydrogen,
    strength: a.strength ?? b.strength,
    notes: [
      ...new Set<WireNote>([
        ...a.notes,
        ...b.notes,
        ...(twoStandards ? (['two-standards'] as const) : []),
        ...(grades ? (['two-carbon-grades'] as const) : []),
      ]),
    ],
  }
}

/** One heat that holds to two grades of carbon: 308 and 308L, 316 and 316L. */
const twoGrades = (a: Designated, b: Designated): boolean =>
  a.standard === b.standard &&
  a.alloy !== undefined &&
  a.alloy !== b.alloy &&
  /^\d{3}L?$/.test(a.alloy) &&
  a.alloy.replace('L', '') === b.alloy?.replace('L', '')

type Sized =
  | { ok: true; diameter: Diameter | undefined; thicknessMm?: number; rest: string[] }
  | { ok: false; problems: Problem[] }

/** A figure that no wire has, in mm, where it can only be the metal’s. */
function metalMm(token: string): number | undefined {
  const mm = /^(\d+(?:[.,]\d+)?)MM$/.exec(token)?.[1]?.replace(',', '.')
  const inch = /^(\d{1,2})\/(\d{1,2})(?:IN|INCH|")?$/.exec(token)
  const value = mm ? Number(mm) : inch ? (Number(inch[1]) / Number(inch[2])) * 25.4 : NaN
  return value > 3.3 && value <= 51 ? Math.round(value * 1000) / 1000 : undefined
}

/** A size below 2 mm. */
const TENTH = /^[01]\.\d mm$/
function takeDiameter(tokens: string[], family: Family): Sized {
  const rest: string[] = []
  const sizes: Diameter[] = []
  let thicknessMm: number | undefined
  let slip: Extract<Read<Diameter>, { ok: false }> | undefined
  let refused: Extract<Read<Diameter>, { ok: false }> | undefined
  const odd: string[] = []
  for (let at = 0; at < tokens.length; at++) {
    const withUnit = tokens[at + 1] && UNIT_WORD.test(tokens[at + 1]!) && /\d/.test(tokens[at]!)
    const token = tokens[at]! + (withUnit ? tokens[at + 1]! : '')
    if (withUnit) at++
    // One size given twice, .035/0.9MM, is split; a fraction such as 1/16 is not.
    const pieces = LOOKS_LIKE_SIZE.test(token) ? [token] : token.split(/[/=]/).filter(Boolean)
    if (!pieces.length || !pieces.every((piece) => LOOKS_LIKE_SIZE.test(piece))) {
      rest.push(token)
      continue
    }
    for (const piece of pieces) {
      const size = readDiameter(piece)
      const metal = size.ok ? undefined : metalMm(piece)
      if (size.ok) sizes.push(size.value)
      else if (metal !== undefined) {
        thicknessMm ??= metal
        if (!size.ok && TENTH.test(size.problems[0]!.suggestion ?? '') && metal < 17) slip ??= size
      } else {
        refused ??= size
        odd.push(piece)
      }
    }
  }
  const most = FAMILY_SHEETS[family].soldToMm
  const wires = sizes.filter((s) => s.diameterMm <= most)
  const some = wires.length ? wires : sizes
  const diameter = some[0]
  // No wire is so thick, and with its point a place on it would be one: which was meant is asked.
  if (!diameter && slip) return slip
  // A lot or a code beside a good size is no size; alone it may be one misread.
  if (!diameter && refused) return refused
  const other = some.find((s) => s.diameterMm !== diameter!.diameterMm)
  if (other)
    return refuse('', say('label.twoDiameters', diameter!.diameterLabel, other.diameterLabel)) as Sized
  const thick = wires.length ? sizes.find((s) => s.diameterMm > most) : undefined
  if (thick) thicknessMm ??= thick.exactMm
  return { ok: true, diameter, rest: [...rest, ...odd], ...(thicknessMm !== undefined && { thicknessMm }) }
}
