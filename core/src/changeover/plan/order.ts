import { PLACES, walkMinutes, type Place } from '../../steps/places.ts'
import type { Block } from '../../work/block.ts'

/** Most blocks a search can hold in one number's bits. */
export const MOST_BLOCKS = 40

/**
 * The order with the fewest minutes that holds every precedence. Work is the same in every order, so walking
 * decides; ties go to the practitioners' order, the order in which the blocks are given.
 * Exact: best walk from (blocks done, place), remembered.
 * @param start where you stand when it begins
 * @throws RangeError when the precedences run in a circle, or there are more than 40 blocks
 */
export function orderBlocks(blocks: readonly Block[], start: Place): Block[] {
  if (blocks.length > MOST_BLOCKS) throw new RangeError(`too many blocks: ${blocks.length}`)
  const index = new Map(blocks.map((b, i) => [b.id, i]))
  const before = blocks.map((b) => b.after.map((id) => index.get(id)!))
  const within = blocks.map((b) => walkAlong(b.steps.map((s) => s.place)))
  const enter = blocks.map((b) => b.steps[0]!.place)
  const leave = blocks.map((b) => b.steps.at(-1)!.place)
  const bit = blocks.map((_, i) => 2 ** i)
  const all = 2 ** blocks.length - 1
  const done = new Array<boolean>(blocks.length).fill(false)
  const memo = new Map<number, number>()

  const ready = (i: number) => !done[i] && before[i]!.every((j) => done[j])
  const cost = (i: number, from: Place) => walkMinutes(from, enter[i]!) + within[i]!
  const best = (mask: number, place: Place): number => {
    if (mask === all) return 0
    const key = mask * PLACES.length + PLACES.indexOf(place)
    const known = memo.get(key)
    if (known !== undefined) return known
    // What can be done where you stand, without a step, is done now: by the triangle inequality it never costs.
    const here = blocks.findIndex((_, i) => ready(i) && cost(i, place) === 0)
    let least = Infinity
    for (let i = here < 0 ? 0 : here; i < (here < 0 ? blocks.length : here + 1); i++) {
      if (!ready(i)) continue
      done[i] = true
      least = Math.min(least, cost(i, place) + best(mask + bit[i]!, leave[i]!))
      done[i] = false
    }
    memo.set(key, least)
    return least
  }

  const order: Block[] = []
  let mask = 0
  let place = start
  while (mask !== all) {
    const target = best(mask, place)
    // The first block, in the practitioners' order, that still reaches the least walk.
    const i = blocks.findIndex((_, at) => {
      if (!ready(at)) return false
      done[at] = true
      const reaches = cost(at, place) + best(mask + bit[at]!, leave[at]!) <= target + 1e-9
      done[at] = false
      return reaches
    })
    if (i < 0 || target === Infinity)
      throw new RangeError('the work cannot be ordered: its precedences run in a circle')
    done[i] = true
    order.push(blocks[i]!)
    mask += bit[i]!
    place = leave[i]!
  }
  return order
}

/** Minutes of walking along a list of places. */
export const walkAlong = (places: readonly Place[]): number =>
  places.slice(1).reduce((sum, place, i) => sum + walkMinutes(places[i]!, place), 0)
