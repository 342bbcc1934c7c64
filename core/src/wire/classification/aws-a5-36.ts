import { say } from '../../base/codes.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { CORED_METRIC, CORED_STRENGTH } from './strength.ts'
import {
  GAS_SYMBOL,
  gasOfSymbol,
  METAL_CORED_USABILITY,
  NO_GAS,
  positionsOf,
  USABILITY,
  type Usability,
} from './usability.ts'

/** T15 is metal-cored, gun positive, under gas. published: AWS A5.36, recalled from memory. */
const METAL_CORED: Usability = { shielding: 'gas', polarity: ['DCEP'], passes: 'multi' }

const FORM = new RegExp(
  `^E(?<s>\\d{1,2})(?<pos>[01])T(?<h1>-?)(?<type>\\d{1,2})(?<single>S?)-?(?<gas>${GAS_SYMBOL}|Z)?` +
    `(?:(?<heat>[AP])?(?<impact>10|15|[0245680YZG]))?-(?<deposit>CS[123]|[ABDKWN][A-Z0-9]{1,3}|G)-?(?<h>H2|H4|H8|H16)?$`,
)

function readOpenSystem(token: string): Designation {
  const m = groups(FORM, token)
  if (!m) return notOurs
  const { s, pos, type, gas, heat, impact, h } = m as Record<string, string>
  // Without gas, heat treatment and impact it is a designation of A5.29.
  if (!gas && !heat && !/^CS/.test(m.deposit!)) return notOurs
  const deposit = m.deposit!.replace(/^NI/, 'Ni')
  const use = type === METAL_CORED_USABILITY ? METAL_CORED : USABILITY[type!]
  const strength = CORED_STRENGTH[CORED_METRIC[s!] ?? s!]
  const form = (symbol = gas ?? '', state = heat ? `${heat}${impact}` : '') =>
    `E${s}${pos}T${type}${m.single}-${symbol}${state}-${deposit}`
  if (m.h1) return wrong(say('label.hyphenMisplaced', token), use ? form() : undefined)
  if (!strength) return wrong(say('label.unknownStrength', token, '6-12'))
  if (!use) return wrong(say('label.unknownUsability', token, type!, 'AWS A5.36'))
  if (use.shielding === 'self' && gas)
    return wrong(say('label.gasLetterOnSelfShielded', token, type!), form(''))
  if (use.shielding === 'gas' && (!gas || gas === 'Z'))
    return wrong(say('label.gasLetterMissing', token), form('C1'))
  if (!heat) return wrong(say('label.heatTreatmentMissing', token), form(gas, `A${m.impact ?? '2'}`))
  const notes: WireNote[] = [...(use.notes ?? [])]
  const single = m.single === 'S' || use.passes === 'single'
  if (single) notes.push('single-pass')
  return designated(
    'AWS A5.36',
    type === METAL_CORED_USABILITY
      ? 'metal-cored'
      : use.shielding === 'gas'
        ? 'flux-cored-gas-shielded'
        : 'flux-cored-self-shielded',
    `${form()}${h ? `-${h}` : tail(undefined)}`,
    {
      polarity: [...use.polarity],
      gas: gas ? gasOfSymbol(gas).gas : NO_GAS,
      positions: positionsOf([type!], pos!),
      passes: single ? 'single' : 'multi',
      hydrogen: h ?? null,
      notes,
      strength,
    },
  )
}

/** AWS A5.36, the open system: gas, heat treatment, impact and deposit each have their own place. */
export const AWS_A5_36: Standard = { id: 'AWS A5.36', read: readOpenSystem }
