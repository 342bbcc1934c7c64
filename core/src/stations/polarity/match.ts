import type { PolarityRule } from './rules.ts'
import { conditionVerdict, type Finding, type MatchContext } from '../../match/finding.ts'

/**
 * By the wire's classification, never by its family: self-shielded T-3, T-4 and T-6 run gun positive.
 * published: AWS A5.20 Table 2, A5.18 annex, recalled from memory; what the box says for a wire entered by hand.
 */
export function matchPolarity(c: MatchContext): Finding<PolarityRule> {
  const fitted = c.fitted.polarity
  const { studs, workClamp } = c.fitted.conditions ?? {}
  const studsLoose = studs !== undefined && !['tight', 'good', 'new'].includes(studs)
  const clamp = conditionVerdict(workClamp)
  const wanted = c.wire.polarity[0]
  const base = {
    station: 'polarity' as const,
    facts: {
      fitted: fitted ?? undefined,
      wanted,
      either: c.wire.polarity.length > 1,
      by: c.machine.polarityChange ?? 'studs',
      byKnown: c.machine.polarityChange !== undefined,
      family: c.wire.family,
      classification: c.wire.classification ?? undefined,
      open: c.wire.notes.includes('polarity-left-open'),
      studsLoose,
      clamp: clamp === 'fits' ? undefined : clamp,
      clampState: workClamp,
    },
    fitted,
    required: [...c.wire.polarity],
    alsoDo: [],
    origin: c.wire.classification ? ('published' as const) : ('common practice' as const),
    after: {
      polarity: fitted != null && c.wire.polarity.includes(fitted) ? fitted : (wanted ?? fitted ?? null),
      ...((studs !== undefined || clamp !== 'fits') && {
        conditions: {
          ...(studs !== undefined && { studs: 'tight' as const }),
          ...(clamp !== 'fits' && { workClamp: 'good' as const }),
        },
      }),
    },
    parts: [],
  }
  if (wanted === undefined) return { ...base, verdict: 'unknown', rule: 'polarity-ask-the-box' }
  if (fitted === undefined) return { ...base, verdict: 'unknown', rule: 'polarity-not-read' }
  if (fitted === null || !c.wire.polarity.includes(fitted))
    return {
      ...base,
      verdict: 'change',
      rule:
        wanted === 'DCEN'
          ? 'polarity-gun-negative'
          : c.wire.process === 'FCAW-S'
            ? 'polarity-self-shielded-positive'
            : 'polarity-gun-positive',
    }
  if (studsLoose)
    return {
      ...base,
      verdict: studs === 'damaged' || studs === 'worn' ? 'change' : 'adjust',
      rule: 'studs-loose',
    }
  if (clamp !== 'fits')
    return { ...base, verdict: clamp, rule: clamp === 'change' ? 'work-clamp-worn' : 'work-clamp-dirty' }
  return {
    ...base,
    verdict: 'fits',
    rule:
      c.wire.process === 'FCAW-S' && wanted === 'DCEP'
        ? 'polarity-kept-self-shielded-positive'
        : 'polarity-right',
  }
}
