import type { ObstacleRule } from '../../stations/obstacles.ts'
import { formatMinutes, type UnitSystem } from '../../units/format.ts'
import type { ReadinessCell } from '../../readiness/readiness.ts'
import { partText } from './names.ts'
import { obstacleText } from './obstacles.ts'

const PART_SHORT: Record<string, string> = {
  inletGuide: 'inlet guide',
  driveRolls: 'rolls',
  outletGuide: 'outlet guide',
  liner: 'liner',
  gun: 'gun',
  contactTip: 'tip',
  nozzle: 'nozzle',
  adapter: 'adapter',
  regulator: 'regulator',
  cylinder: 'gas',
  wire: 'wire',
  workClamp: 'work clamp',
  hubHardware: 'hub hardware',
}
const PIECE_SHORT: Record<string, string> = {
  rolls: 'gun rolls',
  innerLiner: 'inner liner',
  oRing: 'O-rings',
}

/** Each missing part by its shortest name, once. */
export const missingShort = (cell: ReadinessCell): string[] => [
  ...new Set(cell.missing.map((m) => (m.piece ? PIECE_SHORT[m.piece]! : (PART_SHORT[m.kind] ?? m.kind)))),
]

const OBSTACLE_SHORT: Partial<Record<ObstacleRule, string>> = {
  'polarity-fixed': 'polarity is fixed',
  'box-polarity-unread': 'polarity not on the box',
  'no-gas-gear': 'no gas gear',
  'spool-does-not-fit': 'spool does not fit',
  'spool-gun-takes-small-spool': 'spool gun takes 100 mm',
}

/** The words of a cell: its state, and under it what a glance must know. */
export function cellWords(
  cell: ReadinessCell,
  minutes: number | undefined,
): { state: string; detail: string } {
  const unread = cell.unread ? `${cell.unread} not read` : ''
  switch (cell.state) {
    case 'loaded':
      return {
        state: 'loaded',
        detail: [cell.changes ? `${cell.changes} to put right` : '', unread].filter(Boolean).join(', '),
      }
    case 'ready':
      return { state: minutes === undefined ? 'can run' : formatMinutes(minutes), detail: unread }
    case 'missing':
      return { state: 'missing', detail: missingShort(cell).join(', ') }
    case 'cannot':
      return { state: 'cannot run', detail: OBSTACLE_SHORT[cell.problems[0]!.rule] ?? '' }
  }
}

/** The cell told whole, for whoever stands on it. */
export function cellSentence(
  cell: ReadinessCell,
  names: { wire: string; machine: string },
  minutes: number | undefined,
  units: UnitSystem,
): string {
  const at = `${names.wire} on ${names.machine}`
  if (cell.state === 'cannot') return `${at}: ${obstacleText(cell.problems[0]!, units).message}`
  if (cell.state === 'missing')
    return `${at}: missing ${cell.missing.map((m) => partText(m.kind, m.spec, units, m.piece)).join('; ')}.${
      minutes === undefined ? '' : ` With them, ${formatMinutes(minutes)}.`
    }`
  const { state, detail } = cellWords(cell, minutes)
  return `${at}: ${state}${detail ? `, ${detail}` : ''}.`
}
