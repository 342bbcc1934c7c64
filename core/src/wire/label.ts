import { read, refuse, type Problem, type Read } from '../problem.ts'
import { KG } from '../units/parse.ts'
import { labelText } from '../wording/problems.ts'
import { readDesignation, type Designated } from './classification/index.ts'
import { readDiameter, type Diameter } from './diameters.ts'
import type { Spool, SpoolType } from './spool.ts'
import { spoolForMass } from './spool.ts'
import type { Wire } from './wire.ts'

/** Words a box carries that say nothing the label reader needs. */
const FILLER_WORDS =
  /^(AWS|SFA|EN|MIG|MAG|GMAW|FCAW|WIRE|WELDING|SPOOL|REEL|DIA|DIAM|DIAMETER|SIZE|SOLID|FLUX|CORED|FLUX-CORED|GASLESS|NET|WT|WEIGHT|CLASS|OF|X|-|–|&|\/|\+|:|,)+$/
const STANDARD_NAME = /\b(?:AWS|ASME)?\s*(?:SFA[-\s]?|A)5\.\d+M?(?:[:\-/]\s?(?:A5\.\d+M)?(?::?\d{4})?)?/g
const UNIT_WORD = /^(MM|IN|INCH|INCHES|"|THOU|MIL|MILS|THOUSANDTHS?)\.?$/
const MASS = /(^|[\s,;(])(\d+(?:[.,]\d+)?)\s*-?\s*(KGS?|LBS?|POUNDS?|OZ|G|#)(?=$|[\s,;).])/
const SPOOL = /\b(BS300|B300|S100|S200|S300)\b/
const LOOKS_LIKE_SIZE =
  /^(?:[ø⌀Ø]?\s*)(?:\d*[.,]\d+|0\d\d|\d{1,2}\/\d{1,2}|\d{2},000)(?:MM|IN|INCH|"|THOU)?$|^\d+(?:[.,]\d+)?(?:MM|THOU|MILS?|")$/

export interface Label {
  wire: Wire
  spool: Spool
}

/**
 * Reads what a box of wire says: classification, size and mass in any order and any case.
 * `E71T-11 .030 10 lb`, `er5356 1,2mm`, `15 kg ER70S-6 0.9`.
 * @returns the wire with what was not read in `unread`, or the reason it is refused with the likely meaning
 */
export function readLabel(text: string, path = 'label'): Read<Label> {
  let rest = text
    .normalize('NFKC')
    .replace(/[“”″]/g, '"')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/⁄/g, '/')
    .toUpperCase()
    .trim()
  if (!rest) return refuse(path, labelText.empty())
  rest = rest.replace(STANDARD_NAME, ' ')

  const mass = takeMass(rest)
  rest = mass.rest
  const spool = SPOOL.exec(rest)?.[1] as SpoolType | undefined
  rest = rest.replace(SPOOL, ' ')

  const tokens = rest.split(/[\s;()]+|,(?!\d)/).filter(Boolean)
  const found = takeDesignations(tokens)
  if (!found.ok) return refuse(path, found.message, found.suggestion, found.instead)
  const size = takeDiameter(found.rest)
  if (!size.ok) return { ok: false, problems: size.problems.map((p) => ({ ...p, path })) }

  const { diameter } = size
  const unread = size.rest.filter((token) => !FILLER_WORDS.test(token))
  const wire: Wire = {
    ...found.value,
    diameterMm: diameter?.diameterMm ?? null,
    diameterLabel: diameter?.diameterLabel ?? null,
    exactMm: diameter?.exactMm ?? null,
    massKg: mass.kg,
    unread: diameter ? unread : ['diameter', ...unread],
  }
  return read({ wire, spool: { type: spool ?? spoolForMass(mass.kg), massKg: mass.kg } })
}

function takeMass(text: string): { kg: number | null; rest: string } {
  const m = MASS.exec(text)
  if (!m) return { kg: null, rest: text }
  const factor = KG[m[3]!.toLowerCase().replace('kgs', 'kg')]!
  const kg = Math.round(Number(m[2]!.replace(',', '.')) * factor * 1000) / 1000
  return { kg: kg > 0 ? kg : null, rest: text.replace(m[0], `${m[1]} `) }
}

type Wrong = { ok: false; message: string; suggestion?: string; instead?: string }
type Taken = { ok: true; value: Designated; rest: string[] } | Wrong

/** The longest run of up to four tokens that reads as a designation wins; a refusal counts only if nothing reads. */
function takeDesignations(tokens: string[]): Taken {
  const rest: string[] = []
  const values: Designated[] = []
  let wrong: Wrong | undefined
  for (let at = 0; at < tokens.length;) {
    const took = designationAt(tokens, at)
    if (took?.ok) {
      values.push(...took.values)
      at += took.length
      continue
    }
    wrong ??= took
    rest.push(tokens[at++]!)
  }
  if (wrong) return wrong
  if (values.length === 0) return { ok: false, message: labelText.noClassification(tokens.join(' ')) }
  const merged = values.reduce<Designated | Taken>((a, b) => ('ok' in a ? a : merge(a, b)), values[0]!)
  return 'ok' in merged ? merged : { ok: true, value: merged, rest }
}

function designationAt(tokens: string[], at: number) {
  let wrong: Wrong | undefined
  for (let length = Math.min(4, tokens.length - at); length > 0; length--) {
    const run = tokens.slice(at, at + length)
    // Two whole designations on one box, E71T-1C/E71T-1M.
    const halves = run.join('').split(/\/(?=E)/)
    const each = halves.map((half) => readDesignation(half))
    if (each.every((d) => d?.ok))
      return { ok: true as const, length, values: each.map((d) => (d as { value: Designated }).value) }
    const refused = each.findIndex((d) => d && !d.ok)
    if (length === 1 && refused >= 0) wrong = { ...(each[refused] as Wrong), instead: halves[refused]! }
  }
  return wrong
}

/** The same wire under two designations carries both gases; two different wires are refused. */
function merge(a: Designated, b: Designated): Designated | Taken {
  if (a.classification === b.classification) return a
  const polarity = a.polarity.filter((p) => b.polarity.includes(p))
  if (
    a.family !== b.family ||
    a.standard !== b.standard ||
    a.family !== 'flux-cored-gas-shielded' ||
    polarity.length === 0
  )
    return { ok: false, message: labelText.twoClassifications(a.classification, b.classification) }
  const argonPercent = a.gas.argonPercent ?? b.gas.argonPercent
  return {
    ...a,
    classification: `${a.classification}/${b.classification}`,
    polarity,
    gas: {
      needed: true,
      designations: [...new Set([...a.gas.designations, ...b.gas.designations])],
      ...(argonPercent && { argonPercent }),
    },
    positions: a.positions.filter((p) => b.positions.includes(p)),
    notes: [...new Set([...a.notes, ...b.notes])],
  }
}

type Sized = { ok: true; diameter: Diameter | undefined; rest: string[] } | { ok: false; problems: Problem[] }

function takeDiameter(tokens: string[]): Sized {
  const rest: string[] = []
  let diameter: Diameter | undefined
  for (let at = 0; at < tokens.length; at++) {
    const withUnit = tokens[at + 1] && UNIT_WORD.test(tokens[at + 1]!) && /\d/.test(tokens[at]!)
    const token = tokens[at]! + (withUnit ? tokens[at + 1]! : '')
    if (withUnit) at++
    // One size given twice, .035/0.9MM, is split; a fraction such as 1/16 is not.
    const pieces = LOOKS_LIKE_SIZE.test(token) ? [token] : token.split(/[/=]/).filter(Boolean)
    if (!pieces.every((piece) => LOOKS_LIKE_SIZE.test(piece))) {
      rest.push(token)
      continue
    }
    for (const piece of pieces) {
      const size = readDiameter(piece)
      if (!size.ok) return size
      if (diameter && diameter.diameterMm !== size.value.diameterMm)
        return refuse('', labelText.twoDiameters(diameter.diameterLabel, size.value.diameterLabel)) as Sized
      diameter ??= size.value
    }
  }
  return { ok: true, diameter, rest }
}
