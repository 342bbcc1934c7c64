import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A cylinder is chained before its regulator goes on, and shut before it comes off. */
export const GAS_ACTS = {
  shutCylinder: {
    does: (b, after, c) => ({
      valveOpen: false,
      screwOut: true,
      flowSet: false,
      // The purge takes the machine’s solenoid, so the machine is still on.
      gaugesDrained: b.on || b.gaugesDrained,
      ...(!c.wire.gas.needed && { fitted: lay(b.fitted, { ...after('gas'), gasFlowLPerMin: 0 }) }),
    }),
  },
  regulatorOff: {
    can: (b) => !b.valveOpen && b.gaugesDrained,
    does: () => ({ regulatorOn: false, chained: false }),
  },
  chainCylinder: { can: (b) => !b.regulatorOn, does: () => ({ chained: true }) },
  crackValve: { can: (b) => !b.regulatorOn, does: () => ({}) },
  regulatorOn: {
    can: (b) => b.chained && !b.valveOpen,
    does: (b, after) => ({ regulatorOn: true, screwOut: true, fitted: lay(b.fitted, after('gas')) }),
  },
  // Opened with the screw out; then the screw is turned in, and hose and joints are under pressure.
  openCylinder: {
    can: (b) => b.regulatorOn,
    does: () => ({ valveOpen: true, screwOut: false, gaugesDrained: false }),
  },
  leakCheck: { can: (b) => b.valveOpen && !b.screwOut, does: () => ({}) },
  purgeGas: { can: (b) => b.valveOpen && b.on, does: () => ({}) },
} satisfies Acts
