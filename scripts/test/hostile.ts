/** Requests that nobody sends who means well: made from a seed, for the bench and the tests of the server. */
import { SCHOOL_IDS, schoolOptions } from '@pepper-knot/core/internal'
import { dice, otherSetup, type Dice } from '../../core/test/otherSetups.ts'

export interface Hostile {
  what: string
  method: string
  path: string
  body?: Uint8Array
  headers?: Record<string, string>
}

const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))
const bytes = (value: unknown) =>
  new TextEncoder().encode(typeof value === 'string' ? value : JSON.stringify(value))

/** Texts that make a careless reader go back and forth. */
const PIECES = [
  ' ',
  '0',
  'O|',
  'O1I ',
  'E71T-1 ',
  'E71T-OI1L1O1 ',
  'G 42 4 M21 3Si1 ',
  '1/',
  '1,',
  '.',
  '/E7',
  'LOT ',
  'NET WT ',
  'cu ',
  '\u0000',
  '😀',
  '‐',
  '"',
  '\\',
  '#',
  '-',
  'ER3',
] as const
export const longText = (d: Dice, most: number) => {
  const piece = d.of(PIECES)
  return piece.repeat(Math.ceil((1 + d.below(most)) / piece.length))
}
const JUNK = (d: Dice): unknown =>
  d.of<() => unknown>([
    () => null,
    () => d.between(-1e9, 1e9),
    () => Number.MAX_VALUE,
    () => -0.0000001,
    () => '',
    () => longText(d, d.of([20, 600, 40_000])),
    () => [],
    () => ({}),
    () => true,
    () => ({ __proto__: { polluted: 1 }, constructor: { prototype: 1 } }),
    () => Array.from({ length: d.of([3, 60, 3000]) }, () => d.of(['0.9', 1.2, null, 'S200'])),
    () => ({ label: longText(d, 500) }),
    () => ({ family: 'aluminium', diameterMm: 1.2, polarity: ['DCEP'], gas: longText(d, 30).split('') }),
    () => 'DCEN',
    () => new Array(d.of([2, 200])).fill({ size: '.035', profile: 'knurled-v' }),
  ])()

/** Puts junk in place of one value, anywhere. */
function spoil(d: Dice, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || d.chance(0.12)) return JUNK(d)
  const copy = structuredClone(value) as Record<string, unknown>
  const keys = Object.keys(copy)
  if (keys.length === 0) return JUNK(d)
  const key = d.of(keys)
  copy[key] = spoil(d, copy[key])
  return copy
}
const twoPeople = (raw: Record<string, unknown>) => ({
  ...raw,
  practice: { ...(raw.practice as object), people: 2 },
})

/** The hardest bodies known, each the worst of its kind. */
export const HARDEST: readonly { what: string; make: (seed: number) => Hostile }[] = [
  {
    what: 'two people, nothing read',
    make: (seed) => {
      const raw = otherSetup(seed, schools) as { machine: { fitted: object } }
      return plan('two people, nothing read', twoPeople({ ...raw, machine: { ...raw.machine, fitted: {} } }))
    },
  },
  {
    what: 'two people, as drawn',
    make: (seed) => plan('two people, as drawn', twoPeople(otherSetup(89 + (seed % 40) * 31, schools))),
  },
  {
    what: 'a store of labels slow to read',
    make: (seed) => {
      const d = dice(seed)
      const text = d.of(['E71T-1 ', 'E71T-OI1L1O1 ', 'cu ', 'O1I '])
      const store = Array.from({ length: 1900 }, (_, i) => ({
        kind: 'wire',
        label: `${text.repeat(500)}`.slice(0, 490) + i,
      }))
      return plan('a store of labels slow to read', { ...otherSetup(seed, schools), store })
    },
  },
  {
    what: 'a store of 5000 parts, two people',
    make: (seed) => {
      const store = Array.from(
        { length: 200 },
        (_, i) => (otherSetup(i + 1, schools).store ?? []) as object[],
      )
        .flat()
        .map((part) => ({ ...part, note: 'kept in the long drawer under the bench at the back' }))
      const many = Array.from({ length: 5000 }, (_, i) => store[i % store.length]!)
      return plan(
        'a store of 5000 parts, two people',
        twoPeople({ ...otherSetup(seed, schools), store: many }),
      )
    },
  },
  {
    what: 'half a million values',
    make: () =>
      post('half a million values', '/api/v1/changeover', bytes(`{"store":[${'0,'.repeat(490_000)}0]}`)),
  },
  {
    what: 'a quarter of a million brackets',
    make: () =>
      post(
        'a quarter of a million brackets',
        '/api/v1/changeover',
        bytes('['.repeat(250_000) + ']'.repeat(250_000)),
      ),
  },
  {
    what: 'a field of 900 kB',
    make: () => post('a field of 900 kB', '/api/v1/decode', bytes({ label: 'O|'.repeat(450_000) })),
  },
  {
    what: 'a stamp of 40,000 spaces',
    make: (seed) => {
      const raw = otherSetup(seed, schools) as { machine: { fitted: object } }
      const contactTip = { stamp: ' '.repeat(40_000) }
      return plan('a stamp of 40,000 spaces', {
        ...raw,
        machine: { ...raw.machine, fitted: { ...raw.machine.fitted, contactTip } },
      })
    },
  },
]

function post(what: string, path: string, body: Uint8Array, headers: Record<string, string> = {}): Hostile {
  return { what, method: 'POST', path, body, headers: { 'content-type': 'application/json', ...headers } }
}
const plan = (what: string, raw: unknown) => post(what, '/api/v1/changeover', bytes(raw))

/** One hostile request of a seed. */
export function hostile(seed: number): Hostile {
  const d = dice(seed + 900_000)
  const raw = otherSetup(seed, schools)
  return d.of<() => Hostile>([
    () => plan('spoiled', spoil(d, raw)),
    () => plan('spoiled', spoil(d, spoil(d, raw))),
    () => plan('spoiled', spoil(d, raw)),
    () => plan('as drawn', raw),
    () => plan('two people', d.chance(0.2) ? twoPeople(raw) : raw),
    () => post('label', '/api/v1/decode', bytes({ label: longText(d, 520) })),
    () => post('label', '/api/v1/decode', bytes({ label: d.chance(0.5) ? longText(d, 200_000) : JUNK(d) })),
    () => {
      const text = bytes(raw)
      return post('cut short', '/api/v1/changeover', text.slice(0, d.below(text.length)))
    },
    () => {
      const text = bytes(raw).slice()
      for (let i = 0; i < 3; i++) text[d.below(text.length)] = d.below(256)
      return post('bytes turned', '/api/v1/changeover', text)
    },
    () =>
      post('said to be packed', '/api/v1/changeover', bytes(raw), {
        'content-encoding': d.of(['gzip', 'br', 'x']),
      }),
    () =>
      post('another alphabet', '/api/v1/changeover', bytes(raw), {
        'content-type': 'text/html; charset=utf-16',
      }),
    () => ({
      what: 'method',
      method: d.of(['PUT', 'DELETE', 'PATCH', 'OPTIONS', 'GET']),
      path: d.of(['/', '/api/v1/decode', '/api/v1/changeover', '/api/v1/info', '/assets/', '/change/1']),
    }),
    () => ({
      what: 'path',
      method: 'GET',
      path: d.of([
        '/%ff',
        '/api/v1/../info',
        '/api/%00',
        '/assets/../main.js',
        `/${'a'.repeat(d.below(6000))}`,
        '/api/v1/nothing',
        '//x',
        '/assets/none.js',
      ]),
    }),
    () => ({
      what: 'host',
      method: 'GET',
      path: '/api/v1/info',
      headers: { host: d.of(['shop.example', '10.0.0.1', 'localhost.example:80', '']) },
    }),
  ])()
}
