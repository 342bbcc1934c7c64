import { partSchema, type Part } from '../../machine/store.ts'
import { recordKind } from './recordKind.ts'

const isPart = ({ kind }: Part) => kind !== 'wire' && kind !== 'cylinder'
export const partRecord = recordKind<Part>().as({
  schema: partSchema.refine(isPart),
  list: 'store',
  holds: isPart,
})
