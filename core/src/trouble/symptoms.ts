/** Where the one who sees, hears or feels it stands. */
export const AREAS = ['feed', 'arc', 'bead', 'gas'] as const
export type Area = (typeof AREAS)[number]

/** What can be seen, heard or felt, a row each; the names are the API's. common practice, no source */
const ROWS = {
  birdnest: 'feed',
  'rolls-slip': 'feed',
  'feed-stops': 'feed',
  'feed-jerks': 'feed',
  'wire-flattened': 'feed',
  shavings: 'feed',
  'plastic-shavings': 'feed',
  'spool-runs-on': 'feed',
  'brake-no-effect': 'feed',
  'wire-bends-at-guide': 'feed',
  'wire-spirals': 'feed',
  'end-will-not-pass-tip': 'feed',
  'motor-strains': 'feed',
  'squeal-at-rolls': 'feed',
  'no-pull-at-gun': 'feed',
  stubbing: 'arc',
  burnback: 'arc',
  'burnback-at-start': 'arc',
  'erratic-arc': 'arc',
  'spits-in-tip': 'arc',
  'weak-arc': 'arc',
  'never-settles': 'arc',
  'breaker-trips': 'arc',
  'clamp-hot': 'arc',
  'tip-hot': 'arc',
  'tip-life-short': 'arc',
  'arc-blow': 'arc',
  'cuts-out': 'arc',
  spatter: 'bead',
  ropey: 'bead',
  'no-wetting': 'bead',
  porosity: 'bead',
  'porosity-at-start': 'bead',
  'worm-tracks': 'bead',
  'burn-through': 'bead',
  soot: 'bead',
  undercut: 'bead',
  crack: 'bead',
  crater: 'bead',
  'slag-in-weld': 'bead',
  'lack-of-fusion': 'bead',
  'uneven-width': 'bead',
  'no-hiss': 'gas',
  'no-click': 'gas',
  'hiss-at-connector': 'gas',
} as const satisfies Record<string, Area>

export type Symptom = keyof typeof ROWS
export const SYMPTOMS = Object.keys(ROWS) as [Symptom, ...Symptom[]]
export const areaOf = (symptom: Symptom): Area => ROWS[symptom]

/** When it shows. */
export const PHASES = ['threading', 'feeding', 'starting', 'welding'] as const
export type Phase = (typeof PHASES)[number]
/** How the lead lies. */
export const LEADS = ['straight', 'looped', 'coiled', 'twisted'] as const
export type Lead = (typeof LEADS)[number]
/** Since when. */
export const SINCE = ['always', 'since-change', 'suddenly', 'slowly'] as const
export type Since = (typeof SINCE)[number]
