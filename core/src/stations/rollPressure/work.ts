import type { Practice } from '../../practice/schools.ts'
import { keeps } from '../../match/finding.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

/** Minutes by the shop's test. common practice, no source */
const PRESSURE_MINUTES: Record<Practice['pressureTest'], number> = { curl: 3, 'back-off': 2.5, scale: 1.5 }

/** The pressure is tested in this work. */
export const setsPressure = ({ c, feeds, ends, todo }: Work): boolean =>
  !(keeps(c, 'rollPressure') && !ends('pressure-not-set')) &&
  (feeds || ends('pressure-not-set') || todo('rollPressure'))

export const pressureWork: Builder = (w) =>
  !setsPressure(w)
    ? []
    : [
        block(
          'pressure',
          [
            w.at('setPressure', 'rollPressure', {}, { minutes: PRESSURE_MINUTES[w.c.practice.pressureTest] }),
            // Whatever the test was, it left a curl.
            w.at('trimWire', undefined, { afterTest: true }),
          ],
          ['dressGun', 'clamp', 'switchOn'],
        ),
      ]
