import type { fittedKey } from './assumed.ts'
import { FITTED_KINDS, partKey } from './part.ts'
import type { Machine } from './machine.ts'
import type { Part } from './store.ts'

/** Parts that machines carry, in the words of the store, with the machine's name. Assumed parts do not count. */
export function fittedParts(machines: readonly Machine[]): FittedParts {
  const all = machines.flatMap(({ name, fitted, assumed = [] }) => {
    const seen = <T>(station: Parameters<typeof fittedKey>[0], value: T) =>
      assumed.includes(station) ? undefined : value
    const parts: object[] = FITTED_KINDS.flatMap((kind) => {
      const part = seen(kind, fitted[kind])
      return part ? [{ kind, ...part }] : []
    })
    const nozzle = seen('nozzle', fitted.nozzle)
    if (nozzle && nozzle.kind !== 'none') parts.push({ ...nozzle, kind: 'nozzle', type: nozzle.kind })
    const gas = seen('gas', fitted.gas)
    if (gas) parts.push({ kind: 'cylinder', gas })
    if (fitted.gun?.rolls) parts.push({ kind: 'gun', part: 'rolls', ...fitted.gun.rolls })
    return parts.map((part) => ({ key: keyOf(part), machine: name }))
  })
  const found = new Map<string, string[]>()
  for (const { key, machine } of all) found.set(key, [...(found.get(key) ?? []), machine])
  return found
}
/** Names of machines by what is fitted on them. */
export type FittedParts = ReadonlyMap<string, readonly string[]>
const keyOf = (p: object) =>
  partKey(p, ['condition', ...('lengthM' in p && !('type' in p) ? ['lengthM'] : [])])

/** Names of the machines that carry just such a part. A liner counts by material and range, whatever its length. */
export const fittedOn = (part: Part, fitted: FittedParts): readonly string[] => fitted.get(keyOf(part)) ?? []

/** It is time to buy: the count has come down to the mark, or a part that was once there is used up. */
export const isLow = (part: Part): boolean => part.count <= (part.lowAt ?? -1)
