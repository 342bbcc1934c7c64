import type { Machine } from '../machine/machine.ts'
import type { ChangeoverRequest, Job } from '../machine/request.ts'
import { wireInputSchema } from '../machine/fitted/wire.ts'
import type { Part } from '../machine/store.ts'
import { readWire } from '../match/prepare.ts'
import { digestOf, lastGood, type Digest } from '../record/digest.ts'
import { ownMinutes } from '../record/minutes.ts'
import type { Shop } from '../record/state.ts'
import { isSized, type Wire } from '../wire/wire.ts'

/** What the shop's own log adds to a request: what ran well with this wire on such metal, and its own minutes. */
export function fromTheLog(
  digest: Digest,
  machineId: string,
  wire: Wire | undefined,
  job: Job | undefined,
): Pick<ChangeoverRequest, 'ranWell' | 'minutes'> {
  const good = wire && isSized(wire) && job ? lastGood(digest, machineId, wire, job)?.settings : undefined
  const minutes = ownMinutes(digest.times)
  return {
    ...(good && {
      ranWell: {
        voltageV: good.voltageV,
        wireSpeedMPerMin: good.wireSpeedMPerMin,
        tap: good.tap,
        dial: good.dial,
      },
    }),
    ...(minutes && { minutes }),
  }
}

/** A spool of the shelf with this very label tells its spool and mass too. */
export function onShelf(label: string, { store }: Pick<Shop, 'store'>) {
  const shelf = store.find(
    (p): p is Extract<Part, { kind: 'wire' }> => p.kind === 'wire' && p.label === label && p.count > 0,
  )
  const spool = {
    ...(shelf?.spoolType && { type: shelf.spoolType }),
    ...(shelf?.massKg && { massKg: shelf.massKg }),
  }
  return shelf ? { spool } : {}
}

/** A change of wire as a shop asks for it: with its store, its ways of working and what its log knows. */
export function requestFor(shop: Shop, machine: Machine, wire?: unknown, job?: unknown): object {
  const input = wireInputSchema.safeParse(wire)
  const read = input.success ? readWire(input.data, 'wire') : undefined
  const asked =
    input.success && 'label' in input.data ? { ...onShelf(input.data.label, shop), ...input.data } : wire
  const known = fromTheLog(
    digestOf(shop.runs.filter((r) => r.outcome)),
    machine.id,
    read?.ok ? read.value.wire : undefined,
    job as Job | undefined,
  )
  return {
    machine,
    ...(wire !== undefined && { wire: asked }),
    ...(job !== undefined && { job }),
    store: shop.store,
    practice: shop.settings.practice,
    ...known,
  }
}
