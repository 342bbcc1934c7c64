import { z } from 'zod'
import type { Material } from '../terms/terms.ts'
import type { Metal, MetalKind } from './metal.ts'
import { readMetal } from './read.ts'

/** A metal by the shop’s own word: what it is called, what it is like, and the wires the shop takes for it. */
export const ownMetalSchema = z.object({
  name: z.string().trim().min(1).max(60),
  /** A grade whose row holds for the rest, `2205`; without one only what is said here is known. */
  like: z.string().max(60).optional(),
  /** Classifications or labels, best first. */
  wires: z.array(z.string().trim().min(1).max(60)).min(1).max(6),
  /** °C */
  preheatC: z.number().min(0).max(500).optional(),
  /** °C, never warmer between passes. */
  interpassC: z.number().min(20).max(500).optional(),
  note: z.string().max(300).optional(),
})
export type OwnMetal = z.infer<typeof ownMetalSchema>

/** What a metal is taken to be of which only the job’s material is known. common practice, no source */
const KIND_OF: Readonly<Record<Material, MetalKind>> = {
  'mild-steel': 'carbon-steel',
  'low-alloy-steel': 'hardenable-steel',
  'galvanised-steel': 'galvanised-steel',
  'stainless-steel': 'austenitic-stainless',
  aluminium: 'wrought-aluminium',
  'copper-alloy': 'copper',
  'cast-iron': 'cast-iron',
}
const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ')

/** The shop’s own row of that name; case and spaces do not matter. */
export const ownNamed = <M extends { name: string }>(own: readonly M[], name: string): M | undefined =>
  own.find((row) => plain(row.name) === plain(name))

/**
 * An own row as a metal like the others: what the shop says comes first, the rest is that of the metal it is like.
 * Preheat and interpass of another grade are not handed on as the shop’s; they are the row’s as they stand.
 */
export function metalOfOwn(own: OwnMetal, material: Material): Metal {
  const base = readMetal(own.like, material)
  const { leastKsi: _ours, ...like } = base ?? {
    id: 'own',
    kind: KIND_OF[material],
    materials: [material],
    also: [],
    never: [],
    notes: [],
    fume: [],
    confidence: 'L' as const,
  }
  return {
    ...like,
    byShop: true,
    grades: [own.name],
    first: own.wires,
    also: [...(base?.first ?? []), ...like.also].filter((wire) => !own.wires.includes(wire)),
    ...(own.preheatC !== undefined && { preheat: [{ fromMm: 0, c: own.preheatC }] }),
    ...(own.interpassC !== undefined && { interpassC: own.interpassC }),
  }
}
