import { ranOut } from '../../machine/standing.ts'
import { keeps, says, type Finding } from '../../match/finding.ts'
import type { Step } from '../../steps/step.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

/** An old spool is on the hub, whether wire of it was threaded or not, or nobody looked. */
const oldSpoolOn = ({ c }: Work): boolean => c.oldWire !== null || c.fitted.spool !== null

export const spoolOffWork: Builder = (w) =>
  w.spoolGoesOn && oldSpoolOn(w)
    ? [
        block(
          'spoolOff',
          [
            w.at(
              'spoolOff',
              undefined,
              { ...(!w.wireOn && { onlySpool: true }), ...(ranOut(w.c.fitted.spool) && { empty: true }) },
              heavyOff(w),
            ),
          ],
          w.wireOn ? ['freeOldWire', 'pullOldWire'] : ['gather', 'switchOff'],
        ),
      ]
    : []

/** What carried the last spool comes off, where this one goes on bare or on something else. */
const takesAdapterOff = (f: Finding): boolean =>
  f.facts.fittedAdapter === true && (says(f, 'adapter-not-wanted') || f.parts.length > 0)

/** On some hubs the wire passes the inlet spring before the spool goes on. A drum has no such hub. */
const passesInletFirst = (w: Work): boolean =>
  !w.gunFeeds && w.c.machine.inletBeforeSpool === true && w.by.spool.facts.mount !== 'drum'

const brakeSteps = ({ c, by, at }: Work): Step[] =>
  by.spool.facts.mount === 'drum' || keeps(c, 'hubBrake') ? [] : [at('setBrake', 'hubBrake')]

/** From this weight on two lift, or a hoist. common practice */
const HEAVY_KG = 15
const HEAVY = { hazards: ['heavy'] as const }
const heavy = ({ c, by }: Work): Partial<Step> =>
  by.spool.facts.mount === 'drum' || c.spool.type === 'B300' || (c.spool.massKg ?? 0) >= HEAVY_KG ? HEAVY : {}
const heavyOff = ({ c: { fitted } }: Work): Partial<Step> =>
  ['drum', 'B300', 'BS300'].includes(fitted.spool?.type ?? '') || (fitted.spool?.wireKg ?? 0) >= HEAVY_KG
    ? HEAVY
    : {}

/** The spool and what carries it. */
const spoolOnSteps = (w: Work): Step[] => {
  return [
    ...(takesAdapterOff(w.by.spool) || (w.ends('adapter-on-hub') && w.c.fitted.spool == null)
      ? [w.at('adapterOff', 'spool')]
      : []),
    ...(w.by.spool.parts.length ? [w.at('fitAdapter', 'spool')] : []),
    ...(passesInletFirst(w) ? [w.at('passInlet', 'spool', w.stays ? { again: true } : {})] : []),
    w.at('mountSpool', 'spool', w.stays ? { again: true } : {}, heavy(w)),
  ]
}
/** What comes before a spool goes on. */
const spoolComesAfter = (w: Work): string[] => (oldSpoolOn(w) ? ['spoolOff'] : ['gather', 'switchOff'])

/** The new spool, and its brake with it. */
export const spoolOnWork: Builder = (w) =>
  w.spoolGoesOn ? [block('spoolOn', [...spoolOnSteps(w), ...brakeSteps(w)], spoolComesAfter(w))] : []

/** A spool that stays is seated where it is. */
export const seatSpoolWork: Builder = (w) =>
  !w.spoolGoesOn && w.todo('spool')
    ? [
        block(
          'seatSpool',
          [w.at('seatSpool', 'spool', { cutFree: w.opened })],
          ['switchOff', 'gather', 'freeOldWire'],
        ),
      ]
    : []

/** The brake of a spool that stays. */
export const brakeWork: Builder = (w) =>
  !w.spoolGoesOn && (w.todo('hubBrake') || w.ends('brake-not-set'))
    ? [block('brake', [w.at('setBrake', 'hubBrake')], ['switchOff', 'gather', 'freeOldWire', 'seatSpool'])]
    : []
