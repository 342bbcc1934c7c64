import { block, type Builder, type Work } from '../../work/work.ts'

/** Another cylinder goes on. */
const cylinderGoesOn = ({ c, mustChange }: Work): boolean => c.wire.gas.needed && mustChange('gas')

export const shutGasWork: Builder = ({ gasOn, at }) =>
  gasOn ? [block('shutGas', [at('shutCylinder', 'gas')], ['gather'])] : []

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
          w.gasOn ? ['shutGas'] : ['gather'],
        ),
      ]
    : []

/** Gas is opened when the wire stands at the tip, and the flow set with it running. */
export const gasOnWork: Builder = (w) => {
  if (!w.c.wire.gas.needed) return []
  const swapped = cylinderGoesOn(w)
  return [
    block(
      'gas',
      [
        w.at('openCylinder', 'gas'),
        ...(swapped ? [w.at('leakCheck', 'gas')] : []),
        ...(swapped && w.gasOn ? [w.at('purgeGas', 'gas')] : []),
        w.at('setFlow', 'gasFlow'),
      ],
      ['pressure', ...(swapped ? ['gasSwap'] : []), 'switchOn'],
    ),
  ]
}
