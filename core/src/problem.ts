/**
 * What a user can cause (a label, a file, a request) comes back as problems with a path, never as an exception.
 * What only a programmer can cause throws `RangeError`.
 */
export interface Problem {
  /** Where, in the words of the request: `wire.label`, `machine.fitted.contactTip.stamp`. Empty for the whole. */
  path: string
  message: string
  /** The likely meaning, when there is one. */
  suggestion?: string
  /** The words that the suggestion stands for. */
  instead?: string
}

export type Read<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

export const read = <T>(value: T): Read<T> => ({ ok: true, value })

export const refuse = (
  path: string,
  message: string,
  suggestion?: string,
  instead?: string,
): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [
    {
      path,
      message,
      ...(suggestion !== undefined && { suggestion }),
      ...(instead !== undefined && { instead }),
    },
  ],
})
