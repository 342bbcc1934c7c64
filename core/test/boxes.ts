/**
 * Boxes of wire as they are printed, photographed and typed, from the grammars of the standards. Written from the
 * standards’ own forms, without a look at the reader. published: the standards named; forms recalled from memory.
 */
export interface Box {
  text: string
  /** As it should read. */
  classification: string
  family: string
  /** Trade size; nothing where the box carries none. */
  mm: number | null
  massKg: number | null
  /** Photographed: letters may stand for figures. */
  scanned: boolean
}
export type Random = () => number

const one = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!
const maybe = (random: Random, share: number, text: () => string) => (random() < share ? text() : '')
const figure = (random: Random, from: number, to: number) => from + Math.floor(random() * (to - from + 1))

const SOLID = 'solid-steel'
const STAINLESS = 'solid-stainless'
const CORED = 'metal-cored'
const SELF = 'flux-cored-self-shielded'
const GAS = 'flux-cored-gas-shielded'

/** A designation, as printed and as it should read, with its family and the standard a box may name. */
type Named = [printed: string, reads: string, family: string, standard: string]
const same = (text: string, family: string, standard: string): Named => [text, text, family, standard]

const GRAMMARS: readonly ((random: Random) => Named)[] = [
  (r) => {
    const h = maybe(r, 0.2, () => one(r, [' H4', ' H8', ' H16']))
    return same(`ER70S-${one(r, ['2', '3', '4', '6', '7'])}${h}`, SOLID, 'AWS A5.18')
  },
  (r) => same(`E70C-${one(r, ['3C', '3M', '6C', '6M'])}`, CORED, 'AWS A5.18'),
  (r) =>
    same(
      `ER${one(r, ['80S-D2', '80S-Ni1', '80S-Ni2', '80S-B2', '90S-B3', '110S-1', '100S-1'])}`,
      SOLID,
      'AWS A5.28',
    ),
  (r) => same(one(r, ['E80C-Ni1', 'E110C-K4', 'E90C-K3', 'E80C-B2']), CORED, 'AWS A5.28'),
  (r) => {
    const use = one(r, ['1', '9', '12', '5', '2'])
    const gas = one(r, ['C', 'M', 'C/M'])
    const end = maybe(r, 0.3, () => one(r, ['J', ' H4', ' H8']))
    return same(
      `E7${one(r, ['0', '1'])}T-${use}${gas}${gas === 'C/M' && end === 'J' ? '' : end}`,
      GAS,
      'AWS A5.20',
    )
  },
  (r) => same(`E71T-1${one(r, ['C/-9C', 'M/-9M', 'M/-12M', 'C/-1M/-9C/-9M', 'C/-12C'])}`, GAS, 'AWS A5.20'),
  (r) =>
    same(
      `E7${one(r, ['0T-3', '0T-4', '0T-6', '0T-7', '1T-8', '0T-10', '1T-11', '1T-13', '1T-14', '1T-GS'])}`,
      SELF,
      'AWS A5.20',
    ),
  (r) =>
    same(
      `E${one(r, ['81T1-Ni1', '81T1-Ni2', '91T1-K2', '111T1-K3', '81T1-A1', '80T5-B2'])}${one(r, ['C', 'M'])}`,
      GAS,
      'AWS A5.29',
    ),
  (r) =>
    same(
      `E${one(r, ['71T8-K6', '71T8-Ni1', '81T8-Ni2', '61T8-K6'])}${maybe(r, 0.2, () => ' H8')}`,
      SELF,
      'AWS A5.29',
    ),
  (r) =>
    same(
      `E71T1-${one(r, ['C1', 'M21'])}A${one(r, ['0', '2', '4'])}-CS1-H${one(r, ['4', '8'])}`,
      GAS,
      'AWS A5.36',
    ),
  (r) =>
    same(
      `ER${one(r, ['308L', '308LSi', '309L', '309LSi', '316L', '316LSi', '347', '2209', '312', '410', '430', '310'])}`,
      STAINLESS,
      'AWS A5.9',
    ),
  (r) => {
    const base = one(r, ['308', '316', '309'])
    return [
      one(r, [`ER${base}/ER${base}L`, `ER${base}/${base}L`]),
      `ER${base}/ER${base}L`,
      STAINLESS,
      'AWS A5.9',
    ]
  },
  (r) => {
    const gas = one(r, ['1', '4', '1/4'])
    return same(
      `E${one(r, ['308L', '309L', '316L', '347', '2209', '309LMo'])}T${one(r, ['0', '1'])}-${gas}`,
      GAS,
      'AWS A5.22',
    )
  },
  (r) => same(`E${one(r, ['308L', '309L', '316L'])}T0-3`, SELF, 'AWS A5.22'),
  (r) =>
    same(
      `ER${one(r, ['1100', '4043', '4047', '4943', '5183', '5356', '5554', '5556', '5754', '4043A', '5356A'])}`,
      'aluminium',
      'AWS A5.10',
    ),
  (r) =>
    same(
      one(r, ['ERCuSi-A', 'ERCuAl-A1', 'ERCuAl-A2', 'ERCuSn-A', 'ERCuNi', 'ERCu']),
      'silicon-bronze',
      'AWS A5.7',
    ),
  (r) => {
    const gas = one(r, ['M21', 'C1', 'M20', 'M24', 'M26', 'M21/C1'])
    return same(
      `G ${one(r, ['38', '42', '46', '50'])} ${one(r, ['2', '3', '4', '5', 'A', 'Z'])} ${gas} ${one(r, ['3Si1', '4Si1', '2Si', '2Ti', '2Mo'])}`,
      SOLID,
      'ISO 14341-A',
    )
  },
  (r) => same(one(r, ['G3Si1', 'G4Si1', 'G2Ti']), SOLID, 'ISO 14341-A'),
  (r) =>
    same(
      `G ${one(r, ['49', '55'])}A ${one(r, ['2', '3'])} ${one(r, ['C1', 'M21'])} S${one(r, ['3', '6', '11'])}`,
      SOLID,
      'ISO 14341-B',
    ),
  (r) => {
    const h = maybe(r, 0.6, () => one(r, [' H5', ' H10']))
    const gas = one(r, ['M21', 'C1', 'M21/C1'])
    return same(
      `T ${one(r, ['42', '46', '50'])} ${one(r, ['2', '3', '4', '6'])} ${maybe(r, 0.4, () => one(r, ['1Ni ', '1.5Ni ', 'Mo ']))}${one(r, ['P', 'R', 'B'])} ${gas} ${one(r, ['1', '2', '3'])}${h}`,
      GAS,
      'ISO 17632-A',
    )
  },
  (r) =>
    same(
      `T ${one(r, ['42', '46'])} ${one(r, ['2', '4'])} M ${one(r, ['M21', 'M20'])} ${one(r, ['1', '2', '3'])}${maybe(r, 0.5, () => ' H5')}`,
      CORED,
      'ISO 17632-A',
    ),
  (r) =>
    same(one(r, ['T 42 Z W NO 3', 'T 42 Z Y N 1', 'T 46 2 Y NO 2', 'T 3T Z V N 1']), SELF, 'ISO 17632-A'),
  (r) =>
    same(
      one(r, ['T 49 3 T1-1 C1 A', 'T 49 2 T5-0 C1 A', 'T 55 4 T1-1 M21 A-N2', 'T 49 3 T12-1 M21 A']),
      GAS,
      'ISO 17632-B',
    ),
  (r) =>
    same(
      `G ${one(r, ['19 9 L', '19 9 L Si', '19 12 3 L', '19 12 3 L Si', '23 12 L', '23 12 L Si', '18 8 Mn', '22 9 3 N L', '25 20', '19 9 Nb'])}`,
      STAINLESS,
      'ISO 14343-A',
    ),
  (r) => same(one(r, ['SS308L', 'SS308LSi', 'SS309L', 'SS316L', 'SS2209']), STAINLESS, 'ISO 14343-B'),
  (r) =>
    same(
      `T ${one(r, ['19 9 L', '19 12 3 L', '23 12 L'])} ${one(r, ['P', 'R'])} ${one(r, ['M21', 'C1'])} ${one(r, ['1', '3'])}`,
      GAS,
      'ISO 17633-A',
    ),
  (r) => {
    const [alloy, symbol] = one(r, [
      ['4043', 'AlSi5'],
      ['4047', 'AlSi12'],
      ['4043A', 'AlSi5(A)'],
      ['5356', 'AlMg5Cr(A)'],
      ['5356A', 'AlMg5Cr(A)'],
      ['5183', 'AlMg4,5Mn0,7(A)'],
      ['5754', 'AlMg3'],
      ['5554', 'AlMg2,7Mn'],
      ['1450', 'Al99,5Ti'],
      ['5087', 'AlMg4,5MnZr'],
      ['1080A', 'Al99,8(A)'],
      ['1200', 'Al99,0'],
    ])
    return [`S Al ${alloy}${maybe(r, 0.7, () => ` (${symbol})`)}`, `S Al ${alloy}`, 'aluminium', 'ISO 18273']
  },
  (r) => {
    const [number, symbol] = one(r, [
      ['6560', 'CuSi3Mn1'],
      ['6511', 'CuSi2Mn1'],
      ['6100', 'CuAl7'],
      ['1898', 'CuSn1'],
    ])
    return [
      `S Cu ${number}${maybe(r, 0.7, () => ` (${symbol})`)}`,
      `S Cu ${number}`,
      'silicon-bronze',
      'ISO 24373',
    ]
  },
  (r) =>
    same(
      `G ${one(r, ['55', '62', '69', '79', '89'])} ${one(r, ['4', '5', '6'])} M21 ${one(r, ['Mn3Ni1CrMo', 'Mn4Ni1.5CrMo', 'Mn4Ni2CrMo', 'Mn3NiCrMo'])}`,
      SOLID,
      'ISO 16834-A',
    ),
  (r) => same(`G ${one(r, ['MoSi', 'CrMo1Si', 'CrMo2Si', 'CrMo5Si', 'CrMo91'])}`, SOLID, 'ISO 21952-A'),
  (r) =>
    same(
      `T ${one(r, ['62', '69'])} ${one(r, ['4', '6'])} Mn2.5Ni ${one(r, ['P', 'B'])} M21 1 H5`,
      GAS,
      'ISO 18276-A',
    ),
  (r) =>
    same(
      `T ${one(r, ['CrMo1', 'CrMo2', 'MoL'])} ${one(r, ['P', 'B'])} ${one(r, ['M21', 'C1'])} 1 H5`,
      GAS,
      'ISO 17634-A',
    ),
]

/** Sizes as boxes print them, by trade size. published: ISO 544 and inch practice, recalled from memory. */
const SIZES: Readonly<Record<number, readonly string[]>> = {
  0.6: ['0.6 mm', '.023', '.025"', '0.023 in', '0.58 mm', '0.64 mm', '0,6mm', '.023/0.6 mm'],
  0.8: ['0.8 mm', '.030', '0.030"', '0,8 mm', '0.76 mm', '.030 in', '030', '.030"/0.8 mm', 'Ø 0.8'],
  0.9: ['0.9 mm', '.035', '0.035 in', '0,9mm', '0.89 mm', '035', '35 thou', '.035" (0.9 mm)', '.035/0.9MM'],
  1.0: ['1.0 mm', '.040', '1,0 mm', '1.02 mm', '0.040"', 'Ø1.0 mm'],
  1.2: ['1.2 mm', '.045', '0.045"', '1,2 mm', '1.14 mm', '3/64', '1.19 mm', '.045" (1.2 mm)', 'Ø 1,2'],
  1.4: ['1.4 mm', '.052', '1.32 mm', '0.052 in'],
  1.6: ['1.6 mm', '1/16', '1/16"', '1,6 mm', '1.59 mm', '.062', '1/16 in (1.6 mm)'],
  2.0: ['2.0 mm', '5/64', '1.98 mm', '5/64"'],
  2.4: ['2.4 mm', '3/32', '2.38 mm', '3/32 in'],
}
/** The same size as other printers set it: a stop or a dash by the unit, a diameter sign, a comma, times the weight. */
const SET: readonly ((size: string) => string)[] = [
  (size) => size.replace(/( ?)(in|mm)$/i, '$1$2.'),
  (size) => size.replace(/ (in|mm)$/i, '-$1.'),
  (size) => size.replace(/ (in)$/i, '-inch'),
  (size) => (/^[.\d]/.test(size) ? `φ${size}` : size),
  (size) => (/^[.\d]/.test(size) ? `Φ ${size}` : size),
  (size) => (/^\d/.test(size) ? `Ø${size}` : size),
  (size) => (/^\d/.test(size) ? `dia. ${size}` : size),
  (size) => (/"$/.test(size) ? `${size}x` : size),
  (size) => size.toUpperCase(),
]
/** What stands on boxes in six languages beside the designation. recalled from memory */
const ABROAD: Readonly<Record<string, readonly string[]>> = {
  [SOLID]: [
    'Schweißdraht',
    'Massivdraht',
    'MIG/MAG-Draht',
    'alambre de soldar',
    'hilo macizo',
    'fil plein',
    'filo pieno',
    'lasdraad',
    'Rolle',
  ],
  [STAINLESS]: [
    'Edelstahl Draht',
    'rostfrei',
    'hilo de acero inoxidable',
    'fil inox',
    'filo acciaio inox',
    'RVS draad',
  ],
  [CORED]: ['Rolle', 'bobina', 'bobine', 'carrete'],
  [SELF]: [
    'Fülldraht gaslos',
    'Fülldraht ohne Gas',
    'alambre tubular sin gas',
    'hilo tubular sin gas',
    'fil fourré sans gaz',
    'filo animato senza gas',
    'arame tubular sem gás',
  ],
  [GAS]: ['Fülldraht mit Schutzgas', 'alambre tubular con gas', 'fil fourré avec gaz', 'bobina'],
  aluminium: ['Aluminiumdraht', 'hilo de aluminio', 'filo alluminio', 'arame alumínio'],
  'silicon-bronze': ['Draht', 'hilo', 'fil', 'filo'],
}
const SIZES_OF: Readonly<Record<string, readonly number[]>> = {
  'solid-steel': [0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.6],
  'solid-stainless': [0.8, 0.9, 1.0, 1.2, 1.6],
  'metal-cored': [1.0, 1.2, 1.4, 1.6],
  [SELF]: [0.8, 0.9, 1.2, 1.6, 2.0, 2.4],
  [GAS]: [0.9, 1.2, 1.4, 1.6, 2.0, 2.4],
  aluminium: [0.8, 0.9, 1.0, 1.2, 1.6],
  'silicon-bronze': [0.8, 0.9, 1.0, 1.2],
}
/** What else stands on a box. Invented figures. */
const NOISE: readonly ((random: Random) => string)[] = [
  (r) => `LOT ${one(r, ['NO. ', '', '# '])}${figure(r, 1000, 99999)}-${figure(r, 1, 9)}`,
  (r) => `HEAT ${figure(r, 10000, 99999)}`,
  (r) => `20${figure(r, 10, 26)}-0${figure(r, 1, 9)}-1${figure(r, 0, 9)}`,
  (r) => `${figure(r, 1, 12)}/20${figure(r, 10, 26)}`,
  (r) => `1${figure(r, 0, 9)}.0${figure(r, 1, 9)}.20${figure(r, 10, 26)}`,
  (r) => `MFG DATE: 0${figure(r, 1, 9)}/1${figure(r, 0, 9)}/${figure(r, 10, 26)}`,
  (r) => `ITEM ${figure(r, 100000, 999999)}`,
  (r) => one(r, ['WELDING WIRE', 'MIG WIRE', 'SPOOL', 'Type', 'Classification', 'DIA']),
  (r) => one(r, ['S200', 'S300', 'BS300', 'D']).replace(/^D$/, 'DIAMETER'),
  () => 'KEEP DRY',
]
const MASSES: readonly (readonly [string, number])[] = [
  ['15 kg', 15],
  ['5 kg', 5],
  ['33 lb', 14.969],
  ['10 lb', 4.536],
  ['NET WT 15 KG (33 LB)', 15],
  ['12,5 kg', 12.5],
  ['1 kg', 1],
  ['44 LBS', 19.958],
]

/** What a camera makes of figures: O for a nought, l or I for a one, here and there. */
const scanned = (random: Random, text: string) =>
  text.replace(/[01]/g, (c) => (random() < 0.12 ? (c === '0' ? 'O' : one(random, ['l', 'I'])) : c))

/** One box. */
export function boxOf(random: Random): Box {
  const [printed, reads, family, standard] = one(random, GRAMMARS)(random)
  const mm = random() < 0.9 ? one(random, SIZES_OF[family]!) : null
  const mass = random() < 0.6 ? one(random, MASSES) : null
  const year = maybe(random, 0.3, () => `:20${figure(random, 10, 24)}`)
  const named = `${maybe(random, 0.4, () => `${maybe(random, 0.3, () => 'EN ').replace(/^EN /, standard.startsWith('ISO') ? 'EN ' : '')}${standard}${year}${one(random, [' ', ': ', '\n'])}`)}${printed}`
  const plain = mm === null ? '' : one(random, SIZES[mm]!)
  const size = plain && random() < 0.35 ? one(random, SET)(plain) : plain
  const others = [
    size,
    mass?.[0] ?? '',
    maybe(random, 0.2, () => one(random, ABROAD[family]!)),
    ...Array.from({ length: figure(random, 0, 3) }, () => one(random, NOISE)(random)),
  ].filter(Boolean)
  const order =
    random() < 0.6 ? [named, ...others] : others.toSpliced(figure(random, 0, others.length), 0, named)
  const box = { classification: reads, family, mm, massKg: mass?.[1] ?? null, scanned: false }
  let text = order.reduce(
    (sum, part) => (sum === '' ? part : sum + one(random, [' ', ', ', '\n', '; ', '  ', ' - ']) + part),
    '',
  )
  if (random() < 0.15) text = text.toLowerCase()
  // A camera slips on a clean label; lots and dates are not what it is held to.
  if (random() < 0.15 && others.length <= 2 && !/\d-\d|\/20|\.20|LOT|HEAT|ITEM|DATE/i.test(others.join()))
    return { ...box, text: scanned(random, text), scanned: true }
  return { ...box, text }
}
