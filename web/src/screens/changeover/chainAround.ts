import type { Step } from '@pepper-knot/core/jobs'

/** The whole run of captive steps that a step stands in, those before it too; none where it is not captive. */
export function chainAround(steps: readonly Step[], at: number): Step[] {
  if (!steps[at]?.captive) return []
  const before = steps.findLastIndex((s, i) => i < at && !s.captive)
  const end = steps.findIndex((s, i) => i > at && !s.captive)
  return steps.slice(before + 1, end < 0 ? undefined : end)
}
