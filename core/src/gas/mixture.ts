import type { Mixture } from './mixtureSchema.ts'
import { read, refuse, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { GAS_FLOOR, readGasName } from './designation.ts'

/** The mixtures a supplier usually stocks under a designation. common practice */
export const USUAL_MIXTURES: Readonly<Record<string, readonly Mixture[]>> = {
  I1: [{ Ar: 100 }],
  I3: [{ Ar: 75, He: 25 }],
  M12: [
    { Ar: 98, CO2: 2 },
    { He: 90, Ar: 7.5, CO2: 2.5 },
  ],
  M13: [{ Ar: 98, O2: 2 }],
  M20: [{ Ar: 92, CO2: 8 }],
  M21: [
    { Ar: 80, CO2: 20 },
    { Ar: 75, CO2: 25 },
  ],
  C1: [{ CO2: 100 }],
}

/** So little beside argon may be CO2 or oxygen, %. */
const EITHER_PART = 3

/** `80/20`, `argon`, `CO2`: a mixture in the fewest words. */
export function shortMixture(mixture: Mixture): string {
  const parts = Object.entries(mixture).filter(([, percent]) => percent >= GAS_FLOOR) as [
    keyof Mixture & string,
    number,
  ][]
  if (parts.length === 1)
    return { Ar: 'argon', CO2: 'CO2', He: 'helium' }[parts[0]![0] as string] ?? parts[0]![0]
  parts.sort((a, b) => b[1] - a[1])
  const names = parts.map(([gas]) => gas).join('/')
  const figures = parts.map(([, percent]) => percent).join('/')
  // A little CO2 and a little oxygen are both sold: there the parts are named.
  return names === 'Ar/CO2' && parts[1]![1] > EITHER_PART ? figures : `${figures} ${names}`
}

const GAS_NAMES: Readonly<Record<string, Mixture>> = {
  argon: { Ar: 100 },
  ar: { Ar: 100 },
  helium: { He: 100 },
  he: { He: 100 },
  co2: { CO2: 100 },
  'carbon dioxide': { CO2: 100 },
}
/** Mixtures that go by a name. common practice: the helium mixture for stainless short arc */
const TRIMIX: Mixture = { He: 90, Ar: 7.5, CO2: 2.5 }
const SYMBOLS: Readonly<Record<string, keyof Mixture>> = {
  ar: 'Ar',
  argon: 'Ar',
  co2: 'CO2',
  o2: 'O2',
  oxygen: 'O2',
  he: 'He',
  helium: 'He',
  h2: 'H2',
  n2: 'N2',
}

const SYMBOL = /argon|ar|co2|o2|oxygen|helium|he|h2|n2/g

/** Characters of the longest name of a gas. */
const LONGEST_GAS = 200

/**
 * Three bare figures: helium first where argon and CO2 are the small ones, 90/7.5/2.5; else argon, CO2, oxygen,
 * 86/12/2. common practice, no source; others do not say what they are.
 */
const threeParts = ([a = 0, b = 0, c = 0]: number[]): (keyof Mixture)[] | undefined =>
  a >= 80 && b >= 5 && b <= 10 && c >= 1.5 && c <= 5 && c % 1 !== 0
    ? ['He', 'Ar', 'CO2']
    : a >= 70 && c <= 8
      ? ['Ar', 'CO2', 'O2']
      : undefined

/** One gas without a share is the rest: `Ar + 18 % CO2`. Each share goes with the gas that stands next to it. */
function withBalance(
  t: string,
  symbols: readonly (keyof Mixture)[],
  figures: readonly { value: number; at: number }[],
): Mixture | undefined {
  const places = [...t.matchAll(SYMBOL)].map((m, i) => ({
    gas: symbols[i]!,
    from: m.index,
    to: m.index + m[0].length,
  }))
  const mixture: Mixture = {}
  for (const { value, at } of figures) {
    const after = places.find((p) => p.from > at && mixture[p.gas] === undefined)
    const before = places.findLast((p) => p.to <= at && mixture[p.gas] === undefined)
    const next = after && t.slice(at, after.from).replace(/[\d.\s]/g, '') === '' ? after : (before ?? after)
    const chosen = next?.gas === 'Ar' && value < 50 ? (after === next ? before : after) : next
    if (!chosen) return undefined
    mixture[chosen.gas] = value
  }
  const rest = symbols.filter((gas) => mixture[gas] === undefined)
  const sum = Object.values(mixture).reduce((a, b) => a + b, 0)
  return rest.length === 1 && sum < 100
    ? { ...mixture, [rest[0]!]: Math.round((100 - sum) * 10) / 10 }
    : undefined
}

/**
 * Reads a gas as shops write it: `argon`, `80/20` (argon/CO2), `75/25`, `C25`, `98/2 O2`, `90/7.5/2.5 He/Ar/CO2`,
 * `82 Ar 18 CO2`; or by its full name, `ISO 14175-M21-ArC-20` or `SG-AC-20`. A group alone is a range and is refused.
 * @returns percent by volume, adding up to 100
 */
export function parseMixture(text: string): Read<Mixture> {
  if (text.length > LONGEST_GAS) return refuse('', say('gas.notRead', `${text.slice(0, 40)}…`))
  const t = text
    .normalize('NFKC')
    .trim()
    .toLowerCase()
    .replace(/%/g, ' ')
    .replace(/(\d),(\d)/g, '$1.$2')
  if (GAS_NAMES[t]) return read(GAS_NAMES[t])
  const named = readGasName(text)
  if (named) return read(named)
  const pure = GAS_NAMES[t.replace(/^(?:pure|straight|100)\s+/, '').replace(/\s*100$/, '')]
  if (pure) return read(pure)
  if (/^tri-?\s?mix$/.test(t)) return read(TRIMIX)
  const short = /^c\s?-?\s?(\d{1,3}(?:\.\d)?)$/.exec(t)
  if (short && Number(short[1]) === 100) return read({ CO2: 100 })
  if (short && Number(short[1]) > 2 && Number(short[1]) < 100)
    return read({ Ar: 100 - Number(short[1]), CO2: Number(short[1]) })
  const group = /^(?:iso 14175-?\s?)?([imc]\d{1,2})$/.exec(t)?.[1]?.toUpperCase()
  if (group) {
    const usual = USUAL_MIXTURES[group]
    return usual?.length === 1
      ? read(usual[0]!)
      : refuse('', say('gas.group', group, usual?.map(shortMixture) ?? []))
  }
  const figures = [...t.matchAll(/\d+(?:\.\d+)?(?=[\s/a-z-]|$)/g)]
    .map((m) => ({ value: Number(m[0]), at: m.index }))
    .filter(({ at }) => !/[a-z]/.test(t[at - 1] ?? ' '))
  const symbols = [...t.matchAll(SYMBOL)].map((m) => SYMBOLS[m[0]]!)
  if (symbols.length === 0 && figures.length === 2 && figures[1]!.value <= EITHER_PART)
    return refuse('', say('gas.eitherPart', text.trim()))
  const balance = symbols.length === figures.length + 1 ? withBalance(t, symbols, figures) : undefined
  if (balance) return read(balance)
  const gases =
    symbols.length === figures.length
      ? symbols
      : symbols.length === 0 && figures.length === 2
        ? (['Ar', 'CO2'] as const)
        : symbols.length === 0 && figures.length === 3
          ? threeParts(figures.map((f) => f.value))
          : symbols.length === 1 && figures.length === 2 && symbols[0] !== 'Ar'
            ? (['Ar', symbols[0]!] as const)
            : undefined
  if (!gases || figures.length === 0) return refuse('', say('gas.notRead', text))
  const mixture = Object.fromEntries(gases.map((gas, i) => [gas, figures[i]!.value])) as Mixture
  const sum = Object.values(mixture).reduce((a, b) => a + b, 0)
  return Math.abs(sum - 100) > 0.5
    ? refuse('', say('request.mixtureSum', Math.round(sum * 10) / 10))
    : read(mixture)
}
