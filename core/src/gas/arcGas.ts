import { gasDesignation } from './designation.ts'
import type { Mixture } from './mixtureSchema.ts'

/** Least argon for axial spray of solid steel and stainless, %. published: textbooks, recalled from memory */
const LEAST_ARGON_FOR_SPRAY = 80
/** Helium from which a mixture is one with helium, and one rich in it, %. common practice, no source */
const HELIUM = { some: 20, half: 50, rich: 80 }
const TAGS = { rich: ' helium-rich', half: ' half-helium', some: ' helium', lean: ' lean' } as const

/**
 * A gas as the arc knows it: its group of ISO 14175, and in the M groups whether it holds the argon for spray. 80/20
 * is `M21`, 75/25 `M21 lean`; 90 He 7.5 Ar 2.5 CO2 is `M12 helium-rich`.
 * @example arcGasOf({ Ar: 75, CO2: 25 }) // 'M21 lean'
 */
export function arcGasOf(mixture: Mixture): string {
  const group = gasDesignation(mixture)
  const helium = mixture.He ?? 0
  if (!group.startsWith('M') || (mixture.Ar ?? 0) >= LEAST_ARGON_FOR_SPRAY) return group
  if (helium >= HELIUM.rich) return group + TAGS.rich
  if (helium >= HELIUM.half) return group + TAGS.half
  return group + (helium >= HELIUM.some ? TAGS.some : TAGS.lean)
}
/** Its group of ISO 14175, whether it lacks the argon for spray, and whether helium stands in for it. */
export function arcGasParts(gas: string): { group: string; lean: boolean; helium: boolean } {
  const tag = Object.values(TAGS).find((t) => gas.endsWith(t)) ?? ''
  return { group: gas.slice(0, gas.length - tag.length), lean: tag !== '', helium: tag.includes('helium') }
}
