import type { Family } from '../terms/terms.ts'
import { FAMILY_SHEETS } from './index.ts'

/** The size that suits a thickness, mm, whatever is sold. @param thicknessMm over 0 */
export const idealSizeMm = (family: Family, thicknessMm: number): number =>
  FAMILY_SHEETS[family].sizeByThickness.find(([to]) => thicknessMm <= to)![1]
