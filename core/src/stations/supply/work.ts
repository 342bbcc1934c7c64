import { block, type Builder, type Work } from '../../work/work.ts'

/** A circuit that was not read is read; whether it must be mended only the reading tells. */
export const circuitIsMended = ({ by }: Work): boolean => by.supply.verdict === 'change'

export const supplyWork: Builder = (w) =>
  circuitIsMended(w) ? [block('supply', [w.at('supplyFix', 'supply')], ['unplug'])] : []
