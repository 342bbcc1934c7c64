import { z } from 'zod'
import { SPOOL_TYPES } from '../wire/spool.ts'
import { chartSchema, pressureRowSchema } from './chart.ts'
import { fittedSchema } from './fitted/fitted.ts'
import { POLARITY_CHANGES } from './fitted/polarity.ts'
import { LEAVES } from './fitted/spool.ts'
import { supplySchema } from './fitted/supply.ts'
import { standingSchema } from './standing.ts'
import { STATIONS } from './stations.ts'
import { upkeepDatesSchema, upkeepEverySchema } from './upkeep.ts'

/** How a machine is set: volts and speed, taps, one knob for both, or a pulse with its trim. */
export const CONTROLS = ['volts-and-speed', 'taps', 'one-knob', 'pulsed'] as const

export const machineSchema = z.object({
  id: z.string().min(1).max(100),
  name: z.string().min(1).max(100),
  note: z.string().max(200).optional(),
  output: z
    .object({
      minA: z.number().min(0).max(2000).optional(),
      maxA: z.number().positive().max(2000).optional(),
      dutyPercent: z.number().min(0).max(100).optional(),
      dutyAtA: z.number().min(0).max(2000).optional(),
      /** Volts it can be set to, where known. */
      minV: z.number().min(5).max(60).optional(),
      maxV: z.number().min(5).max(60).optional(),
    })
    .optional(),
  wireSpeedMPerMin: z
    .object({ min: z.number().min(0).max(100), max: z.number().positive().max(100) })
    .optional(),
  supply: supplySchema.optional(),
  wireEntry: z.enum(LEAVES).optional(),
  spools: z.array(z.enum(SPOOL_TYPES)).max(50).optional(),
  polarityChange: z.enum(POLARITY_CHANGES).optional(),
  gasGear: z.boolean().optional(),
  rollPairs: z.number().int().min(1).max(4).optional(),
  matchedTopRolls: z.boolean().optional(),
  scale: z.object({ min: z.number(), max: z.number() }).nullable().optional(),
  /** The pressure chart printed in the machine, as the shop typed it in: a mark by kind and size of wire. */
  pressureChart: z.array(pressureRowSchema).max(100).optional(),
  workingGroove: z.enum(['inner', 'outer', 'turn', 'depth']).optional(),
  reverseThreads: z
    .array(z.enum(['spoolRetainer', 'rollRetainer', 'gunRollRetainer']))
    .max(20)
    .optional(),
  /** Minutes its capacitors take to discharge, by its own manual. */
  dischargeMinutes: z.number().min(0).max(120).optional(),
  jogButton: z.boolean().optional(),
  hubLocator: z.enum(['pin', 'tab', 'none']).optional(),
  inletBeforeSpool: z.boolean().optional(),
  voltTaps: z
    .union([z.number().int().min(1).max(100), z.array(z.union([z.string().max(40), z.number()])).max(100)])
    .optional(),
  /** A wire-speed dial with marks of its own instead of a speed, and what was run out in a timed run at some of them. */
  feedDial: z
    .object({
      min: z.number().min(-1000).max(1000),
      max: z.number().min(-1000).max(1000),
      runOuts: z
        .array(
          z.object({ dial: z.number().min(-1000).max(1000), wireSpeedMPerMin: z.number().min(0.1).max(100) }),
        )
        .max(50)
        .default([]),
    })
    .nullable()
    .optional(),
  control: z.enum(CONTROLS).optional(),
  /** It has an inductance to turn. */
  inductance: z.boolean().optional(),
  /** The chart in its door, as the shop entered it. */
  chart: chartSchema.optional(),
  /** When the open machine was last looked after, ISO dates. */
  upkeep: upkeepDatesSchema.optional(),
  /** How often, where the shop says otherwise than usual. */
  upkeepEvery: upkeepEverySchema.optional(),
  /** Stations whose parts are only assumed, not yet looked at. */
  assumed: z.array(z.enum(STATIONS)).max(20).optional(),
  /** How it was left in the middle; left out: as after a finished job. */
  standing: standingSchema.optional(),
  fitted: fittedSchema.default({}),
})
export type Machine = z.infer<typeof machineSchema>
