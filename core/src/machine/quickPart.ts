import { parseMixture } from '../gas/mixture.ts'
import { refuse, type Read } from '../base/problem.ts'
import { MM, parseQuantity } from '../units/parse.ts'
import { evenText, mendNumbers } from '../wire/boxText.ts'
import { readDiameter, readStampMm } from '../wire/diameters.ts'
import { readLabel } from '../wire/label.ts'
import { SPOOL_TYPES } from '../wire/spool.ts'
import { say, type Said } from '../base/codes.ts'
import { readMixedGrooves } from './grooves.ts'
import { partSchema, type Part } from './store.ts'
import { problemsOf } from '../base/check.ts'

/**
 * What people call the parts, the more particular word first. common practice: the trade's own synonyms.
 * `U`, `V` and `knurled` alone mean a drive roll, since nothing else is stamped so.
 */
const WORDS: readonly (readonly [string, RegExp])[] = [
  ['workClamp', /\b(?:WORK|GROUND|EARTH)\s+CLAMPS?\b/],
  ['solenoid', /\bSOLENOIDS?\b/],
  ['clip', /\b(?:HOSE\s+)?CLIPS?\b/],
  ['sleeve', /\b(?:LINER\s+)?SLEEVES?\b/],
  ['hubHardware', /\b(?:HUB\s+HARDWARE|(?:DRUM|COIL)\s+(?:HARDWARE|CONE|HOOD|KIT|CONDUIT))\b/],
  [
    'looseORing',
    /\bHOSE\s+O-?\s?RINGS?\b|\bO-?\s?RINGS?\s+(?:FOR|OF)\s+(?:THE\s+)?(?:REGULATOR|HOSE|CONNECTOR)\b/,
  ],
  ['hose', /\b(?:GAS\s+)?HOSES?\b/],
  ['gunORing', /\bO-?\s?RINGS?\b/],
  ['gunInnerLiner', /\b(?:INNER|SECOND|SHORT)\s+(?:[A-Z]+\s+){0,3}?(?:LINER|CONDUIT)\b/],
  [
    'gunRolls',
    /\b(?:GUN|TORCH)\s+(?:(?:DRIVE|SMOOTH|KNURLED|SERRATED|[UV](?:-?GROOVE)?)\s+){0,3}(?:ROLLS?|ROLLERS?|WHEELS?)\b|\b(?:ROLLS?|ROLLERS?)\b.*\b(?:FOR|OF)\s+(?:THE\s+)?GUN\b/,
  ],
  ['regulator', /\b(?:REGULATOR|FLOWMETER|FLOW\s?METER)\b/],
  ['cylinder', /\b(?:CYLINDER|BOTTLE)\b/],
  ['adapter', /\b(?:ADAPTERS?|ADAPTORS?)\b/],
  ['inletGuide', /\b(?:INLET|ENTRY)\s+(?:GUIDE|TUBE)S?\b|\bGUIDES?\s+INLET\b/],
  ['outletGuide', /\b(?:OUTLET|EXIT)\s+(?:GUIDE|TUBE)S?\b|\bGUIDES?\s+OUTLET\b/],
  ['gaslessCap', /\b(?:GASLESS\s+)?CAPS?\b|\bGASLESS\s+NOZZLES?\b/],
  ['contactTip', /\b(?:CONTACT\s+)?TIPS?\b/],
  ['nozzle', /\b(?:NOZZLES?|CUPS?|SHROUDS?|GAS\s+CONES?)\b/],
  ['liner', /\b(?:LINERS?|CONDUITS?|PTFE|NYLON|GRAPHITE|COIL)\b/],
  ['gun', /\b(?:SPOOL\s?-?GUN|PUSH\s?-?PULL|PUSH\s+GUN|GUNS?|TORCH(?:ES)?)\b/],
  ['driveRolls', /\b(?:ROLLS?|ROLLERS?|WHEELS?|KNURL(?:ED)?|SERRATED|SMOOTH|[UV]|[UV]-?\s?GROOVE[DS]?)\b/],
]
const LINER_WORDS: readonly (readonly [string, RegExp])[] = [
  ['ptfe', /\bPTFE\b/],
  ['nylon', /\bNYLON\b/],
  ['graphite-polymer', /\bGRAPHITE\b/],
  ['steel-coil', /\b(?:STEEL|COIL)\b/],
]
const PROFILE_WORDS: readonly (readonly [string, RegExp])[] = [
  ['knurled-v', /\b(?:KNURL(?:ED)?|SERRATED)\b/],
  ['smooth-u', /\bU(?:-?\s?GROOVE[DS]?)?\b/],
  ['smooth-v', /\bV(?:-?\s?GROOVE[DS]?)?\b|\bSMOOTH\b/],
]
const named = (table: readonly (readonly [string, RegExp])[], text: string) =>
  table.find(([, form]) => form.test(text))?.[0]

const COUNT =
  /(?:^|\s)(?:[X×]\s?(\d{1,4})|(\d{1,4})\s?[X×]|QTY\s?:?\s?(\d{1,4})|(\d{1,4})\s?(?:OFF|PCS?|PIECES?))(?=\s|$)/
/** What one costs: `at 12.50`, `price 8`. */
const PRICE = /(?:^|\s)(?:PRICE\s?:?|AT|EACH)\s?(\d{1,6}(?:[.,]\d{1,2})?)(?=\s|$)/
const DRAWER = /(?:\s|^)(?:@|IN\s+(?=DRAWER|BOX|RACK|SHELF))\s*(.+)$/i
const LEAD = /(?:^|\s)(\d+(?:[.,]\d+)?)\s?(M|FT|FEET|FOOT|')(?=\s|$)/
const SIZE =
  /(?<![A-Z0-9.])(?:[.,]\d{1,3}|\d{1,2}\/\d{1,2}(?!\/)|0?\.\d{2,3}|\d[.,]\d{1,2}|\d(?=\s?MM)|0\d{2})(?:\s?(?:MM|"|IN(?:CH)?|THOU))?(?![A-Z0-9])/g

/** `.030/.035` on one groove takes both; every other pair of marks names two grooves. common practice */
const SHARED_GROOVE = /(?<!\d)0?\.030\s?[/-]\s?0?\.035/g

const stampOf = (text: string) =>
  text
    .replace(/\s?(MM|"|IN(?:CH)?)$/, '')
    .replace(',', '.')
    .trim()

/** Characters of one line, and lines of one paste. */
const LONGEST_LINE = 500
const MOST_LINES = 1000

/**
 * Reads one line about a part: what is stamped on it and what it is, in any order, as people type it:
 * `1.0/1.2 U`, `.035 tip x5`, `PTFE 1.0-1.2 4 m`, `5/8 nozzle`, `80/20 cylinder`, or a wire's label.
 * A count (`x5`, `5 off`) and a place (`@ drawer 3`) may stand with it.
 * @returns the part as the store keeps it, or what is missing; nothing is guessed
 */
export function readPartLine(text: string): Read<Part> {
  if (text.length > LONGEST_LINE) return refuse('', say('partLine.tooLong'))
  const place = DRAWER.exec(text)
  const drawer = place?.[1]?.trim().slice(0, 60)
  const even = mendNumbers(evenText(place ? text.slice(0, place.index) : text))
  if (even === '') return refuse('', say('partLine.empty'))
  const times = COUNT.exec(even)
  const count = times ? Number(times.slice(1).find((n) => n !== undefined)) : 1
  const counted = times ? `${even.slice(0, times.index)} ${even.slice(times.index + times[0].length)}` : even
  const cost = PRICE.exec(counted)
  const price = cost ? Number(cost[1]!.replace(',', '.')) : undefined
  const rest = cost ? counted.replace(cost[0], ' ') : counted
  const wire = readLabel(rest.trim())
  const kind =
    wire.ok && wire.value.wire.classification !== null
      ? 'wire'
      : (named(WORDS, rest) ??
        (wire.ok && WIRE_WORDS.test(rest) && !wire.value.wire.open ? 'wire' : undefined))
  if (kind === undefined)
    return /^[A-Z]*\d/.test(rest.trim()) && !wire.ok && /[A-Z]{1,3}\d{2,}/.test(rest)
      ? { ok: false, problems: wire.problems.map((p) => ({ ...p, path: '' })) }
      : refuse('', say('partLine.whichPart', text))
  const part =
    kind === 'wire' && wire.ok
      ? {
          kind: 'wire',
          label: typed(place ? text.slice(0, place.index) : text),
          ...(wire.value.spool.massKg !== null && { massKg: wire.value.spool.massKg }),
          ...(wire.value.spool.type && { spoolType: wire.value.spool.type }),
        }
      : shaped(kind, rest)
  if ('problem' in part) return refuse('', part.problem as Said)
  const whole = partSchema.safeParse({
    ...part,
    count,
    ...(drawer && { drawer }),
    ...(price !== undefined && { price }),
  })
  return whole.success ? { ok: true, value: whole.data } : { ok: false, problems: problemsOf(whole.error) }
}

/** A wire named by a shop word, where no part is. */
const WIRE_WORDS = /\bWIRE\b|\bSHIELD|GAS-?\s?LESS|\bCORED?\b/

/** A label as it was typed, without the count and the price. */
const typed = (text: string) =>
  text.replace(new RegExp(COUNT, 'i'), ' ').replace(new RegExp(PRICE, 'i'), ' ').replace(/\s+/g, ' ').trim()

/** Several parts, one a line or with semicolons between. Each line is read by itself. */
export function readPartLines(text: string): { line: string; read: Read<Part> }[] {
  const lines = text
    .split(/[\n;]/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
  const read = lines.slice(0, MOST_LINES).map((line) => ({ line, read: readPartLine(line) }))
  const left = lines.slice(MOST_LINES)
  // What is over comes back as one line that was not read: nothing typed is lost.
  return left.length
    ? [...read, { line: left.join('\n'), read: refuse('', say('partLine.tooManyLines', MOST_LINES)) }]
    : read
}

/** The part's own words, or `problem`: what is missing. */
type Shape = Record<string, unknown>

function shaped(kind: string, text: string): Shape {
  const lead = LEAD.exec(text)
  const metres = lead ? parseQuantity(`${lead[1]} ${lead[2] === 'M' ? 'm' : 'ft'}`, MM, 'm') : undefined
  const length = metres?.ok ? { lengthM: Math.round(metres.value) / 1000 } : {}
  const left = lead ? text.replace(lead[0], ' ') : text
  switch (kind) {
    case 'driveRolls':
      return rollsIn(left, {})
    case 'gunRolls':
      return rollsIn(left, { kind: 'gun', part: 'rolls' })
    case 'liner':
      return linerIn(left, { kind: 'liner', ...length })
    case 'gunInnerLiner':
      return linerIn(left, { kind: 'gun', part: 'innerLiner' })
    case 'gunORing':
      return { kind: 'gun', part: 'oRing' }
    case 'contactTip': {
      const sizes = sizesIn(left)
      if (sizes.length === 0) return { problem: say('partLine.sizeMissing', 'tip') }
      if (sizes.length > 1) return { problem: say('partLine.oneSize', 'tip') }
      return {
        kind: 'contactTip',
        stamp: sizes[0],
        aluminiumBore: /\bAL(?:U(?:MIN(?:I?UM)?)?)?\b/.test(left),
      }
    }
    case 'nozzle':
      return { kind: 'nozzle', type: 'gas', ...boreIn(left) }
    case 'gaslessCap':
      return { kind: 'nozzle', type: 'gasless-cap' }
    case 'inletGuide':
    case 'outletGuide':
      return {
        kind,
        material: /\b(?:POLYMER|PLASTIC|NYLON|PTFE)\b/.test(left)
          ? 'polymer'
          : /\b(?:STEEL|METAL)\b/.test(left)
            ? 'steel'
            : undefined,
      }
    case 'workClamp': {
      const rating = /(\d{2,4})\s?A(?:MPS?)?\b/.exec(left)
      return { kind, ...(rating && { ratingA: Number(rating[1]) }) }
    }
    case 'solenoid': {
      const coil = /(\d{1,3})\s?V(?:OLTS?)?\b/.exec(left)
      return { kind, ...(coil && { coilV: Number(coil[1]) }) }
    }
    case 'hose':
      return {
        kind,
        ...length,
        ...(/CO2/.test(left) ? { gas: 'CO2' } : /ARGON/.test(left) ? { gas: 'argon' } : {}),
      }
    case 'clip':
      return { kind }
    case 'looseORing':
      return { kind: 'oRing' }
    case 'sleeve': {
      const [stamp] = sizesIn(left)
      return { kind, ...(stamp && { stamp }) }
    }
    case 'hubHardware': {
      const spool = /DRUM/.test(left) ? 'drum' : /COIL/.test(left) ? 'coil' : undefined
      return { kind, ...(spool && { spool }) }
    }
    case 'adapter': {
      const spool = SPOOL_TYPES.find((type) => new RegExp(`\\b${type}\\b`, 'i').test(left))
      return { kind: 'adapter', ...(spool && { spool }) }
    }
    case 'regulator':
      return {
        kind: 'regulator',
        ...(/CO2/.test(left) ? { gas: 'CO2' } : /AR(?:GON)?\b/.test(left) ? { gas: 'argon' } : {}),
      }
    case 'cylinder': {
      const gas = parseMixture(left.replace(/\b(?:CYLINDERS?|BOTTLES?|OF|GAS)\b/g, ' ').replace(/\s+/g, ' '))
      return gas.ok ? { kind: 'cylinder', gas: gas.value } : { problem: gas.problems[0]! }
    }
    default: {
      const type = /SPOOL/.test(left) ? 'spool-gun' : /PULL/.test(left) ? 'push-pull' : 'push'
      const rating = /(\d{2,4})\s?A(?:MPS?)?\b/.exec(left)
      const cooling = /\bWATER/.test(left) ? 'water' : /\bAIR[\s-]COOL/.test(left) ? 'air' : undefined
      return {
        kind: 'gun',
        part: 'whole',
        type,
        ...length,
        ...(rating && { ratingA: Number(rating[1]) }),
        ...(cooling && { cooling }),
      }
    }
  }
}

/** Sizes that stand in a text, as stamped. */
function sizesIn(text: string): string[] {
  return [...text.matchAll(SIZE)].map((m) => stampOf(m[0])).filter((stamp) => readDiameter(stamp).ok)
}

function rollsIn(text: string, base: object): Shape {
  const mixed = readMixedGrooves(text)
  const first = mixed?.grooveProfiles?.[0] ?? named(PROFILE_WORDS, text)
  if (mixed && first) return { kind: 'driveRolls', ...base, profile: first, ...mixed }
  const profile = named(PROFILE_WORDS, text)
  if (profile === undefined) return { problem: say('partLine.profileMissing') }
  const shared = [...text.matchAll(SHARED_GROOVE)].map((m) => m[0].replace(/\s/g, '').replace('-', '/'))
  // A whole stamp such as 1/16 is one size; a pair such as 1.0/1.2 is two.
  const rest = text.replace(SHARED_GROOVE, ' ').replace(/(?<=\d\.\d{1,3})\s?[/-]\s?(?=0?\.?\d)/g, ' ')
  const grooves = [...shared, ...sizesIn(rest)]
  if (grooves.length === 0) return { problem: say('partLine.sizeMissing', 'roll') }
  if (grooves.length > 4) return { problem: say('partLine.tooManyGrooves') }
  return { kind: 'driveRolls', ...base, profile, grooves }
}

function linerIn(text: string, base: object): Shape {
  const material = named(LINER_WORDS, text)
  if (material === undefined) return { problem: say('partLine.linerMaterialMissing') }
  const rest = text.replace(/(?<=\d[.]\d{1,3}|[.]\d{2,3})\s?(?:MM\s?)?(?:[/–-]|TO)\s?(?=0?\.?\d)/g, ' ')
  const sizes = sizesIn(rest)
    .flatMap((stamp) => {
      const mm = readStampMm(stamp)
      return mm.ok ? mm.value : []
    })
    .sort((a, b) => a - b)
  if (sizes.length === 0) return { problem: say('partLine.sizeMissing', 'liner') }
  return { ...base, material, minMm: sizes[0], maxMm: sizes.at(-1) }
}

/** A nozzle's bore: `16 mm`, `5/8`, `16`. Fractions are inches; a whole number is millimetres. */
function boreIn(text: string): { boreMm?: number } {
  const found = /(\d+\/\d+|\d+(?:[.,]\d+)?|[.]\d+)\s?(MM|IN(?:CH)?|")?/.exec(text)
  if (!found) return {}
  const inches =
    found[1]!.includes('/') || found[2]?.startsWith('IN') || found[2] === '"' || found[1]!.startsWith('.')
  const mm = parseQuantity(`${found[1]} ${inches ? 'in' : 'mm'}`, MM, 'mm')
  if (!mm.ok) return {}
  // 5/8 and 3/4 in are sold as 16 and 19 mm.
  const trade = { 15.875: 16, 19.05: 19 }[mm.value]
  return { boreMm: trade ?? Math.round(mm.value * 10) / 10 }
}
