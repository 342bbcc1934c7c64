import type { Acts } from '../../bench/action.ts'
import { lay } from '../../bench/bench.ts'

/** A cylinder is chained before its regulator goes on, and shut before it comes off. */
export const GAS_ACTS = {
  checkChain: { does: () => ({ chained: true }) },
  shutCylinder: {
    does: (b, _after, c) => ({
      // The chain is looked at before the valve is touched.
      chained: true,
      valveOpen: false,
      screwOut: true,
      flowSet: false,
      // The purge takes the machine’s solenoid, so the machine is still on.
      gaugesDrained: b.on || b.gaugesDrained,
      // Shutting a cylinder makes no other of it, and tells nobody which it is.
      ...(!c.wire.gas.needed && { fitted: lay(b.fitted, { gasFlowLPerMin: 0 }) }),
    }),
  },
  regulatorOff: {
    can: (b) => !b.valveOpen && b.gaugesDrained,
    does: () => ({ regulatorOn: false, chained: false, cracked: false }),
  },
  chainCylinder: { can: (b) => !b.regulatorOn, does: () => ({ chained: true }) },
  crackValve: { can: (b) => !b.regulatorOn, does: () => ({ cracked: true }) },
  regulatorOn: {
    can: (b) => b.chained && b.cracked && !b.valveOpen && !b.regulatorOn,
    does: (b, after) => ({
      regulatorOn: true,
      screwOut: true,
      leakChecked: false,
      purged: false,
      fitted: lay(b.fitted, after('gas')),
    }),
  },
  // Opened with the screw out; then the screw is turned in, and hose and joints are under pressure.
  openCylinder: {
    can: (b) => b.regulatorOn,
    does: () => ({ valveOpen: true, screwOut: false, gaugesDrained: false }),
  },
  leakCheck: { can: (b) => b.valveOpen && !b.screwOut, does: () => ({ leakChecked: true }) },
  purgeGas: { can: (b) => b.valveOpen && b.on && b.leakChecked, does: () => ({ purged: true }) },
} satisfies Acts
