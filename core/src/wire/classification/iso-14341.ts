import { say } from '../../base/codes.ts'
import { designated, groups, notOurs, wrong, type Designation, type Standard } from './standard.ts'
import { ISO_A_STRENGTH, ISO_B_STRENGTH } from './strength.ts'
import { GAS_SYMBOL, GAS_SYMBOLS, gasOfSymbol } from './usability.ts'

/** Wire compositions of system A. published: ISO 14341-A, recalled from memory. */
const WIRES_A = [
  ...['0', '2Si', '2Si1', '3Si1', '3Si2', '4Si1', '2Ti', '2Al', '3Ni1', '2Ni2', '2Mo', '4Mo', 'Z'],
]
/** The older German names, about the same wires. published: DIN 8559, recalled from memory. */
const DIN: Readonly<Record<string, string>> = { SG2: '3Si1', SG3: '4Si1' }

const WIRE = WIRES_A.map((w) => w.toUpperCase()).join('|')
const FULL = new RegExp(
  `^G(?<s>35|38|42|46|50)(?<impact>10|[0-9AZ])(?<gas>${GAS_SYMBOLS}|M|C|Z)(?<wire>${WIRE})$`,
)
const ALONE = new RegExp(`^G(?<wire>${WIRE})$`)
const BACKWARDS = new RegExp(
  `^G-?(?<wire>${WIRE})(?<gas>${GAS_SYMBOL})(?<s>35|38|42|46|50)(?<impact>10|[0-9AZ])$`,
)
const HYPHENED = /^G(?<wire>\d[A-Z]+-\d)$/
const SYSTEM_B = new RegExp(
  `^G(?<s>43|49|55|57)(?<heat>AP|A|P)(?<impact>10|[0-9YZ])(?<u>U?)(?<gas>${GAS_SYMBOLS}|Z)(?<wire>S(?:1[0-8]|[2-9])(?:M\\d{1,2}T?)?|SN(?:\\d{1,2}|CC\\d?))$`,
)
const printed = (wire: string) => WIRES_A.find((w) => w.toUpperCase() === wire)!

function readIso(token: string): Designation {
  if (DIN[token])
    return designated('ISO 14341', 'solid-steel', `G${DIN[token]}`, {
      notes: ['old-din-name'],
      alloy: DIN[token],
    })
  const full = groups(FULL, token)
  if (full) {
    const wire = printed(full.wire!)
    const { gas, notes } =
      full.gas === 'Z' ? { gas: undefined, notes: ['gas-by-maker' as const] } : gasOfSymbol(full.gas!)
    return designated('ISO 14341-A', 'solid-steel', `G ${full.s} ${full.impact} ${full.gas} ${wire}`, {
      ...(gas && { gas }),
      notes,
      strength: ISO_A_STRENGTH[full.s!],
      alloy: wire,
    })
  }
  const alone = groups(ALONE, token)
  if (alone && alone.wire !== '0' && alone.wire !== 'Z') {
    const wire = printed(alone.wire!)
    return designated('ISO 14341-A', 'solid-steel', `G${wire}`, { alloy: wire })
  }
  const turned = groups(BACKWARDS, token)
  if (turned)
    return {
      ok: false,
      whole: true,
      said: say('label.wrongOrder', token),
      suggestion: `G ${turned.s} ${turned.impact} ${turned.gas} ${printed(turned.wire!)}`,
    }
  const hyphened = groups(HYPHENED, token)?.wire?.replace('-', '')
  if (hyphened && WIRES_A.some((w) => w.toUpperCase() === hyphened))
    return wrong(say('label.hyphenMisplaced', token), `G${printed(hyphened)}`)
  const b = groups(SYSTEM_B, token)
  if (!b) return notOurs
  return designated('ISO 14341-B', 'solid-steel', `G ${b.s}${b.heat} ${b.impact}${b.u} ${b.gas} ${b.wire}`, {
    ...(b.gas !== 'Z' && { gas: gasOfSymbol(b.gas!).gas }),
    strength: ISO_B_STRENGTH[b.s!],
  })
}

/** ISO 14341 solid steel wires, systems A and B, with the wire alone. */
export const ISO_14341: Standard = { id: 'ISO 14341', read: readIso, spaced: true }
