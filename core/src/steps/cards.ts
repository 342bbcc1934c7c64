import type { Place } from './places.ts'
import type { Step, Task } from './step.ts'

/** What the lines of a card have in common. */
export type CardKind = 'safe' | 'power' | 'after' | Place | 'alone'

/** Steps that stand together, for who knows them: one press for all of its lines. */
export interface Card {
  /** That of its first step. */
  id: string
  kind: CardKind
  steps: readonly Step[]
  /** Sum of its steps, walking included. */
  minutes: number
}

/** Hands, clamp, gas, switch and plug, and the way to the store: whatever stands between them joins nothing else. */
const SAFE: readonly Task[] = [
  'protect',
  'clampOff',
  'checkChain',
  'shutCylinder',
  'switchOff',
  'unplug',
  'gatherParts',
]
const POWER: readonly Task[] = ['plugIn', 'switchOn']
const AFTER: readonly Task[] = ['fireWatch', 'putAway']

const kindOf = ({ task, place }: Step): CardKind =>
  SAFE.includes(task) ? 'safe' : POWER.includes(task) ? 'power' : AFTER.includes(task) ? 'after' : place

/** A hold point, a reading that is written down, and what may be left out stand by themselves. */
const alone = ({ hold, task, facts }: Step): boolean =>
  hold || task === 'readStation' || task === 'readWire' || facts.ifNeeded === true

/**
 * The same steps in the same order, folded: a chain in one hand as it is, hold points alone, the rest by where it is
 * done. Nothing is moved, so that what was proved of the steps is proved of the cards.
 */
export function cardsOf(steps: readonly Step[]): Card[] {
  const cards: { kind: CardKind; captive: boolean; steps: Step[] }[] = []
  for (const step of steps) {
    const kind = alone(step) ? 'alone' : kindOf(step)
    const last = cards.at(-1)
    const joins =
      last && (step.captive ? last.captive : !last.captive && kind !== 'alone' && last.kind === kind)
    if (joins) last.steps.push(step)
    else cards.push({ kind: step.captive ? step.place : kind, captive: step.captive, steps: [step] })
  }
  return cards.map(({ kind, steps: own }) => ({
    id: own[0]!.id,
    kind,
    steps: own,
    minutes: Math.round(own.reduce((sum, s) => sum + s.minutes, 0) * 100) / 100,
  }))
}
