import type { Words } from '@pepper-knot/core/words'
import { seenIn } from '../messages/seen.ts'

let chosen: Words | undefined

type Say = (...args: unknown[]) => unknown
/** Chooses what the trade is said in; to be done before anything of the page is loaded. */
export const chooseWords = (words: Words) => {
  const all = Object.entries(words).map(([name, say]: [string, unknown]) => [
    name,
    typeof say === 'function' ? (...args: unknown[]) => seenIn((say as Say)(...args)) : say,
  ])
  chosen = Object.fromEntries(all) as Words
}

/** The words of the trade in the language that was chosen. */
export function useWords(): Words {
  if (!chosen) throw new Error('no language was chosen')
  return chosen
}
