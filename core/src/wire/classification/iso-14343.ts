import { say } from '../../base/codes.ts'
import type { Material } from '../../terms/terms.ts'
import { designated, groups, notOurs, tail, wrong, type Designation, type Standard } from './standard.ts'
import { likelyStainless, stainlessAlloy } from './stainless.ts'
import { POSITIONS_A } from './iso-17632.ts'
import { GAS_SYMBOL, GAS_SYMBOLS, gasOfSymbol, NO_GAS, positionsByDigit } from './usability.ts'

/**
 * Chromium, nickel, molybdenum and letters, each with the number the same alloy carries in system B, where it has one.
 * published: ISO 14343-A and ISO 17633-A, recalled from memory.
 */
export const ISO_STAINLESS: Readonly<Record<string, string | undefined>> = {
  '13': '410',
  '13 L': undefined,
  '13 4': '410NiMo',
  '17': '430',
  '18 L Nb': undefined,
  '19 9 L': '308L',
  '19 9 L Si': '308LSi',
  '19 9 H': '308H',
  '19 9 Nb': '347',
  '19 9 Nb Si': '347Si',
  '19 12 3 L': '316L',
  '19 12 3 L Si': '316LSi',
  '19 12 3 H': '316H',
  '19 12 3 Nb': '318',
  '19 12 3 Nb Si': '318Si',
  '19 13 4 L': '317L',
  '18 15 3 L': undefined,
  '18 16 5 N L': undefined,
  '18 8 Mn': '307',
  '20 10 3': undefined,
  '20 25 5 Cu L': '385',
  '20 16 3 Mn N L': '316LMn',
  '22 9 3 N L': '2209',
  '22 12 H': undefined,
  '23 7 N L': '2307',
  '23 12 L': '309L',
  '23 12 L Si': '309LSi',
  '23 12 Nb': '309LNb',
  '23 12 2 L': '309LMo',
  '25 4': undefined,
  '25 7 2 L': undefined,
  '25 9 4 N L': '2594',
  '25 20': '310',
  '25 20 Mn': undefined,
  '25 22 2 N L': undefined,
  '27 31 4 Cu L': '383',
  '29 9': '312',
  '16 8 2': '16-8-2',
}
const squeeze = (text: string) => text.toUpperCase().replaceAll(' ', '')
const BY_SQUEEZED = new Map(Object.keys(ISO_STAINLESS).map((symbol) => [squeeze(symbol), symbol]))
const SYMBOL = [...BY_SQUEEZED.keys()].sort((a, b) => b.length - a.length).join('|')

const SOLID_A = new RegExp(`^(?<process>[GWPSL])(?<alloy>${SYMBOL})$`)
const SOLID_B = /^SS(?<alloy>[0-9A-Z-]+)$/
const NAMED_BY_NUMBER = /^(?<form>[GT])(?<alloy>\d{3}[A-Z]{0,3})$/
const CORED_A = new RegExp(
  `^T(?<alloy>${SYMBOL})(?<type>[RPMUZ])(?<gas>${GAS_SYMBOLS}|NO|N|Z)(?<pos>\\d)(?<h>H5|H10|H15)?$`,
)
const CORED_B = new RegExp(
  `^TS(?<alloy>\\d{3,4}[A-Z]*?)-?(?<type>[FM])-?(?:(?<gas>${GAS_SYMBOL}|NO|N)(?<pos>[01])?)?$`,
)
const CORED_JOINS: Material[] = ['stainless-steel', 'mild-steel', 'low-alloy-steel']

function readSolid(token: string): Designation {
  const a = groups(SOLID_A, token)
  if (a) {
    const symbol = BY_SQUEEZED.get(a.alloy!)!
    if (a.process !== 'G') return wrong(say('label.otherProcess', token, a.process!), `G ${symbol}`)
    const alloy = ISO_STAINLESS[symbol]
    return designated('ISO 14343-A', 'solid-stainless', `G ${symbol}`, { ...(alloy && { alloy }) })
  }
  const hyphened = token.includes('-') && groups(SOLID_A, token.replaceAll('-', ''))
  if (hyphened) return wrong(say('label.hyphenMisplaced', token), `G ${BY_SQUEEZED.get(hyphened.alloy!)!}`)
  const b = groups(SOLID_B, token)
  if (b) {
    const alloy = stainlessAlloy(b.alloy!)
    if (!alloy) {
      const likely = likelyStainless(b.alloy!)
      return wrong(say('label.unknownChemistry', token, 'ISO 14343-B'), likely ? `SS${likely}` : 'SS308L')
    }
    return designated('ISO 14343-B', 'solid-stainless', `SS${alloy}`, { alloy })
  }
  const mixed = groups(NAMED_BY_NUMBER, token)
  const alloy = mixed && stainlessAlloy(mixed.alloy!)
  return alloy
    ? {
        ok: false,
        whole: true,
        said: say('label.systemsMixed', token),
        suggestion: mixed.form === 'G' ? `SS${alloy}` : `TS${alloy}-F`,
      }
    : notOurs
}

function readCored(token: string): Designation {
  const a = groups(CORED_A, token)
  if (a) {
    const { type, gas, pos, h } = a as Record<string, string>
    const symbol = BY_SQUEEZED.get(a.alloy!)!
    const noGas = gas === 'NO' || gas === 'N'
    const form = (s: string, p = pos) => `T ${symbol} ${type} ${s} ${p}${tail(h)}`
    if (gas === 'Z') return wrong(say('label.leftOpen', token))
    if (type !== 'U' && type !== 'Z' && noGas)
      return wrong(say('label.coreNeedsGas', token, type!), form('M21'))
    if (type === 'U' && !noGas) return wrong(say('label.coreShieldsItself', token, type), form('NO'))
    if (!POSITIONS_A[pos!]) return wrong(say('label.isoPosition', token), form(gas!, '1'))
    const alloy = ISO_STAINLESS[symbol]
    return designated(
      'ISO 17633-A',
      type === 'M' ? 'metal-cored' : noGas ? 'flux-cored-self-shielded' : 'flux-cored-gas-shielded',
      form(gas!),
      {
        gas: noGas ? NO_GAS : gasOfSymbol(gas!).gas,
        positions: [...POSITIONS_A[pos!]!],
        joins: CORED_JOINS,
        hydrogen: h ?? null,
        notes: ['polarity-not-coded'],
        ...(alloy && { alloy }),
      },
    )
  }
  const b = groups(CORED_B, token)
  const alloy = b && stainlessAlloy(b.alloy!)
  if (!alloy) return notOurs
  const noGas = b.gas === 'NO' || b.gas === 'N'
  return designated(
    'ISO 17633-B',
    b.type === 'M' ? 'metal-cored' : noGas ? 'flux-cored-self-shielded' : 'flux-cored-gas-shielded',
    `TS${alloy}-${b.type}${b.gas ? ` ${b.gas}${b.pos ? ` ${b.pos}` : ''}` : ''}`,
    {
      gas: noGas ? NO_GAS : { needed: true, designations: b.gas ? [b.gas] : ['C1', 'M21'] },
      positions: positionsByDigit(b.pos ?? '1'),
      joins: CORED_JOINS,
      notes: b.gas ? [] : ['gas-by-maker'],
      alloy,
    },
  )
}

/** ISO 14343 stainless solid wires, systems A and B. */
export const ISO_14343: Standard = { id: 'ISO 14343', read: readSolid, spaced: true }
/** ISO 17633 stainless cored wires, systems A and B. */
export const ISO_17633: Standard = { id: 'ISO 17633', read: readCored, spaced: true }
