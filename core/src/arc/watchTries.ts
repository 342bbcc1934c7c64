import { feedContradicts, isGood, type Try } from './tries.ts'

/** What a row of tries says that no knob will cure. */
export const TRY_SIGNS = [
  'feed-first',
  'pores-again',
  'gasless-pores-again',
  'burns-back-again',
  'spatter-again',
  'many-tries',
] as const
export type TrySign = (typeof TRY_SIGNS)[number]

/** So many of the last tries make a sign. common practice, no source */
const LAST = 4
const AGAIN = 2
const SPATTER_AGAIN = 3
/** Longer than this nobody should be dialling in. */
const MANY = 8

/** Signs that something else is wrong, most telling first. */
export function trySigns(tries: readonly Try[], gasless = false): TrySign[] {
  const last = tries.slice(-LAST)
  const count = (is: (t: Try) => boolean) => last.filter(is).length
  const signs: TrySign[] = []
  if (feedContradicts(tries)) signs.push('feed-first')
  if (count((t) => t.bead === 'porous') >= AGAIN) signs.push(gasless ? 'gasless-pores-again' : 'pores-again')
  if (count((t) => t.arc === 'burnback') >= AGAIN) signs.push('burns-back-again')
  if (count((t) => t.bead === 'spattered') >= SPATTER_AGAIN) signs.push('spatter-again')
  if (tries.length > MANY && !tries.slice(-AGAIN).some(isGood)) signs.push('many-tries')
  return signs
}
