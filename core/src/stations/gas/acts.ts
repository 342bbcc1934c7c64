import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A cylinder is chained before its regulator goes on, and shut before it comes off. */
export const GAS_ACTS = {
  shutCylinder: {
    does: (b, after, c) => ({
      valveOpen: false,
      screwOut: true,
      flowSet: false,
      ...(!c.wire.gas.needed && { fitted: lay(b.fitted, { ...after('gas'), gasFlowLPerMin: 0 }) }),
    }),
  },
  regulatorOff: { can: (b) => !b.valveOpen, does: () => ({ regulatorOn: false, chained: false }) },
  chainCylinder: { can: (b) => !b.regulatorOn, does: () => ({ chained: true }) },
  crackValve: { can: (b) => !b.regulatorOn, does: () => ({}) },
  regulatorOn: {
    can: (b) => b.chained && !b.valveOpen,
    does: (b, after) => ({ regulatorOn: true, screwOut: true, fitted: lay(b.fitted, after('gas')) }),
  },
  openCylinder: { can: (b) => b.regulatorOn, does: () => ({ valveOpen: true }) },
  leakCheck: { can: (b) => b.valveOpen, does: () => ({}) },
} satisfies Acts
