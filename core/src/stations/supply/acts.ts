import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A circuit is mended unplugged. */
export const SUPPLY_ACTS = {
  supplyFix: { can: (b) => !b.plugged, does: (b, after) => ({ fitted: lay(b.fitted, after('supply')) }) },
} satisfies Acts
