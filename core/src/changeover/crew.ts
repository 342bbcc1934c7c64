import { walkMinutes, type Place } from './places.ts'
import type { Step } from './step.ts'
import type { Block } from './work.ts'

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
}

/** Who may do a block: what is done wholly at one end belongs to whoever stands there. */
function lanesFor(block: Block): readonly Lane[] {
  const places = block.steps.map((s) => s.place)
  if (places.every((p) => p === 'gun')) return ['gun']
  if (places.every((p) => p === 'cabinet' || p === 'spool' || p === 'source' || p === 'mains'))
    return ['feeder']
  return LANES
}

const MOST_NODES = 60_000

interface Node {
  mask: number
  free: [number, number]
  at: [Place, Place]
  finish: readonly number[]
  made: readonly { block: number; lane: number; from: number }[]
}

/**
 * Shares blocks between two people so that the last is done soonest: branch and bound over which block is begun
 * next and by whom, with the longest chain still to come as the bound, and states that another beats in every
 * respect left aside.
 * @param blocks in an order that holds their precedences, as `orderBlocks` gives them; at most 40
 * @param start where both stand
 */
export function shareBlocks(blocks: readonly Block[], start: Place): Crew {
  const index = new Map(blocks.map((b, i) => [b.id, i]))
  const before = blocks.map((b) => b.after.map((id) => index.get(id)!))
  const within = blocks.map((b) =>
    b.steps.reduce((sum, s, i) => sum + s.minutes + (i ? walkMinutes(b.steps[i - 1]!.place, s.place) : 0), 0),
  )
  const lanes = blocks.map((b) => lanesFor(b).map((lane) => LANES.indexOf(lane)))
  const chain = new Array<number>(blocks.length).fill(0)
  const followers = blocks.map((_, i) => blocks.flatMap((_b, j) => (before[j]!.includes(i) ? [j] : [])))
  // Whoever must do both of two blocks walks between them.
  const between = (i: number, j: number) =>
    lanes[i]!.length === 1 && lanes[j]!.length === 1 && lanes[i]![0] === lanes[j]![0]
      ? walkMinutes(blocks[i]!.steps.at(-1)!.place, blocks[j]!.steps[0]!.place)
      : 0
  for (let i = blocks.length - 1; i >= 0; i--)
    chain[i] = within[i]! + Math.max(0, ...followers[i]!.map((j) => between(i, j) + chain[j]!))
  const only = (lane: number) => blocks.map((_, i) => (lanes[i]!.every((l) => l === lane) ? within[i]! : 0))
  const loads = [only(0), only(1)] as const
  const bit = blocks.map((_, i) => 2 ** i)
  const all = 2 ** blocks.length - 1
  const has = (mask: number, i: number) => Math.floor(mask / bit[i]!) % 2 === 1

  const begin = (node: Node, i: number, lane: number) =>
    Math.max(
      node.free[lane]! + walkMinutes(node.at[lane]!, blocks[i]!.steps[0]!.place),
      ...before[i]!.map((j) => node.finish[j]!),
    )
  const add = (node: Node, i: number, lane: number): Node => {
    const from = begin(node, i, lane)
    const free: [number, number] = [...node.free]
    const at: [Place, Place] = [...node.at]
    free[lane] = from + within[i]!
    at[lane] = blocks[i]!.steps.at(-1)!.place
    const finish = [...node.finish]
    finish[i] = free[lane]!
    return { mask: node.mask + bit[i]!, free, at, finish, made: [...node.made, { block: i, lane, from }] }
  }
  // What must still follow a block, and the blocks by it: whoever has several of them to do ends soonest by taking
  // the longest tail first (Jackson's rule), which no real order beats.
  const tail = chain.map((c, i) => c - within[i]!)
  const byTail = blocks.map((_, i) => i).sort((a, b) => tail[b]! - tail[a]!)
  const bound = (node: Node): number => {
    let [mine, other, both] = [node.free[0], node.free[1], node.free[0] + node.free[1]]
    let least = 0
    for (const i of byTail) {
      if (has(node.mask, i)) continue
      mine += loads[0][i]!
      other += loads[1][i]!
      both += within[i]!
      if (loads[0][i]) least = Math.max(least, mine + tail[i]!)
      if (loads[1][i]) least = Math.max(least, other + tail[i]!)
      least = Math.max(least, both / 2 + tail[i]!)
    }
    for (let i = 0; i < blocks.length; i++) {
      if (has(node.mask, i) || !before[i]!.every((j) => has(node.mask, j))) continue
      least = Math.max(least, Math.min(...lanes[i]!.map((lane) => begin(node, i, lane))) + chain[i]!)
    }
    return least
  }

  // A first answer: the one-person order, each block to whoever can begin it sooner.
  const empty: Node = { mask: 0, free: [0, 0], at: [start, start], finish: blocks.map(() => 0), made: [] }
  let best = blocks.reduce<Node>((node, _b, i) => {
    const lane = lanes[i]!.reduce((a, b) => (begin(node, i, b) < begin(node, i, a) ? b : a))
    return add(node, i, lane)
  }, empty)
  const end = (node: Node) => Math.max(...node.free)

  let nodes = 0
  const seen = new Map<string, number[][]>()
  const beaten = (node: Node): boolean => {
    // A block that ended before either is free again holds nobody up: when it ended no longer matters.
    const soonest = Math.min(...node.free)
    const open = blocks.flatMap((_, i) =>
      has(node.mask, i) && followers[i]!.some((j) => !has(node.mask, j))
        ? [Math.max(soonest, node.finish[i]!)]
        : [],
    )
    const mine = [...node.free, node.made.at(-1)?.from ?? 0, ...open]
    const key = `${node.mask} ${node.at.join()}`
    const others = seen.get(key) ?? []
    if (others.some((other) => other.every((v, i) => v <= mine[i]! + 1e-9))) return true
    seen.set(key, [...others.filter((other) => !mine.every((v, i) => v <= other[i]! + 1e-9)), mine])
    return false
  }
  const search = (node: Node): void => {
    if (nodes++ > MOST_NODES) return
    if (node.mask === all) {
      if (end(node) < end(best) - 1e-9) best = node
      return
    }
    if (bound(node) >= end(best) - 1e-9 || beaten(node)) return
    const next = blocks
      .flatMap((_, i) =>
        !has(node.mask, i) && before[i]!.every((j) => has(node.mask, j))
          ? lanes[i]!.map((lane) => ({ i, lane, from: begin(node, i, lane) }))
          : [],
      )
      // The same sharing is met once: blocks are laid down in the order in which they begin.
      .filter(({ from }) => from >= (node.made.at(-1)?.from ?? 0) - 1e-9)
      .sort((a, b) => a.from - b.from || chain[b.i]! - chain[a.i]!)
    for (const { i, lane } of next) search(add(node, i, lane))
  }
  search(empty)

  const idsOf = new Map(blocks.map((b) => [b.id, b.steps.map((s) => s.id)]))
  const steps = best.made.flatMap(({ block, lane, from }) => {
    let clock = from
    return blocks[block]!.steps.map((s, i) => {
      if (i) clock += walkMinutes(blocks[block]!.steps[i - 1]!.place, s.place)
      const starts = clock
      clock += s.minutes
      const first = i === 0 ? blocks[block]!.after.flatMap((id) => idsOf.get(id) ?? []) : []
      return { id: s.id, who: LANES[lane]!, from: round(starts), to: round(clock), before: first }
    })
  })
  return {
    steps: steps.sort((a, b) => a.from - b.from || a.to - b.to),
    minutes: round(end(best)),
    exact: nodes <= MOST_NODES,
  }
}

const round = (minutes: number) => Math.round(minutes * 100) / 100

/** The list of one of the two. */
export const laneSteps = (crew: Crew, who: Lane, steps: readonly Step[]): Step[] =>
  crew.steps.filter((s) => s.who === who).map((s) => ({ ...steps.find((step) => step.id === s.id)!, who }))
