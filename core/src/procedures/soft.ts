import { ANY, LYING, rows, type Row } from './row.ts'

const RECALLED = 'handbook-practice'

/** Aluminium under argon: spray from its transition up, short arc below it on thin sheet only. */
export const ALUMINIUM_ROWS: readonly Row[] = rows(
  {
    group: 'aluminium',
    transfer: 'spray',
    gases: ['I1', 'I3'],
    positions: LYING,
    tipToWorkMm: [13, 22],
    confidence: 'M-H',
    origin: RECALLED,
  },
  [
    [0.8, [50, 130], [14, 22]],
    [0.9, [70, 165], [16, 24]],
    [1.2, [120, 270], [20, 28]],
    [1.6, [180, 350], [23, 30]],
  ],
)

const braze = {
  group: 'bronze-brazing',
  transfer: 'short-arc',
  gases: ['I1', 'M12', 'M13'],
  positions: ANY,
  tipToWorkMm: [10, 15],
  origin: RECALLED,
} as const
/** Silicon bronze: the sheet must not melt, so steel's current by thickness does not hold; spray on copper alloys. */
export const BRONZE_ROWS: readonly Row[] = [
  ...rows({ ...braze, confidence: 'M', thicknessMm: [0.6, 2] }, [
    [
      0.8,
      [35, 80],
      [12.5, 15.5],
      {
        wireSpeedMPerMin: [3, 6],
        byThickness: [
          [0.6, 42],
          [2, 73],
        ],
      },
    ],
    [
      1.0,
      [50, 105],
      [13.5, 16.5],
      {
        wireSpeedMPerMin: [3, 5.5],
        thicknessMm: [0.7, 2],
        byThickness: [
          [0.7, 60],
          [1.5, 92],
        ],
      },
    ],
  ]),
  ...rows({ ...braze, confidence: 'M-L', thicknessMm: [2, 3] }, [
    [
      1.0,
      [100, 150],
      [15, 19],
      {
        byThickness: [
          [2, 112],
          [3, 138],
        ],
      },
    ],
  ]),
  ...rows(
    {
      group: 'bronze-spray',
      transfer: 'spray',
      gases: ['I1'],
      positions: LYING,
      tipToWorkMm: [13, 22],
      confidence: 'M',
      origin: RECALLED,
    },
    [[1.2, [207, 280], [24, 28]]],
  ),
]
