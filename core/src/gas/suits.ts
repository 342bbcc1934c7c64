import { FAMILY_SHEETS } from '../families/index.ts'
import { arcGasOf, arcGasParts } from './arcGas.ts'
import { type Transfer } from '../terms/terms.ts'
import type { Mixture } from './mixtureSchema.ts'
import type { Family } from '../terms/terms.ts'
import { USUAL_MIXTURES } from './mixture.ts'

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
