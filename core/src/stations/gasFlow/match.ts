import type { GasFlowRule, GasFlowFact } from './rules.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import { arcGasOf } from '../../gas/arcGas.ts'
import { startingFlow, turbulentFlowLPerMin, type FlowKind, type FlowStart } from '../../gas/flow.ts'
import { flowmeterFactor } from '../../gas/cylinder.ts'
import type { Mixture } from '../../gas/mixtureSchema.ts'
import { startSettings } from '../../procedures/start.ts'
import type { Transfer } from '../../terms/terms.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { afterChoice } from '../../match/choice.ts'
import { matchGas } from '../gas/match.ts'
import { matchNozzle } from '../nozzle/match.ts'

/** What crosses, as far as the flow cares; a metal or a thickness that is not known leaves it open. */
export function flowKindOf(wire: MatchContext['wire'], transfer: Transfer | null): FlowKind {
  if (wire.process === 'GMAW brazing') return 'short'
  if (FAMILY_SHEETS[wire.family].tip === 'aluminium-bore') return 'aluminium'
  if (wire.process !== 'GMAW') return 'cored'
  return transfer === null ? 'short-or-spray' : transfer === 'short-arc' ? 'short' : 'spray'
}

/** The flow of a wire under a gas through a nozzle at a place: what Match, plan and desk all ask. */
export function flowFor(
  wire: MatchContext['wire'],
  start: {
    transfer: Transfer | null
    currentA: { value: number } | null
    tipToWorkMm: { value: number } | null
  } | null,
  gas: Mixture | null,
  boreMm: number | undefined,
  place: {
    position?: string | undefined
    draughtMPerS?: number | undefined
    tipToWorkMm?: number | undefined
  } = {},
  /** What the meter was made for. */
  madeFor: Mixture = { Ar: 100 },
): FlowStart {
  return startingFlow(
    {
      exactMm: wire.exactMm,
      kind: flowKindOf(wire, start?.transfer ?? null),
      currentA: start?.currentA?.value,
    },
    boreMm,
    { ...place, usualTipMm: start?.tipToWorkMm?.value },
    gas
      ? { heliumPercent: gas.He ?? 0, argonMeterPasses: flowmeterFactor(madeFor, gas) }
      : { heliumPercent: 0, argonMeterPasses: 1 },
  )
}

/** Flow by wire and bore, never so high that it turns turbulent; shut for a wire that shields itself. */
export function matchGasFlow(c: MatchContext): Finding<GasFlowRule, GasFlowFact> {
  const fitted = c.fitted.gasFlowLPerMin
  // The nozzle and the gas that will be on: of another one's bore nothing is taken.
  const boreMm = afterChoice(c, matchNozzle(c)).nozzle?.boreMm
  const gas = c.wire.gas.needed ? (afterChoice(c, matchGas(c)).gas ?? null) : null
  const ceiling = boreMm === undefined ? undefined : turbulentFlowLPerMin(boreMm)
  const fixed = c.practice.flowSetting === 'fixed'
  const one = Math.min(c.practice.fixedFlowLPerMin, ceiling ?? Infinity)
  const start =
    c.job && c.wire.gas.needed ? startSettings(c.wire, c.job, gas ? arcGasOf(gas) : null, c.machine) : null
  const worked = flowFor(c.wire, start, gas, boreMm, {
    position: c.job?.position,
    draughtMPerS: c.job?.draughtMPerS,
  })
  const band = !c.wire.gas.needed
    ? { value: 0, low: 0, high: 0 }
    : fixed
      ? {
          value: Math.floor(one),
          low: Math.floor(one) * 0.95,
          high: Math.min(one * 1.05, ceiling ?? Infinity),
        }
      : worked
  const within = fitted != null && fitted >= band.low - 1e-9 && fitted <= band.high + 1e-9
  const base = {
    station: 'gasFlow' as const,
    facts: {
      flow: fitted ?? undefined,
      value: band.value,
      low: band.low,
      high: band.high,
      boreMm: fixed ? boreMm : worked.boreMm,
      boreAssumed: !fixed && worked.boreAssumed,
      trueFlow: fixed ? undefined : worked.trueFlowLPerMin,
      ceiling,
      gasNeeded: c.wire.gas.needed,
      fixed,
    },
    fitted,
    required: {
      value: band.value,
      // Rounded inwards: what is asked for is also what is accepted.
      low: Math.ceil(band.low * 10) / 10,
      high: Math.floor(band.high * 10) / 10,
      ...(!fixed &&
        c.wire.gas.needed &&
        worked.trueFlowLPerMin !== undefined && { trueFlow: worked.trueFlowLPerMin }),
    },
    alsoDo: [],
    origin: !c.wire.gas.needed
      ? ('published' as const)
      : fixed
        ? ('common practice' as const)
        : ('model' as const),
    after: { gasFlowLPerMin: within ? fitted : band.value },
    parts: [],
  }
  if (c.wire.open) return { ...base, verdict: 'unknown', rule: 'flow-ask-the-box' }
  if (!c.wire.gas.needed) {
    // With no cylinder connected nothing flows, whatever the flowmeter was last set to.
    if (c.fitted.gas === null)
      return { ...base, verdict: 'fits', rule: 'flow-shut', after: { gasFlowLPerMin: fitted ?? 0 } }
    if (fitted === undefined) return { ...base, verdict: 'unknown', rule: 'flow-not-read' }
    return (fitted ?? 0) > 0
      ? { ...base, verdict: 'adjust', rule: 'flow-to-shut' }
      : { ...base, verdict: 'fits', rule: 'flow-shut' }
  }
  // With no gas on there is no flowmeter to read.
  if (fitted === undefined && c.fitted.gas === null)
    return { ...base, verdict: 'adjust', rule: 'flow-to-set' }
  if (fitted === undefined) return { ...base, verdict: 'unknown', rule: 'flow-not-read' }
  if (within) return { ...base, verdict: 'fits', rule: 'flow-right' }
  if (fitted === null || fitted === 0) return { ...base, verdict: 'adjust', rule: 'flow-to-set' }
  return { ...base, verdict: 'adjust', rule: fitted > band.high ? 'flow-high' : 'flow-low' }
}
