import type { Material } from '../src/index.ts'

/**
 * Metal a wire and size is for, mm, as workshops hold it, written from practice before the code. recalled from memory,
 * confidence M: `Infinity` is any, in passes; 0 where no lower limit is stated. Single-pass classes end at 3/16 in (A5.20, recalled).
 */
export const BANDS: readonly (readonly [RegExp, Readonly<Record<number, readonly [number, number]>>])[] = [
  [
    /^(?:ER\d+S|ER3|G |SS)/,
    { 0.6: [0.6, 2], 0.8: [0.6, 5], 0.9: [0.8, 10], 1: [1, 12], 1.2: [2.5, Infinity], 1.6: [6, Infinity] },
  ],
  [
    /^(?:ER[1-5]\d{3}|S Al)/,
    { 0.8: [1, 3.5], 0.9: [1, 5], 1: [1.5, 6], 1.2: [2.5, Infinity], 1.6: [5, Infinity] },
  ],
  [
    /T-?(?:GS|14|13|10|3|2C|2M)\b/,
    { 0.8: [0, 4.8], 0.9: [0, 4.8], 1.2: [0, 4.8], 1.6: [0, 4.8], 1.7: [0, 4.8], 2: [0, 4.8], 2.4: [0, 4.8] },
  ],
  [/T-?11\b/, { 0.8: [1, 5], 0.9: [1.2, 8], 1.2: [3, 12], 1.6: [5, 19], 1.7: [5, 19], 2: [5, 19] }],
  [/T-?[4678]\b/, { 1.6: [5, Infinity], 1.7: [5, Infinity], 2: [5, Infinity], 2.4: [8, Infinity] }],
  [/C-/, { 1: [2, 8], 1.2: [3, Infinity], 1.4: [5, Infinity], 1.6: [6, Infinity] }],
  [
    /T1?-?\d/,
    {
      0.9: [2, 12],
      1.2: [3, Infinity],
      1.4: [5, Infinity],
      1.6: [5, Infinity],
      2: [8, Infinity],
      2.4: [8, Infinity],
    },
  ],
  [/^ERCuSi/, { 0.8: [0.6, 2], 0.9: [0.6, 2.5], 1: [0.8, 3] }],
]
/** The band of a wire by the table above; nothing where the table has none. */
export const bandBy = (classification: string, mm: number): readonly [number, number] | undefined =>
  BANDS.find(([form]) => form.test(classification))?.[1][mm]

/** Forty thicknesses, closer together where sheet is. */
export const THICKNESSES: readonly number[] = [
  ...[0.3, 0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.2, 1.4, 1.5, 1.6, 1.8, 2, 2.3, 2.5, 2.6, 3, 3.2, 3.5, 4],
  ...[4.5, 4.8, 5, 5.5, 6, 6.4, 7, 8, 9, 10, 12, 12.7, 14, 16, 19, 20, 25, 40, 80, 200],
]
export const METALS: readonly Material[] = [
  'mild-steel',
  'low-alloy-steel',
  'galvanised-steel',
  'stainless-steel',
  'aluminium',
  'copper-alloy',
]
