import type { Family, Material } from '../../terms/terms.ts'
import type { Strength, WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, type Designation, type Standard } from './standard.ts'
import { ISO_HIGH_STRENGTH } from './strength.ts'
import { GAS_SYMBOLS, gasOfSymbol, NO_GAS } from './usability.ts'
import { POSITIONS_A } from './iso-17632.ts'

/**
 * Compositions of high-strength wire, solid and cored. published: ISO 16834-A Table 3 and ISO 18276-A Table 3,
 * recalled from memory; any like them is read as printed.
 */
const HIGH = 'Z|\\d?(?:(?:MN|NI|CR|MO|CU|TI|V)(?:\\d(?:[.,]\\d)?)?)+'
/** Creep-resisting compositions. published: ISO 21952-A and ISO 17634-A, recalled from memory. */
const CREEP = [
  'MoSi',
  'MoVSi',
  'MnMo',
  'CrMo1Si',
  'CrMoV1Si',
  'CrMo2Si',
  'CrMo2LSi',
  'CrMo5Si',
  'CrMo9Si',
  'CrMo91',
  'CrMoWV12Si',
]
const CREEP_CORED = [
  'Mo',
  'MoL',
  'MoV',
  'CrMo0.5',
  'CrMo1',
  'CrMo1L',
  'CrMo2',
  'CrMo2L',
  'CrMo5',
  'CrMo9',
  'CrMo10',
  'CrMoWV12',
  'CrMoV',
]
const upper = (names: readonly string[]) =>
  names
    .map((name) => name.toUpperCase().replace('.', '[.,]'))
    .sort((a, b) => b.length - a.length)
    .join('|')
const as = (names: readonly string[], text: string) =>
  names.find((name) => name.toUpperCase() === text.replace(',', '.'))!

const HIGH_SOLID = new RegExp(
  `^G(?<s>55|62|69|79|89)(?<impact>10|[0-9AZY])(?<gas>${GAS_SYMBOLS})(?<chem>${HIGH})(?<t>T)?$`,
)
const CREEP_SOLID = new RegExp(`^G(?<chem>${upper(CREEP)})$`)
const HIGH_CORED = new RegExp(
  `^T(?<s>55|62|69|79|89)(?<impact>10|[0-9AZY])(?<chem>${HIGH})?(?<type>[RPBM])(?<gas>${GAS_SYMBOLS})(?<pos>[1-5])(?<t>T?)(?<h>H5|H10|H15)?$`,
)
const CREEP_TUBE = new RegExp(
  `^T(?<chem>${upper(CREEP_CORED)})(?<type>[RPBM])(?<gas>${GAS_SYMBOLS})(?<pos>[1-5])(?<h>H5|H10|H15)?$`,
)
const JOINS: Material[] = ['low-alloy-steel', 'mild-steel']
/** Words of a composition as tables print them, `Mn4Ni1.5CrMo`. */
const printed = (chem: string) =>
  chem
    .replace(',', '.')
    .replace(/MN/g, 'Mn')
    .replace(/NI/g, 'Ni')
    .replace(/CR/g, 'Cr')
    .replace(/MO/g, 'Mo')
    .replace(/CU/g, 'Cu')
    .replace(/TI/g, 'Ti')

/** What all four say beside the wire itself: the metals, and a heat treatment that is the procedure’s. */
const about = (gas: string | undefined, strength: Strength | null = null) => {
  const { gas: shielding, notes } = gas
    ? gasOfSymbol(gas)
    : { gas: undefined, notes: ['gas-by-maker'] as WireNote[] }
  return { ...(shielding && { gas: shielding }), notes, joins: JOINS, strength }
}
const cored = (type: string): { family: Family; polarity: ('DCEP' | 'DCEN')[] } => ({
  family: type === 'M' ? 'metal-cored' : 'flux-cored-gas-shielded',
  polarity: type === 'B' || type === 'M' ? ['DCEP', 'DCEN'] : ['DCEP'],
})

function readHighStrength(token: string): Designation {
  const solid = groups(HIGH_SOLID, token)
  if (solid) {
    const { s, impact, gas, chem } = solid as Record<string, string>
    return designated(
      'ISO 16834-A',
      'solid-steel',
      `G ${s} ${impact} ${gas} ${printed(chem!)}${solid.t ? ' T' : ''}`,
      { ...about(gas, ISO_HIGH_STRENGTH[s!]), alloy: chem! },
    )
  }
  const m = groups(HIGH_CORED, token)
  if (!m) return notOurs
  const { s, impact, chem, type, gas, pos, h } = m as Record<string, string>
  const kind = cored(type!)
  const said = about(gas, ISO_HIGH_STRENGTH[s!])
  return designated(
    'ISO 18276-A',
    kind.family,
    ['T', s, impact, chem && printed(chem), type, gas, pos, m.t].filter(Boolean).join(' ') + tail(h),
    {
      ...said,
      polarity: kind.polarity,
      positions: [...POSITIONS_A[pos!]!],
      hydrogen: h ?? null,
      notes: [...said.notes, 'polarity-not-coded'],
    },
  )
}

function readCreepResisting(token: string): Designation {
  const solid = groups(CREEP_SOLID, token)
  if (solid) {
    const chem = as(CREEP, solid.chem!)
    return designated('ISO 21952-A', 'solid-steel', `G ${chem}`, { ...about(undefined), alloy: chem })
  }
  const m = groups(CREEP_TUBE, token)
  if (!m) return notOurs
  const { chem, type, gas, pos, h } = m as Record<string, string>
  const kind = cored(type!)
  const said = about(gas)
  return designated(
    'ISO 17634-A',
    kind.family,
    `T ${as(CREEP_CORED, chem!)} ${type} ${gas} ${pos}${tail(h)}`,
    {
      ...said,
      gas: said.gas ?? NO_GAS,
      polarity: kind.polarity,
      positions: [...POSITIONS_A[pos!]!],
      hydrogen: h ?? null,
      notes: [...said.notes, 'polarity-not-coded'],
    },
  )
}

/** High-strength wires: ISO 16834 solid, ISO 18276 cored. */
export const ISO_16834: Standard = { id: 'ISO 16834 and 18276', read: readHighStrength, spaced: true }
/** Creep-resisting wires: ISO 21952 solid, ISO 17634 cored. */
export const ISO_21952: Standard = { id: 'ISO 21952 and 17634', read: readCreepResisting, spaced: true }
