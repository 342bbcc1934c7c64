import { mayBeOn } from '../../machine/part.ts'
import type { Finding } from '../../match/finding.ts'
import { maySkip, skippedFor } from '../../steps/skip.ts'
import type { Step } from '../../steps/step.ts'
import { block, type Builder, type Work } from '../../work/work.ts'

export const wholeGunIsChanged = ({ by }: Work): boolean =>
  by.gun.parts.some((p) => p.kind === 'gun' && p.piece === undefined)

function ringSteps(w: Work): Step[] {
  if (w.by.gun.facts.oRingVerdict !== undefined) return [w.at('oRing', 'gun')]
  return w.upkeep('checkORings') && !wholeGunIsChanged(w) ? [w.at('oRingCheck')] : []
}
/** The gun that will be on has rolls of its own. */
export const goingPulls = ({ c, by }: Work): boolean =>
  (by.gun.after.gun ?? c.fitted.gun)?.kind === 'push-pull' || c.fitted.gun === undefined
/** Nozzle and tip of the gun that goes on, unless it is known to have none. */
function stripGoing({ c, by, at }: Work): Step[] {
  const unread = by.gun.verdict === 'unknown' ? { ifNeeded: true, unless: 'gun' } : {}
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
const inside = (w: Work, liner: readonly Step[]): Step[] => [
  ...(wholeGunIsChanged(w) ? [w.at('gunSwap', 'gun', w.gunOn ? {} : { first: true }), ...stripGoing(w)] : []),
  ...liner,
  ...ringSteps(w),
]
/** @param liner what its liner asks with the gun off */
export const gunInsideWork =
  (liner: readonly Step[]): Builder =>
  (w) => {
    const steps = inside(w, liner)
    if (steps.length === 0) return []
    const goes = wholeGunIsChanged(w)
    // Off only for a liner that may be read as right: then it stays on.
    const onlyFor = steps.every(maySkip) ? new Set(steps.map(skippedFor)) : new Set()
    const unless = onlyFor.size === 1 ? { ifNeeded: true, unless: [...onlyFor][0] as string } : {}
    const water = (gun: { cooling?: string | undefined } | null | undefined) => gun?.cooling === 'water'
    // The gun that was on may turn out to be the right one, and go on again.
    const mayStay = goes && w.by.gun.verdict === 'unknown' && water(w.c.fitted.gun)
    const waterOn = mayStay || water(goes ? w.by.gun.after.gun : w.c.fitted.gun)
    const connect = goes ? [w.at('connectGun', undefined, { kind: w.by.gun.facts.wanted, home: true })] : []
    // Another gun comes as it was laid aside: its nozzle and tip come off too, and its lead is laid straight.
    const straight = goes
      ? [
          ...(goingPulls(w) ? [w.at('gunRollsOpen', undefined, {}, { id: 'gunRollsOpen-going' })] : []),
          ...(w.gunFeeds ? [] : [w.at('layLeadStraight', undefined, {}, { id: 'layLeadStraight-going' })]),
        ]
      : []
    return [
      block(
        'gunInside',
        [
          ...(w.gunOn && water(w.c.fitted.gun) ? [w.at('hosesOff', undefined, unless)] : []),
          ...(w.gunOn
            ? [w.at('gunOff', undefined, { ...unless, askWater: w.c.fitted.gun?.cooling === undefined })]
            : []),
          ...steps,
          w.at('gunBack', undefined, { ...unless, ...(goes && { first: true }) }),
          ...connect,
          ...(waterOn
            ? [w.at('hosesOn', undefined, goes ? { ifStays: mayStay && !water(w.by.gun.after.gun) } : unless)]
            : []),
          ...straight,
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
  // What was seen to be wrong is done, whatever else was not read.
  const unless = (verdict: Finding['verdict'] | undefined) => ({
    ifNeeded: verdict === 'unknown' && w.by.gun.verdict === 'unknown',
  })
  if (rolls && rolls !== 'fits')
    steps.push(
      w.at(
        rolls !== 'adjust'
          ? 'gunRollsChange'
          : facts.rollsRule === 'grooves-dirty'
            ? 'gunRollsClean'
            : 'gunRollsTurn',
        'gun',
        unless(rolls),
      ),
      ...((rolls === 'adjust' && facts.rollsDirtyToo) || (rolls !== 'adjust' && facts.rollsCleanFirst)
        ? [w.at('gunRollsClean', 'gun', unless(rolls))]
        : []),
    )
  if (innerLiner === 'adjust') steps.push(w.at('innerLinerClean', 'gun', unless(innerLiner)))
  else if (innerLiner && innerLiner !== 'fits')
    steps.push(
      w.at('innerLiner', 'gun', unless(innerLiner)),
      ...(facts.innerLinerCleanFirst ? [w.at('innerLinerClean', 'gun', unless(innerLiner))] : []),
    )
  if (facts.conditionGoing === 'dirty') steps.push(w.at('gunClean', 'gun'))
  return [block('gunEnd', steps, ['stripGun', ...w.clear, ...(wholeGunIsChanged(w) ? ['gunInside'] : [])])]
}
