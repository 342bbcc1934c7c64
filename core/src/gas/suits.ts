import { FAMILY_SHEETS } from '../families/index.ts'
import { arcGasOf, arcGasParts } from './arcGas.ts'
import { type Transfer } from '../terms/terms.ts'
import type { Mixture } from './mixtureSchema.ts'
import type { Family } from '../terms/terms.ts'
import { USUAL_MIXTURES } from './mixture.ts'
import { gasDesignation } from './designation.ts'

/** Gases a wire is classified with, and the narrower limits of its own standard. */
type WireGas = { designations: readonly string[]; argonPercent?: { min: number; max: number } | undefined }

/**
 * Ways across under a gas, the usual first; none where the gas does not suit the family.
 * @param gas as `arcGasOf` gives it: solid wire does not spray under a mixture lean in argon
 */
export function crossingsUnder(family: Family, gas: string): readonly Transfer[] {
  const { group, lean } = arcGasParts(gas)
  const { crossings, spraysLean } = FAMILY_SHEETS[family]
  const all = crossings[group] ?? []
  return lean && !spraysLean ? all.filter((transfer) => transfer !== 'spray') : all
}

/**
 * Gases a wire of this label takes, each with how the metal then crosses; those it is classified with first. A group
 * is told by the mixtures usually stocked under it, where there are any.
 */
export function gasesFor(wire: {
  family: Family
  gas: { designations: readonly string[] }
}): { designation: string; mixture?: Mixture; transfers: readonly Transfer[] }[] {
  return wire.gas.designations.flatMap((designation) => {
    const usual = USUAL_MIXTURES[designation]
    return usual
      ? usual.map((mixture) => ({
          designation,
          mixture,
          transfers: crossingsUnder(wire.family, arcGasOf(mixture)),
        }))
      : [{ designation, transfers: crossingsUnder(wire.family, designation) }]
  })
}

/** How a mixture stands to a wire. */
export type GasStanding =
  | 'by-class'
  | 'by-twin'
  | 'outside-limits'
  | 'by-maker'
  | 'trace'
  | 'helium'
  | 'hydrogen'
  | 'nitrogen'
  | 'outside'

/**
 * How a mixture stands to a wire: inside its designation, and there inside or outside the narrower limits of the wire's
 * own standard; as its twin of another standard bears it; by its maker's word; inert but for a trace it bears; with
 * helium, a little hydrogen or a little nitrogen; or outside.
 * @param mixture percent by volume
 */
export function gasStanding(wire: { family: Family; gas: WireGas }, mixture: Mixture): GasStanding {
  const group = gasDesignation(mixture)
  const { Ar = 0, CO2 = 0, O2 = 0 } = mixture
  const { designations, argonPercent } = wire.gas
  if (designations.includes(group))
    return argonPercent && group === 'M21' && (Ar < argonPercent.min || Ar > argonPercent.max)
      ? 'outside-limits'
      : 'by-class'
  const { gas, alsoTakes } = FAMILY_SHEETS[wire.family]
  const { ordinary, byMaker, traces, twins, helium, little } = alsoTakes
  if (ordinary?.includes(group) && gas.every((own) => designations.includes(own))) return 'by-class'
  if (
    byMaker &&
    group === byMaker.group &&
    CO2 >= byMaker.leastCO2 &&
    designations.some((d) => d.startsWith('M2'))
  )
    return 'by-maker'
  const { He = 0, H2 = 0, N2 = 0 } = mixture
  if (helium && He > 0 && Ar + He > 99.9) return 'helium'
  if (twins?.includes(group) && designations.some((d) => twins.includes(d))) return 'by-twin'
  if (little && H2 + N2 > 0 && H2 <= little.H2 && N2 <= little.N2 && CO2 <= 5 && O2 <= 3)
    return H2 > 0 ? 'hydrogen' : 'nitrogen'
  const reacting = 100 - Ar - He
  return traces &&
    Math.abs(reacting - CO2 - O2) < 0.1 &&
    CO2 <= traces.CO2 &&
    O2 <= traces.O2 &&
    CO2 * O2 === 0
    ? 'trace'
    : 'outside'
}
/** Whether a wire may be welded under a mixture. */
export const takesGas = (...asked: Parameters<typeof gasStanding>): boolean =>
  gasStanding(...asked) !== 'outside'
