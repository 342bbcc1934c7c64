import { halve } from '../base/halve.ts'
import type { Machine } from '../machine/machine.ts'
import { currentOfSpeedA, usualExtensionMm } from '../arc/burnOff.ts'
import { cordDropV, dutyAtPercent, dutyMultiplier, supplyCurrentA } from '../arc/limits.ts'
import { loadLineV } from '../arc/volts.ts'
import { wireRangeA, type StartWire } from './choices.ts'
import { ARC_ON_PERCENT, voltsAt } from './start.ts'

/** What may end the current, from the wire to the wall. */
export const LIMITS = ['wire', 'feed', 'output', 'duty', 'breaker', 'cord'] as const
export type Limit = (typeof LIMITS)[number]

export interface SupplyLine {
  voltageV: number
  phases: 1 | 3
  breakerA: number
  cordLengthM: number
  cordMm2: number
}

/** Most of the volts a cord should take. published: NEC informational notes give 3 % and 5 % in all, recalled from memory */
export const MOST_CORD_DROP = 0.05
const SEARCH_A = { from: 5, to: 1000 }

/** The supply of a welding current: drawn, heating over the duty, lost in the cord; A, A, V. */
export function supplyAt(
  wire: StartWire,
  gas: string | null,
  currentA: number,
  machine: Pick<Machine, 'output'>,
  supply: SupplyLine,
) {
  // Where no row is known the rating line stands in: it is the mains that is asked about, not the arc.
  const volts = voltsAt(wire, gas, currentA) ?? loadLineV(currentA)
  const draw = supplyCurrentA({ voltageV: volts, currentA }, supply)
  const { dutyAtA, dutyPercent } = machine.output ?? {}
  const duty = dutyAtA && dutyPercent ? dutyAtPercent(dutyPercent, dutyAtA, currentA) : undefined
  const drop =
    supply.cordLengthM > 0
      ? cordDropV({ lengthM: supply.cordLengthM, mm2: supply.cordMm2 }, draw.value, supply.phases)
      : 0
  return { draw, duty, heatingA: draw.value * dutyMultiplier(duty ?? 60), drop }
}

/**
 * The currents at which wire, feed, output, duty, breaker and cord end, A, the first to give first. A limit that
 * nothing is known of is left out.
 */
export function whatGives(
  wire: StartWire,
  gas: string | null,
  machine: Pick<Machine, 'output' | 'wireSpeedMPerMin'>,
  supply?: SupplyLine,
): { limit: Limit; currentA: number }[] {
  const most = wireRangeA(wire)?.[1]
  const list: { limit: Limit; currentA: number }[] =
    most === undefined ? [] : [{ limit: 'wire', currentA: most }]
  const fastest = machine.wireSpeedMPerMin?.max
  if (fastest) {
    const extension = usualExtensionMm(wire.family, 'spray')
    list.push({ limit: 'feed', currentA: currentOfSpeedA(wire.family, wire.exactMm, fastest, extension) })
  }
  const { maxA, dutyAtA, dutyPercent } = machine.output ?? {}
  if (maxA) list.push({ limit: 'output', currentA: maxA })
  if (dutyAtA && dutyPercent)
    list.push({ limit: 'duty', currentA: dutyAtA * Math.sqrt(dutyPercent / ARC_ON_PERCENT) })
  if (supply) {
    const at = (a: number) => supplyAt(wire, gas, a, machine, supply)
    const ends = (limit: Limit, over: (a: number) => boolean) => {
      if (!over(SEARCH_A.to)) return
      list.push({ limit, currentA: halve(SEARCH_A.from, SEARCH_A.to, over).over })
    }
    ends('breaker', (a) => at(a).heatingA > supply.breakerA)
    if (supply.cordLengthM > 0) ends('cord', (a) => at(a).drop > MOST_CORD_DROP * supply.voltageV)
  }
  return list.sort((a, b) => a.currentA - b.currentA)
}

/** Whether a circuit holds: what it heats by trips it, its cord drops too much, its high estimate may trip it. */
export type CircuitVerdict = 'trips' | 'cord-thin' | 'may-hold' | 'holds'
export function circuitVerdict(
  at: { draw: { high: number }; heatingA: number; drop: number },
  supply: Pick<SupplyLine, 'breakerA' | 'voltageV'>,
): CircuitVerdict {
  if (at.heatingA > supply.breakerA) return 'trips'
  if (at.drop > MOST_CORD_DROP * supply.voltageV) return 'cord-thin'
  return at.draw.high > supply.breakerA ? 'may-hold' : 'holds'
}
