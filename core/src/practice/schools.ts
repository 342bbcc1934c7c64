/**
 * The schools: where good welders differ, one choice each. A shop sets its practice once, and a changeover may
 * override it. The default stands first; `wording` says why. common practice
 */
export const SCHOOLS = {
  /** Wire left in the gun: metres x price against minutes x rate decides by default. */
  wireInGun: ['by-money', 'rewind', 'scrap', 'keep-as-filler'],
  pressureTest: ['curl', 'back-off', 'scale'],
  /** Whether the rolls may slip before a jammed wire knots. */
  jammedWire: ['by-wire', 'never-slip', 'slip-first'],
  threadingSpeed: ['slow-then-fast', 'slow', 'full'],
  tipWhileThreading: ['off', 'on'],
  tipTightness: ['pliers', 'fingers'],
  nozzleWithGasless: ['cap-if-owned', 'gas-nozzle', 'bare'],
  aluminiumTip: ['aluminium-bore', 'one-size-up'],
  linerOnSizeChange: ['keep-in-range', 'one-per-family'],
  linerTrim: ['by-connector', 'flush', 'short-of-mark'],
  spoolDirection: ['as-the-rolls-lie', 'always-bottom'],
  oneWireForAll: ['by-thickness', 'one-for-all'],
  aluminiumByPush: ['to-3-m', 'never'],
  /** What carries soft wire from the rolls into the liner. */
  softWireOutlet: ['guide', 'liner-to-rolls'],
  metalCoredRolls: ['smooth', 'fine-knurl'],
  flowSetting: ['computed', 'fixed'],
} as const
export type School = keyof typeof SCHOOLS
export const SCHOOL_IDS = Object.keys(SCHOOLS) as School[]
/** What a school may choose, its default first. */
export const schoolOptions = (school: School): readonly string[] => SCHOOLS[school]

/** How a shop works where it said nothing else. */
export type Practice = { [S in School]: (typeof SCHOOLS)[S][number] } & {
  /** The shop's number where it sets one flow for all, L/min. */
  fixedFlowLPerMin: number
  /** Who does the work: one, or one at the gun and one at the feeder. */
  people: 1 | 2
  /** Money, for the wire left in the gun: labour an hour and wire a kilogram, in any one currency. */
  labourPerHour: number
  wirePerKg?: number | undefined
}

type Choices = { [S in School]: (typeof SCHOOLS)[S][0] }
export const DEFAULT_PRACTICE: Practice = {
  ...(Object.fromEntries(SCHOOL_IDS.map((school) => [school, SCHOOLS[school][0]])) as Choices),
  fixedFlowLPerMin: 14,
  people: 1,
  labourPerHour: 45,
}
