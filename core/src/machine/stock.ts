import type { fittedKey } from './assumed.ts'
import { FITTED_KINDS, partKey } from './part.ts'
import type { Machine } from './machine.ts'
import type { Part } from './store.ts'

/** Parts that machines carry, in the words of the store, with the machine's name. Assumed parts do not count. */
export function fittedParts(machines: readonly Machine[]): { part: object; machine: string }[] {
  return machines.flatMap(({ name, fitted, assumed = [] }) => {
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
    return parts.map((part) => ({ part, machine: name }))
  })
}

/** Names of the machines that carry just such a part. A liner counts by material and range, whatever its length. */
export function fittedOn(part: Part, fitted: ReturnType<typeof fittedParts>): string[] {
  const key = (p: object) =>
    partKey(p, ['condition', ...('lengthM' in p && !('type' in p) ? ['lengthM'] : [])])
  const own = key(part)
  return fitted.filter((f) => key(f.part) === own).map((f) => f.machine)
}

/** It is time to buy: the count has come down to the mark, or a part that was once there is used up. */
export const isLow = (part: Part): boolean => part.count <= (part.lowAt ?? -1)
