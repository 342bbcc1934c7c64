import type { ProblemCode, ProblemFacts, Said } from './codes.ts'

/**
 * What a user can cause (a label, a file, a request) comes back as problems with a path, never as an exception.
 * What only a programmer can cause throws `RangeError`. `wording` has the sentences.
 */
export interface Problem {
  /** Where, in the words of the request: `wire.label`, `machine.fitted.contactTip.stamp`. Empty for the whole. */
  path: string
  code: ProblemCode
  facts: ProblemFacts[ProblemCode]
  /** The likely meaning, when there is one. */
  suggestion?: string
  /** The words that the suggestion stands for. */
  instead?: string
}

export type Read<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

export const read = <T>(value: T): Read<T> => ({ ok: true, value })

/** A problem at a path. */
export const problemAt = (path: string, { code, facts }: Said): Problem => ({ path, code, facts })

export const refuse = (
  path: string,
  said: Said,
  suggestion?: string,
  instead?: string,
): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [
    {
      ...problemAt(path, said),
      ...(suggestion !== undefined && { suggestion }),
      ...(instead !== undefined && { instead }),
    },
  ],
})
