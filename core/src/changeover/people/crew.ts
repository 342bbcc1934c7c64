import { PLACES, walkMinutes, type Place } from '../../steps/places.ts'
import type { Step } from '../../steps/step.ts'
import type { Block } from '../../work/block.ts'

/** Two people: one at the gun, one at the feeder. */
export const LANES = ['feeder', 'gun'] as const
export type Lane = (typeof LANES)[number]

export interface CrewStep {
  id: string
  who: Lane
  /** Minutes from the start; before `from` lies the walk and any wait. */
  from: number
  to: number
  /** Steps of either list that must be done before. */
  before: string[]
}
export interface Crew {
  steps: CrewStep[]
  /** When the last of the two is done. */
  minutes: number
  /** Whether the search was exhaustive: no other sharing is done sooner. */
  exact: boolean
  /** No sharing is done sooner than this, minutes; `minutes` itself where it is exact. */
  atLeast: number
}

/** Who may do a block: what is done wholly at one end belongs to whoever stands there. */
function lanesFor(block: Block): readonly Lane[] {
  const places = block.steps.map((s) => s.place)
  if (places.every((p) => p === 'gun')) return ['gun']
  if (places.every((p) => p === 'cabinet' || p === 'spool' || p === 'source' || p === 'mains'))
    return ['feeder']
  return LANES
}

/** One state is in no respect later than another. */
function noLater(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) if (a[i]! > b[i]! + EPSILON) return false
  return true
}

/** Nodes the search may open. A bound by states, never by the clock: the same plan on every machine. */
const MOST_NODES = 25_000
/** Most blocks one number's bits hold: the readings, one a station, come to the work itself. */
const MOST_SHARED = 50
/** States remembered of one set of blocks and places. */
const MOST_RIVALS = 8
/** Beyond these doubles compare as equal, minutes. */
const EPSILON = 1e-9

interface Made {
  block: number
  lane: number
  from: number
}

/**
 * Shares blocks between two people so that the last is done soonest: branch and bound over which block is begun
 * next and by whom, with the longest chain still to come as the bound, and states that another beats in every
 * respect left aside. One node is a few numbers changed and changed back; nothing is copied.
 * @param blocks in an order that holds their precedences, as `orderBlocks` gives them; at most 50
 * @param start where both stand
 * @throws RangeError when there are more than 50 blocks
 */
export function shareBlocks(blocks: readonly Block[], start: Place): Crew {
  const n = blocks.length
  if (n > MOST_SHARED) throw new RangeError(`too many blocks: ${n}`)
  const places = PLACES.length
  const walk = PLACES.map((from) => PLACES.map((to) => walkMinutes(from, to)))
  const index = new Map(blocks.map((b, i) => [b.id, i]))
  const before = blocks.map((b) => b.after.map((id) => index.get(id)!))
  const enter = blocks.map((b) => PLACES.indexOf(b.steps[0]!.place))
  const leave = blocks.map((b) => PLACES.indexOf(b.steps.at(-1)!.place))
  const within = blocks.map((b) =>
    b.steps.reduce((sum, s, i) => sum + s.minutes + (i ? walkMinutes(b.steps[i - 1]!.place, s.place) : 0), 0),
  )
  const lanes = blocks.map((b) => lanesFor(b).map((lane) => LANES.indexOf(lane)))
  const followers = blocks.map((_, i) => blocks.flatMap((_b, j) => (before[j]!.includes(i) ? [j] : [])))
  const chain = new Array<number>(n).fill(0)
  // Whoever must do both of two blocks walks between them.
  const between = (i: number, j: number) =>
    lanes[i]!.length === 1 && lanes[j]!.length === 1 && lanes[i]![0] === lanes[j]![0]
      ? walk[leave[i]!]![enter[j]!]!
      : 0
  for (let i = n - 1; i >= 0; i--)
    chain[i] = within[i]! + Math.max(0, ...followers[i]!.map((j) => between(i, j) + chain[j]!))
  const only = (lane: number) => blocks.map((_, i) => (lanes[i]!.every((l) => l === lane) ? within[i]! : 0))
  const [mineOnly, otherOnly] = [only(0), only(1)]
  // What must still follow a block, and the blocks by it: whoever has several of them to do ends soonest by taking
  // the longest tail first (Jackson's rule), which no real order beats.
  const tail = chain.map((c, i) => c - within[i]!)
  const byTail = blocks.map((_, i) => i).sort((a, b) => tail[b]! - tail[a]!)
  const bit = blocks.map((_, i) => 2 ** i)

  // The node at hand.
  const done = new Uint8Array(n)
  const finish = new Float64Array(n)
  const waits = Uint8Array.from(before, (list) => list.length)
  const open = Uint8Array.from(followers, (list) => list.length)
  const free = [0, 0]
  const at = [PLACES.indexOf(start), PLACES.indexOf(start)]
  const made: Made[] = []
  let mask = 0

  const begin = (i: number, lane: number): number => {
    let from = free[lane]! + walk[at[lane]!]![enter[i]!]!
    for (const j of before[i]!) if (finish[j]! > from) from = finish[j]!
    return from
  }
  const lay = (block: number, lane: number, from: number) => {
    done[block] = 1
    mask += bit[block]!
    finish[block] = from + within[block]!
    free[lane] = finish[block]!
    at[lane] = leave[block]!
    for (const j of followers[block]!) waits[j]!--
    for (const j of before[block]!) open[j]!--
    made.push({ block, lane, from })
  }
  const takeBack = (lane: number, wasFree: number, wasAt: number) => {
    const { block } = made.pop()!
    done[block] = 0
    mask -= bit[block]!
    finish[block] = 0
    free[lane] = wasFree
    at[lane] = wasAt
    for (const j of followers[block]!) waits[j]!++
    for (const j of before[block]!) open[j]!++
  }
  /** No sharing that begins like this ends sooner. */
  const bound = (): number => {
    let [mine, other, both] = [free[0]!, free[1]!, free[0]! + free[1]!]
    let least = Math.max(mine, other)
    for (const i of byTail) {
      if (done[i]) continue
      const after = tail[i]!
      both += within[i]!
      least = Math.max(least, both / 2 + after)
      if (mineOnly[i]) {
        mine += mineOnly[i]!
        least = Math.max(least, mine + after)
      }
      if (otherOnly[i]) {
        other += otherOnly[i]!
        least = Math.max(least, other + after)
      }
      if (waits[i] === 0) {
        let from = Infinity
        for (const lane of lanes[i]!) from = Math.min(from, begin(i, lane))
        least = Math.max(least, from + chain[i]!)
      }
    }
    return least
  }

  const seen = Array.from({ length: places * places }, () => new Map<number, number[][]>())
  const beaten = (): boolean => {
    // A block that ended before either is free again holds nobody up: when it ended no longer matters.
    const soonest = Math.min(free[0]!, free[1]!)
    const mine = [free[0]!, free[1]!, made.at(-1)?.from ?? 0]
    for (let i = 0; i < n; i++)
      if (done[i] && open[i]! > 0) mine.push(finish[i]! > soonest ? finish[i]! : soonest)
    const here = seen[at[0]! * places + at[1]!]!
    const others = here.get(mask)
    if (!others) {
      here.set(mask, [mine])
      return false
    }
    for (const other of others) if (noLater(other, mine)) return true
    let kept = 0
    for (const other of others) if (!noLater(mine, other)) others[kept++] = other
    others.length = kept
    // Leaving a state out of the memory costs nodes, never the answer.
    if (kept < MOST_RIVALS) others.push(mine)
    return false
  }

  // A first answer: the one-person order, each block to whoever can begin it sooner.
  for (let i = 0; i < n; i++) {
    const lane = lanes[i]!.reduce((a, b) => (begin(i, b) < begin(i, a) ? b : a))
    lay(i, lane, begin(i, lane))
  }
  let best = [...made]
  let shortest = Math.max(...free)
  for (let i = n - 1; i >= 0; i--) takeBack(made.at(-1)!.lane, 0, 0)
  free.fill(0)
  at.fill(PLACES.indexOf(start))

  let nodes = 0
  /** The best that a node left unopened could still give. */
  let unopened = Infinity
  const search = (): void => {
    const least = bound()
    if (least >= shortest - EPSILON) return
    if (++nodes > MOST_NODES) {
      unopened = Math.min(unopened, least)
      return
    }
    if (made.length === n) {
      best = [...made]
      shortest = Math.max(...free)
      return
    }
    if (beaten()) return
    // The same sharing is met once: blocks are laid down in the order in which they begin.
    const earliest = (made.at(-1)?.from ?? 0) - EPSILON
    const next: Made[] = []
    for (let i = 0; i < n; i++) {
      if (done[i] || waits[i]! > 0) continue
      for (const lane of lanes[i]!) {
        const from = begin(i, lane)
        if (from >= earliest) next.push({ block: i, lane, from })
      }
    }
    next.sort((a, b) => a.from - b.from || chain[b.block]! - chain[a.block]!)
    for (const { block, lane, from } of next) {
      const [wasFree, wasAt] = [free[lane]!, at[lane]!]
      lay(block, lane, from)
      search()
      takeBack(lane, wasFree, wasAt)
    }
  }
  search()

  const idsOf = new Map(blocks.map((b) => [b.id, b.steps.map((s) => s.id)]))
  const steps = best.flatMap(({ block, lane, from }) => {
    let clock = from
    return blocks[block]!.steps.map((s, i) => {
      if (i) clock += walkMinutes(blocks[block]!.steps[i - 1]!.place, s.place)
      const starts = clock
      clock += s.minutes
      const first = i === 0 ? blocks[block]!.after.flatMap((id) => idsOf.get(id) ?? []) : []
      return { id: s.id, who: LANES[lane]!, from: round(starts), to: round(clock), before: first }
    })
  })
  const exact = unopened >= shortest - EPSILON
  return {
    steps: steps.sort((a, b) => a.from - b.from || a.to - b.to),
    minutes: round(shortest),
    exact,
    atLeast: round(exact ? shortest : unopened),
  }
}

const round = (minutes: number) => Math.round(minutes * 100) / 100

/** The list of one of the two. */
export const laneSteps = (crew: Crew, who: Lane, steps: readonly Step[]): Step[] =>
  crew.steps.filter((s) => s.who === who).map((s) => ({ ...steps.find((step) => step.id === s.id)!, who }))
