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
import { jobSchema } from '../../machine/request.ts'

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

/** What a test weld stands on: what is welded, the gas as the arc knows it, and the settings to start from. */
export interface Bench {
  job: MatchContext['job']
  gas: string | null
  start: Start | null
}
/**
 * Where dialling in begins with a plan: its own job, or, where it was made without one, what is said to be welded now.
 * @param said metal and thickness as they are being typed; what is not whole counts as nothing
 */
export function benchOf(
  { context, findings, start }: { context: MatchContext; findings: readonly Finding[]; start: Start | null },
  said: unknown,
): Bench {
  const gas = arcGasAfter(context, findings)
  if (context.job) return { job: context.job, gas, start }
  const read = jobSchema.safeParse(said)
  if (!read.success) return { job: undefined, gas, start: null }
  return { job: read.data, gas, start: startFor({ ...context, job: read.data }, findings) }
}
