import type { fittedKey } from './assumed.ts'
import type { Machine, Part } from './schema.ts'

/** Kinds that stand in a machine under their own name. */
const FITTED_KINDS = ['inletGuide', 'outletGuide', 'driveRolls', 'liner', 'contactTip'] as const

/** What makes two parts the same part: not where one lies, how many there are, or how worn it is. */
const bare = (part: object): string =>
  JSON.stringify(
    Object.entries(part)
      .filter(
        ([key, value]) =>
          value !== undefined &&
          value !== '' &&
          value !== false &&
          !['id', 'count', 'drawer', 'note', 'lowAt', 'leadDays', 'condition', 'active', 'gapMm'].includes(
            key,
          ),
      )
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  )

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
  const key = (p: object) => bare({ ...p, ...('lengthM' in p && { lengthM: undefined }) })
  const own = key(part)
  return fitted.filter((f) => key(f.part) === own).map((f) => f.machine)
}

/** It is time to buy: the count has come down to the mark, or a part that was once there is used up. */
export const isLow = (part: Part): boolean => part.count <= (part.lowAt ?? -1)
