import { say } from '../../base/codes.ts'
import type { WireGas, WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { stainlessAlloy } from './stainless.ts'
import { gasOfLetters, NO_GAS, positionsByDigit } from './usability.ts'

/** Gas by the last figure; self-shielded stainless runs gun positive. published: AWS A5.22, recalled from memory. */
const GAS_BY_FIGURE: Readonly<Record<string, WireGas>> = {
  '1': gasOfLetters(['C']),
  '3': NO_GAS,
  '4': gasOfLetters(['M']),
}
/** The form of 1980 had no position figure; its 2 was argon with oxygen. recalled from memory */
const OLD_GAS: Readonly<Record<string, WireGas>> = {
  '1': gasOfLetters(['C']),
  '2': { needed: true, designations: ['M13'] },
  '3': NO_GAS,
}
const FORM =
  /^(?<lead>E|ER|R)(?<alloy>\d{3,4}[A-Z]*?)(?<h1>-?)T(?<pos>[015]?)(?<h2>-?)(?<gas>[1-9GCM]?)(?:\/-?(?<gas2>[14]))?-?(?<h>H4|H8|H16)?$/

function readStainlessCored(token: string): Designation {
  const m = groups(FORM, token)
  if (!m) return notOurs
  const { pos, gas, gas2, h } = m as Record<string, string>
  const alloy = stainlessAlloy(m.alloy!)
  if (!alloy) return notOurs
  const likely = `E${alloy}T${pos === '0' ? '0' : '1'}-1`
  if (m.lead === 'R' || gas === '5') return wrong(say('label.tigRod', token), likely)
  if (m.lead === 'ER') return wrong(say('label.solidCalledTubular', token), likely)
  if (m.h1) return wrong(say('label.hyphenMisplaced', token), likely)
  const old = pos === ''
  const shielding = (old ? OLD_GAS : GAS_BY_FIGURE)[gas!]
  if (gas === 'G') return wrong(say('label.leftOpen', token))
  if (gas === 'M' || gas === 'C')
    return wrong(say('label.gasByFigure', token), `E${alloy}T${pos || '1'}-${gas === 'M' ? '4' : '1'}`)
  if (!shielding || pos === '5') return wrong(say('label.gasByFigure', token), likely)
  const notes: WireNote[] = []
  if (old) notes.push('old-stainless-form')
  else if (!m.h2) notes.push('hyphen-added')
  const both = gas2 && gas2 !== gas ? GAS_BY_FIGURE[gas2] : undefined
  const figures = `${gas}${both ? `/${gas2}` : ''}`
  return designated(
    'AWS A5.22',
    shielding.needed ? 'flux-cored-gas-shielded' : 'flux-cored-self-shielded',
    `E${alloy}T${pos}-${figures}${tail(h)}`,
    {
      gas: both
        ? gasOfLetters(gas === '1' ? ['C', 'M'] : ['M', 'C'])
        : { ...shielding, designations: [...shielding.designations] },
      positions: old ? ['flat', 'horizontal'] : positionsByDigit(pos!),
      joins: ['stainless-steel', 'mild-steel', 'low-alloy-steel'],
      hydrogen: h ?? null,
      notes,
      alloy,
    },
  )
}

/** AWS A5.22 stainless flux-cored wires: alloy, T, position figure, gas figure. */
export const AWS_A5_22: Standard = { id: 'AWS A5.22', read: readStainlessCored }
