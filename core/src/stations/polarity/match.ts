import { LYING } from '../../procedures/row.ts'
import type { Polarity } from '../../terms/terms.ts'
import type { PolarityRule, PolarityFact } from './rules.ts'
import {
  conditionVerdict,
  pick,
  worstFirst,
  type Finding,
  type MatchContext,
  type WantedPart,
} from '../../match/finding.ts'

/**
 * Polarities that may stand, best first. Where the standard does not code it the usual one is asked for and the box
 * decides; T-5 runs gun negative out of position only, and by its maker's word. published: A5.20 Table 2, recalled
 */
function acceptedPolarities({ wire, job }: MatchContext): Polarity[] {
  const [usual] = wire.polarity
  if (usual === undefined) return []
  if (wire.notes.includes('polarity-not-coded')) return [usual]
  const lying = job?.position === undefined || LYING.includes(job.position)
  return wire.notes.includes('either-polarity') && lying ? [usual] : [...wire.polarity]
}

/**
 * By the wire's classification, never by its family: self-shielded T-3, T-4 and T-6 run gun positive.
 * published: AWS A5.20 Table 2, A5.18 annex, recalled from memory; what the box says for a wire entered by hand.
 */
export function matchPolarity(c: MatchContext): Finding<PolarityRule, PolarityFact> {
  const fitted = c.fitted.polarity
  const { studs, workClamp } = c.fitted.conditions ?? {}
  const studsLoose = studs !== undefined && !['tight', 'good', 'new'].includes(studs)
  const clamp = conditionVerdict(workClamp)
  const accepted = acceptedPolarities(c)
  const wanted = accepted[0]
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
    required: accepted,
    alsoDo: [],
    origin: c.wire.classification ? ('published' as const) : ('common practice' as const),
    after: {
      polarity: fitted != null && accepted.includes(fitted) ? fitted : (wanted ?? fitted ?? null),
      ...((studs !== undefined || clamp !== 'fits') && {
        conditions: {
          ...(studs !== undefined && { studs: 'tight' as const }),
          ...(clamp !== 'fits' && { workClamp: 'good' as const }),
        },
      }),
    },
    parts: [],
  }
  const notCoded = c.wire.notes.includes('polarity-not-coded')
  const { main, also } = worstFirst<PolarityRule>([
    wanted === undefined && { rule: 'polarity-ask-the-box', verdict: 'unknown' },
    wanted !== undefined && fitted === undefined && { rule: 'polarity-not-read', verdict: 'unknown' },
    wanted !== undefined &&
      fitted !== undefined &&
      (fitted === null || !accepted.includes(fitted)) && {
        rule:
          fitted !== null && notCoded
            ? 'polarity-usual-is-other'
            : wanted === 'DCEN'
              ? 'polarity-gun-negative'
              : c.wire.process === 'FCAW-S'
                ? 'polarity-self-shielded-positive'
                : 'polarity-gun-positive',
        verdict: 'change',
      },
    studsLoose && {
      rule: 'studs-loose',
      verdict: studs === 'damaged' || studs === 'worn' ? 'change' : 'adjust',
    },
    clamp !== 'fits' && { rule: clamp === 'change' ? 'work-clamp-worn' : 'work-clamp-dirty', verdict: clamp },
  ])
  const parts: WantedPart[] =
    clamp === 'change'
      ? [
          {
            station: 'polarity',
            kind: 'workClamp',
            spec: {},
            storeIndex: pick(c.store, [(p) => p.kind === 'workClamp']),
          },
        ]
      : []
  if (main) return { ...base, verdict: main.verdict, rule: main.rule, also, parts }
  return {
    ...base,
    verdict: 'fits',
    rule: notCoded
      ? 'polarity-usual'
      : fitted === 'DCEN' && c.wire.notes.includes('either-polarity')
        ? 'polarity-negative-by-maker'
        : c.wire.process === 'FCAW-S' && wanted === 'DCEP'
          ? 'polarity-kept-self-shielded-positive'
          : 'polarity-right',
  }
}
