import type { Fitted } from '../machine/fitted/fitted.ts'
import type { WireInput } from '../machine/fitted/wire.ts'
import { alike, asStored, FITTED_KINDS, nozzleAsStored } from '../machine/part.ts'
import type { Job } from '../machine/request.ts'
import type { Part } from '../machine/store.ts'
import type { UseStation } from '../machine/stations.ts'
import { handOf, readWire } from '../match/prepare.ts'
import type { Material } from '../terms/terms.ts'
import type { Wire } from '../wire/wire.ts'

/** The wire that was on, as a changeover asks for it. */
export function wireAgain(input: WireInput): { wire: Wire | undefined; label: string; byHand?: WireInput } {
  const read = readWire(input, '')
  const wire = read.ok ? read.value.wire : undefined
  return 'label' in input ? { wire, label: input.label } : { wire, label: '', byHand: handOf(input) }
}

/** A metal the wire joins, where the job's own is none. */
export const metalFor = (wire: Wire, job: Partial<Job>): Material | undefined =>
  job.material && wire.joins.includes(job.material) ? undefined : wire.joins[0]

/**
 * The parts of the store that were on the machine before, by station: those that came off with the change, as far as
 * they lie there still and are not worn out.
 */
export function partsAgain(before: Fitted, store: readonly Part[]): Partial<Record<UseStation, string>> {
  const was: [UseStation, object | undefined][] = [
    ...FITTED_KINDS.map((kind): [UseStation, object | undefined] => [
      kind,
      before[kind] ? asStored(kind, before[kind]) : undefined,
    ]),
    ['nozzle', before.nozzle && before.nozzle.kind !== 'none' ? nozzleAsStored(before.nozzle) : undefined],
    ['gas', before.gas ? { kind: 'cylinder', gas: before.gas } : undefined],
  ]
  return Object.fromEntries(
    was.flatMap(([station, part]) => {
      const there = part && store.find((p) => p.count > 0 && p.id !== undefined && alike(p, part))
      return there ? [[station, there.id!]] : []
    }),
  )
}
