/** A place between two numbers is found to their difference over a million million. */
const HALVINGS = 40

/**
 * Where something that holds at `holds` ends before `over`.
 * @returns the last number found to hold and the first found to be over
 */
export function halve(
  holds: number,
  over: number,
  isOver: (at: number) => boolean,
): { holds: number; over: number } {
  let [low, high] = [holds, over]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (isOver(middle)) high = middle
    else low = middle
  }
  return { holds: low, over: high }
}
