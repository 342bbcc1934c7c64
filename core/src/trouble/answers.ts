import type { Check, LookOutcome } from './checks.ts'
import type { Checked, Told } from './request.ts'

/** What a look showed the last time it was made. */
export const outcomeOfCheck = (told: Pick<Told, 'checks'>, check: Check): LookOutcome | undefined =>
  told.checks?.findLast((c) => c.id === check)?.outcome
/** The last answer to each look. */
export function lastAnswers(checks: readonly Checked[] = []): Checked[] {
  const last = new Map<Check, LookOutcome>()
  for (const { id, outcome } of checks) {
    last.delete(id)
    last.set(id, outcome)
  }
  return [...last].map(([id, outcome]) => ({ id, outcome }))
}
