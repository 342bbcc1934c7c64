import type { Finding, MatchContext } from '../../match/finding.ts'
import { ASKED_OF_THE_BOX } from '../../stations/openWire.ts'
import type { Place } from '../../steps/places.ts'
import { readAt } from '../../stations/index.ts'
import type { Step } from '../../steps/step.ts'
import { step } from '../../work/steps.ts'

/** Reading steps for every station that was not looked at, nearest places together. */
export function readingSteps(c: MatchContext, findings: readonly Finding[]): Step[] {
  const reads = findings
    .filter((f) => f.verdict === 'unknown' && !(c.wire.open && ASKED_OF_THE_BOX.includes(f.station)))
    .map((f) =>
      step(
        'readStation',
        { ...f.facts, of: f.station, rule: f.rule },
        {
          id: `read-${f.station}`,
          place: readAt(f.station),
          station: f.station,
          ...(readAt(f.station) === 'gun' && { hazards: ['hot-parts'] as const }),
        },
      ),
    )
  const all = c.oldWire === undefined ? [step('readWire', { of: 'wire' }), ...reads] : reads
  const order: readonly Place[] = ['spool', 'cabinet', 'source', 'gun', 'cylinder', 'mains']
  return all.sort((a, b) => order.indexOf(a.place) - order.indexOf(b.place))
}
