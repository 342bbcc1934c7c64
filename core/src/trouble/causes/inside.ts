import type { CauseRow } from '../causeRow.ts'
import { technician } from '../cures.ts'

/** Inside the machine. */
export const INSIDE_CAUSES = {
  'feeder-motor': {
    at: 'driveRolls',
    side: 'technician',
    comes: 'wear',
    weight: 0.6,
    shows: {
      'cuts-out': 'sometimes',
      'motor-strains': 'usually',
      'feed-jerks': 'often',
      'feed-stops': 'often',
      'squeal-at-rolls': 'sometimes',
    },
    cure: technician,
  },
  'control-board': {
    at: 'supply',
    side: 'technician',
    comes: 'event',
    weight: 0.5,
    shows: {
      'cuts-out': 'sometimes',
      'uneven-width': 'sometimes',
      'never-settles': 'often',
      'breaker-trips': 'sometimes',
      'weak-arc': 'sometimes',
      'erratic-arc': 'sometimes',
      'no-click': 'sometimes',
      'feed-jerks': 'sometimes',
      'feed-stops': 'sometimes',
    },
    cure: technician,
  },
  'gun-switch': {
    at: 'gun',
    side: 'technician',
    comes: 'wear',
    weight: 0.8,
    shows: {
      'cuts-out': 'sometimes',
      'no-click': 'usually',
      'feed-stops': 'often',
      'feed-jerks': 'sometimes',
      'no-hiss': 'often',
    },
    cure: technician,
  },
} as const satisfies Record<string, CauseRow>
