import { rollsWork } from '../../stations/driveRolls/work.ts'
import { gasOnWork, gasSwapWork, shutGasWork } from '../../stations/gas/work.ts'
import { gunComesOff, gunEndWork, gunInsideWork } from '../../stations/gun/work.ts'
import { blowOutWork, linerTrimWork, linerWithGunOff, linerWithGunOn } from '../../stations/liner/work.ts'
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
  gatherWork,
  lookOverWork,
  newWireWork,
  mendedWork,
  offWork,
  oldWireWork,
  readGunWork,
  stripGunWork,
  TAKE_OVER,
  takeOverWork,
  testWeldWork,
  unplugged,
} from './frame.ts'
import type { Start } from './startFor.ts'

/** Blocks that are there whatever is mended. */
const IDLE = ['gather', 'stripGun', 'putAway']

/**
 * Turns findings into blocks of work with what must come before each, in the practitioners' order.
 * @param start settings for the test weld
 */
export function workFor(work: Work, start: Start | null, ofGoing: readonly Step[] = []): Block[] {
  // A wire of unknown kind: what both kinds share, and then the box.
  const open = work.c.wire.open !== undefined
  const liner = { gunOff: linerWithGunOff(work), gunOn: linerWithGunOn(work) }
  const builders = [
    takeOverWork,
    gatherWork(ofGoing),
    shutGasWork,
    offWork,
    readGunWork,
    stripGunWork,
    oldWireWork,
    spoolOffWork,
    lookOverWork,
    gunInsideWork(liner),
    blowOutWork(gunComesOff(work, liner)),
    linerTrimWork,
    gunEndWork,
    ...STATION_WORK,
    rollsWork,
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
    open ? askBoxWork : work.stays ? mendedWork : testWeldWork(start),
  ]
  const built = builders.flatMap((build) => build(work)).filter((b) => b !== undefined)
  // Nothing is fetched, off or put away where nothing is to be mended.
  const blocks = built.some((b) => !IDLE.includes(b.id)) ? built : []
  // An edge to a block that this change does not need falls away.
  const present = new Set(blocks.map((b) => b.id))
  const first = present.has(TAKE_OVER) ? [TAKE_OVER] : []
  return blocks.map((b) => ({
    ...b,
    after: b.id === TAKE_OVER ? [] : [...first, ...b.after.filter((id) => present.has(id))],
  }))
}
