import type { Hazard } from '../../../steps/step.ts'
import { checkRow } from '../../../trouble/checks.ts'
import type { CurePlan } from '../../../trouble/cure.ts'
import { cureRow, type Cause } from '../../../trouble/causes.ts'
import type { NextLook, Ranked, Trouble, TroubleNote } from '../../../trouble/find.ts'
import type { Checked } from '../../../trouble/request.ts'
import type { Weight } from '../../../trouble/known.ts'
import type { UnitSystem } from '../../../units/format.ts'
import { faultWords, findingWhy } from '../findings.ts'
import { hazardText } from '../hazards.ts'
import { BECAUSE, CAUSE_WORDS, causeName } from './causes.ts'
import { CHECK_WORDS, checkName, FIRST_WORDS, SWITCH_ON_AGAIN, UNDONE_WORDS, wayCure } from './checks.ts'

/** Why a cause weighs what it does: of a mismatch, what its finding says. */
export function weightWhy({ because, finding }: Weight, units: UnitSystem): string {
  if (because !== 'mismatch') return BECAUSE[because]
  if (!finding) return MISMATCH_SAID
  const { finding: f, rule } = finding
  return f.rule === rule ? findingWhy(f, units) : faultWords(f, { rule, verdict: f.verdict }, units).why
}
const MISMATCH_SAID = 'What is said of the job and the wire points there.'

export const noteText = (note: TroubleNote): string => {
  switch (note.note) {
    case 'two-faults':
      return `Two faults: “${checkName(note.first)}” and “${checkName(note.second)}” have no cause in common. The first is cleared before the next is looked for.`
    case 'comes-and-goes':
      return 'It comes and goes: a look that did not show it counts for less. Move the lead, warm the machine up, and look again.'
    case 'gasless-no-gas':
      return 'This wire shields itself: gas has no part in it.'
    case 'feed-first':
      return 'The feed first: no knob cures a wire that does not run evenly.'
    case 'not-the-feed':
      return 'The wire runs evenly in the air: liner and rolls are unlikely.'
    case 'also-wrong':
      return `Also written down as wrong here, put right in the same opening: ${note.causes.map((cause) => causeName(cause)).join(', ')}.`
    case 'put-back':
      return `Put back what the looks left off or open: ${note.parts.map((part) => UNDONE_WORDS[part]).join(', ')}.`
    case 'technician':
      return `${causeName(note.cause)}: for a technician. Nothing inside is opened here.`
    case 'do-not-know':
      return 'I do not know. Write down for somebody who does: machine, wire and gas, the settings, how the lead lies, what was looked at and what it showed, since when, and what was changed last.'
    case 'as-written-down':
      return 'What is written down of this machine was taken as true: tip, liner, rolls and polarity may be read again.'
  }
}
/** How sure one is of a found cause. */
export const foundWhy = (trouble: Trouble, units: UnitSystem): string => {
  const { cause, by, weight } = trouble.found!
  if (by === 'mismatch') return weightWhy(weight, units)
  const says = CAUSE_WORDS[cause].says
  return by === 'seen' ? says : `${says} ${LEFT_OVER}`
}
const LEFT_OVER = 'Nothing showed it: it is the likeliest that is left.'

/** What must be made true, then how the look is made. */
export const lookHow = (next: NextLook): string =>
  [lookPutBack(next), next.switchOn ? SWITCH_ON_AGAIN : '', lookFirst(next), CHECK_WORDS[next.check].how]
    .filter(Boolean)
    .join(' ')
/** That it was made once, and what the looks before left off or open; empty where nothing is to be said. */
export const lookPutBack = (next: NextLook): string =>
  [
    next.again ? ONCE_MORE : '',
    next.putBack.length ? `Put back: ${next.putBack.map((part) => UNDONE_WORDS[part]).join(', ')}.` : '',
  ]
    .filter(Boolean)
    .join(' ')
const ONCE_MORE = 'Once more, closely: nothing else is left that would show it.'
/** What must be true first, as one sentence; empty where nothing must. */
export const lookFirst = (next: NextLook): string => {
  const first = next.first.filter((f) => !(next.switchOn && f === 'machine-on')).map((f) => FIRST_WORDS[f])
  return first.length ? `First: ${first.join('; ')}.` : ''
}
export const lookHazards = (next: NextLook): string[] => [
  ...new Set((checkRow(next.check).hazards as readonly Hazard[]).map(hazardText)),
]

/** What helps; where a look showed which way it is wrong, that way. */
export const causeCure = (cause: Cause, checks: readonly Checked[] = []): string =>
  checks
    .map(({ id, outcome }) => checkRow(id).finds.includes(cause) && wayCure(id, outcome))
    .findLast(Boolean) || CAUSE_WORDS[cause].cure

/** Cut off, never up: what is left over is something else’s. */
const cut = (chance: number) => Math.floor(chance * 1e6) / 1e6

/** The finder’s answer in words. @param cure the cure of what was found, where it is work that was planned */
export function troubleAnswer(trouble: Trouble, cure: CurePlan | null, units: UnitSystem = 'metric') {
  const causes = trouble.causes.map((c: Ranked) => ({
    id: c.cause,
    chance: cut(c.chance),
    why: weightWhy(c, units),
    origin: c.origin,
  }))
  // What rounding leaves goes to something else, so that all add to one.
  const other = 1 - causes.reduce((sum, c) => sum + c.chance, 0)
  const { next, found } = trouble
  return {
    causes: causes.filter((c) => c.chance > 0),
    other: Math.max(0, other),
    next: next && {
      check: next.check,
      minutes: next.minutes,
      place: next.place,
      how: lookHow(next),
      lookFor: CHECK_WORDS[next.check].lookFor,
      hazards: lookHazards(next),
    },
    found: found && {
      cause: found.cause,
      why: foundWhy(trouble, units),
      cure: {
        text: causeCure(found.cause, trouble.checks),
        kind: cureRow(found.cause).kind,
        tasks: cure?.steps.map((s) => s.task) ?? [],
        minutes: cure?.minutes ?? cureRow(found.cause).minutes,
      },
    },
    notes: trouble.notes.map(noteText),
  }
}
