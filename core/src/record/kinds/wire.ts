import { partSchema, type Part } from '../../machine/store.ts'
import { recordKind } from './recordKind.ts'

const isWire = ({ kind }: Part) => kind === 'wire'
export const wireRecord = recordKind<Part>().as({
  schema: partSchema.refine(isWire),
  list: 'store',
  holds: isWire,
})
