import { mayBeOn } from '../../machine/part.ts'
import type { Finding } from '../../match/finding.ts'
import type { Step } from '../../steps/step.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

export const wholeGunIsChanged = ({ by }: Work): boolean =>
  by.gun.parts.some((p) => p.kind === 'gun' && p.piece === undefined)

function ringSteps(w: Work): Step[] {
  if (w.by.gun.facts.oRingVerdict !== undefined) return [w.at('oRing', 'gun')]
  return w.upkeep('checkORings') && !wholeGunIsChanged(w) ? [w.at('oRingCheck')] : []
}
/** What a liner asks of a gun that is off, and once it is back on. */
export interface LinerSteps {
  gunOff: readonly Step[]
  gunOn: readonly Step[]
}
/** The gun that will be on has rolls of its own. */
export const goingPulls = ({ c, by }: Work): boolean =>
  (by.gun.after.gun ?? c.fitted.gun)?.kind === 'push-pull' || c.fitted.gun === undefined
/** Nozzle and tip of the gun that goes on, unless it is known to have none. */
function stripGoing({ c, by, at }: Work): Step[] {
  const unread = by.gun.verdict === 'unknown' ? { ifNeeded: true } : {}
  const { nozzle, contactTip } = c.fitted
  return [
    ...(mayBeOn(nozzle)
      ? [at('nozzleOff', undefined, { going: true, ...unread }, { id: 'nozzleOff-going' })]
      : []),
    ...(contactTip === null
      ? []
      : [at('tipOff', undefined, { going: true, ...unread }, { id: 'tipOff-going' })]),
  ]
}
/** What is done with the gun off: the gun itself, its liner, its O-rings. */
const inside = (w: Work, liner: LinerSteps): Step[] => [
  ...(wholeGunIsChanged(w) ? [w.at('gunSwap', 'gun', w.gunOn ? {} : { first: true }), ...stripGoing(w)] : []),
  ...liner.gunOff,
  ...ringSteps(w),
]
export const gunComesOff = (w: Work, liner: LinerSteps): boolean => inside(w, liner).length > 0

export const gunInsideWork =
  (liner: LinerSteps): Builder =>
  (w) => {
    const steps = inside(w, liner)
    if (steps.length === 0) return []
    const goes = wholeGunIsChanged(w)
    const connect = goes ? [w.at('connectGun', undefined, { kind: w.by.gun.facts.wanted })] : []
    // Another gun comes as it was laid aside: its nozzle and tip come off too, and its lead is laid straight.
    const straight = goes
      ? [
          ...(goingPulls(w) ? [w.at('gunRollsOpen', undefined, {}, { id: 'gunRollsOpen-going' })] : []),
          w.at('layLeadStraight', undefined, {}, { id: 'layLeadStraight-going' }),
        ]
      : []
    return [
      block(
        'gunInside',
        [
          ...(w.gunOn ? [w.at('gunOff')] : []),
          ...steps,
          w.at('gunBack', undefined, goes && !w.gunOn ? { first: true } : {}),
          ...connect,
          ...straight,
          ...liner.gunOn,
        ],
        ['stripGun', ...w.clear],
      ),
    ]
  }

/** A push-pull gun's own rolls and second liner. */
export const gunEndWork: Builder = (w) => {
  const { facts } = w.by.gun
  const piece = (name: 'rolls' | 'innerLiner') => facts[name] as Finding['verdict'] | undefined
  const [rolls, innerLiner] = [piece('rolls'), piece('innerLiner')]
  const steps: Step[] = []
  if (rolls && rolls !== 'fits')
    steps.push(
      w.at(
        rolls !== 'adjust'
          ? 'gunRollsChange'
          : facts.rollsRule === 'grooves-dirty'
            ? 'gunRollsClean'
            : 'gunRollsTurn',
        'gun',
      ),
      ...((rolls === 'adjust' && facts.rollsDirtyToo) || (rolls !== 'adjust' && facts.rollsCleanFirst)
        ? [w.at('gunRollsClean', 'gun')]
        : []),
    )
  if (innerLiner === 'adjust') steps.push(w.at('innerLinerClean', 'gun'))
  else if (innerLiner && innerLiner !== 'fits')
    steps.push(
      w.at('innerLiner', 'gun'),
      ...(facts.innerLinerCleanFirst ? [w.at('innerLinerClean', 'gun')] : []),
    )
  if (facts.conditionGoing === 'dirty') steps.push(w.at('gunClean', 'gun'))
  return [block('gunEnd', steps, ['stripGun', ...w.clear, ...(wholeGunIsChanged(w) ? ['gunInside'] : [])])]
}
