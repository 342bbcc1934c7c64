import type { GatherLine } from '@pepper-knot/core/jobs'
import type { Part } from '@pepper-knot/core/machine'
import { newId } from '../../stores/shop.ts'

/** A part that was found after all, as the store keeps it: as it is asked for, one of it, where it now lies. */
export function foundPart(line: GatherLine, drawer: string, more: object = {}): Part {
  const { active: _active, kind: type, ...spec } = line.spec as Record<string, unknown>
  const piece =
    line.kind === 'gun'
      ? line.piece
        ? { ...spec, part: line.piece }
        : { type, part: 'whole' }
      : line.kind === 'nozzle'
        ? { type }
        : {}
  return { ...spec, id: newId(), count: 1, drawer, ...more, ...piece, kind: line.kind } as Part
}
