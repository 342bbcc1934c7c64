import type { Words } from '@pepper-knot/core/words'

let chosen: Words | undefined

/** Chooses what the trade is said in; to be done before anything of the page is loaded. */
export const chooseWords = (words: Words) => {
  chosen = words
}

/** The words of the trade in the language that was chosen. */
export function useWords(): Words {
  if (!chosen) throw new Error('no language was chosen')
  return chosen
}
