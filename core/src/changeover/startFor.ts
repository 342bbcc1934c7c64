import { startSettings, type StartSettings } from '../arc/start.ts'
import type { Banded } from '../arc/volts.ts'
import { gasDesignation } from '../gas/mixture.ts'
import type { Finding, MatchContext } from '../match/finding.ts'

export interface Start extends StartSettings {
  gasFlowLPerMin: Banded
}

/** Settings to start the test weld from; nothing where the job is not known. */
export function startFor(c: MatchContext, findings: readonly Finding[]): Start | null {
  if (!c.job) return null
  const at = (station: Finding['station']) => findings.find((f) => f.station === station)!
  const gas = at('gas').after.gas
  const designation = c.wire.gas.needed && gas ? gasDesignation(gas) : null
  const flow = at('gasFlow')
  const band = flow.required as { value: number; low: number; high: number }
  return {
    ...startSettings(c.wire, c.job, designation, c.machine),
    gasFlowLPerMin: { ...band, origin: flow.origin },
  }
}
