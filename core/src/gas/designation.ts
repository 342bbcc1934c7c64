import type { Mixture } from './mixtureSchema.ts'

type Range = readonly [number, number]
interface Row {
  designation: string
  co2?: Range
  o2?: Range
  h2?: Range
  n2?: Range
}

/** Least share that counts as a part of a mixture, %. */
export const GAS_FLOOR = 0.5

/**
 * Mixtures on argon, percent by volume. published: ISO 14175:2008 Table 2 (AWS A5.32:2011 takes it over), recalled
 * from memory. A class does not hold its lower limit, except the 0.5 % floor; helium may stand for argon in each.
 */
const ON_ARGON: readonly Row[] = [
  { designation: 'M11', co2: [0.5, 5], h2: [0.5, 5] },
  { designation: 'M12', co2: [0.5, 5] },
  { designation: 'M13', o2: [0.5, 3] },
  { designation: 'M14', co2: [0.5, 5], o2: [0.5, 3] },
  { designation: 'M20', co2: [5, 15] },
  { designation: 'M21', co2: [15, 25] },
  { designation: 'M22', o2: [3, 10] },
  { designation: 'M23', co2: [0.5, 5], o2: [3, 10] },
  { designation: 'M24', co2: [5, 15], o2: [0.5, 3] },
  { designation: 'M25', co2: [5, 15], o2: [3, 10] },
  { designation: 'M26', co2: [15, 25], o2: [0.5, 3] },
  { designation: 'M27', co2: [15, 25], o2: [3, 10] },
  { designation: 'M31', co2: [25, 50] },
  { designation: 'M32', o2: [10, 15] },
  { designation: 'M33', co2: [25, 50], o2: [2, 10] },
  { designation: 'M34', co2: [5, 25], o2: [10, 15] },
  { designation: 'M35', co2: [25, 50], o2: [10, 15] },
  { designation: 'R1', h2: [0.5, 15] },
  { designation: 'R2', h2: [15, 50] },
  { designation: 'N2', n2: [0.5, 5] },
  { designation: 'N3', n2: [5, 50] },
  { designation: 'N4', h2: [0.5, 10], n2: [0.5, 5] },
]
const HELIUM_AT_MOST = 95
const OXYGEN_IN_CO2_AT_MOST = 30
const HYDROGEN_IN_NITROGEN_AT_MOST = 50

const has = (percent: number) => percent >= GAS_FLOOR
const within = (percent: number, range: Range | undefined) =>
  range === undefined
    ? !has(percent)
    : (percent > range[0] || (percent === GAS_FLOOR && range[0] === GAS_FLOOR)) && percent <= range[1]

/** ISO 14175 group of a mixture in percent by volume: `{ Ar: 80, CO2: 20 }` is M21; `Z` where no group holds it. */
export function gasDesignation(mixture: Mixture): string {
  const { Ar = 0, CO2 = 0, O2 = 0, He = 0, H2 = 0, N2 = 0 } = mixture
  if (has(Ar + He)) {
    if (![CO2, O2, H2, N2].some(has))
      return !has(He) ? 'I1' : !has(Ar) ? 'I2' : He <= HELIUM_AT_MOST ? 'I3' : 'Z'
    const row = ON_ARGON.find(
      (r) => within(CO2, r.co2) && within(O2, r.o2) && within(H2, r.h2) && within(N2, r.n2),
    )
    return row?.designation ?? 'Z'
  }
  if (has(CO2)) return has(H2) || has(N2) ? 'Z' : !has(O2) ? 'C1' : O2 <= OXYGEN_IN_CO2_AT_MOST ? 'C2' : 'Z'
  if (has(O2)) return has(H2) || has(N2) ? 'Z' : 'O1'
  if (has(N2)) return !has(H2) ? 'N1' : H2 <= HYDROGEN_IN_NITROGEN_AT_MOST ? 'N5' : 'Z'
  return 'Z'
}

const middle = ([from, to]: Range) => Math.round(((from + to) / 2) * 10) / 10
const OFF_ARGON: Readonly<Record<string, Mixture>> = {
  I1: { Ar: 100 },
  I2: { He: 100 },
  I3: { Ar: 50, He: 50 },
  C1: { CO2: 100 },
  C2: { CO2: 85, O2: 15 },
  N1: { N2: 100 },
  N5: { N2: 75, H2: 25 },
}

/**
 * A mixture from the middle of a group's limits, percent by volume: what a plan reckons with where no cylinder of the
 * group is known. No supplier's mixture, so never to be shown as one. `undefined` where the group has no limits (Z).
 */
export function middleOfGroup(designation: string): Mixture | undefined {
  const row = ON_ARGON.find((r) => r.designation === designation)
  if (!row) return OFF_ARGON[designation]
  const parts = Object.entries({ CO2: row.co2, O2: row.o2, H2: row.h2, N2: row.n2 }).flatMap(
    ([gas, range]) => (range ? [[gas, middle(range)] as const] : []),
  )
  const rest = parts.reduce((left, [, percent]) => left - percent, 100)
  return { Ar: Math.round(rest * 10) / 10, ...Object.fromEntries(parts) }
}

/** Groups of ISO 14175 a wire may ask for: those with limits of their own, pure oxygen apart. */
export const WIRE_GAS_GROUPS: readonly string[] = [
  ...ON_ARGON.map((row) => row.designation),
  ...Object.keys(OFF_ARGON),
]

/** Symbols of the parts: of ISO 14175, and of AWS A5.32:1997 where they differ. */
const PARTS: readonly (readonly [gas: keyof Mixture & string, iso: string, aws: string])[] = [
  ['Ar', 'Ar', 'A'],
  ['He', 'He', 'He'],
  ['CO2', 'C', 'C'],
  ['O2', 'O', 'O'],
  ['H2', 'H', 'H'],
  ['N2', 'N', 'N'],
]
const ISO = 1
const AWS = 2

/** Parts by falling share, the base first, and the percentages of all but the base: `ArC-25`. */
function partsOf(mixture: Mixture, symbols: typeof ISO | typeof AWS): string {
  const present = PARTS.filter(([gas]) => has(mixture[gas] ?? 0)).sort(
    (a, b) => mixture[b[0]]! - mixture[a[0]]!,
  )
  const shares = present.slice(1).map(([gas]) => mixture[gas])
  return present.map((part) => part[symbols]).join('') + (shares.length ? `-${shares.join('/')}` : '')
}

/** `ISO 14175-M21-ArC-25`. published: ISO 14175:2008, clause on designation, recalled from memory */
export const isoName = (mixture: Mixture): string =>
  `ISO 14175-${gasDesignation(mixture)}-${partsOf(mixture, ISO)}`

/** `SG-AC-25`. published: AWS A5.32:1997, recalled from memory; since 2011 it takes the names of ISO 14175 */
export const awsName = (mixture: Mixture): string => `SG-${partsOf(mixture, AWS)}`

const ISO_NAME =
  /^(?:AWS\s*A5\.32M?\s*)?(?:\(?ISO\s*14175\)?\s*-\s*)?[IMCRNZO]\d{0,2}\s*-\s*((?:Ar|He|C|O|H|N)+)(?:\s*-\s*([\d./]+))?$/i
const AWS_NAME = /^(?:AWS\s*A5\.32M?\s*)?SG\s*-\s*((?:He|A|C|O|H|N)+)(?:\s*-\s*([\d./]+))?$/i

/** Reads a full designation of either standard back into percentages; nothing when it is none. */
export function readGasName(text: string): Mixture | undefined {
  const iso = ISO_NAME.exec(text.trim())
  const m = iso ?? AWS_NAME.exec(text.trim())
  if (!m) return undefined
  const symbols = iso ? ISO : AWS
  const names = m[1]!.match(/Ar|He|A|C|O|H|N/gi)!
  const gas = (name: string) => PARTS.find((part) => part[symbols].toLowerCase() === name.toLowerCase())![0]
  const shares = (m[2] ?? '').split('/').filter(Boolean).map(Number)
  if (shares.length !== names.length - 1 || new Set(names.map(gas)).size < names.length) return undefined
  const rest = shares.reduce((a, b) => a + b, 0)
  if (!(rest < 100)) return undefined
  return Object.fromEntries(
    names.map((name, i) => [gas(name), i === 0 ? 100 - rest : shares[i - 1]!]),
  ) as Mixture
}
