import { block, type Builder, type Work } from '../../work/work.ts'

const RULES_OF_THE_CABLES = ['studs-loose', 'work-clamp-worn']

/** Cables that go to the other side are tightened there; loose ones are tightened where they are. */
export const cablesGoOver = ({ c, by, mustChange }: Work): boolean =>
  c.wire.open === undefined && mustChange('polarity') && !RULES_OF_THE_CABLES.includes(by.polarity.rule)
export const cablesAreLoose = (w: Work): boolean =>
  !cablesGoOver(w) && w.by.polarity.facts.studsLoose === true
const wayOf = ({ c }: Work) => c.machine.polarityChange ?? 'studs'

/** Plugs and studs are touched with the machine unplugged. */
export const cablesUnplugged = (w: Work): boolean =>
  cablesAreLoose(w) || (cablesGoOver(w) && wayOf(w) !== 'switch')
/** Studs stand inside: the charge is waited out. */
export const cablesInside = (w: Work): boolean =>
  cablesAreLoose(w) || (cablesGoOver(w) && (wayOf(w) === 'studs' || wayOf(w) === 'fixed'))

/** @param unplugged the machine is unplugged for this change */
export const polarityWork =
  (unplugged: boolean): Builder =>
  (w) => {
    const loose = cablesAreLoose(w)
    if (!loose && !cablesGoOver(w)) return []
    const way = wayOf(w)
    const task = loose
      ? 'tightenStuds'
      : way === 'plugs'
        ? 'swapPlugs'
        : way === 'switch'
          ? 'turnSwitch'
          : 'swapStuds'
    const off = cablesInside(w) ? 'discharge' : 'switchOff'
    return [block('polarity', [w.at(task, 'polarity')], unplugged ? ['unplug', off] : ['switchOff'])]
  }

/** The clamp is mended where it hangs. */
export const clampWork: Builder = ({ by, at }) =>
  by.polarity.facts.clamp === undefined ? [] : [block('clampMend', [at('clampMend')], ['stripGun'])]
