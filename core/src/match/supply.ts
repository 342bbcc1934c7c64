import type { Finding, MatchContext } from './finding.ts'

/** A circuit of its own for a 120 V machine, A; and its cord, mm2 (12 AWG). common practice */
const SMALL_MACHINE = { upToV: 130, breakerA: 20, cordMm2: 3.3 }

/** Efficiency x power factor of a wire welder, the most favourable usual value. common practice, no source */
const BEST_EFFICIENCY_X_PF = 0.8

/**
 * Supply current the rated output draws at the least, A: I1 = U2 I2 / (eta U1 pf), by sqrt 3 less on three
 * phases, times sqrt(duty) with a floor of 0.45.
 * published: load line U2 = 14 + 0.05 I2, IEC 60974-1; multiplier NEC 630.11(A); recalled from memory.
 */
export function leastSupplyCurrentA(
  rated: { outputA: number; dutyPercent: number },
  supply: { voltageV: number; phases: number },
): number {
  const loadV = 14 + 0.05 * rated.outputA
  const full =
    (loadV * rated.outputA) /
    (BEST_EFFICIENCY_X_PF * supply.voltageV * (supply.phases === 3 ? Math.sqrt(3) : 1))
  return full * Math.max(0.45, Math.sqrt(rated.dutyPercent / 100))
}

/** Circuit and cord, as far as the machine's rated output tells; the job's own draw is worked out with the settings. */
export function matchSupply(c: MatchContext): Finding {
  const s = c.machine.supply
  const earthPin = c.fitted.conditions?.earthPin
  const small = s?.voltageV !== undefined && s.voltageV <= SMALL_MACHINE.upToV
  const { maxA, dutyAtA, dutyPercent } = c.machine.output ?? {}
  const ratedA = dutyAtA ?? maxA
  const drawA =
    s?.voltageV !== undefined && ratedA !== undefined
      ? leastSupplyCurrentA(
          { outputA: ratedA, dutyPercent: dutyPercent ?? 20 },
          { voltageV: s.voltageV, phases: s.phases ?? 1 },
        )
      : undefined
  const neededA = small ? SMALL_MACHINE.breakerA : drawA
  const cordThin =
    small && (s?.cordLengthM ?? 0) > 0 && s?.cordMm2 !== undefined && s.cordMm2 < SMALL_MACHINE.cordMm2
  const after: Finding['after'] = {
    supply: {
      ...s,
      ...(neededA !== undefined &&
        (s?.breakerA ?? 0) < neededA && {
          breakerA: small ? SMALL_MACHINE.breakerA : Math.ceil(neededA / 5) * 5,
        }),
      ...(cordThin && { cordMm2: SMALL_MACHINE.cordMm2 }),
    },
    ...(earthPin !== undefined && { conditions: { earthPin: 'present' as const } }),
  }
  const base = {
    station: 'supply' as const,
    facts: {
      voltageV: s?.voltageV,
      breakerA: s?.breakerA,
      neededA: neededA && Math.round(neededA),
      cordMm2: s?.cordMm2,
      small,
      ratedA,
    },
    fitted: s,
    required: {
      ...(neededA !== undefined && { breakerA: { min: Math.ceil(neededA) } }),
      ...(small && { cordMm2: { min: SMALL_MACHINE.cordMm2 } }),
    },
    alsoDo: [],
    after,
    parts: [],
    origin: small ? ('common practice' as const) : ('model' as const),
  }
  if (earthPin === 'missing' || earthPin === 'damaged' || earthPin === 'worn')
    return { ...base, verdict: 'change', rule: 'earth-pin-missing' }
  if (s?.voltageV === undefined || s.breakerA === undefined)
    return { ...base, verdict: 'unknown', rule: 'supply-not-read', after: {} }
  if (neededA !== undefined && s.breakerA < neededA)
    return { ...base, verdict: 'change', rule: 'circuit-too-small' }
  if (cordThin) return { ...base, verdict: 'change', rule: 'cord-too-thin' }
  return { ...base, verdict: 'fits', rule: 'supply-fits' }
}
