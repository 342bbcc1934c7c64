import { say } from '../../base/codes.ts'
import type { Family, Polarity, Position } from '../../terms/terms.ts'
import { POSITIONS } from '../../terms/terms.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { ISO_A_STRENGTH, ISO_B_STRENGTH } from './strength.ts'
import {
  GAS_SYMBOLS,
  gasOfSymbol,
  METAL_CORED_USABILITY,
  NO_GAS,
  positionsOf,
  USABILITY,
} from './usability.ts'

interface Letter {
  /** `undefined`: either, by the maker. */
  gas: boolean | undefined
  /** Informative in system A; empty where it must be read. */
  polarity: readonly Polarity[]
  passes: 'single' | 'multi'
}
/** Kinds of core. published: ISO 17632-A Table 5A; polarity is informative there; recalled from memory. */
const LETTERS: Readonly<Record<string, Letter>> = {
  R: { gas: true, polarity: ['DCEP'], passes: 'multi' },
  P: { gas: true, polarity: ['DCEP'], passes: 'multi' },
  B: { gas: true, polarity: ['DCEP', 'DCEN'], passes: 'multi' },
  M: { gas: true, polarity: ['DCEP', 'DCEN'], passes: 'multi' },
  V: { gas: false, polarity: ['DCEN'], passes: 'single' },
  W: { gas: false, polarity: ['DCEN', 'DCEP'], passes: 'multi' },
  Y: { gas: false, polarity: ['DCEN'], passes: 'multi' },
  Z: { gas: undefined, polarity: [], passes: 'multi' },
}

/** Position figures of system A. published: ISO 17632-A, recalled from memory. */
export const POSITIONS_A: Readonly<Record<string, readonly Position[]>> = {
  '1': POSITIONS,
  '2': ['flat', 'horizontal', 'vertical-up', 'overhead'],
  '3': ['flat', 'horizontal'],
  '4': ['flat'],
  '5': ['flat', 'horizontal', 'vertical-down'],
}
const CHEMISTRY = ['Mo', 'MnMo', '1Ni', '1.5Ni', '2Ni', '3Ni', 'Mn1Ni', '1NiMo', 'Z']
const CHEM = CHEMISTRY.map((c) => c.toUpperCase().replace('.', '[.,]')).join('|')
const FORM_A = new RegExp(
  `^T-?(?<s>35|38|42|46|50|[2-5]T)(?<impact>10|[0-9AZ])(?<chem>${CHEM})?(?<type>[RPBMVWYZ])` +
    `(?<gas>${GAS_SYMBOLS}|NO|N|M|C|Z)(?<pos>\\d)(?<h>H5|H10|H15)?$`,
)
const FORM_B = new RegExp(
  `^T(?<s>43|49|55|57)(?<impact>10|[0-9YZ])T(?<use>1[0-5]|[1-9])(?<single>S?)-?(?<pos>[01])` +
    `(?<gas>${GAS_SYMBOLS}|NO|N)(?<heat>AP|A|P)(?:-(?<chem>[1-3]M\\d|N\\d{1,2}(?:M\\d)?|NCC1?))?(?<u>U?)(?<h>H5|H10|H15)?$`,
)

function systemA(token: string): Designation {
  const m = groups(FORM_A, token)
  if (!m) return notOurs
  const { s, impact, type, gas, pos, h } = m as Record<string, string>
  const letter = LETTERS[type!]!
  const noGas = gas === 'N' || gas === 'NO'
  const chem = CHEMISTRY.find((c) => c.toUpperCase() === m.chem?.replace(',', '.'))
  const form = (symbol: string, position = pos) =>
    ['T', s, impact, chem, type, symbol, position].filter(Boolean).join(' ') + tail(h)
  if (letter.gas === true && noGas) return wrong(say('label.coreNeedsGas', token, type!), form('M21'))
  if (letter.gas === false && !noGas) return wrong(say('label.coreShieldsItself', token, type!), form('NO'))
  if (!POSITIONS_A[pos!]) return wrong(say('label.isoPosition', token), form(gas!, '1'))
  const { gas: shielding, notes: gasNotes } =
    noGas || gas === 'Z' ? { gas: NO_GAS, notes: [] } : gasOfSymbol(gas!)
  if (gas === 'Z') return wrong(say('label.leftOpen', token))
  const family: Family =
    type === 'M' ? 'metal-cored' : noGas ? 'flux-cored-self-shielded' : 'flux-cored-gas-shielded'
  const single = letter.passes === 'single' || s!.endsWith('T')
  const notes: WireNote[] = [...gasNotes, 'polarity-not-coded']
  if (single) notes.push('single-pass')
  return designated('ISO 17632-A', family, form(gas!), {
    // A special core under gas runs gun positive as others do; a self-shielded one must be read on the box.
    polarity: type === 'Z' && !noGas ? ['DCEP'] : [...letter.polarity],
    gas: shielding,
    positions: [...POSITIONS_A[pos!]!],
    passes: single ? 'single' : 'multi',
    hydrogen: h ?? null,
    notes,
    strength: ISO_A_STRENGTH[s!] ?? null,
  })
}

function systemB(token: string): Designation {
  const m = groups(FORM_B, token)
  if (!m) return notOurs
  const { s, impact, use, gas, pos, heat, u, h } = m as Record<string, string>
  const metalCored = use === METAL_CORED_USABILITY
  const usability = metalCored
    ? { shielding: 'gas' as const, polarity: ['DCEP' as const], passes: 'multi' as const, notes: [] }
    : USABILITY[use!]!
  const noGas = gas === 'N' || gas === 'NO'
  const form = (symbol: string) =>
    `T ${s} ${impact} T${use}${m.single}-${pos} ${symbol} ${heat}${m.chem ? `-${m.chem}` : ''}${u ? ' U' : ''}${tail(h)}`
  if (usability.shielding === 'gas' && noGas)
    return wrong(say('label.coreNeedsGas', token, `T${use}`), form('C1'))
  if (usability.shielding === 'self' && !noGas)
    return wrong(say('label.coreShieldsItself', token, `T${use}`), form('NO'))
  const single = usability.passes === 'single' || m.single === 'S'
  const notes: WireNote[] = [...(usability.notes ?? [])]
  if (single) notes.push('single-pass')
  return designated(
    'ISO 17632-B',
    metalCored ? 'metal-cored' : noGas ? 'flux-cored-self-shielded' : 'flux-cored-gas-shielded',
    form(gas!),
    {
      polarity: [...usability.polarity],
      gas: noGas ? NO_GAS : gasOfSymbol(gas!).gas,
      positions: positionsOf([use!], pos!),
      passes: single ? 'single' : 'multi',
      hydrogen: h ?? null,
      notes,
      strength: ISO_B_STRENGTH[s!],
    },
  )
}

/** ISO 17632 flux-cored and metal-cored steel wires, systems A and B. */
export const ISO_17632: Standard = {
  id: 'ISO 17632',
  read: (token) => systemA(token) ?? systemB(token),
  spaced: true,
}
