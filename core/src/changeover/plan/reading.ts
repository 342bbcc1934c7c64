import type { Finding, MatchContext } from '../../match/finding.ts'
import { ASKED_OF_THE_BOX } from '../../stations/openWire.ts'
import type { Place } from '../../steps/places.ts'
import type { Station } from '../../machine/stations.ts'
import { readAt } from '../../stations/index.ts'
import type { Step } from '../../steps/step.ts'
import { step } from '../../work/steps.ts'

/** What is in and on a gun: with another one going on, it is looked at on the bench. */
const OF_THE_GUN: readonly Station[] = ['liner', 'contactTip', 'nozzle']

/** Set anew whatever it was: there is nothing to read. */
const SET_ANYWAY: readonly Station[] = ['hubBrake', 'rollPressure', 'gasFlow']

export interface Readings {
  /** Before anything else, nearest places together. */
  first: Step[]
  /** At the gun: once the machine is off and the gun cool. */
  atGun: Step[]
  /** Of the gun that goes on, when it lies with the parts. */
  ofGoing: Step[]
}

/** Reading steps for every station that was not looked at. What is left as it is by choice is not read. */
export function readingSteps(c: MatchContext, findings: readonly Finding[]): Readings {
  const going = c.gunOff !== undefined
  const reads = findings
    .filter(
      (f) =>
        f.verdict === 'unknown' &&
        !f.kept &&
        !SET_ANYWAY.includes(f.station) &&
        !(c.wire.open && ASKED_OF_THE_BOX.includes(f.station)),
    )
    .map((f) => {
      const place = going && OF_THE_GUN.includes(f.station) ? ('store' as const) : readAt(f.station)
      return step(
        'readStation',
        { ...f.facts, of: f.station, rule: f.rule, going: place === 'store' },
        {
          id: `read-${f.station}`,
          place,
          station: f.station,
          ...(place === 'gun' && { hazards: ['hot-parts'] as const }),
        },
      )
    })
  // Its O-rings, and what it has of its own, are known only where somebody wrote them down.
  const rings = findings.find((f) => f.station === 'gun')?.after.gun?.oRing === undefined
  const ofGun =
    going && rings
      ? [step('readStation', { of: 'gun', going: true }, { id: 'read-gun', place: 'store', station: 'gun' })]
      : []
  const all = c.oldWire === undefined ? [step('readWire', { of: 'wire' }), ...reads] : reads
  const order: readonly Place[] = ['spool', 'cabinet', 'source', 'cylinder', 'mains']
  return {
    first: all
      .filter((s) => s.place !== 'gun' && s.place !== 'store')
      .sort((a, b) => order.indexOf(a.place) - order.indexOf(b.place)),
    atGun: all.filter((s) => s.place === 'gun'),
    ofGoing: [...ofGun, ...all.filter((s) => s.place === 'store')],
  }
}
