import { block, type Builder, type Work } from '../../work/work.ts'

/** Another cylinder goes on. */
export const cylinderGoesOn = ({ c, mustChange }: Work): boolean => c.wire.gas.needed && mustChange('gas')

/** The valve is shut where wire is fed through, and where another gas or none is wanted. */
export const gasIsShut = (w: Work): boolean =>
  w.gasOn &&
  !isShutBefore(w) &&
  (w.feeds || w.todo('gas') || w.ends('click-not-tried') || !w.c.wire.gas.needed)

/** It stands shut and empty already, as it was left, or as a wire without gas leaves it. */
const isShutBefore = ({ c, stays, ends, by }: Work): boolean =>
  (c.wire.gas.needed &&
    c.machine.standing?.valve === 'shut' &&
    !ends('not-drained') &&
    c.fitted.gas !== undefined) ||
  (stays && !c.wire.gas.needed && by.gasFlow.verdict === 'fits' && by.gas.verdict === 'fits')

export const shutGasWork: Builder = (w) =>
  gasIsShut(w)
    ? [
        // The purge is the trigger: the clamp is off, hands and eyes are covered.
        block('shutGas', [w.at('shutCylinder', 'gas')], ['protect', 'clamp']),
      ]
    : []

export const gasSwapWork: Builder = (w) =>
  cylinderGoesOn(w)
    ? [
        block(
          'gasSwap',
          [
            // Where it was shut before, nobody has looked at its chain yet.
            ...(w.gasOn && !gasIsShut(w) ? [w.at('checkChain', 'gas')] : []),
            ...(w.gasOn ? [w.at('regulatorOff', 'gas')] : []),
            w.at('chainCylinder', 'gas'),
            w.at('crackValve', 'gas'),
            w.at('regulatorOn', 'gas'),
          ],
          [...(w.gasOn ? ['shutGas'] : []), 'gather', 'protect'],
        ),
      ]
    : []

/** Gas is opened when the wire stands at the tip, and the flow set with it running. */
export const gasOnWork: Builder = (w) => {
  if (!w.c.wire.gas.needed || w.c.wire.open) return []
  const swapped = cylinderGoesOn(w)
  const shut = gasIsShut(w) || swapped || w.shutBefore
  // Nobody looked at the chain where the valve was shut before.
  const look = shut && !gasIsShut(w) && !swapped
  // Shut with the screw backed out, the flow is set again, kept or not.
  const flow = shut || w.ends('flow-not-set') || w.todo('gasFlow')
  return [
    block(
      'gas',
      [
        ...(w.ends('click-not-tried') ? [w.at('clickTest')] : []),
        ...(look ? [w.at('checkChain', 'gas')] : []),
        ...(shut ? [w.at('openCylinder', 'gas')] : []),
        ...(swapped || w.ends('not-leak-checked') ? [w.at('leakCheck', 'gas')] : []),
        ...(swapped || w.ends('not-purged')
          ? [w.at('purgeGas', 'gas', w.ends('not-purged') ? { ifNeeded: false } : {})]
          : []),
        ...(flow ? [w.at('setFlow', 'gasFlow')] : []),
      ],
      ['pressure', 'dressGun', 'clamp', ...(swapped ? ['gasSwap'] : []), 'switchOn'],
    ),
  ]
}
