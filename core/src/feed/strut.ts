import type { Section } from './section.ts'

/** Between nip and guide a wire is held at the rolls and guided at the tube. published: AISC 0.7, recalled from memory */
export const END_FACTOR = 0.7

/** A gap of less is none, mm: the guide touches the roll. */
export const TOUCHING_MM = 0.01

/** Euler's load of a slender strut, N: pi^2 E I / (K L)^2. published: Shigley. Modulus MPa, length mm. */
export const eulerLoadN = (section: Section, modulusMPa: number, lengthMm: number, k = 1): number =>
  (Math.PI ** 2 * modulusMPa * section.secondMomentMm4) / (k * lengthMm) ** 2

/**
 * Johnson's parabola for short struts, N: A (Sy - (Sy KL/r / 2 pi)^2 / E), Euler where the strut is slender.
 * published: Shigley, Mechanical Engineering Design
 */
export function johnsonLoadN(
  section: Section,
  modulusMPa: number,
  yieldMPa: number,
  lengthMm: number,
  k = 1,
): number {
  const radius = Math.sqrt(section.secondMomentMm4 / section.areaMm2)
  const slenderness = (k * lengthMm) / radius
  return slenderness > Math.sqrt((2 * Math.PI ** 2 * modulusMPa) / yieldMPa)
    ? eulerLoadN(section, modulusMPa, lengthMm, k)
    : section.areaMm2 * (yieldMPa - ((yieldMPa * slenderness) / (2 * Math.PI)) ** 2 / modulusMPa)
}

/**
 * Load at which a strut with a bow yields at its inner side, N: Perry-Robertson, with the bow that the wire's cast
 * leaves over the length, L^2 / (8 R). published: Ayrton and Perry; any structural text
 * @param castRadiusMm radius the wire lies in when free, mm
 */
export function birdnestLoadN(
  section: Section,
  diameterMm: number,
  modulusMPa: number,
  yieldMPa: number,
  gapMm: number,
  castRadiusMm: number,
): number {
  const { areaMm2, secondMomentMm4 } = section
  if (gapMm <= TOUCHING_MM) return areaMm2 * yieldMPa
  const euler = eulerLoadN(section, modulusMPa, gapMm, END_FACTOR) / areaMm2
  const bow = gapMm ** 2 / (8 * castRadiusMm)
  const eta = (bow * (diameterMm / 2) * areaMm2) / secondMomentMm4
  const half = (yieldMPa + (1 + eta) * euler) / 2
  // Written so that a very stiff strut loses no figures: c / (b + root) instead of b - root.
  return (areaMm2 * yieldMPa * euler) / (half + Math.sqrt(half * half - yieldMPa * euler))
}
