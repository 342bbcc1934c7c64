import { labelText } from '../../wording/problems.ts'
import { FAMILY_NEEDS, POSITIONS } from '../families.ts'
import { notOurs, wrong, type Designation, type Standard } from './standard.ts'

/** Filler alloys read so far. published: AWS A5.10, recalled from memory. */
const FILLERS = ['4043', '4047', '5183', '5356', '5556']

/** What joins a parent metal that people name by mistake. published: Aluminum Association filler charts, recalled. */
const FILLER_FOR_PARENT: Readonly<Record<string, string>> = {
  '6061': 'ER4043',
  '6063': 'ER4043',
  '6005': 'ER4043',
  '6082': 'ER5356',
  '5052': 'ER5356',
  '5754': 'ER5356',
  '5083': 'ER5183',
  '5086': 'ER5356',
  '3003': 'ER4043',
}

const FORM = /^(E?R?)(-?)([1-9]\d{3})$/

function readAluminium(token: string): Designation {
  const m = FORM.exec(token)
  if (!m) return notOurs
  const [, lead, hyphen, alloy] = m as unknown as string[]
  // A bare number such as 5356 is what people say; one of another series is no wire at all.
  if (!lead && !FILLERS.includes(alloy!) && !FILLER_FOR_PARENT[alloy!]) return notOurs
  if (lead === 'E' && /^[67]0[1-3]\d$/.test(alloy!)) return wrong(labelText.stickElectrode(token), 'ER70S-6')
  if (FILLER_FOR_PARENT[alloy!]) return wrong(labelText.parentMetal(token), FILLER_FOR_PARENT[alloy!])
  if (!FILLERS.includes(alloy!)) return wrong(labelText.notInAluminiumList(token), 'ER5356')
  if (hyphen) return wrong(labelText.hyphenMisplaced(token), `ER${alloy}`)
  if (!lead) return wrong(labelText.bareAlloy(token), `ER${alloy}`)
  if (lead !== 'ER') return wrong(labelText.rodMissingR(token), `ER${alloy}`)
  const needs = FAMILY_NEEDS.aluminium
  return {
    ok: true,
    value: {
      family: 'aluminium',
      process: needs.process,
      classification: `ER${alloy}`,
      standard: 'AWS A5.10',
      polarity: ['DCEP'],
      gas: { needed: true, designations: [...needs.gas] },
      positions: [...POSITIONS],
      passes: 'multi',
      hydrogen: null,
      notes: [],
    },
  }
}

/** AWS A5.10 aluminium wires. */
export const AWS_A5_10: Standard = { id: 'AWS A5.10', read: readAluminium }
