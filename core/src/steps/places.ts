/** Where you stand. */
export const PLACES = ['mains', 'source', 'cabinet', 'spool', 'gun', 'cylinder', 'store'] as const
export type Place = (typeof PLACES)[number]

/** Minutes to walk between places, both ways alike. common practice, no source: a machine on a shop floor. */
const WALK: readonly (readonly number[])[] = [
  //  mains source cabinet spool gun  cyl  store
  [0, 0.2, 0.25, 0.25, 0.3, 0.25, 0.6],
  [0.2, 0, 0.05, 0.1, 0.15, 0.1, 0.5],
  [0.25, 0.05, 0, 0.05, 0.15, 0.1, 0.5],
  [0.25, 0.1, 0.05, 0, 0.15, 0.1, 0.5],
  [0.3, 0.15, 0.15, 0.15, 0, 0.2, 0.5],
  [0.25, 0.1, 0.1, 0.1, 0.2, 0, 0.5],
  [0.6, 0.5, 0.5, 0.5, 0.5, 0.5, 0],
]

/** Minutes to walk from one place to another. */
export const walkMinutes = (from: Place, to: Place): number =>
  WALK[PLACES.indexOf(from)]![PLACES.indexOf(to)]!
