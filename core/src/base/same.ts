/** Whether two plain values say the same, in the same order; a value that is missing is like no other. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
