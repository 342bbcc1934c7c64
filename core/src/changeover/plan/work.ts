import { rollsWork } from '../../stations/driveRolls/work.ts'
import { gasOnWork, gasSwapWork, shutGasWork } from '../../stations/gas/work.ts'
import { gunEndWork, gunInsideWork } from '../../stations/gun/work.ts'
import { linerTrimWork, linerWithGunOff } from '../../stations/liner/work.ts'
import { clampWork, polarityWork } from '../../stations/polarity/work.ts'
import { pressureWork } from '../../stations/rollPressure/work.ts'
import { brakeWork, seatSpoolWork, spoolOffWork, spoolOnWork } from '../../stations/spool/work.ts'
import { supplyWork } from '../../stations/supply/work.ts'
import { STATION_WORK } from '../../stations/index.ts'
import type { Step } from '../../steps/step.ts'
import type { Block } from '../../work/block.ts'
import type { Work } from '../../work/work.ts'
import {
  askBoxWork,
  clampOffWork,
  gatherWork,
  lookOverWork,
  newWireWork,
  offWork,
  oldWireWork,
  protectWork,
  readGunWork,
  stripGunWork,
  TAKE_OVER,
  takeOverWork,
  testWeldWork,
  unplugged,
} from './frame.ts'
import type { Start } from './startFor.ts'

/** Blocks that are there whatever is mended. */
const IDLE = [
  'protect',
  'clamp',
  'gather',
  'switchOff',
  'switchOn',
  'stripGun',
  'hotWork',
  'coupon',
  'clampOn',
  'testWeld',
  'putAway',
]

/**
 * Turns findings into blocks of work with what must come before each, in the practitioners' order.
 * @param start settings for the test weld
 */
export function workFor(work: Work, start: Start | null, ofGoing: readonly Step[] = []): Block[] {
  // A wire of unknown kind: what both kinds share, and then the box.
  const open = work.c.wire.open !== undefined
  const builders = [
    takeOverWork,
    protectWork,
    clampOffWork,
    shutGasWork,
    offWork,
    readGunWork,
    gatherWork(ofGoing),
    stripGunWork,
    oldWireWork,
    spoolOffWork,
    lookOverWork,
    gunInsideWork(linerWithGunOff(work)),
    gunEndWork,
    ...STATION_WORK,
    rollsWork,
    linerTrimWork,
    polarityWork(unplugged(work)),
    gasSwapWork,
    supplyWork,
    spoolOnWork,
    seatSpoolWork,
    newWireWork(start),
    brakeWork,
    pressureWork,
    gasOnWork,
    clampWork,
    open ? askBoxWork : testWeldWork(start),
  ]
  const built = builders.flatMap((build) => build(work)).filter((b) => b !== undefined)
  // Nothing is fetched, off or put away where nothing is to be mended.
  const blocks = built.some((b) => !IDLE.includes(b.id)) ? built : []
  // An edge to a block that this change does not need falls away.
  const present = new Set(blocks.map((b) => b.id))
  const first = [TAKE_OVER, 'protect'].filter((id) => present.has(id))
  return blocks.map((b) => ({
    ...b,
    after:
      b.id === TAKE_OVER
        ? []
        : [...first.filter((id) => id !== b.id), ...b.after.filter((id) => present.has(id) && id !== b.id)],
  }))
}
