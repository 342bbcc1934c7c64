import type { Fitted } from './fitted/fitted.ts'
import type { Machine } from './machine.ts'
import type { Station } from './stations.ts'

/** Where a station's value stands in `fitted`; the supply stands beside it on the machine. */
export const fittedKey = (station: Exclude<Station, 'supply'>): keyof Fitted =>
  station === 'gasFlow' ? 'gasFlowLPerMin' : station

/** The machine as it was seen: what is only assumed counts as not looked at. */
export function seenOnly(machine: Machine): Machine {
  if (!machine.assumed?.length) return machine
  const fitted: Fitted = { ...machine.fitted }
  for (const station of machine.assumed) if (station !== 'supply') delete fitted[fittedKey(station)]
  const { supply, ...rest } = machine
  return { ...rest, ...(supply && !machine.assumed.includes('supply') && { supply }), fitted }
}

/** Somebody looked at these stations, and found them as they stand. Without a list: at all of them. */
export function confirmSeen(machine: Machine, stations?: readonly Station[]): Machine {
  const { assumed = [], ...rest } = machine
  const left = stations ? assumed.filter((s) => !stations.includes(s)) : []
  return { ...rest, ...(left.length && { assumed: left }) }
}
