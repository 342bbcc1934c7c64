/**
 * Push at the rolls that a lead asks for, N: the tip's drag grows by exp(mu theta) through the bends, and so does the
 * liner's own drag from where it arises, the bends being spread evenly.
 * published: capstan equation, Euler-Eytelwein
 * @param tipN drag in the contact tip
 * @param dragNPerM drag a metre of liner adds, from the wire's cast
 * @param bendRad all bends added up, neck included; a loop is 2 pi
 * @param mu friction of wire and liner
 */
export function pushNeededN(
  tipN: number,
  dragNPerM: number,
  lengthM: number,
  bendRad: number,
  mu: number,
): number {
  const turn = mu * bendRad
  const growth = Math.exp(turn)
  return tipN * growth + dragNPerM * lengthM * (turn < 1e-9 ? 1 : (growth - 1) / turn)
}

/**
 * How much a bore that does not suit the wire adds to the drag: under wire + 0.2 mm it rubs all round, over 2.5 times
 * the wire the wire snakes. common practice; the size of it is a guess that the range of the drag covers
 */
export function boreFactor(boreMm: number | undefined, diameterMm: number): number {
  if (boreMm === undefined) return 1
  if (boreMm < diameterMm + 0.2) return 2
  return boreMm > 2.5 * diameterMm ? 1 + Math.min(1, (boreMm / diameterMm - 2.5) / 2.5) : 1
}

/** Force at points along the lead while it just feeds, from the rolls to the tip, N. */
export const forceAlong = (
  tipN: number,
  dragNPerM: number,
  lengthM: number,
  bendRad: number,
  mu: number,
  points = 40,
): { atM: number; forceN: number }[] =>
  Array.from({ length: points + 1 }, (_, i) => {
    const atM = (lengthM * i) / points
    const left = 1 - i / points
    return { atM, forceN: pushNeededN(tipN, dragNPerM, lengthM * left, bendRad * left, mu) }
  })
