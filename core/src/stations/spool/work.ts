import type { Finding } from '../../match/finding.ts'
import { block, type Builder } from '../../work/work.ts'

export const spoolOffWork: Builder = ({ wireOn, at }) =>
  wireOn ? [block('spoolOff', [at('spoolOff')], ['freeOldWire'])] : []

/** What carried the last spool comes off, where this one goes on bare or on something else. */
const takesAdapterOff = ({ facts, parts, rule }: Finding): boolean =>
  facts.fittedAdapter === true && (rule === 'adapter-not-wanted' || parts.length > 0)

/** The new spool, and its brake with it. */
export const spoolOnWork: Builder = ({ by, wireOn, at }) => [
  block(
    'spoolOn',
    [
      ...(takesAdapterOff(by.spool) ? [at('adapterOff', 'spool')] : []),
      ...(by.spool.parts.length ? [at('fitAdapter', 'spool')] : []),
      at('mountSpool', 'spool'),
      ...(by.spool.facts.mount === 'drum' ? [] : [at('setBrake', 'hubBrake')]),
    ],
    wireOn ? ['spoolOff'] : ['gather', 'switchOff'],
  ),
]
