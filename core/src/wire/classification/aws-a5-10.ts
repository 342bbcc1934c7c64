import { say } from '../../base/codes.ts'
import { designated, groups, notOurs, wrong, type Designation, type Standard } from './standard.ts'

/** Filler alloys. published: AWS A5.10/A5.10M, ISO 18273, recalled from memory. */
export const ALUMINIUM_FILLERS = [
  ...['1070', '1080A', '1100', '1188', '1200', '1450', '2319', '3103'],
  ...['4008', '4009', '4010', '4011', '4018', '4043', '4043A', '4046', '4047', '4047A'],
  ...['4145', '4643', '4943'],
  ...['5087', '5183', '5183A', '5187', '5249', '5356', '5356A', '5554', '5556', '5556A', '5654', '5754'],
]

/** What joins a parent metal that people name by mistake. published: Aluminum Association filler charts, recalled. */
const FILLER_FOR_PARENT: Readonly<Record<string, string>> = {
  '3003': '4043',
  '3004': '4043',
  '5005': '5356',
  '5052': '5356',
  '5083': '5183',
  '5086': '5356',
  '5454': '5554',
  '5456': '5556',
  '6005': '4043',
  '6013': '4043',
  '6060': '4043',
  '6061': '4043',
  '6063': '4043',
  '6082': '5356',
  '6351': '4043',
  '7005': '5356',
  '7020': '5356',
}
/** Alloys that crack when fusion welded, whatever the filler. published: handbooks, recalled from memory. */
const NOT_WELDABLE = ['2024', '7075']

const FORM = /^(?<lead>E?R?)(?<h>-?)(?<alloy>[1-9]\d{3}A?)$/
/** `S Al 5356 (AlMg5Cr)`; the part in brackets only repeats the alloy. */
const ISO_FORM = /^S-?AL-?(?<alloy>\d{4}A?)(?<formula>AL[A-Z0-9.,]*)?(?<variant>A)?$/
/** Short names by composition, which do not settle the wire. published: ISO 18273 symbols, recalled from memory. */
const BY_FORMULA: readonly [RegExp, string][] = [
  [/^ALSI5/, '4043'],
  [/^ALSI12/, '4047'],
  [/^ALMG5/, '5356'],
  [/^ALMG4[.,]?5/, '5183'],
  [/^ALMG3/, '5754'],
  [/^ALMG2[.,]?7/, '5554'],
  [/^AL99/, '1450'],
]

/** The listed alloy one slip away, of the same series; none where there is more than one. */
function nearest(alloy: string, form: (alloy: string) => string): string | undefined {
  const near = ALUMINIUM_FILLERS.filter(
    (a) =>
      a[0] === alloy[0] && a.length === alloy.length && [...a].filter((c, i) => c !== alloy[i]).length === 1,
  )
  return near.length === 1 ? form(near[0]!) : undefined
}

function readAluminium(token: string): Designation {
  const m = groups(FORM, token)
  if (!m) return notOurs
  const lead = m.lead!
  const alloy = m.alloy!
  const filler = ALUMINIUM_FILLERS.includes(alloy)
  const parent = FILLER_FOR_PARENT[alloy]
  const wire = filler ? `ER${alloy}` : parent ? `ER${parent}` : undefined
  // A bare number such as 5356 is what people say; one of another series is no wire at all.
  if (!lead && !wire) return notOurs
  if (parent) return wrong(say('label.parentMetal', alloy), wire)
  if (NOT_WELDABLE.includes(alloy)) return wrong(say('label.notWeldable', alloy))
  if (!filler)
    return wrong(
      say('label.notInAluminiumList', token),
      nearest(alloy, (a) => `ER${a}`),
    )
  if (m.h) return wrong(say('label.hyphenMisplaced', token), wire)
  if (lead === 'R') return wrong(say('label.tigRod', token), wire)
  if (lead === 'E') return wrong(say('label.rodMissingR', token), wire)
  return designated('AWS A5.10', 'aluminium', `ER${alloy}`, {
    alloy,
    ...(!lead && { notes: ['short-form' as const] }),
  })
}

function readIso(token: string): Designation {
  const trade = BY_FORMULA.find(([form]) => form.test(token))
  if (trade) return wrong(say('label.compositionOnly', token), `S Al ${trade[1]}`)
  const m = groups(ISO_FORM, token)
  if (!m) return notOurs
  const alloy = m.alloy!
  if (FILLER_FOR_PARENT[alloy])
    return wrong(say('label.parentMetal', alloy), `S Al ${FILLER_FOR_PARENT[alloy]}`)
  if (!ALUMINIUM_FILLERS.includes(alloy))
    return wrong(
      say('label.notInAluminiumList', token),
      nearest(alloy, (a) => `S Al ${a}`),
    )
  return designated('ISO 18273', 'aluminium', `S Al ${alloy}`, { alloy })
}

/** AWS A5.10 aluminium wires. */
export const AWS_A5_10: Standard = { id: 'AWS A5.10', read: readAluminium }
/** ISO 18273 aluminium wires: the same alloys under S Al. */
export const ISO_18273: Standard = { id: 'ISO 18273', read: readIso, spaced: true }
