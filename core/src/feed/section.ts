/** A wire's cross-section. Sizes in mm. A tube's powder carries nothing. */
export interface Section {
  areaMm2: number
  /** Second moment of area, mm4. */
  secondMomentMm4: number
}

/**
 * A round wire, solid or tubular: A = pi (d^2 - di^2) / 4, I = pi (d^4 - di^4) / 64.
 * published: any strength-of-materials text (Shigley)
 * @param diameterMm greater than 0
 * @param wallShare wall thickness over diameter; 0.5 is solid
 * @throws RangeError out of these bounds
 */
export function wireSection(diameterMm: number, wallShare = 0.5): Section {
  if (!(diameterMm > 0)) throw new RangeError(`not a diameter: ${diameterMm}`)
  if (!(wallShare > 0 && wallShare <= 0.5)) throw new RangeError(`not a wall: ${wallShare}`)
  const inner = diameterMm * (1 - 2 * wallShare)
  return {
    areaMm2: (Math.PI * (diameterMm ** 2 - inner ** 2)) / 4,
    secondMomentMm4: (Math.PI * (diameterMm ** 4 - inner ** 4)) / 64,
  }
}
