import { remember } from '../base/remember.ts'
import { ISO_STAINLESS } from '../wire/classification/iso-14343.ts'
import type { Wire } from '../wire/wire.ts'

/** What a wire is made of, by the number or the symbol its standard gives it, whatever form the box prints. */
export interface Filler {
  /** `308LSi`, `5356`, `CuSi`, `B2`, `Ni1`, `plain`. */
  alloy: string
  /** The alloy without what does not change where it belongs: low carbon, silicon, niobium. `308`, `309Mo`. */
  base: string
}

const STAINLESS = /A5\.22|A5\.9|ISO 17633|ISO 14343/
/** A wire that its standard counts among the stainless ones, solid or cored. */
export const isStainlessByStandard = ({ standard }: Pick<Wire, 'standard'>): boolean =>
  STAINLESS.test(standard ?? '')
/** The symbol's parts that make another alloy of the same number. */
const STAINLESS_BASE = /^(\d{3,4}|16-8-2)(?:L?(Mo)|(NiMo))?/
const COPPER_ISO: Readonly<Record<string, string>> = {
  '18': 'Cu',
  '5': 'CuSn',
  '61': 'CuAl',
  '632': 'CuNiAl',
  '633': 'CuMnNiAl',
  '65': 'CuSi',
  '71': 'CuNi',
}
/** Creep-resisting and nickel steels: how ISO writes what AWS numbers. published: ISO 21952, ISO 14341, recalled from memory. */
const STEEL_ISO: readonly (readonly [RegExp, string])[] = [
  [/CrMo(?:91|WV)/i, 'B9'],
  [/CrMo(?:9|10)/i, 'B8'],
  [/CrMo5/i, 'B6'],
  [/CrMo2/i, 'B3'],
  [/CrMo(?:1|0\.5|V1)/i, 'B2'],
  [/Mn\d?Ni\d?(?:[.,]\d)?Cr/i, 'strong'],
  [/(?<!\d)[34]?Mo(?:Si|L)?\b|\bMnMo/, 'D2'],
  [/Ni3|\b3Ni3/, 'Ni3'],
  [/[23]Ni2|\bNi2/, 'Ni2'],
  [/[23]Ni1|\b1Ni|Mn1Ni|\bNi1/, 'Ni1'],
]
/** @returns the chromium, nickel or molybdenum a steel wire's name carries; `plain` for a carbon steel wire */
function steelAlloy(name: string, ksi: number): string {
  const [, aws] = /-(A1|B\d+|D2|Ni[123]|W2?|K\d|M\d)(?![a-z0-9])/i.exec(name.replace(/[MC]$/, '')) ?? []
  const named = aws && `${aws[0]!.toUpperCase()}${aws.slice(1)}`
  const iso = /^(?:E|ER)\d/.test(name) ? undefined : STEEL_ISO.find(([form]) => form.test(name))?.[1]
  if (named?.startsWith('B91')) return 'B9'
  if (named && /^[KM]\d/.test(named)) return ksi >= STRONG_KSI ? 'strong' : 'K'
  if (named) return named.replace(/^(B\d)L$/, '$1').replace('W2', 'W')
  if (iso && iso !== 'strong') return iso
  return ksi >= STRONG_KSI || iso === 'strong' ? 'strong' : 'plain'
}
/** From here a steel wire is one for quenched plate. published: AWS A5.28 classes, recalled from memory */
const STRONG_KSI = 100

const ISO_LONGEST_FIRST = Object.keys(ISO_STAINLESS).sort((a, b) => b.length - a.length)

/** What a wire is made of; nothing where it was entered by hand without a classification. */
export const fillerOf = (wire: Pick<Wire, 'classification' | 'standard' | 'strength'>): Filler | undefined =>
  wire.classification === null
    ? undefined
    : fillers(`${wire.classification}|${wire.standard ?? ''}|${wire.strength?.tensileKsi.min ?? 0}`).filler
const fillers = remember((key: string) => {
  const [name = '', standard = '', ksi] = key.split('|')
  return { filler: readFiller(name, standard, Number(ksi)) }
})
function readFiller(name: string, standard: string, ksi: number): Filler | undefined {
  const same = (alloy: string) => ({ alloy, base: alloy })
  if (/A5\.10|18273/.test(standard)) {
    const alloy = /\d{4}/.exec(name)?.[0]
    return alloy === undefined ? undefined : same(alloy)
  }
  if (/A5\.7\b|24373/.test(standard)) {
    const [, aws] = /^ERCu(SiN?|Sn|Al|NiAl|MnNiAl|Ni)?(?=-|$|\s)/.exec(name) ?? []
    if (/^ERCu/.test(name)) return same(`Cu${aws ?? ''}`)
    const [, number = ''] = /Cu\s?(\d{4})/i.exec(name) ?? []
    const symbol = Object.entries(COPPER_ISO).find(([start]) => number.startsWith(start))?.[1]
    return symbol === undefined ? undefined : same(symbol)
  }
  if (STAINLESS.test(standard)) {
    const iso = /^[A-Z]\s+(.*)$/.exec(name)?.[1]
    const byIso =
      iso === undefined
        ? undefined
        : ISO_LONGEST_FIRST.find((symbol) => iso === symbol || iso.startsWith(`${symbol} `))
    const alloy =
      byIso !== undefined
        ? (ISO_STAINLESS[byIso] ?? byIso)
        : /^(?:ER|EC|E|SS|TS)?((?:\d{3,4}|16-8-2)(?:[A-Z](?!T?\d)[a-z]?)*)/.exec(name)?.[1]
    if (alloy === undefined) return undefined
    const [, number, molybdenum, nickel] = STAINLESS_BASE.exec(alloy) ?? []
    return { alloy, base: number === undefined ? alloy : `${number}${molybdenum ?? nickel ?? ''}` }
  }
  return same(steelAlloy(name, ksi))
}

/** Any steel wire that is not stainless, where a row means them all. */
export const ANY_STEEL = 'steel'
const STEEL_ALLOYS: readonly string[] = [
  'plain',
  'strong',
  'A1',
  'B2',
  'B3',
  'B6',
  'B8',
  'B9',
  'D2',
  'Ni1',
  'Ni2',
  'Ni3',
  'W',
  'K',
]
/** Whether a row's list of alloys or bases names this wire. */
export const isAmong = (wires: readonly string[], { alloy, base }: Filler): boolean =>
  wires.includes(alloy) || wires.includes(base) || (wires.includes(ANY_STEEL) && STEEL_ALLOYS.includes(base))

/** Nickel types are named as what a metal wants; their labels are not read here. */
export const isNickel = (classification: string): boolean => classification.startsWith('ERNi')
/** 3 % magnesium and more: must not run warm. published: Aluminum Association, recalled from memory, H */
export const RICH_IN_MAGNESIUM: readonly string[] = [
  ...['5356', '5183', '5556', '5087', '5654', '5754', '5187', '5249'],
]
export const isRichInMagnesium = (filler: Filler | undefined): boolean =>
  filler !== undefined && RICH_IN_MAGNESIUM.includes(filler.alloy)
/** Aluminium wires with silicon: dark grey when the part is anodised. published: the same filler chart, recalled from memory, H */
export const WITH_SILICON: readonly string[] = [
  ...['4043', '4047', '4145', '4643', '4943', '4008', '4009', '4010', '4011', '4018', '4046'],
]
