import { ownSetting } from '../../procedures/own.ts'
import { startSettings, type StartSettings } from '../../procedures/start.ts'
import type { Banded } from '../../arc/volts.ts'
import { arcGasOf } from '../../gas/arcGas.ts'
import { isLiquid } from '../../gas/cylinder.ts'
import { CO2_CYLINDER_L_PER_MIN } from '../../gas/flow.ts'
import type { ChartRow } from '../../machine/chart.ts'
import { shelfWire } from '../../match/prepare.ts'
import { isSameWire } from '../../wire/wire.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'

export interface Start extends StartSettings {
  gasFlowLPerMin: Banded
}

/** The gas after the change as the arc knows it; `null` for a wire that shields itself, or none on. */
export function arcGasAfter(c: MatchContext, findings: readonly Finding[]): string | null {
  const gas = findings.find((f) => f.station === 'gas')?.after.gas
  return c.wire.gas.needed && gas ? arcGasOf(gas) : null
}

/** The data sheet kept with a spool of this wire on the shelf. */
const sheetOnShelf = (c: MatchContext): Sheet => {
  const kept = (c.store ?? []).filter((p) => p.kind === 'wire' && p.chart?.length)
  for (const part of kept) {
    const shelf = part.kind === 'wire' ? shelfWire(part) : undefined
    if (shelf?.ok && isSameWire(shelf.value.wire, c.wire))
      return part.kind === 'wire' ? part.chart : undefined
  }
  return undefined
}
type Sheet = readonly ChartRow[] | undefined

/** Settings to start the test weld from; nothing where the job is not known. */
export function startFor(c: MatchContext, findings: readonly Finding[]): Start | null {
  // No figure is known of a wire whose kind is not.
  if (!c.job || c.wire.open) return null
  const at = (station: Finding['station']) => findings.find((f) => f.station === station)!
  const flow = at('gasFlow')
  const band = flow.required as { value: number; low: number; high: number }
  const gas = c.wire.gas.needed ? (at('gas').after.gas ?? null) : null
  const own = ownSetting(
    { ranWell: c.ranWell, machineChart: c.machine.chart, wireSheet: sheetOnShelf(c) },
    c.wire,
    c.job,
    gas,
  )
  const settings = startSettings(c.wire, c.job, arcGasAfter(c, findings), c.machine, own)
  const heater = gas !== null && isLiquid(gas) && band.value > CO2_CYLINDER_L_PER_MIN.while
  return {
    ...settings,
    notes: heater ? [...settings.notes, 'co2-heater'] : settings.notes,
    gasFlowLPerMin: { ...band, origin: { source: flow.origin } },
  }
}
