import { keeps } from '../../match/finding.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

/** Another cylinder goes on. */
export const cylinderGoesOn = ({ c, mustChange }: Work): boolean => c.wire.gas.needed && mustChange('gas')

/** The valve is shut where wire is fed through, and where another gas or none is wanted. */
const gasIsShut = (w: Work): boolean =>
  w.gasOn && (w.feeds || w.todo('gas') || w.ends('click-not-tried') || !w.c.wire.gas.needed)

export const shutGasWork: Builder = (w) =>
  gasIsShut(w)
    ? [
        block(
          'shutGas',
          [w.at('checkChain', 'gas'), w.at('shutCylinder', 'gas')],
          w.gunReads.length ? [] : ['gather'],
        ),
      ]
    : []

export const gasSwapWork: Builder = (w) =>
  cylinderGoesOn(w)
    ? [
        block(
          'gasSwap',
          [
            ...(w.gasOn ? [w.at('regulatorOff', 'gas')] : []),
            w.at('chainCylinder', 'gas'),
            w.at('crackValve', 'gas'),
            w.at('regulatorOn', 'gas'),
          ],
          [...(w.gasOn ? ['shutGas'] : []), 'gather'],
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
  const flow = !keeps(w.c, 'gasFlow') && (shut || w.ends('flow-not-set') || w.todo('gasFlow'))
  return [
    block(
      'gas',
      [
        ...(w.ends('click-not-tried') ? [w.at('clickTest')] : []),
        ...(look ? [w.at('checkChain', 'gas')] : []),
        ...(shut ? [w.at('openCylinder', 'gas')] : []),
        ...(swapped || w.ends('not-leak-checked') ? [w.at('leakCheck', 'gas')] : []),
        ...(swapped || w.ends('not-purged') ? [w.at('purgeGas', 'gas')] : []),
        ...(flow ? [w.at('setFlow', 'gasFlow')] : []),
      ],
      ['pressure', 'dressGun', 'gather', 'stripGun', ...(swapped ? ['gasSwap'] : []), 'switchOn'],
    ),
  ]
}
