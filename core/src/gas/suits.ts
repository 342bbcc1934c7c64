import { arcGasOf, arcGasParts, type Transfer } from '../arc/transfer.ts'
import type { Mixture } from '../machine/schema.ts'
import type { Family } from '../wire/families.ts'
import { USUAL_MIXTURES } from './mixture.ts'

/**
 * How the metal can cross under each gas, by family; what a wire is classified with, its own label says. common
 * practice, after the AWS Welding Handbook, recalled from memory: CO2 gives no spray, nor does a mixture with much of
 * it; argon with 15 to 25 % CO2 sprays above its transition current.
 */
const CROSSES: Record<Family, Readonly<Record<string, readonly Transfer[]>>> = {
  'solid-steel': {
    M21: ['short-arc', 'spray'],
    C1: ['short-arc', 'globular'],
    M20: ['short-arc', 'spray'],
    M12: ['spray', 'short-arc'],
    M13: ['spray'],
    M14: ['spray', 'short-arc'],
    M24: ['spray', 'short-arc'],
    M31: ['short-arc', 'globular'],
  },
  'solid-stainless': { M12: ['short-arc', 'spray'], M13: ['spray'], M11: ['short-arc', 'spray'] },
  'metal-cored': { M21: ['spray', 'short-arc'], M20: ['spray', 'short-arc'] },
  'flux-cored-self-shielded': {},
  'flux-cored-gas-shielded': { C1: ['slag'], M21: ['slag'], M20: ['slag'] },
  aluminium: { I1: ['spray', 'short-arc'], I3: ['spray'] },
  'silicon-bronze': { I1: ['short-arc', 'spray'] },
}

/**
 * Ways across under a gas, the usual first; none where the gas does not suit the family.
 * @param gas as `arcGasOf` gives it: solid wire does not spray under a mixture lean in argon
 */
export function crossingsUnder(family: Family, gas: string): readonly Transfer[] {
  const { group, lean } = arcGasParts(gas)
  const all = CROSSES[family][group] ?? []
  return lean && family !== 'metal-cored' ? all.filter((transfer) => transfer !== 'spray') : all
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
