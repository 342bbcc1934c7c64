import type { Step } from '../../steps/step.ts'
import type { Work } from '../../work/work.ts'

export const nozzleOnSteps = ({ by, at }: Work): Step[] => [
  ...(by.nozzle.rule === 'nozzle-dirty' ? [at('nozzleClean', 'nozzle')] : []),
  at('fitNozzle', 'nozzle'),
]
