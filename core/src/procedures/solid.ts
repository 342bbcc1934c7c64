import { ANY, LYING, rows, UPRIGHT, type Row } from './row.ts'

const C5_6 = 'c5-6-short-arc'
const HANDBOOK = 'handbook-argon-rows'
const PRACTICE = 'handbook-practice'

/** Mixtures that short-circuit as 75/25 does; CO2 has its own volts. */
const MIXED = ['M21', 'M21 lean', 'M20', 'M20 lean', 'M24', 'M26', 'M26 lean', 'M14', 'M12', 'M31 lean']
/** Volts of CO2 over a mixture with short arc: 1 to 3. */
const CO2_V = 2

const short = { group: 'solid-short-arc', transfer: 'short-arc', tipToWorkMm: [8, 16], origin: C5_6 } as const

/** Short arc on sheet to medium plate, flat: volts rise with the current along the handbook rows. */
const SHORT_FLAT = rows({ ...short, gases: MIXED, positions: LYING, confidence: 'H' }, [
  // 0.6 on sheet is by its metal: the rule of the thicker wires burns it through.
  [
    0.6,
    [28, 100],
    [14.5, 19],
    {
      confidence: 'M-L',
      wireSpeedMPerMin: [2.8, 8],
      positions: ANY,
      origin: PRACTICE,
      byThickness: [
        [0.6, 35],
        [0.8, 46],
        [1.2, 62],
        [2, 85],
      ],
    },
  ],
  [0.8, [50, 150], [16.2, 20.8]],
  // C5.6 has 75 to 175 A; sheet of 20 ga is welded from 55.
  [0.9, [55, 175], [16.4, 21.4]],
  [1.2, [100, 225], [17.3, 21.8]],
])
/** The same, vertical and overhead: the puddle sets the top. */
const SHORT_UPRIGHT = rows({ ...short, gases: MIXED, positions: UPRIGHT, confidence: 'H' }, [
  [0.8, [50, 125], [16.2, 19.6]],
  [0.9, [55, 150], [16.4, 20.3]],
  [1.2, [100, 175], [17.3, 20]],
])
const onCo2 = (row: Row): Row => ({
  ...row,
  gases: ['C1'],
  voltageV: row.voltageV && [row.voltageV[0] + CO2_V, row.voltageV[1] + CO2_V],
})

const coarse = {
  group: 'solid-coarse',
  transfer: 'globular',
  positions: LYING,
  thicknessMm: [6, 200],
  tipToWorkMm: [13, 25],
  origin: PRACTICE,
} as const

/** From the transition current of the gas to what the wire carries. */
const spray = {
  group: 'solid-spray',
  transfer: 'spray',
  positions: LYING,
  confidence: 'M',
  origin: HANDBOOK,
} as const
const SPRAY_TIP = { thin: [13, 19], usual: [16, 22], thick: [19, 25] } as const
const SPRAY = [
  ...rows({ ...spray, gases: ['M12', 'M13'], tipToWorkMm: SPRAY_TIP.thin }, [
    [0.8, [150, 200], [22, 24]],
    [0.9, [165, 275], [22.6, 26.7]],
    [1.2, [220, 340], [24.6, 29.1], { tipToWorkMm: SPRAY_TIP.usual }],
    [1.6, [275, 430], [25.5, 31.5], { tipToWorkMm: SPRAY_TIP.thick }],
  ]),
  ...rows({ ...spray, gases: ['M20', 'M14', 'M22', 'M24'], tipToWorkMm: SPRAY_TIP.thin }, [
    [0.9, [175, 275], [23, 26.7]],
    [1.2, [225, 340], [24.8, 29.1], { tipToWorkMm: SPRAY_TIP.usual }],
    [1.4, [260, 430], [26, 32], { confidence: 'M-L', tipToWorkMm: SPRAY_TIP.usual }],
    [1.6, [290, 430], [26, 31.5], { tipToWorkMm: SPRAY_TIP.thick }],
  ]),
  ...rows({ ...spray, gases: ['M21', 'M26'], tipToWorkMm: SPRAY_TIP.thin }, [
    [0.9, [195, 275], [23.7, 26.7]],
    [1.2, [255, 340], [26, 29.1], { tipToWorkMm: SPRAY_TIP.usual }],
    [1.6, [345, 430], [28.4, 32], { confidence: 'M-L', tipToWorkMm: SPRAY_TIP.thick }],
  ]),
]

/** Solid steel: short arc, the coarse arc of CO2 and lean mixtures on plate, spray. */
export const SOLID_ROWS: readonly Row[] = [
  ...SHORT_FLAT,
  ...SHORT_UPRIGHT,
  ...[...SHORT_FLAT, ...SHORT_UPRIGHT].map(onCo2),
  ...rows({ ...coarse, gases: ['C1'], confidence: 'H' }, [
    [1.2, [220, 330], [26, 35], { wireSpeedMPerMin: [6, 11] }],
    [1.6, [300, 450], [30, 38], { confidence: 'M' }],
  ]),
  ...rows({ ...coarse, gases: ['M21 lean', 'M31 lean'], confidence: 'M' }, [
    [1.2, [230, 300], [25, 29]],
    [1.6, [280, 400], [27, 32], { confidence: 'L' }],
  ]),
  ...SPRAY,
]

const RECALLED = 'handbook-practice'
const shortSteel = {
  transfer: 'short-arc',
  positions: ANY,
  tipToWorkMm: [8, 16],
  confidence: 'M-H',
  origin: RECALLED,
} as const
/** Solid stainless: one line of volts for both gases would be wrong by 2 to 5 V. */
export const STAINLESS_ROWS: readonly Row[] = [
  ...rows({ ...shortSteel, group: 'stainless-short-arc-helium', gases: ['M12 helium-rich'] }, [
    [0.8, [50, 130], [17, 23]],
    [0.9, [55, 160], [18, 23.5]],
    [1.2, [100, 210], [18, 24]],
  ]),
  ...rows({ ...shortSteel, group: 'stainless-short-arc', gases: ['M12', 'M13'] }, [
    [0.8, [55, 110], [15.5, 18.5]],
    [0.9, [55, 150], [15.5, 20]],
    [1.0, [70, 165], [16, 20]],
    [1.2, [105, 190], [16.5, 21]],
  ]),
  ...rows({ ...shortSteel, group: 'stainless-short-arc', gases: ['M12 helium'], confidence: 'M-L' }, [
    [0.9, [55, 150], [16.5, 21]],
    [1.2, [100, 200], [17, 22]],
  ]),
  ...rows(
    {
      group: 'stainless-spray',
      transfer: 'spray',
      positions: LYING,
      gases: ['M12', 'M13'],
      tipToWorkMm: [13, 22],
      confidence: 'M-H',
      origin: RECALLED,
    },
    [
      [0.8, [140, 200], [22, 27]],
      [0.9, [172, 230], [23, 27]],
      [1.0, [195, 260], [24, 27.5]],
      [1.2, [225, 310], [24.5, 29]],
      [1.6, [287, 390], [25.5, 31]],
    ],
  ),
]
