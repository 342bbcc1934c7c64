import { LYING, rows, UPRIGHT, type Row } from './row.ts'

const RECALLED = 'handbook-practice'

const metal = {
  transfer: 'spray',
  positions: LYING,
  tipToWorkMm: [19, 25],
  confidence: 'M',
  origin: RECALLED,
} as const
/** 75 to 80 % argon takes two volts more at the top than 90/10. */
const toVolts = (row: Row, v: number): Row => ({ ...row, voltageV: row.voltageV && [row.voltageV[0], v] })
const METAL_SPRAY = rows({ ...metal, group: 'metal-cored-spray', gases: ['M20', 'M12', 'M13', 'M24'] }, [
  [0.9, [130, 250], [23, 29], { confidence: 'L', tipToWorkMm: [13, 19] }],
  [1.0, [160, 260], [24, 29]],
  [1.2, [190, 340], [24.5, 31], { wireSpeedMPerMin: [5.5, 14] }],
  [1.4, [230, 390], [25, 32], { wireSpeedMPerMin: [5, 12] }],
  [1.6, [260, 450], [26, 32.5], { wireSpeedMPerMin: [4.5, 10.5] }],
])
/** A wire for mixtures run on CO2: coarse, with more volts. */
const METAL_ON_CO2 = rows({ ...metal, group: 'metal-cored-spray', transfer: 'globular', gases: ['C1'] }, [
  [1.2, [200, 320], [26, 34], { confidence: 'L' }],
])

/** Metal-cored wire is made to be sprayed; short arc on thin metal and out of position. */
export const METAL_CORED_ROWS: readonly Row[] = [
  ...METAL_SPRAY,
  ...METAL_ON_CO2,
  ...METAL_SPRAY.filter(({ sizeMm }) => sizeMm > 0.9).map((row) => ({
    ...(row.sizeMm === 1.2 ? toVolts(row, 33) : row),
    gases: ['M21', 'M21 lean', 'M26', 'M26 lean'],
  })),
  ...rows(
    {
      group: 'metal-cored-short-arc',
      transfer: 'short-arc',
      gases: ['M20', 'M21', 'M21 lean', 'M24', 'M26', 'M26 lean'],
      positions: [...LYING, ...UPRIGHT],
      tipToWorkMm: [10, 19],
      confidence: 'M',
      origin: RECALLED,
    },
    [
      // Its low end by the area of the wire: nobody gives one.
      [1.0, [75, 160], [15.5, 19], { confidence: 'L' }],
      [1.2, [100, 180], [16.5, 20.5]],
    ],
  ),
]

const gas = { group: 'gas-cored', transfer: 'slag', origin: RECALLED } as const
const ARGON = ['M21', 'M21 lean', 'M20']
/** Volts of CO2 over 75 to 80 % argon with cored wire: 1 to 2. */
const CO2_V = 1.5
/**
 * Gas-shielded flux-cored, fast-freezing rutile (T-1, -9, -12; A5.29 T1; ISO P). The fast slag lets it climb at more
 * current than solid wire, but the puddle sets a lower limit than flat; on plate that means passes.
 */
const GAS_CORED = [
  ...rows({ ...gas, gases: ARGON, positions: LYING, tipToWorkMm: [15, 25], confidence: 'M' }, [
    [0.9, [110, 215], [22, 28], { wireSpeedMPerMin: [5.5, 16], tipToWorkMm: [10, 19] }],
    [1.2, [130, 290], [22.5, 30.5], { wireSpeedMPerMin: [5, 13], confidence: 'H' }],
    [1.4, [160, 330], [23.5, 31], { wireSpeedMPerMin: [4.5, 10.5], tipToWorkMm: [19, 25] }],
    [1.6, [180, 390], [24, 32], { wireSpeedMPerMin: [3.8, 9], tipToWorkMm: [19, 30] }],
  ]),
  ...rows({ ...gas, gases: ARGON, positions: ['vertical-up'], tipToWorkMm: [15, 25], confidence: 'M' }, [
    [0.9, [95, 175], [21, 25.5], { wireSpeedMPerMin: [5, 10], tipToWorkMm: [10, 19] }],
    [1.2, [140, 225], [22, 26], { wireSpeedMPerMin: [4.8, 9], confidence: 'H' }],
    [1.4, [155, 240], [23, 26.5], { wireSpeedMPerMin: [4, 7], tipToWorkMm: [19, 25] }],
    [1.6, [175, 262], [23, 27], { wireSpeedMPerMin: [3.3, 5.5], tipToWorkMm: [19, 30] }],
  ]),
  ...rows({ ...gas, gases: ARGON, positions: ['overhead'], tipToWorkMm: [15, 25], confidence: 'M' }, [
    [0.9, [95, 180], [21, 25.5], { wireSpeedMPerMin: [5, 10.5], tipToWorkMm: [10, 19] }],
    [1.2, [145, 235], [22.5, 26.5], { wireSpeedMPerMin: [4.8, 9.5], confidence: 'H' }],
    [1.4, [160, 250], [23, 27], { wireSpeedMPerMin: [4, 7.3], tipToWorkMm: [19, 25] }],
    [1.6, [180, 270], [23.5, 27.5], { wireSpeedMPerMin: [3.3, 5.7], tipToWorkMm: [19, 30] }],
  ]),
]
export const GAS_CORED_ROWS: readonly Row[] = [
  ...GAS_CORED,
  ...GAS_CORED.map((row) => ({
    ...row,
    gases: ['C1'],
    voltageV: row.voltageV && ([row.voltageV[0] + CO2_V, row.voltageV[1] + CO2_V] as const),
  })),
  // The thick ones are CO2's own rows.
  ...rows({ ...gas, gases: ['C1'], positions: LYING, tipToWorkMm: [22, 32], confidence: 'M' }, [
    [2.0, [260, 470], [25.5, 33], { wireSpeedMPerMin: [3.2, 7.5] }],
    [2.4, [330, 560], [27, 34], { wireSpeedMPerMin: [3.2, 7], tipToWorkMm: [25, 38] }],
  ]),
  ...rows({ ...gas, gases: ARGON, positions: LYING, tipToWorkMm: [22, 32], confidence: 'M-L' }, [
    [2.0, [250, 450], [25, 31]],
    [2.4, [320, 530], [26, 33], { tipToWorkMm: [25, 38] }],
  ]),
  // Basic slag lies flat.
  ...rows(
    {
      ...gas,
      group: 'T-5',
      gases: ['C1', ...ARGON],
      positions: LYING,
      tipToWorkMm: [19, 25],
      confidence: 'M-L',
    },
    [
      [1.2, [150, 275], [22, 30]],
      [1.6, [200, 375], [25, 32]],
    ],
  ),
  ...rows(
    {
      group: 'stainless-gas-cored',
      transfer: 'slag',
      gases: ['C1', 'M21', 'M21 lean'],
      positions: LYING,
      tipToWorkMm: [15, 25],
      wireSpeedMPerMin: null,
      confidence: 'M-L',
      origin: RECALLED,
    },
    [
      [0.9, [100, 180], null],
      [1.2, [150, 250], [24, 29]],
      [1.2, [130, 180], [24, 26], { positions: ['vertical-up'] }],
      [1.2, [130, 180], null, { positions: ['overhead'] }],
      [1.6, [200, 330], null],
    ],
  ),
]

const self = { transfer: 'slag', gases: [], origin: RECALLED } as const
const NO_SPEED = { wireSpeedMPerMin: null } as const
/** Self-shielded, by usability designator: they are not one family of settings. */
export const SELF_SHIELDED_ROWS: readonly Row[] = [
  ...rows({ ...self, group: 'T-11', positions: LYING, tipToWorkMm: [10, 14], confidence: 'L' }, [
    [0.8, [30, 115], [13, 16.5]],
    [0.9, [30, 145], [13, 17.3], { confidence: 'M-L' }],
    [1.2, [90, 190], [15, 19], { wireSpeedMPerMin: [1.7, 4], tipToWorkMm: [13, 18], confidence: 'M' }],
    [1.6, [130, 300], [15.5, 21], { tipToWorkMm: [13, 25] }],
    [1.7, [130, 300], [15.5, 21], { tipToWorkMm: [13, 25] }],
    [1.8, [130, 300], [15.5, 21], { tipToWorkMm: [13, 25] }],
    [2.0, [180, 315], [16.5, 21.5], { tipToWorkMm: [13, 25] }],
  ]),
  // Nobody gives volts for these.
  ...rows({ ...self, group: 'T-11', positions: ['overhead'], tipToWorkMm: [13, 25], confidence: 'M' }, [
    [1.7, [150, 220], null],
  ]),
  ...rows({ ...self, group: 'T-8', positions: ['overhead'], tipToWorkMm: [16, 25], confidence: 'M' }, [
    ...([1.6, 1.7, 1.8] as const).map((mm) => [mm, [150, 230], null] as const),
    [2.0, [180, 260], null, { tipToWorkMm: [19, 25], confidence: 'H' }],
  ]),
  // Pipe wires are made to run downhill; T-13 is the root of a wall of any thickness, by short arc.
  ...rows({ ...self, group: 'T-8', positions: ['vertical-down'], tipToWorkMm: [19, 25], confidence: 'M' }, [
    [2.0, [190, 300], [17, 21], { wireSpeedMPerMin: [1.8, 3] }],
  ]),
  ...rows(
    {
      ...self,
      group: 'T-13',
      transfer: 'short-arc',
      positions: ['vertical-down'],
      tipToWorkMm: [10, 16],
      confidence: 'L',
    },
    [[1.7, [100, 200], [14, 17]]],
  ),
  ...rows({ ...self, group: 'T-14', positions: LYING, tipToWorkMm: [10, 16], confidence: 'M-L' }, [
    [0.9, [50, 155], [14, 18]],
    [1.2, [100, 200], [15, 19]],
  ]),
  ...rows({ ...self, group: 'T-8', positions: LYING, tipToWorkMm: [16, 25], confidence: 'M' }, [
    ...([1.6, 1.7, 1.8] as const).map(
      (mm) => [mm, [140, 280], [17, 22], { wireSpeedMPerMin: [2, 4.5] }] as const,
    ),
    [
      2.0,
      [185, 330],
      [17.5, 22.5],
      { wireSpeedMPerMin: [1.6, 3.8], tipToWorkMm: [19, 25], confidence: 'M-H' },
    ],
  ]),
  ...rows({ ...self, group: 'T-8', positions: ['vertical-up'], tipToWorkMm: [16, 25], confidence: 'M' }, [
    ...([1.6, 1.7, 1.8] as const).map(
      (mm) => [mm, [140, 235], [17, 20.4], { wireSpeedMPerMin: [2, 3.7] }] as const,
    ),
    [2.0, [180, 260], [17.5, 20], { wireSpeedMPerMin: [1.6, 2.8], tipToWorkMm: [19, 25], confidence: 'M-H' }],
  ]),
  ...rows({ ...self, group: 'T-7', positions: LYING, tipToWorkMm: [25, 35], confidence: 'M', ...NO_SPEED }, [
    [2.0, [220, 400], [21, 27.5]],
    [2.4, [290, 480], [23.5, 29.5], { wireSpeedMPerMin: [2.2, 5.7], tipToWorkMm: [32, 48] }],
  ]),
  ...rows(
    { ...self, group: 'T-6', positions: LYING, tipToWorkMm: [35, 60], confidence: 'M-L', ...NO_SPEED },
    [
      [2.0, [235, 420], [23, 31]],
      [2.4, [300, 520], [24, 31]],
    ],
  ),
  ...rows({ ...self, group: 'T-4', positions: LYING, tipToWorkMm: [45, 75], confidence: 'L', ...NO_SPEED }, [
    [2.0, [250, 400], [26, 32]],
    [2.4, [300, 480], [27.5, 33], { wireSpeedMPerMin: [3, 6.4], tipToWorkMm: [50, 85], confidence: 'M-H' }],
    [3.2, [400, 580], [28, 34], { tipToWorkMm: [60, 95], confidence: 'M' }],
  ]),
  ...rows({ ...self, group: 'T-3', positions: LYING, tipToWorkMm: [25, 40], confidence: 'L', ...NO_SPEED }, [
    [2.0, [300, 450], [22, 29]],
    [2.4, [400, 550], [22, 29]],
    [3.2, [500, 700], [22, 29]],
  ]),
  ...rows(
    {
      ...self,
      group: 'stainless-self-shielded',
      positions: LYING,
      tipToWorkMm: [13, 25],
      confidence: 'M-H',
      ...NO_SPEED,
    },
    [[1.2, [120, 220], [22, 28]]],
  ),
]
