import { startSettings, type StartSettings } from '../arc/start.ts'
import type { Banded } from '../arc/volts.ts'
import { arcGasOf } from '../arc/transfer.ts'
import type { Finding, MatchContext } from '../match/finding.ts'

export interface Start extends StartSettings {
  gasFlowLPerMin: Banded
}

/** The gas after the change as the arc knows it; `null` for a wire that shields itself, or none on. */
export function arcGasAfter(c: MatchContext, findings: readonly Finding[]): string | null {
  const gas = findings.find((f) => f.station === 'gas')?.after.gas
  return c.wire.gas.needed && gas ? arcGasOf(gas) : null
}

/** Settings to start the test weld from; nothing where the job is not known. */
export function startFor(c: MatchContext, findings: readonly Finding[]): Start | null {
  if (!c.job) return null
  const at = (station: Finding['station']) => findings.find((f) => f.station === station)!
  const flow = at('gasFlow')
  const band = flow.required as { value: number; low: number; high: number }
  return {
    ...startSettings(c.wire, c.job, arcGasAfter(c, findings), c.machine),
    gasFlowLPerMin: { ...band, origin: flow.origin },
  }
}
