import { say } from '../../base/codes.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { CORED_METRIC, CORED_STRENGTH } from './strength.ts'
import { gasOfLetters, NO_GAS, positionsOf, USABILITY } from './usability.ts'

/** Usability figures of this standard, in the sense of A5.20. published: AWS A5.29, recalled from memory. */
const TYPES = ['1', '4', '5', '6', '7', '8', '11']
/** Deposit composition. published: AWS A5.29/A5.29M, recalled from memory. */
const DEPOSITS = [
  ...['A1', 'B1', 'B1L', 'B2', 'B2L', 'B2H', 'B3', 'B3L', 'B3H', 'B6', 'B6L', 'B8', 'B8L', 'B9'],
  ...['Ni1', 'Ni2', 'Ni3', 'D1', 'D2', 'D3'],
  ...['K1', 'K2', 'K3', 'K4', 'K5', 'K6', 'K7', 'K8', 'K9', 'W2', 'G'],
]
const FORM =
  /^E(?<r>R?)(?<s>\d{1,2})(?<pos>[01])T(?<h1>-?)(?<type>1[0-5]|\d)(?<h2>-?)(?<chem>[ABDKWN][A-Z0-9]*?|G)(?<gas>[CM])?(?:-?(?<tough>J))?-?(?<h>H4|H8|H16)?$/

function readLowAlloyCored(token: string): Designation {
  const m = groups(FORM, token)
  if (!m) return notOurs
  const { s, pos, type, gas, tough, h } = m as Record<string, string>
  const deposit = DEPOSITS.find((d) => d.toUpperCase() === m.chem)
  const strength = CORED_STRENGTH[CORED_METRIC[s!] ?? s!]
  const use = TYPES.includes(type!) ? USABILITY[type!] : undefined
  // A token that only looks like this form, E71T-8J, belongs to another standard.
  if (!deposit) return notOurs
  const letter = use?.shielding === 'gas' ? (gas ?? 'C') : ''
  const likely = use && strength ? `E${s}${pos}T${type}-${deposit}${letter}` : undefined
  if (m.r) return wrong(say('label.solidCalledTubular', token), likely)
  if (m.h1) return wrong(say('label.hyphenMisplaced', token), likely)
  if (!strength) return wrong(say('label.unknownStrength', token, '6-12'), `E81T1-${deposit}C`)
  if (!use) return wrong(say('label.unknownUsability', token, type!, 'AWS A5.29'))
  if (use.shielding === 'self' && gas)
    return wrong(say('label.gasLetterOnSelfShielded', token, type!), likely)
  const notes: WireNote[] = [...(use.notes ?? [])]
  if (!m.h2) notes.push('hyphen-added')
  if (use.shielding === 'gas' && !gas) notes.push('old-form-no-gas-letter')
  return designated(
    'AWS A5.29',
    use.shielding === 'gas' ? 'flux-cored-gas-shielded' : 'flux-cored-self-shielded',
    `E${s}${pos}T${type}-${deposit}${gas ?? ''}${tough ?? ''}${tail(h)}`,
    {
      polarity: [...use.polarity],
      gas: use.shielding === 'gas' ? gasOfLetters(gas ? [gas] : []) : NO_GAS,
      positions: [
        ...positionsOf([type!], pos!),
        // Pipe wires are made to run downhill too. recalled from memory, M
        ...(type === '8' && pos === '1' && ['K6', 'Ni1'].includes(deposit)
          ? (['vertical-down'] as const)
          : []),
      ],
      hydrogen: h ?? null,
      notes,
      strength,
    },
  )
}

/** AWS A5.29 low-alloy flux-cored wires: the usability figure stands directly after the T. */
export const AWS_A5_29: Standard = { id: 'AWS A5.29', read: readLowAlloyCored }
