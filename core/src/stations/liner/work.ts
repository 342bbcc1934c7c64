import type { Step } from '../../steps/step.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

export const linerIsChanged = ({ mustChange }: Work): boolean => mustChange('liner')
/** A dirty liner, one that a store gave dirty, or the upkeep that the open machine invites. */
export const linerIsBlownOut = (w: Work): boolean =>
  w.by.liner.verdict === 'adjust' ||
  (linerIsChanged(w) && w.by.liner.facts.cleanFirst === true) ||
  (w.upkeep('blowOutLiner') && !linerIsChanged(w))

/** A long liner is trimmed at the feeder once the gun is back, any other where it is fitted. */
const trimmedAtFeeder = ({ soft, c }: Work): boolean => soft || c.fitted.gun?.linerTrim === 'long'
const trim = (w: Work): Step => w.at('linerTrim', 'liner', {}, trimmedAtFeeder(w) ? { place: 'cabinet' } : {})

/** What a new liner asks with the gun off, and with it back on. */
export const linerWithGunOff = (w: Work): Step[] =>
  linerIsChanged(w)
    ? [
        ...(w.c.fitted.liner === null ? [] : [w.at('linerOut', 'liner')]),
        w.at('linerIn', 'liner'),
        ...(trimmedAtFeeder(w) ? [] : [trim(w)]),
      ]
    : []
export const linerWithGunOn = (w: Work): Step[] => (linerIsChanged(w) && trimmedAtFeeder(w) ? [trim(w)] : [])

/** A liner that was left uncut is cut before wire is threaded. */
export const linerTrimWork: Builder = (w) =>
  w.ends('liner-not-trimmed') && !linerIsChanged(w)
    ? [block('linerTrim', [trim(w)], ['stripGun', ...w.clear, 'gunInside'])]
    : []

/** @param gunWasOff the gun comes off for this change */
export const blowOutWork =
  (gunWasOff: boolean): Builder =>
  (w) =>
    linerIsBlownOut(w)
      ? [
          block(
            'blowOut',
            [w.at('blowOutLiner', 'liner')],
            ['stripGun', ...w.clear, ...(gunWasOff ? ['gunInside'] : [])],
          ),
        ]
      : []
