import type { Practice } from '../../practice/schools.ts'
import { keeps } from '../../match/finding.ts'
import { block, type Builder } from '../../work/work.ts'

/** Minutes by the shop's test. common practice, no source */
const PRESSURE_MINUTES: Record<Practice['pressureTest'], number> = { curl: 3, 'back-off': 2.5, scale: 1.5 }

export const pressureWork: Builder = ({ c, feeds, ends, todo, at }) =>
  (keeps(c, 'rollPressure') && !ends('pressure-not-set')) ||
  !(feeds || ends('pressure-not-set') || todo('rollPressure'))
    ? []
    : [
        block(
          'pressure',
          [
            at('setPressure', 'rollPressure', {}, { minutes: PRESSURE_MINUTES[c.practice.pressureTest] }),
            // Whatever the test was, it left a curl.
            at('trimWire', undefined, { afterTest: true }, { id: 'trimWire-again' }),
          ],
          ['dressGun', 'stripGun', 'gather', 'switchOn'],
        ),
      ]
