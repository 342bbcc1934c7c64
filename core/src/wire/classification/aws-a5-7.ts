import { say } from '../../base/codes.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, wrong, type Designation, type Standard } from './standard.ts'
import { COPPER_STRENGTH } from './strength.ts'

/** published: AWS A5.7/A5.7M, recalled from memory. */
const COPPER = [
  'ERCu',
  'ERCuSi-A',
  'ERCuSn-A',
  'ERCuSn-C',
  'ERCuAl-A1',
  'ERCuAl-A2',
  'ERCuAl-A3',
  'ERCuNi',
  'ERCuNiAl',
  'ERCuMnNiAl',
]
/** Chemical symbols by number. published: ISO 24373, recalled from memory. */
const ISO_COPPER: Readonly<Record<string, string>> = {
  '1897': 'CuAg1',
  '1898': 'CuSn1',
  '5180': 'CuSn5P',
  '5210': 'CuSn8P',
  '6100': 'CuAl7',
  '6180': 'CuAl10Fe',
  '6327': 'CuAl8Ni2Fe2Mn2',
  '6328': 'CuAl9Ni5Fe3Mn2',
  '6338': 'CuMn13Al8Fe3Ni2',
  '6511': 'CuSi2Mn1',
  '6560': 'CuSi3Mn1',
  '7158': 'CuNi30Mn1FeTi',
}
const SILICON_BRONZE = ['ERCuSi-A', '6560', '6511']

/** Other copper alloys are fed as silicon bronze is; they weld rather than braze. */
const about = (name: string): { notes: WireNote[]; process?: string } =>
  SILICON_BRONZE.includes(name) ? { notes: [] } : { notes: ['copper-alloy'], process: 'GMAW' }

const FORM = /^(?<lead>E?R?)(?<h>-?)CU(?<rest>[A-Z0-9-]*)$/
const ISO_FORM = /^S-?CU-?(?<number>\d{4})(?<formula>CU[A-Z0-9.,]*)?$/

function readCopper(token: string): Designation {
  const m = groups(FORM, token)
  if (!m) return notOurs
  const squeezed = `ERCU${m.rest!.replaceAll('-', '')}`
  const known = COPPER.find((c) => c.toUpperCase().replaceAll('-', '') === squeezed)
  const likely = known ?? (/^ERCUAL/.test(squeezed) ? 'ERCuAl-A2' : 'ERCuSi-A')
  if (!m.lead && /^SI\d/.test(m.rest!)) return wrong(say('label.compositionOnly', token), 'S Cu 6560')
  if (!m.lead && !known) return notOurs
  if (m.h) return wrong(say('label.hyphenMisplaced', token), likely)
  if (m.lead !== 'ER') return wrong(say('label.rodMissingR', token), likely)
  if (!known)
    return wrong(
      /^ERCU(SI|SN|AL)$/.test(squeezed)
        ? say('label.suffixMissing', token)
        : say('label.unknownChemistry', token, 'AWS A5.7'),
      likely,
    )
  const { notes, ...rest } = about(known)
  return designated('AWS A5.7', 'silicon-bronze', known, {
    ...rest,
    notes: token.includes('-') === known.includes('-') ? notes : [...notes, 'hyphen-added'],
    strength: COPPER_STRENGTH[known] ?? null,
  })
}

function readIso(token: string): Designation {
  const m = groups(ISO_FORM, token)
  if (!m) return notOurs
  if (!ISO_COPPER[m.number!]) return wrong(say('label.unknownChemistry', token, 'ISO 24373'), 'S Cu 6560')
  return designated('ISO 24373', 'silicon-bronze', `S Cu ${m.number}`, about(m.number!))
}

/** AWS A5.7 copper-base wires. */
export const AWS_A5_7: Standard = { id: 'AWS A5.7', read: readCopper }
/** ISO 24373 copper-base wires. */
export const ISO_24373: Standard = { id: 'ISO 24373', read: readIso, spaced: true }
