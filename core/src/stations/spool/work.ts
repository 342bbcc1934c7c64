import { block, type Builder } from '../../work/work.ts'

export const spoolOffWork: Builder = ({ wireOn, at }) =>
  wireOn ? [block('spoolOff', [at('spoolOff')], ['freeOldWire'])] : []

/** The new spool, and its brake with it. */
export const spoolOnWork: Builder = ({ by, wireOn, at }) => [
  block(
    'spoolOn',
    [
      ...(by.spool.parts.length ? [at('fitAdapter', 'spool')] : []),
      at('mountSpool', 'spool'),
      at('setBrake', 'hubBrake'),
    ],
    wireOn ? ['spoolOff'] : ['gather', 'switchOff'],
  ),
]
