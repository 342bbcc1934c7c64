import type { Step } from '../../steps/step.ts'
import type { Work } from '../../work/work.ts'
import { wholeGunIsChanged } from '../gun/work.ts'
import { linerIsBlownOut, linerIsChanged } from '../liner/work.ts'

/** A school leaves a right tip on while stiff wire is threaded; a liner is only worked on with it off. */
export const tipStaysOn = (w: Work): boolean =>
  w.feeds &&
  !w.ends('tip-off') &&
  w.c.practice.tipWhileThreading === 'on' &&
  !w.soft &&
  w.by.contactTip.verdict === 'fits' &&
  // One that is only kept, or was not read, may not let the wire through.
  w.by.contactTip.rule !== 'kept' &&
  !linerIsChanged(w) &&
  !linerIsBlownOut(w) &&
  !wholeGunIsChanged(w)

export const tipOnSteps = (w: Work): Step[] => [
  ...(w.by.contactTip.rule === 'tip-dirty' ? [w.at('tipClean', 'contactTip')] : []),
  ...(tipStaysOn(w) || !(w.feeds || w.todo('contactTip') || w.ends('tip-off'))
    ? []
    : [w.at('fitTip', 'contactTip')]),
]
