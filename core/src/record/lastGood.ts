import { goodTry, type Try } from '../arc/tries.ts'
import type { Run } from './run.ts'
import type { Job } from '../machine/request.ts'
import { readWire } from '../match/prepare.ts'
import { isSized, type SizedWire } from '../wire/wire.ts'

/** A thickness so much thinner or thicker is another job. common practice, no source */
const SAME_THICKNESS = 0.25

/**
 * The settings that were good when this wire last ran on this machine on such metal, and when: the same family,
 * classification and size, the same metal in the same position, a thickness within a quarter.
 */
export function lastGood(
  runs: readonly Run[],
  machineId: string,
  wire: SizedWire,
  job: Partial<Job>,
): { settings: Try; at: string } | undefined {
  const alike = (run: Run) => {
    const then = run.frozen
    if (!then || run.machineId !== machineId || run.signedOffAt === undefined) return false
    if (then.job.material !== job.material || !job.thicknessMm) return false
    if ((then.job.position ?? 'flat') !== (job.position ?? 'flat')) return false
    if (Math.abs(then.job.thicknessMm / job.thicknessMm - 1) > SAME_THICKNESS) return false
    const read = readWire(then.wire, '')
    if (!read.ok) return false
    const old = read.value.wire
    return (
      isSized(old) &&
      old.family === wire.family &&
      old.classification === wire.classification &&
      old.diameterMm === wire.diameterMm
    )
  }
  const good = (run: Run) => goodTry(run.tries ?? [])
  const last = runs
    .filter((run) => good(run) && alike(run))
    .reduce<Run | undefined>((a, b) => (a && a.signedOffAt! >= b.signedOffAt! ? a : b), undefined)
  return last && { settings: good(last)!, at: last.signedOffAt! }
}
