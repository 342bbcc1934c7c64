import type { Station } from '../../machine/stations.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import type { Place } from '../../steps/places.ts'
import type { Step } from '../../steps/step.ts'
import { step } from '../../work/steps.ts'

const READ_PLACE: Record<Station, Place> = {
  spool: 'spool',
  hubBrake: 'spool',
  inletGuide: 'cabinet',
  driveRolls: 'cabinet',
  rollPressure: 'cabinet',
  outletGuide: 'cabinet',
  liner: 'gun',
  gun: 'gun',
  contactTip: 'gun',
  nozzle: 'gun',
  polarity: 'source',
  gas: 'cylinder',
  gasFlow: 'cylinder',
  supply: 'mains',
}

/** Reading steps for every station that was not looked at, nearest places together. */
export function readingSteps(c: MatchContext, findings: readonly Finding[]): Step[] {
  const reads = findings
    .filter((f) => f.verdict === 'unknown')
    .map((f) =>
      step(
        'readStation',
        { ...f.facts, of: f.station, rule: f.rule },
        {
          id: `read-${f.station}`,
          place: READ_PLACE[f.station],
          station: f.station,
          ...(READ_PLACE[f.station] === 'gun' && { hazards: ['hot-parts'] as const }),
        },
      ),
    )
  const all = c.oldWire === undefined ? [step('readWire', { of: 'wire' }), ...reads] : reads
  const order: readonly Place[] = ['spool', 'cabinet', 'source', 'gun', 'cylinder', 'mains']
  return all.sort((a, b) => order.indexOf(a.place) - order.indexOf(b.place))
}
