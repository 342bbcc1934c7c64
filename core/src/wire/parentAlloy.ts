import type { Wire } from './wire.ts'

/** What a parent metal is, as far as its name tells and as far as it matters to the wire. */
export type ParentKind =
  | 'magnesium-aluminium'
  | 'heat-treated-aluminium'
  | 'cast-aluminium'
  | 'cracking-aluminium'
  | 'molybdenum-stainless'
  | 'stabilised-stainless'
  | 'duplex-stainless'
  | 'plain-stainless'
  | 'chrome-moly'
  | 'high-strength'

/**
 * Parent alloys as people name them. published: Aluminum Association filler charts, AWS D1.6 and D1.1 base metal
 * groups, recalled from memory; more than 3 % magnesium is 5083, 5086, 5154, 5456 and their like.
 */
const KINDS: readonly (readonly [RegExp, ParentKind])[] = [
  [/\b(?:5083|5086|5154|5182|5383|5456|ALMG4|ALMG5)\b/, 'magnesium-aluminium'],
  [/\b(?:6005A?|6013|6060|6061|6063|6082|6351|ALMGSI)\b/, 'heat-treated-aluminium'],
  [/\bCAST(?:ING)?\b|\bA?35[67](?:\.0)?\b|\bLM\s?\d{1,2}\b|\bALSI\d+/, 'cast-aluminium'],
  [/\b(?:2014|2024|7050|7075)\b/, 'cracking-aluminium'],
  [/\b(?:2205|2304|2507|DUPLEX|1\.4462)\b/, 'duplex-stainless'],
  [/\b(?:316(?:L|H|TI)?|317L?|1\.440[14]|1\.4571)\b/, 'molybdenum-stainless'],
  [/\b(?:321|347|1\.4541)\b/, 'stabilised-stainless'],
  [/\b(?:301|302|304(?:L|H)?|1\.430[17])\b/, 'plain-stainless'],
  [
    /\bCR-?\s?MO\b|\bCHROME?[\s-]?MOLY\b|\bP(?:11|22|5|9|91)\b|\b(?:4130|4140|13CRMO4-?5|10CRMO9-?10|25CRMO4)\b/,
    'chrome-moly',
  ],
  [
    /\bS(?:550|620|690|890|960)[A-Z0-9]*\b|\bA514\b|\bHY-?(?:80|100)\b|\bHIGH[\s-]STRENGTH\b|\bQ\s?&\s?T\b/,
    'high-strength',
  ],
]

/** What a parent alloy is; `undefined` where nothing was said or nobody here knows it. */
export const parentKind = (alloy: string | undefined): ParentKind | undefined =>
  alloy === undefined ? undefined : KINDS.find(([form]) => form.test(alloy.toUpperCase()))?.[1]

/** What a wire is against its parent metal. */
export type ParentMismatch =
  | 'silicon-on-magnesium'
  | 'magnesium-on-casting'
  | 'cracks-when-welded'
  | 'no-molybdenum'
  | 'not-stabilised'
  | 'not-duplex'
  | 'under-strength'
  | 'no-chrome-moly'

const series = ({ classification }: Pick<Wire, 'classification'>): string =>
  /\b(?:ER|S Al )?([1-5]\d{3})A?\b/.exec(classification ?? '')?.[1] ?? ''
const stainlessOf = ({ classification }: Pick<Wire, 'classification'>): string =>
  /(?:ER|EC|E|SS|TS)(\d{3,4}[A-Z]*)/.exec(classification ?? '')?.[1] ?? classification ?? ''
/** Strength from which a wire matches quenched plate, ksi. published: A5.28 classes, recalled from memory */
const HIGH_STRENGTH_KSI = 100

/**
 * Whether a wire goes with the parent metal. published: Aluminum Association filler chart, AWS D1.6, recalled from
 * memory. Nothing is said where the alloy was not.
 */
export function parentMismatch(
  wire: Pick<Wire, 'classification' | 'family' | 'strength'>,
  alloy: string | undefined,
): ParentMismatch | undefined {
  const stainless = stainlessOf(wire)
  switch (parentKind(alloy)) {
    case 'magnesium-aluminium':
      return series(wire).startsWith('4') ? 'silicon-on-magnesium' : undefined
    case 'cast-aluminium':
      return series(wire).startsWith('5') ? 'magnesium-on-casting' : undefined
    case 'cracking-aluminium':
      return 'cracks-when-welded'
    case 'molybdenum-stainless':
      return /^(?:308|309(?!L?MO)|347|312)|\b19 9\b|\b23 12 L\b/.test(stainless) ? 'no-molybdenum' : undefined
    case 'stabilised-stainless':
      return /^(?:308|316)/.test(stainless) ? 'not-stabilised' : undefined
    case 'duplex-stainless':
      return /22(?:09| 9 3)|2594|25 9 4|2307|23 7/.test(wire.classification ?? '') ||
        wire.classification === null
        ? undefined
        : 'not-duplex'
    case 'chrome-moly':
      return wire.classification !== null && !/-B\d|CrMo|\bB[2368]/i.test(wire.classification)
        ? 'no-chrome-moly'
        : undefined
    case 'high-strength':
      return wire.strength !== null && wire.strength.tensileKsi.min < HIGH_STRENGTH_KSI
        ? 'under-strength'
        : undefined
    default:
      return undefined
  }
}

/** More than 3 % magnesium in parent or wire: not held warm. published: Aluminum Association, recalled from memory */
export const holdsMagnesium = (wire: Pick<Wire, 'classification'>, alloy: string | undefined): boolean =>
  parentKind(alloy) === 'magnesium-aluminium' || /^5(?!554)/.test(series(wire))
