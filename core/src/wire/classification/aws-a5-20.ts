import { labelText } from '../../wording/problems.ts'
import { FAMILY_NEEDS, POSITIONS, type Polarity } from '../families.ts'
import type { WireGas, WireNote } from '../wire.ts'
import { notOurs, wrong, type Designation, type Standard } from './standard.ts'

interface Usability {
  shielding: 'gas' | 'self'
  polarity: readonly Polarity[]
  passes: 'single' | 'multi'
  notes?: readonly WireNote[]
}

/**
 * Usability designators. published: AWS A5.20/A5.20M:2005 Table 2, recalled from memory.
 * "Self-shielded means gun negative" is wrong for T-3, T-4 and T-6.
 */
export const USABILITY: Readonly<Record<string, Usability>> = {
  '1': { shielding: 'gas', polarity: ['DCEP'], passes: 'multi' },
  '2': { shielding: 'gas', polarity: ['DCEP'], passes: 'single' },
  '3': { shielding: 'self', polarity: ['DCEP'], passes: 'single' },
  '4': { shielding: 'self', polarity: ['DCEP'], passes: 'multi' },
  '5': { shielding: 'gas', polarity: ['DCEP', 'DCEN'], passes: 'multi', notes: ['either-polarity'] },
  '6': { shielding: 'self', polarity: ['DCEP'], passes: 'multi' },
  '7': { shielding: 'self', polarity: ['DCEN'], passes: 'multi' },
  '8': { shielding: 'self', polarity: ['DCEN'], passes: 'multi' },
  '9': { shielding: 'gas', polarity: ['DCEP'], passes: 'multi' },
  '10': { shielding: 'self', polarity: ['DCEN'], passes: 'single' },
  '11': { shielding: 'self', polarity: ['DCEN'], passes: 'multi', notes: ['thick-plate-limit'] },
  '12': { shielding: 'gas', polarity: ['DCEP'], passes: 'multi' },
  '13': { shielding: 'self', polarity: ['DCEN'], passes: 'single' },
  '14': { shielding: 'self', polarity: ['DCEN'], passes: 'single' },
  // Left open by the standard; run gun-negative without gas in practice (common practice, no source).
  GS: { shielding: 'self', polarity: ['DCEN'], passes: 'single', notes: ['polarity-left-open'] },
}

const TYPE = '(GS|1[0-4]|[1-9])'
const FORM = new RegExp(
  `^E(R?)(-?)(\\d{1,2})(\\d)(-?)T(-?)(GS|\\d{1,2})([CM])?(?:\\/([CM])(?![A-Z0-9]))?(?:\\/-?${TYPE}([CM])?)?(?:-?(J))?(?:-?([DQ]))?-?(H4|H8|H16)?$`,
)

/** Gas by suffix letter. published: AWS A5.20: C is 100 % CO2, M is 75-80 % argon with CO2. */
const GAS_BY_LETTER: Record<string, string> = { C: 'C1', M: 'M21' }

function readFluxCored(token: string): Designation {
  const m = FORM.exec(token)
  if (!m) return notOurs
  const [
    ,
    r,
    hyphen0,
    strength,
    position,
    hyphen1,
    hyphen2,
    type,
    letter,
    letter2,
    dual,
    dualLetter,
    tough,
    heat,
    hydrogen,
  ] = m as unknown as (string | undefined)[]
  const use = USABILITY[type!]
  const form = (gas = letter ?? '') => `E${strength}${position}T-${type}${gas}`
  if (r) return wrong(`${labelText.solidCalledTubular(token)}`, use ? form() : 'ER70S-6')
  if (hyphen0 || hyphen1) return wrong(labelText.hyphenMisplaced(token), use ? form() : undefined)
  if (!['6', '7', '43', '49'].includes(strength!))
    return wrong(
      labelText.unknownStrength(token, '6 and 7 (43 and 49 in metric)'),
      use ? `E71T-${type}${letter ?? ''}` : undefined,
    )
  if (position !== '0' && position !== '1')
    return wrong(labelText.unknownPosition(token), use ? `E71T-${type}${letter ?? ''}` : undefined)
  if (!use) return wrong(labelText.unknownUsability(token, type!))
  if (use.shielding === 'self' && (letter || letter2 || dualLetter))
    return wrong(labelText.gasLetterOnSelfShielded(token, type!), form(''))

  const notes: WireNote[] = [...(use.notes ?? [])]
  const second = dual ? USABILITY[dual] : undefined
  if (second && second.shielding !== use.shielding) return wrong(labelText.unknownUsability(token, dual!))
  const single = use.passes === 'single' && (!second || second.passes === 'single')
  if (single) notes.push('single-pass')
  if (!hyphen2) notes.push('hyphen-added')
  const letters = [letter, letter2, dualLetter].filter((l) => l !== undefined)
  if (use.shielding === 'gas' && letters.length === 0) notes.push('old-form-no-gas-letter')

  const family = use.shielding === 'gas' ? 'flux-cored-gas-shielded' : 'flux-cored-self-shielded'
  const classification =
    form() +
    (letter2 ? `/${letter2}` : '') +
    (dual ? `/-${dual}${dualLetter ?? ''}` : '') +
    (tough ?? '') +
    (heat ? `-${heat}` : '') +
    (hydrogen ? ` ${hydrogen}` : '')
  return {
    ok: true,
    value: {
      family,
      process: FAMILY_NEEDS[family].process,
      classification,
      standard: 'AWS A5.20',
      polarity: [...use.polarity],
      gas: use.shielding === 'gas' ? gasOf(letters as string[]) : { needed: false, designations: [] },
      positions: position === '0' ? ['flat', 'horizontal'] : [...POSITIONS],
      passes: single ? 'single' : 'multi',
      hydrogen: hydrogen ?? null,
      notes,
    },
  }
}

function gasOf(letters: string[]): WireGas {
  // No letter is the older form, classified on CO2.
  const designations = [...new Set((letters.length ? letters : ['C']).map((l) => GAS_BY_LETTER[l]!))]
  return designations.includes('M21')
    ? { needed: true, designations, argonPercent: { min: 75, max: 80 } }
    : { needed: true, designations }
}

/** AWS A5.20 carbon steel flux-cored wires. */
export const AWS_A5_20: Standard = { id: 'AWS A5.20', read: readFluxCored }
