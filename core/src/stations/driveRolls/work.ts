import { says } from '../../match/finding.ts'
import type { Task } from '../../steps/step.ts'
import { block, type Builder } from '../../work/work.ts'

/** Rolls are turned to another groove, brushed, or changed; under a tangle they may be the right ones. */
export const rollsWork: Builder = ({ by, clear, todo, upkeep, at }) => {
  // Another set goes on by choice, whatever is wrong with the one that is on.
  const chosen = by.driveRolls.instead !== undefined
  const { verdict } = by.driveRolls
  const rule = chosen ? 'by-choice' : by.driveRolls.rule
  const fit = !todo('driveRolls') || rule === 'birdnest-at-rolls'
  if (fit) return upkeep('brushRolls') ? [block('rolls', [at('rollsClean', 'driveRolls')], clear)] : []
  const task: Task =
    rule === 'grooves-dirty' && verdict === 'adjust'
      ? 'rollsClean'
      : verdict === 'adjust' || rule === 'active-groove-not-read'
        ? 'rollsTurn'
        : 'rollsChange'
  // A set that is only turned is brushed too, where its grooves are packed.
  const brush =
    (task === 'rollsTurn' && says(by.driveRolls, 'grooves-dirty')) ||
    (task === 'rollsChange' && by.driveRolls.facts.cleanFirst === true)
  return [block('rolls', [at(task, 'driveRolls'), ...(brush ? [at('rollsClean', 'driveRolls')] : [])], clear)]
}
