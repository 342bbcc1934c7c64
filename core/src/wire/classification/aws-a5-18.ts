import { labelText } from '../../wording/problems.ts'
import { FAMILY_NEEDS, POSITIONS } from '../families.ts'
import type { WireNote } from '../wire.ts'
import { notOurs, wrong, type Designation, type Standard } from './standard.ts'

/** Chemistry suffixes of solid wire. published: AWS A5.18:2005 Table 1, recalled from memory. */
const SOLID = ['2', '3', '4', '6', '7', 'G']
/** published: AWS A5.28 suffix of the one low-alloy solid read so far, recalled from memory. */
const LOW_ALLOY_SOLID = ['D2']
/** Metal-cored suffixes, each with its gas letter: C is CO2, M is 75-80 % Ar with CO2. published: A5.18:2005. */
const CORED = ['3C', '3M', '6C', '6M', 'GS']

const TAIL = '(N)?(H4|H8|H16)?'
const SOLID_FORM = new RegExp(`^E(R?)(-?)(\\d{2,3})(-?)S(-?)([A-Z0-9]*?)${TAIL}$`)
const CORED_FORM = /^E(R?)(\d{2})C-?([A-Z0-9]*?)-?(H4|H8|H16)?$/

function solid(token: string): Designation {
  const m = SOLID_FORM.exec(token)
  if (!m) return notOurs
  const [, r, hyphen0, strength, hyphen1, hyphen2, chem, nuclear, hydrogen] = m as unknown as string[]
  const lowAlloy = strength === '80' || strength === '55'
  const table = lowAlloy ? LOW_ALLOY_SOLID : SOLID
  const likely = `ER${strength}S-${chem || '6'}`
  if (hyphen0 || hyphen1) return wrong(labelText.hyphenMisplaced(token), likely)
  if (!['70', '48', '80', '55'].includes(strength!))
    return wrong(
      labelText.unknownStrength(token, '70 (48 in metric), and 80 with D2'),
      `ER70S-${chem || '6'}`,
    )
  if (!chem) return wrong(labelText.suffixMissing(token), lowAlloy ? 'ER80S-D2' : 'ER70S-6')
  if (!table.includes(chem))
    return wrong(
      labelText.unknownChemistry(token, lowAlloy ? 'AWS A5.28 as read here' : 'AWS A5.18'),
      lowAlloy ? 'ER80S-D2' : 'ER70S-6',
    )
  const notes: WireNote[] = []
  if (!r) notes.push('old-form-e-for-er')
  if (!hyphen2) notes.push('hyphen-added')
  const needs = FAMILY_NEEDS['solid-steel']
  return {
    ok: true,
    value: {
      family: 'solid-steel',
      process: needs.process,
      classification: `ER${strength}S-${chem}${nuclear ?? ''}${hydrogen ? ` ${hydrogen}` : ''}`,
      standard: lowAlloy ? 'AWS A5.28' : 'AWS A5.18',
      polarity: ['DCEP'],
      gas: { needed: true, designations: [...needs.gas] },
      positions: [...POSITIONS],
      passes: 'multi',
      hydrogen: hydrogen ?? null,
      notes,
    },
  }
}

function metalCored(token: string): Designation {
  const m = CORED_FORM.exec(token)
  if (!m) return notOurs
  const [, r, strength, type, hydrogen] = m as unknown as string[]
  const likely = CORED.includes(type!) ? `E70C-${type}` : 'E70C-6M'
  if (r) return wrong(labelText.rodIsNotTubular(token), likely)
  if (strength !== '70' && strength !== '48')
    return wrong(labelText.unknownStrength(token, '70 (48 in metric)'), likely)
  if (type === '3' || type === '6') return wrong(labelText.gasLetterMissing(token), `E70C-${type}M`)
  if (!CORED.includes(type!)) return wrong(labelText.unknownChemistry(token, 'AWS A5.18'), likely)
  const gasOpen = type === 'GS'
  const co2 = type!.endsWith('C')
  const notes: WireNote[] = []
  if (!token.includes('C-')) notes.push('hyphen-added')
  if (gasOpen) notes.push('single-pass', 'gas-and-shielding-left-open')
  return {
    ok: true,
    value: {
      family: 'metal-cored',
      process: FAMILY_NEEDS['metal-cored'].process,
      classification: `E${strength}C-${type}${hydrogen ? ` ${hydrogen}` : ''}`,
      standard: 'AWS A5.18',
      polarity: ['DCEP'],
      gas: co2
        ? { needed: true, designations: ['C1'] }
        : { needed: true, designations: ['M21'], argonPercent: { min: 75, max: 80 } },
      positions: [...POSITIONS],
      passes: gasOpen ? 'single' : 'multi',
      hydrogen: hydrogen ?? null,
      notes,
    },
  }
}

/** AWS A5.18 carbon steel wires, solid and metal-cored, with ER80S-D2 of A5.28. */
export const AWS_A5_18: Standard = { id: 'AWS A5.18', read: (token) => solid(token) ?? metalCored(token) }
