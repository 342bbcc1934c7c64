import { partSchema, type Part } from '../../machine/store.ts'
import { recordKind } from './recordKind.ts'

const isCylinder = ({ kind }: Part) => kind === 'cylinder'
export const cylinderRecord = recordKind<Part>().as({
  schema: partSchema.refine(isCylinder),
  list: 'store',
  holds: isCylinder,
})
