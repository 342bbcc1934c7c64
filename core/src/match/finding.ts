import type { Facts, FactsOf, Origin } from '../base/facts.ts'
import type { ChangeoverRequest, Job } from '../machine/request.ts'
import type { Fitted } from '../machine/fitted/fitted.ts'
import type { Machine } from '../machine/machine.ts'
import type { GunLoad } from '../machine/part.ts'
import type { Part } from '../machine/store.ts'
import type { Station, Verdict } from '../machine/stations.ts'
import type { Upkeep } from '../machine/upkeep.ts'
import type { Practice } from '../practice/schools.ts'
import type { SizedWire } from '../wire/wire.ts'
import type { Spool } from '../wire/spool.ts'

/** A part the change asks for: what would do, best first, and the one in the store that was picked. */
export interface WantedPart {
  station: Station
  kind: Part['kind']
  /** The part as it will be fitted, in the words of `fitted`. */
  spec: Readonly<Record<string, unknown>>
  /** Index in the store of what was picked; `null` when there is none. */
  storeIndex: number | null
  /** Which piece of a gun: its rolls, its inner liner, its O-rings. */
  piece?: 'rolls' | 'innerLiner' | 'oRing'
}

/** A station's end state, in the words of `fitted`; the supply stands beside it on the machine. */
export type After = Partial<Fitted> & { supply?: Machine['supply'] }

/** What else would do, where the usual is not at hand. */
export type Substitute =
  | 'v-lightest-short-repair'
  | 'any-polymer-liner'
  | 'short-straight-lead'
  | 'one-size-up-or-aluminium-bore'
  | 'cap-or-gas-nozzle'
  | 'liner-up-to-the-rolls'

/** One thing wrong at a station, or not read. */
export interface Fault<R extends string = string> {
  rule: R
  verdict: Verdict
}

/** What one station says of the change: facts, never sentences. */
export interface Finding<R extends string = string, F extends string = string> {
  station: Station
  verdict: Verdict
  /** Name of the rule that decided; `wording` holds its sentences. */
  rule: R
  /** The facts its sentences and its work stand on, named in the station’s rules. */
  facts: FactsOf<F>
  /** What else is wrong there, worst first; the same work mends it. */
  also?: readonly Fault<R>[]
  /** The value seen; `null`: nothing there; `undefined`: not looked. */
  fitted: unknown
  /** Acceptable values, best first, in the words of `fitted`. */
  required: unknown
  /** What else would do; names that `wording` knows. */
  alsoDo: readonly Substitute[]
  origin: Origin
  /** Left as it is by choice: what is said of it stays, and no work is done there. */
  kept?: true
  /** Another part than the usual goes on, by choice: what is to be said of it. */
  instead?: Instead<R>
  /** How the part that goes on comes, before any work on it; as `after` where nothing is said. */
  comes?: After
  /** How a piece of a gun comes, where that is otherwise than it will be. */
  piece?: After
  /** How this station will read once the work is done. */
  after: After
  parts: readonly WantedPart[]
}

/** A part of the store chosen instead of the usual, and what is wrong with it, worst first; nothing where it fits. */
export interface Instead<R extends string = string> {
  storeIndex: number
  faults: readonly Fault<R>[]
  facts: Facts
}

/** Everything a station may look at. */
export interface MatchContext {
  machine: Machine
  fitted: Fitted
  wire: SizedWire
  /** The wire on the machine: `null` when empty, `undefined` when not read. */
  oldWire: SizedWire | null | undefined
  /** The wire on the machine stays: only what is wrong for it is mended. */
  wireStays?: boolean | undefined
  /** Stations left as they are by choice. */
  keep?: readonly Station[] | undefined
  /** Parts of the store that go on by choice, as their index, by station. */
  use?: Readonly<Partial<Record<Station, number>>> | undefined
  /** What is in and on the gun that goes off, where another goes on. */
  gunOff?: GunLoad | undefined
  spool: Spool
  /** What the new wire looks like, where somebody looked. */
  wireCondition?: string | undefined
  job: Job | undefined
  /** `undefined` when no store was given. */
  store: readonly Part[] | undefined
  practice: Practice
  /** What ran well here last time, where it is known. */
  ranWell?: ChangeoverRequest['ranWell']
  /** Work the open machine invites, taken on by whoever does the change. */
  upkeep?: readonly Upkeep[] | undefined
  /** Minutes by task from the shop's own log; the defaults where it has none. */
  minutes?: Readonly<Record<string, number>> | undefined
}

const BY_CONDITION: Readonly<Record<string, Verdict>> = {
  dirty: 'adjust',
  worn: 'change',
  kinked: 'change',
  damaged: 'change',
  missing: 'change',
}

/** What a part's condition alone asks for: dirty is cleaned, worn, kinked or damaged is replaced. */
export const conditionVerdict = (condition: string | undefined): Verdict =>
  BY_CONDITION[condition ?? 'good'] ?? 'fits'

const WEIGHT: Record<Verdict, number> = { change: 3, unknown: 2, adjust: 1, fits: 0 }
/** The verdict that asks for most. */
export const worst = (...verdicts: Verdict[]): Verdict =>
  verdicts.reduce((a, b) => (WEIGHT[b] > WEIGHT[a] ? b : a), 'fits')

/** A part of the store that may be fitted: in stock and not worn out. */
export const usable = (part: Part): boolean =>
  part.count > 0 && !('condition' in part && conditionVerdict(part.condition) === 'change')

/**
 * Index of the first part in the store that will do, looking for each wish in turn; `null` when none will.
 * @example pick(store, [(p) => p.kind === 'contactTip' && p.stamp === '0.9', (p) => p.kind === 'contactTip'])
 */
export function pick(
  store: readonly Part[] | undefined,
  wishes: readonly ((part: Part) => boolean)[],
): number | null {
  for (const wish of wishes) {
    const at = (store ?? []).findIndex((part) => usable(part) && wish(part))
    if (at >= 0) return at
  }
  return null
}

/** The worst of what is wrong, and the rest: what was not read comes first, then by verdict, then as listed. */
export function worstFirst<R extends string>(
  faults: readonly (Fault<R> | false | undefined)[],
): { main: Fault<R> | undefined; also: Fault<R>[] } {
  const weight = ({ verdict }: Fault<R>) => (verdict === 'unknown' ? Infinity : WEIGHT[verdict])
  const [main, ...also] = faults
    .filter((f): f is Fault<R> => f !== false && f !== undefined && f.verdict !== 'fits')
    .sort((a, b) => weight(b) - weight(a))
  return { main, also }
}
/** Whether a finding says a rule, first or among the rest. */
export const says = (finding: Pick<Finding, 'rule' | 'also'>, rule: string): boolean =>
  finding.rule === rule || (finding.also?.some((fault) => fault.rule === rule) ?? false)

/** Whether a station is left as it is by choice. */
export const keeps = (c: Pick<MatchContext, 'keep'>, station: Station): boolean =>
  c.keep?.includes(station) ?? false
