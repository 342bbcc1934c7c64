import { rollsWork } from '../../stations/driveRolls/work.ts'
import { gasOnWork, gasSwapWork, shutGasWork } from '../../stations/gas/work.ts'
import { gunComesOff, gunEndWork, gunInsideWork } from '../../stations/gun/work.ts'
import { inletGuideWork } from '../../stations/inletGuide/work.ts'
import { blowOutWork, linerWithGunOff, linerWithGunOn } from '../../stations/liner/work.ts'
import { outletGuideWork } from '../../stations/outletGuide/work.ts'
import { clampWork, polarityWork } from '../../stations/polarity/work.ts'
import { pressureWork } from '../../stations/rollPressure/work.ts'
import { spoolOffWork, spoolOnWork } from '../../stations/spool/work.ts'
import { supplyWork } from '../../stations/supply/work.ts'
import type { Block } from '../../work/block.ts'
import type { Work } from '../../work/work.ts'
import {
  askBoxWork,
  gatherWork,
  lookOverWork,
  newWireWork,
  offWork,
  oldWireWork,
  stripGunWork,
  testWeldWork,
  unplugged,
} from './frame.ts'
import type { Start } from './startFor.ts'

/**
 * Turns findings into blocks of work with what must come before each, in the practitioners' order.
 * @param start settings for the test weld
 */
export function workFor(work: Work, start: Start | null): Block[] {
  // A wire of unknown kind: what both kinds share, and then the box.
  const open = work.c.wire.open !== undefined
  const liner = { gunOff: linerWithGunOff(work), gunOn: linerWithGunOn(work) }
  const builders = [
    gatherWork,
    shutGasWork,
    offWork,
    stripGunWork,
    oldWireWork,
    spoolOffWork,
    lookOverWork,
    gunInsideWork(liner),
    blowOutWork(gunComesOff(work, liner)),
    gunEndWork,
    inletGuideWork,
    outletGuideWork,
    rollsWork,
    polarityWork(unplugged(work)),
    gasSwapWork,
    supplyWork,
    spoolOnWork,
    newWireWork(start),
    pressureWork,
    gasOnWork,
    clampWork,
    open ? askBoxWork : testWeldWork(start),
  ]
  const blocks = builders.flatMap((build) => build(work)).filter((b) => b !== undefined)
  // An edge to a block that this change does not need falls away.
  const present = new Set(blocks.map((b) => b.id))
  return blocks.map((b) => ({ ...b, after: b.after.filter((id) => present.has(id)) }))
}
