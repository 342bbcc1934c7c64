import { labelText } from '../../wording/problems.ts'
import { FAMILY_NEEDS, POSITIONS } from '../families.ts'
import { notOurs, wrong, type Designation, type Standard } from './standard.ts'

function readCopper(token: string): Designation {
  const m = /^(E?R?)(-?)CUSI(-?)([A-Z0-9]*)$/.exec(token)
  if (!m) return notOurs
  const [, lead, hyphen, hyphen2, type] = m as unknown as string[]
  if (hyphen) return wrong(labelText.hyphenMisplaced(token), 'ERCuSi-A')
  if (lead !== 'ER') return wrong(labelText.rodMissingR(token), 'ERCuSi-A')
  if (!type) return wrong(labelText.suffixMissing(token), 'ERCuSi-A')
  if (type !== 'A') return wrong(labelText.unknownChemistry(token, 'AWS A5.7'), 'ERCuSi-A')
  const needs = FAMILY_NEEDS['silicon-bronze']
  return {
    ok: true,
    value: {
      family: 'silicon-bronze',
      process: needs.process,
      classification: 'ERCuSi-A',
      standard: 'AWS A5.7',
      polarity: ['DCEP'],
      gas: { needed: true, designations: [...needs.gas] },
      positions: [...POSITIONS],
      passes: 'multi',
      hydrogen: null,
      notes: hyphen2 ? [] : ['hyphen-added'],
    },
  }
}

/** AWS A5.7 copper-base wires: silicon bronze. */
export const AWS_A5_7: Standard = { id: 'AWS A5.7', read: readCopper }
