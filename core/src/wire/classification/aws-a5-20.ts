import { say } from '../../base/codes.ts'
import type { WireNote } from '../wire.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { CORED_METRIC, CORED_STRENGTH } from './strength.ts'
import { gasOfLetters, NO_GAS, positionsOf, USABILITY } from './usability.ts'

const TYPE = '(?:GS|1[0-4]|[1-9])'
/** `E71T-1C`, `71T-11`, and what else one box names behind a stroke: `/M`, `/-9C`, `/1M`, up to three of them. */
const FORM = new RegExp(
  `^(?<e>E?)(?<r>R?)(?<h0>-?)(?<s>\\d{1,2})(?<pos>\\d)(?<h1>-?)T(?<h2>-?)(?<type>GS|G|\\d{1,2})(?<gas>[CM])?` +
    `(?<more>(?:\\/-?(?:[CM](?=$|[-/JDQ]|H\\d)|${TYPE}[CM]?)){0,3})` +
    `(?:-?(?<tough>J))?(?:-?(?<heat>[DQ]))?-?(?<h>H4|H8|H16)?$`,
)
interface Further {
  type: string | undefined
  gas: string | undefined
}
const furtherOf = (more: string): Further[] =>
  more
    .split('/')
    .filter(Boolean)
    .map((part) => /^-?(?<type>GS|1[0-4]|[1-9])?(?<gas>[CM])?$/.exec(part)!.groups as unknown as Further)

function readFluxCored(token: string): Designation {
  const m = groups(FORM, token)
  if (!m || (!m.e && (m.r || m.h0 || m.h1))) return notOurs
  const { s, pos, type, gas, tough, heat, h } = m as Record<string, string>
  const further = furtherOf(m.more ?? '')
  const use = USABILITY[type!]
  const form = (letter = gas ?? '') => `E${s}${pos}T-${type}${letter}`
  const likely = use ? `E71T-${type}${use.shielding === 'gas' ? (gas ?? '') : ''}` : undefined
  const strength = ['6', '7', '43', '49'].includes(s!) ? CORED_STRENGTH[CORED_METRIC[s!] ?? s!] : undefined
  // Without its E it is what people say, or a code of the box.
  if (!m.e && (!use || !strength || !['0', '1'].includes(pos!))) return notOurs
  if (m.r) return wrong(say('label.solidCalledTubular', token), use ? form() : undefined)
  if (m.h0 || m.h1) return wrong(say('label.hyphenMisplaced', token), use ? form() : undefined)
  if (!strength) return wrong(say('label.unknownStrength', token, '6-7'), likely)
  if (pos !== '0' && pos !== '1') return wrong(say('label.unknownPosition', token), likely)
  if (type === 'G') return wrong(say('label.leftOpen', token))
  if (!use) return wrong(say('label.unknownUsability', token, type!))
  if (use.shielding === 'self' && (gas || further.some((f) => f.gas)))
    return wrong(say('label.gasLetterOnSelfShielded', token, type!), form(''))
  const others = further.flatMap((f) => (f.type ? [f.type] : []))
  const odd = others.find((other) => USABILITY[other]?.shielding !== use.shielding)
  if (odd) return wrong(say('label.unknownUsability', token, odd))

  const notes: WireNote[] = [...(use.notes ?? [])]
  const single = [type!, ...others].every((t) => USABILITY[t]!.passes === 'single')
  if (single) notes.push('single-pass')
  if (!m.e) notes.push('short-form')
  else if (!m.h2) notes.push('hyphen-added')
  const letters = [gas, ...further.map((f) => f.gas)].filter((l) => l !== undefined)
  if (use.shielding === 'gas' && letters.length === 0) notes.push('old-form-no-gas-letter')
  const classification =
    form() +
    further.map((f) => (f.type ? `/-${f.type}${f.gas ?? ''}` : `/${f.gas!}`)).join('') +
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
      positions: positionsOf([type!, ...others], pos),
      passes: single ? 'single' : 'multi',
      hydrogen: h ?? null,
      notes,
      strength,
    },
  )
}

/** AWS A5.20 carbon steel flux-cored wires. */
export const AWS_A5_20: Standard = { id: 'AWS A5.20', read: readFluxCored }
