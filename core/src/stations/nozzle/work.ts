import type { Step } from '../../steps/step.ts'
import type { Work } from '../../work/work.ts'

/** @param longExtension the wire is run with so long an extension that it is led beyond the tip */
export const nozzleOnSteps = ({ c, by, at }: Work, longExtension: boolean): Step[] => [
  ...(by.nozzle.rule === 'nozzle-dirty' ? [at('nozzleClean', 'nozzle')] : []),
  at('fitNozzle', 'nozzle', { insulatedGuide: longExtension && !c.fitted.gun?.stickOutGuideMm }),
]
