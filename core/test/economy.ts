import type { Listed } from './orderChecker.ts'

/** What costs time and hurts nobody: counted, and no fault. */
export const ECONOMY = [
  'done twice',
  'read and set anyway',
  'waited out before the wire',
  'unplugged for what may be left out',
  'gathers nothing',
] as const
export type Economy = (typeof ECONOMY)[number]

/** Stations that are set by a test of their own, whatever was read. common practice */
const SET_ANYWAY: Readonly<Record<string, string>> = {
  hubBrake: 'setBrake',
  rollPressure: 'setPressure',
  gasFlow: 'setFlow',
}
/** What is rightly done more than once: a curl is trimmed after every feed, each station is read. */
const AGAIN = ['readStation', 'trimWire']
/** What needs the plug out, or the charge gone. */
const PLUG = ['swapPlugs', 'supplyFix']
const CHARGE = ['swapStuds', 'tightenStuds', 'openCase']

type Counted = Listed & { facts: Readonly<Record<string, unknown>> }

/**
 * @param gathered what the list brings to the bench
 * @returns how often each thing is so in one list
 */
export function economyOf(list: readonly Counted[], gathered: readonly unknown[]): Record<Economy, number> {
  const at = (task: string) => list.findIndex((s) => s.task === task)
  const has = (task: string) => at(task) >= 0
  const does = list
    .filter((s) => !AGAIN.includes(s.task) && !s.id.endsWith('-going'))
    .map((s) => `${s.task} ${s.station ?? ''}`)
  const needs = list.filter((s) => [...PLUG, ...CHARGE].includes(s.task))
  const wire = Math.max(at('cutOldWire'), at('windBack'), at('pullOldWire'))
  return {
    'done twice': does.length - new Set(does).size,
    'read and set anyway': list.filter(
      (s) => s.task === 'readStation' && s.station !== undefined && has(SET_ANYWAY[s.station] ?? '-'),
    ).length,
    'waited out before the wire': has('waitDischarge') && at('waitDischarge') < wire ? 1 : 0,
    'unplugged for what may be left out':
      has('unplug') &&
      list[at('unplug')]!.facts.ifNeeded !== true &&
      needs.length > 0 &&
      needs.every((s) => s.facts.ifNeeded === true)
        ? 1
        : 0,
    'gathers nothing': has('gatherParts') && gathered.length === 0 ? 1 : 0,
  }
}
