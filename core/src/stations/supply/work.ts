import { block, type Builder, type Work } from '../../work/work.ts'

/** A circuit that was not read is read; whether it must be mended only the reading tells. */
export const circuitIsMended = ({ by }: Work): boolean => by.supply.verdict === 'change'

/** Everything wrong with the circuit, for one step that mends it all. */
export const faultsOfSupply = ({ by: { supply } }: Work): string[] =>
  [supply, ...(supply.also ?? [])].filter((f) => f.verdict === 'change').map((f) => f.rule)

export const supplyWork: Builder = (w) =>
  circuitIsMended(w) && !w.earthFirst
    ? [block('supply', [w.at('supplyFix', 'supply', { faults: faultsOfSupply(w) })], ['unplug', 'switchOff'])]
    : []
