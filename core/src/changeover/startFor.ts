import { startSettings, type StartSettings } from '../arc/start.ts'
import type { Banded } from '../arc/volts.ts'
import { gasDesignation } from '../gas/designation.ts'
import type { Finding, MatchContext } from '../match/finding.ts'

export interface Start extends StartSettings {
  gasFlowLPerMin: Banded
}

/** ISO 14175 of the gas after the change; `null` for a wire that shields itself, or none on. */
export function designationAfter(c: MatchContext, findings: readonly Finding[]): string | null {
  const gas = findings.find((f) => f.station === 'gas')?.after.gas
  return c.wire.gas.needed && gas ? gasDesignation(gas) : null
}

/** Settings to start the test weld from; nothing where the job is not known. */
export function startFor(c: MatchContext, findings: readonly Finding[]): Start | null {
  if (!c.job) return null
  const at = (station: Finding['station']) => findings.find((f) => f.station === station)!
  const flow = at('gasFlow')
  const band = flow.required as { value: number; low: number; high: number }
  return {
    ...startSettings(c.wire, c.job, designationAfter(c, findings), c.machine),
    gasFlowLPerMin: { ...band, origin: flow.origin },
  }
}
