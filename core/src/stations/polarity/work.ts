import { block, type Builder, type Work } from '../../work/work.ts'

const RULES_OF_THE_CABLES = ['studs-loose', 'work-clamp-worn']

/** Cables that go to the other side are tightened there; loose ones are tightened where they are. */
export const cablesGoOver = ({ c, by, mustChange }: Work): boolean =>
  c.wire.open === undefined && mustChange('polarity') && !RULES_OF_THE_CABLES.includes(by.polarity.rule)
export const cablesAreLoose = (w: Work): boolean =>
  (!cablesGoOver(w) || wayOf(w) === 'switch') && w.by.polarity.facts.studsLoose === true
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
    const way = wayOf(w)
    const after = (inside: boolean) =>
      unplugged ? ['gather', 'unplug', 'switchOff', ...(inside ? ['discharge'] : [])] : ['switchOff']
    const task = way === 'plugs' ? 'swapPlugs' : way === 'switch' ? 'turnSwitch' : 'swapStuds'
    return [
      // A switch is turned on the machine as it stands; its cables are tightened besides.
      cablesGoOver(w)
        ? block(
            'polarity',
            [w.at(task, 'polarity', w.c.fitted.polarity === null ? { nothingOn: true } : {})],
            after(cablesInside(w)),
          )
        : undefined,
      cablesAreLoose(w)
        ? block('studs', [w.at('tightenStuds', undefined, { ...w.by.polarity.facts })], after(true))
        : undefined,
    ]
  }

export const clampIsMended = ({ by }: Work): boolean => by.polarity.facts.clamp !== undefined

/** The clamp is mended where it hangs, and its lead with the machine off. */
export const clampWork: Builder = (w) =>
  !clampIsMended(w)
    ? []
    : [
        block(
          'clampMend',
          [w.at('clampMend', undefined, { clamp: w.by.polarity.facts.clamp })],
          ['switchOff', 'clamp', 'gather'],
        ),
      ]
