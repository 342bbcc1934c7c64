import type { SupplyRule, SupplyFact } from './rules.ts'
import { MOST_CORD_DROP, supplyAt } from '../../procedures/gives.ts'
import { startSettings } from '../../procedures/start.ts'
import { arcGasOf } from '../../gas/arcGas.ts'
import { afterChoice } from '../../match/choice.ts'
import { matchGas } from '../gas/match.ts'
import { loadLineV } from '../../arc/volts.ts'
import { cordDropV, dutyMultiplier, supplyCurrentA } from '../../arc/limits.ts'
import { worstFirst, type Finding, type MatchContext } from '../../match/finding.ts'

/** A circuit of its own for a 120 V machine, A; and its cord, mm2 (12 AWG). common practice */
const SMALL_MACHINE = { upToV: 130, breakerA: 20, cordMm2: 3.3 }

/**
 * Supply current the rated output draws at the least, A: I1 = U2 I2 / (eta U1 pf), by sqrt 3 less on three
 * phases, times sqrt(duty) with a floor of 0.45.
 * published: load line U2 = 14 + 0.05 I2, IEC 60974-1; multiplier NEC 630.11(A); recalled from memory.
 */
export function leastSupplyCurrentA(
  rated: { outputA: number; dutyPercent: number },
  supply: { voltageV: number; phases: number },
): number {
  const draw = supplyCurrentA({ voltageV: loadLineV(rated.outputA), currentA: rated.outputA }, supply)
  return draw.low * dutyMultiplier(rated.dutyPercent)
}

/** Cord sections sold, mm2. published: IEC 60228, recalled from memory. */
const SECTIONS_MM2 = [1.5, 2.5, 4, 6, 10, 16, 25, 35, 50]

/** Share of the voltage a two-way cord takes. Lengths m, section mm2, current A. */
export const cordDrop = (
  cord: { lengthM: number; mm2: number },
  currentA: number,
  supply: { voltageV: number; phases: number },
): number => cordDropV(cord, currentA, supply.phases) / supply.voltageV

/** The gas that will be on, as the arc knows it. */
const arcGasGoing = (c: MatchContext): string | null => {
  const gas = c.wire.gas.needed ? afterChoice(c, matchGas(c)).gas : null
  return gas ? arcGasOf(gas) : null
}
/** What this job starts at, A, where a row tells. */
const jobCurrentA = (c: MatchContext): number | undefined =>
  c.job ? startSettings(c.wire, c.job, arcGasGoing(c), c.machine).currentA?.value : undefined

/** Circuit and cord by the job's own current; by the machine's rated output where no settings are known. */
export function matchSupply(c: MatchContext): Finding<SupplyRule, SupplyFact> {
  const s = c.machine.supply
  const earthPin = c.fitted.conditions?.earthPin
  const small = s?.voltageV !== undefined && s.voltageV <= SMALL_MACHINE.upToV
  const { maxA, dutyAtA, dutyPercent } = c.machine.output ?? {}
  // The job's own current, where its settings are known, by the same sum as the desk; else what is rated.
  const jobA = jobCurrentA(c)
  const ratedA = jobA === undefined ? (dutyAtA ?? maxA) : Math.round(jobA)
  const line = (cord: { lengthM: number; mm2: number }) => ({
    voltageV: s!.voltageV!,
    phases: s!.phases ?? (1 as const),
    breakerA: s!.breakerA ?? 0,
    cordLengthM: cord.lengthM,
    cordMm2: cord.mm2,
  })
  const atJob = (cord: { lengthM: number; mm2: number }) =>
    supplyAt(c.wire, arcGasGoing(c), jobA!, c.machine, line(cord))
  const drawA =
    s?.voltageV === undefined
      ? undefined
      : jobA !== undefined
        ? atJob({ lengthM: 0, mm2: 4 }).heatingA
        : ratedA !== undefined
          ? leastSupplyCurrentA(
              { outputA: ratedA, dutyPercent: dutyPercent ?? 20 },
              { voltageV: s.voltageV, phases: s.phases ?? 1 },
            )
          : undefined
  const neededA = small ? SMALL_MACHINE.breakerA : drawA
  const lengthM = s?.cordLengthM ?? 0
  const carries = (mm2: number) =>
    (!small || mm2 >= SMALL_MACHINE.cordMm2) &&
    (drawA === undefined ||
      s?.voltageV === undefined ||
      (jobA !== undefined
        ? atJob({ lengthM, mm2 }).drop / s.voltageV
        : cordDrop({ lengthM, mm2 }, drawA, { voltageV: s.voltageV, phases: s.phases ?? 1 })) <=
        MOST_CORD_DROP)
  const cordThin = lengthM > 0 && s?.cordMm2 !== undefined && !carries(s.cordMm2)
  const cordWantedMm2 = [...(small ? [SMALL_MACHINE.cordMm2] : []), ...SECTIONS_MM2].find(carries)
  const after: Finding['after'] = {
    supply: {
      ...s,
      ...(neededA !== undefined &&
        (s?.breakerA ?? 0) < neededA && {
          breakerA: small ? SMALL_MACHINE.breakerA : Math.ceil(neededA / 5) * 5,
        }),
      ...(cordThin && (cordWantedMm2 ? { cordMm2: cordWantedMm2 } : { cordLengthM: 0 })),
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
      cordLengthM: s?.cordLengthM,
      cordWantedMm2,
      small,
      ratedA,
      byJob: jobA !== undefined,
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
  const unread = s?.voltageV === undefined || s.breakerA === undefined
  const { main, also } = worstFirst<SupplyRule>([
    (earthPin === 'missing' || earthPin === 'damaged' || earthPin === 'worn') && {
      rule: 'earth-pin-missing',
      verdict: 'change',
    },
    !unread &&
      neededA !== undefined &&
      s.breakerA! < neededA && { rule: 'circuit-too-small', verdict: 'change' },
    cordThin && { rule: 'cord-too-thin', verdict: 'change' },
  ])
  // What nobody read is not mended; what was seen to be wrong is.
  if (unread && main)
    return {
      ...base,
      verdict: 'change',
      rule: main.rule,
      also: [...also, { rule: 'supply-not-read', verdict: 'unknown' }],
      after: {
        ...after,
        supply: { ...after.supply, ...(s?.breakerA === undefined && { breakerA: undefined }) },
      },
    }
  if (unread) return { ...base, verdict: 'unknown', rule: 'supply-not-read', after: {} }
  if (main) return { ...base, verdict: main.verdict, rule: main.rule, also }
  return { ...base, verdict: 'fits', rule: 'supply-fits' }
}
