import { WIRE_GAS_GROUPS } from '../../gas/designation.ts'
import { POSITIONS, type Polarity, type Position } from '../../terms/terms.ts'
import type { WireGas, WireNote } from '../wire.ts'

export interface Usability {
  shielding: 'gas' | 'self'
  polarity: readonly Polarity[]
  passes: 'single' | 'multi'
  notes?: readonly WireNote[]
}

const gas = (passes: 'single' | 'multi' = 'multi'): Usability => ({
  shielding: 'gas',
  polarity: ['DCEP'],
  passes,
})
const self = (polarity: Polarity, passes: 'single' | 'multi', ...notes: WireNote[]): Usability => ({
  shielding: 'self',
  polarity: [polarity],
  passes,
  notes,
})

/**
 * Usability designators. published: AWS A5.20/A5.20M:2005 Table 2, recalled from memory.
 * "Self-shielded means gun negative" is wrong for T-3, T-4 and T-6.
 */
export const USABILITY: Readonly<Record<string, Usability>> = {
  '1': gas(),
  '2': gas('single'),
  '3': self('DCEP', 'single'),
  '4': self('DCEP', 'multi'),
  '5': { shielding: 'gas', polarity: ['DCEP', 'DCEN'], passes: 'multi', notes: ['either-polarity'] },
  '6': self('DCEP', 'multi'),
  '7': self('DCEN', 'multi'),
  '8': self('DCEN', 'multi'),
  '9': gas(),
  '10': self('DCEN', 'single'),
  '11': self('DCEN', 'multi', 'thick-plate-limit'),
  '12': gas(),
  '13': self('DCEN', 'single'),
  '14': self('DCEN', 'single'),
  // Left open by the standard; run gun-negative without gas in practice (common practice, no source).
  GS: self('DCEN', 'single', 'polarity-left-open'),
}

/** Metal-cored, as A5.36 and ISO 17632-B count it among the others. published: AWS A5.36, recalled from memory. */
export const METAL_CORED_USABILITY = '15'

/** 0 is flat and horizontal, 1 every position. published: AWS A5.20, recalled from memory. */
export const positionsByDigit = (digit: string): Position[] =>
  digit === '0' ? ['flat', 'horizontal'] : [...POSITIONS]

/** Up for what freezes fast, down for T-11, -13 and -14, either for T-G and T-GS. published: A5.20 Table 2, recalled */
const UPRIGHT: Readonly<Record<string, readonly Position[]>> = {
  ...Object.fromEntries(
    ['1', '2', '5', '7', '8', '9', '12'].map((type) => [type, ['vertical-up', 'overhead'] as const]),
  ),
  ...Object.fromEntries(['11', '13', '14'].map((type) => [type, ['vertical-down', 'overhead'] as const])),
  GS: ['vertical-up', 'vertical-down', 'overhead'],
  [METAL_CORED_USABILITY]: ['vertical-up', 'vertical-down', 'overhead'],
}
/**
 * Positions of one or more usability designators under a position figure: those that all of them are for. T-3, -4,
 * -6 and -10 lie flat and horizontal whatever the figure.
 */
export const positionsOf = (types: readonly string[], digit: string): Position[] =>
  POSITIONS.filter(
    (position) =>
      position === 'flat' ||
      position === 'horizontal' ||
      (digit !== '0' && types.every((type) => UPRIGHT[type]?.includes(position) ?? false)),
  )

/** Gas by suffix letter. published: AWS A5.20: C is 100 % CO2, M is 75-80 % argon with CO2. */
const GAS_BY_LETTER: Readonly<Record<string, string>> = { C: 'C1', M: 'M21' }
/** Limits of the letter M inside M21. published: AWS A5.18 and A5.20, recalled from memory. */
export const M_LIMITS = { min: 75, max: 80 }

/** Gases of AWS suffix letters, in the order printed; no letter is the older form, classified on CO2. */
export function gasOfLetters(letters: readonly string[]): WireGas {
  const designations = [...new Set((letters.length ? letters : ['C']).map((l) => GAS_BY_LETTER[l]!))]
  return {
    needed: true,
    designations,
    ...(designations.includes('M21') && { argonPercent: { ...M_LIMITS } }),
  }
}

export const NO_GAS: WireGas = { needed: false, designations: [] }

/** A gas symbol of ISO designations, or AWS A5.36. `M` and `C` alone are the forms of 2002 and 2004. */
export const GAS_SYMBOL = `(?:${WIRE_GAS_GROUPS.join('|')})`
/** One symbol, or both gases of one box: `M21/C1`. */
export const GAS_SYMBOLS = `${GAS_SYMBOL}(?:\\/${GAS_SYMBOL})?`
const OLD_SYMBOLS: Readonly<Record<string, string>> = { M: 'M21', C: 'C1' }

/** The gas an ISO symbol asks for. published: ISO 14175; old letters ISO 14341:2002 and 17632:2004, recalled. */
export const gasOfSymbol = (symbol: string): { gas: WireGas; notes: WireNote[] } =>
  OLD_SYMBOLS[symbol]
    ? { gas: { needed: true, designations: [OLD_SYMBOLS[symbol]] }, notes: ['old-iso-gas-letter'] }
    : { gas: { needed: true, designations: symbol.split('/') }, notes: [] }
