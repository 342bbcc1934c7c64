import { say } from '../../base/codes.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { SOLID_METRIC, SOLID_STRENGTH } from './strength.ts'
import { gasOfLetters } from './usability.ts'

/** Chemistry suffixes of solid wire. published: AWS A5.18:2005 Table 1, recalled from memory. */
const CARBON_SOLID = ['2', '3', '4', '6', '7', 'G']
/** Dropped from later editions of A5.18, still met on old boxes. recalled from memory */
const WITHDRAWN_SOLID = ['5']
/** Metal-cored suffixes, each with its gas letter: C is CO2, M is 75-80 % Ar with CO2. published: A5.18:2005. */
const CARBON_CORED = ['3C', '3M', '6C', '6M', 'GS']

/** Chemistry suffixes by strength in ksi. published: AWS A5.28/A5.28M tables, recalled from memory. */
const LOW_ALLOY_SOLID: Readonly<Record<string, readonly string[]>> = {
  '70': ['A1', 'B2L'],
  '80': ['B2', 'B3L', 'B6', 'B8', 'D2', 'Ni1', 'Ni2', 'Ni3', 'G'],
  '90': ['B3', 'B9', 'D2', 'G'],
  '100': ['1', 'G'],
  '110': ['1', 'G'],
  '120': ['1', 'G'],
}
/** published: AWS A5.28/A5.28M composite electrodes, recalled from memory. */
const LOW_ALLOY_CORED: Readonly<Record<string, readonly string[]>> = {
  '70': ['B2L', 'Ni2'],
  '80': ['B2', 'B3L', 'B6', 'B8', 'D2', 'Ni1', 'Ni2', 'Ni3', 'W2', 'G'],
  '90': ['B3', 'B9', 'D2', 'K3', 'Ni2', 'G'],
  '100': ['K3', 'G'],
  '110': ['K3', 'K4', 'G'],
  '120': ['K4', 'G'],
}
/** A5.28 leaves the gas of metal-cored wire to the maker; these are usual. common practice */
const CORED_LOW_ALLOY_GAS = ['M21', 'M20', 'M12', 'M13']

const TAIL = '(?<nuclear>N)?-?(?<h>H4|H8|H16)?'
const SOLID_FORM = new RegExp(
  `^(?<e>E?)(?<r>R?)(?<h0>-?)(?<s>\\d{2,3})(?<h1>-?)S(?<h2>-?)(?<chem>[A-Z0-9]*?)${TAIL}$`,
)
const CORED_FORM = /^E(?<r>R?)(?<h0>-?)(?<s>\d{2,3})C(?<h1>-?)(?<type>[A-Z0-9]*?)-?(?<h>H4|H8|H16)?$/

const ksiOf = (figure: string): string => SOLID_METRIC[figure] ?? figure
/** A chemistry suffix as the table prints it, `Ni1`, whatever case it came in. */
const listed = (table: readonly string[] | undefined, chem: string): string | undefined =>
  table?.find((t) => t.toUpperCase() === chem)

function solid(token: string): Designation {
  const m = groups(SOLID_FORM, token)
  if (!m || (!m.e && (m.r || !m.h2))) return notOurs
  const { s, chem = '', h } = m as Record<string, string>
  const ksi = ksiOf(s!)
  const lowAlloy = listed(LOW_ALLOY_SOLID[ksi], chem)
  const carbon = ksi === '70' && [...CARBON_SOLID, ...WITHDRAWN_SOLID].includes(chem) ? chem : undefined
  const type = lowAlloy ?? carbon
  const usual = LOW_ALLOY_SOLID[ksi] && ksi !== '70' ? `ER${s}S-${LOW_ALLOY_SOLID[ksi][0]}` : 'ER70S-6'
  if (m.h0 || m.h1) return wrong(say('label.hyphenMisplaced', token), `ER${s}S-${type ?? (chem || '6')}`)
  if (!SOLID_STRENGTH[ksi])
    return wrong(say('label.unknownStrength', token, '70-120'), `ER70S-${chem || '6'}`)
  if (!chem) return wrong(say('label.suffixMissing', token), ksi === '70' ? 'ER70S-6' : usual)
  if (!type) {
    const elsewhere = Object.entries(LOW_ALLOY_SOLID).find(([, types]) => listed(types, chem))
    return wrong(
      say('label.unknownChemistry', token, ksi === '70' ? 'AWS A5.18' : 'AWS A5.28'),
      elsewhere ? `ER${elsewhere[0]}S-${listed(elsewhere[1], chem)}` : usual,
    )
  }
  const notes: WireNote[] = []
  if (!m.e) notes.push('short-form')
  else if (!m.r) notes.push('old-form-e-for-er')
  if (!m.h2) notes.push('hyphen-added')
  if (WITHDRAWN_SOLID.includes(type)) notes.push('withdrawn-type')
  return designated(
    lowAlloy ? 'AWS A5.28' : 'AWS A5.18',
    'solid-steel',
    `ER${s}S-${type}${m.nuclear ?? ''}${tail(h)}`,
    { hydrogen: h ?? null, notes, strength: SOLID_STRENGTH[ksi] },
  )
}

function metalCored(token: string): Designation {
  const m = groups(CORED_FORM, token)
  if (!m) return notOurs
  const { s, type = '', h } = m as Record<string, string>
  const ksi = ksiOf(s!)
  const lowAlloy = listed(LOW_ALLOY_CORED[ksi], type)
  const carbon = ksi === '70' && CARBON_CORED.includes(type)
  const known = lowAlloy ?? (carbon ? type : undefined)
  const likely = known ? `E${s}C-${known}` : 'E70C-6M'
  if (m.r) return wrong(say('label.rodIsNotTubular', token), likely)
  if (m.h0) return wrong(say('label.hyphenMisplaced', token), likely)
  if (!SOLID_STRENGTH[ksi]) return wrong(say('label.unknownStrength', token, '70-120'), likely)
  if (ksi === '70' && (type === '3' || type === '6'))
    return wrong(say('label.gasLetterMissing', token), `E${s}C-${type}M`)
  if (!known)
    return wrong(say('label.unknownChemistry', token, ksi === '70' ? 'AWS A5.18' : 'AWS A5.28'), likely)
  const notes: WireNote[] = []
  if (!m.h1) notes.push('hyphen-added')
  const gasOpen = type === 'GS'
  if (gasOpen) notes.push('single-pass', 'gas-and-shielding-left-open')
  if (lowAlloy) notes.push('gas-by-maker')
  return designated(lowAlloy ? 'AWS A5.28' : 'AWS A5.18', 'metal-cored', `E${s}C-${known}${tail(h)}`, {
    gas: lowAlloy
      ? { needed: true, designations: [...CORED_LOW_ALLOY_GAS] }
      : gasOfLetters([type.endsWith('C') ? 'C' : 'M']),
    passes: gasOpen ? 'single' : 'multi',
    hydrogen: h ?? null,
    notes,
    strength: SOLID_STRENGTH[ksi],
  })
}

/** AWS A5.18 carbon steel and A5.28 low-alloy steel, solid and metal-cored: one form, two tables. */
export const AWS_A5_18: Standard = {
  id: 'AWS A5.18 and A5.28',
  read: (token) => solid(token) ?? metalCored(token),
}
