import { z } from 'zod'

/**
 * What a version of a record has seen: how many changes of every device that changed it. A device is one browser
 * profile at one address. [Parker et al., Detection of Mutual Inconsistency in Distributed Systems, 1983]
 */
export type Vector = Readonly<Record<string, number>>

/** Devices of one record: every one that ever changed it, and every copy that wrote from an older view. */
const MOST_DEVICES = 5000
export const vectorSchema = z
  .record(z.string().min(1).max(80), z.number().int().min(1).max(Number.MAX_SAFE_INTEGER))
  .refine((vector) => Object.keys(vector).length <= MOST_DEVICES)

/** How often a device changed what this version has seen; nought for one that never did. */
const count = (vector: Vector, device: string): number =>
  Object.hasOwn(vector, device) ? vector[device]! : 0

/** Whether `a` has seen all that `b` has. */
export const covers = (a: Vector, b: Vector): boolean =>
  Object.keys(b).every((device) => count(a, device) >= count(b, device))

/** How two versions stand: one follows the other, they are the same, or each has what the other has not. */
export function compareVectors(a: Vector, b: Vector): 'same' | 'before' | 'after' | 'apart' {
  const [over, under] = [covers(a, b), covers(b, a)]
  if (over && under) return 'same'
  if (over) return 'after'
  return under ? 'before' : 'apart'
}

/** All that either has seen. */
export function joinVectors(...all: readonly Vector[]): Vector {
  const joined: Record<string, number> = {}
  for (const vector of all)
    for (const device of Object.keys(vector))
      joined[device] = Math.max(count(joined, device), count(vector, device))
  return inOrder(joined)
}

/** One more change by a device, counted beyond all that is known of it. */
export const tick = (base: Vector, device: string, known: readonly Vector[]): Vector =>
  inOrder({
    ...base,
    [device]: 1 + Math.max(count(base, device), ...known.map((vector) => count(vector, device))),
  })

/** Devices in the order of the alphabet: the same vector is the same text. */
const inOrder = (vector: Vector): Vector =>
  Object.fromEntries(Object.entries(vector).sort(([a], [b]) => (a < b ? -1 : 1)))
