import { say } from '../../base/codes.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { CORED_METRIC, CORED_STRENGTH } from './strength.ts'
import { gasOfLetters, NO_GAS, positionsByDigit, USABILITY } from './usability.ts'

const TYPE = '(?:GS|1[0-4]|[1-9])'
const FORM = new RegExp(
  `^E(?<r>R?)(?<h0>-?)(?<s>\\d{1,2})(?<pos>\\d)(?<h1>-?)T(?<h2>-?)(?<type>GS|G|\\d{1,2})(?<gas>[CM])?` +
    `(?:\\/-?(?<gas2>[CM])(?![A-Z0-9]))?(?:\\/-?(?<dual>${TYPE})(?<dualGas>[CM])?)?` +
    `(?:-?(?<tough>J))?(?:-?(?<heat>[DQ]))?-?(?<h>H4|H8|H16)?$`,
)

function readFluxCored(token: string): Designation {
  const m = groups(FORM, token)
  if (!m) return notOurs
  const { s, pos, type, gas, gas2, dual, dualGas, tough, heat, h } = m as Record<string, string>
  const use = USABILITY[type!]
  const form = (letter = gas ?? '') => `E${s}${pos}T-${type}${letter}`
  const likely = use ? `E71T-${type}${use.shielding === 'gas' ? (gas ?? '') : ''}` : undefined
  if (m.r) return wrong(say('label.solidCalledTubular', token), use ? form() : 'ER70S-6')
  if (m.h0 || m.h1) return wrong(say('label.hyphenMisplaced', token), use ? form() : undefined)
  const strength = ['6', '7', '43', '49'].includes(s!) ? CORED_STRENGTH[CORED_METRIC[s!] ?? s!] : undefined
  if (!strength) return wrong(say('label.unknownStrength', token, '6-7'), likely)
  if (pos !== '0' && pos !== '1') return wrong(say('label.unknownPosition', token), likely)
  if (type === 'G') return wrong(say('label.leftOpen', token))
  if (!use) return wrong(say('label.unknownUsability', token, type!))
  if (use.shielding === 'self' && (gas || gas2 || dualGas))
    return wrong(say('label.gasLetterOnSelfShielded', token, type!), form(''))
  const second = dual ? USABILITY[dual] : undefined
  if (second && second.shielding !== use.shielding) return wrong(say('label.unknownUsability', token, dual!))

  const notes: WireNote[] = [...(use.notes ?? [])]
  const single = use.passes === 'single' && (!second || second.passes === 'single')
  if (single) notes.push('single-pass')
  if (!m.h2) notes.push('hyphen-added')
  const letters = [gas, gas2, dualGas].filter((l) => l !== undefined)
  if (use.shielding === 'gas' && letters.length === 0) notes.push('old-form-no-gas-letter')
  const classification =
    form() +
    (gas2 ? `/${gas2}` : '') +
    (dual ? `/-${dual}${dualGas ?? ''}` : '') +
    (tough ?? '') +
    (heat ? `-${heat}` : '') +
    tail(h)
  return designated(
    'AWS A5.20',
    use.shielding === 'gas' ? 'flux-cored-gas-shielded' : 'flux-cored-self-shielded',
    classification,
    {
      polarity: [...use.polarity],
      gas: use.shielding === 'gas' ? gasOfLetters(letters) : NO_GAS,
      positions: positionsByDigit(pos),
      passes: single ? 'single' : 'multi',
      hydrogen: h ?? null,
      notes,
      strength,
    },
  )
}

/** AWS A5.20 carbon steel flux-cored wires. */
export const AWS_A5_20: Standard = { id: 'AWS A5.20', read: readFluxCored }
