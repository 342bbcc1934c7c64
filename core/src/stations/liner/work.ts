import type { Facts } from '../../base/facts.ts'
import { leadsLinerUp } from '../pieces/guide.ts'
import { linerEnd } from '../../steps/linerEnd.ts'
import type { Step } from '../../steps/step.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

export const linerIsChanged = ({ mustChange }: Work): boolean => mustChange('liner')
/** A dirty liner, one that a store gave dirty, or the upkeep that the open machine invites. */
export const linerIsBlownOut = (w: Work): boolean =>
  w.by.liner.verdict === 'adjust' ||
  (linerIsChanged(w) && w.by.liner.facts.cleanFirst === true) ||
  (w.upkeep('blowOutLiner') && !linerIsChanged(w) && !w.gunFeeds)

/** A liner that goes up to the rolls is cut there once all of the roll side is final, any other where it is fitted. */
const cutAtRolls = (w: Work): boolean => linerEnd({ ...w.common, ...w.by.liner.facts }) === 'rolls'
/** One that is to go up to the rolls, and does not yet, is new or cut anew whatever it is. */
const anyway = (w: Work): Facts =>
  w.ends('liner-not-trimmed') || (leadsLinerUp(w.c) && w.c.fitted.gun?.linerTrim !== 'long')
    ? { ifNeeded: false }
    : {}
const trim = (w: Work): Step =>
  w.at('linerTrim', 'liner', anyway(w), cutAtRolls(w) ? { place: 'cabinet' } : {})

/** What a new or a dirty liner asks with the gun off. */
export const linerWithGunOff = (w: Work): Step[] =>
  linerIsChanged(w)
    ? [
        ...(w.c.fitted.liner === null ? [] : [w.at('linerOut', 'liner', anyway(w))]),
        w.at('linerIn', 'liner', anyway(w)),
        ...(linerIsBlownOut(w) ? [w.at('blowOutLiner', 'liner')] : []),
        ...(cutAtRolls(w) ? [] : [trim(w)]),
      ]
    : linerIsBlownOut(w)
      ? [w.at('blowOutLiner', 'liner')]
      : []

/** Cut at the rolls, or cut now where it was left uncut, before wire is threaded. */
export const linerTrimWork: Builder = (w) =>
  !w.gunFeeds && (linerIsChanged(w) ? cutAtRolls(w) : w.ends('liner-not-trimmed'))
    ? [
        block(
          'linerTrim',
          [trim(w)],
          ['stripGun', ...w.clear, 'gunInside', 'inletGuide', 'outletGuide', 'rolls'],
        ),
      ]
    : []
