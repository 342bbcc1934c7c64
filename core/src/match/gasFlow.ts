import { startingFlow, turbulentFlowLPerMin } from '../gas/flow.ts'
import type { Finding, MatchContext } from './finding.ts'
import { matchNozzle } from './nozzle.ts'

/** Flow by wire and bore, never so high that it turns turbulent; shut for a wire that shields itself. */
export function matchGasFlow(c: MatchContext): Finding {
  const fitted = c.fitted.gasFlowLPerMin
  // The nozzle that will be on: of another one's bore nothing is taken.
  const boreMm = matchNozzle(c).after.nozzle?.boreMm
  const transfer =
    c.wire.family === 'solid-steel' || c.wire.family === 'solid-stainless'
      ? ('short-or-spray' as const)
      : ('spray' as const)
  const ceiling = boreMm === undefined ? undefined : turbulentFlowLPerMin(boreMm)
  const fixed = c.practice.flowSetting === 'fixed'
  const one = Math.min(c.practice.fixedFlowLPerMin, ceiling ?? Infinity)
  const band = !c.wire.gas.needed
    ? { value: 0, low: 0, high: 0 }
    : fixed
      ? {
          value: Math.floor(one),
          low: Math.floor(one) * 0.95,
          high: Math.min(one * 1.05, ceiling ?? Infinity),
        }
      : startingFlow({ exactMm: c.wire.exactMm, transfer }, boreMm, {
          position: c.job?.position,
          draughtMPerS: c.job?.draughtMPerS,
        })
  const within = fitted != null && fitted >= band.low - 1e-9 && fitted <= band.high + 1e-9
  const base = {
    station: 'gasFlow' as const,
    facts: {
      flow: fitted ?? undefined,
      value: band.value,
      low: band.low,
      high: band.high,
      boreMm,
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
  if (!c.wire.gas.needed) {
    // With no cylinder connected nothing flows, whatever the flowmeter was last set to.
    if (c.fitted.gas === null)
      return { ...base, verdict: 'fits', rule: 'flow-shut', after: { gasFlowLPerMin: fitted ?? 0 } }
    if (fitted === undefined) return { ...base, verdict: 'unknown', rule: 'flow-not-read' }
    return (fitted ?? 0) > 0
      ? { ...base, verdict: 'adjust', rule: 'flow-to-shut' }
      : { ...base, verdict: 'fits', rule: 'flow-shut' }
  }
  if (fitted === undefined) return { ...base, verdict: 'unknown', rule: 'flow-not-read' }
  if (within) return { ...base, verdict: 'fits', rule: 'flow-right' }
  if (fitted === null || fitted === 0) return { ...base, verdict: 'adjust', rule: 'flow-to-set' }
  return { ...base, verdict: 'adjust', rule: fitted > band.high ? 'flow-high' : 'flow-low' }
}
