import { machineSchema, type Machine } from '../../machine/machine.ts'
import { recordKind } from './recordKind.ts'

export const machineRecord = recordKind<Machine>().as({
  schema: machineSchema.omit({ chart: true }),
  list: 'machines',
})
