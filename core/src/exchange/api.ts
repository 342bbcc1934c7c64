import { z } from 'zod'
import { COSTS } from '../catalogue/suggest.ts'
import { mixtureSchema } from '../gas/mixtureSchema.ts'
import { TASKS } from '../steps/step.ts'
import { PLACES } from '../steps/places.ts'
import { STATIONS, VERDICTS } from '../machine/stations.ts'
import { RANKS } from '../match/ranks.ts'
import { FAMILIES, MATERIALS, POLARITIES, POSITIONS, TRANSFERS } from '../terms/terms.ts'
import { CAUSES } from '../trouble/causes.ts'
import { CHECKS } from '../trouble/checks.ts'
import { OWN_SOURCES } from '../base/sources.ts'

/** What the API answers, as schemas: the published document is made of them, and a test holds every answer to them. */
const station = z.enum(STATIONS)
/** A value in the words of `fitted`: `null`, nothing there; left out, not looked at. */
const fittedValue = z.union([
  z.string(),
  z.number(),
  z.boolean(),
  z.null(),
  z.array(z.json()),
  z.record(z.string(), z.json()),
])
const strengthSchema = z.strictObject({
  tensileMPa: z.strictObject({ min: z.number(), max: z.number().optional() }),
  tensileKsi: z.strictObject({ min: z.number(), max: z.number().optional() }),
  yieldMPa: z.number().nullable(),
  yieldKsi: z.number().nullable(),
})

export const problemAnswerSchema = z.strictObject({
  path: z.string(),
  message: z.string(),
  suggestion: z.string().optional(),
  instead: z.string().optional(),
})
export const problemsAnswerSchema = z.strictObject({ problems: z.array(problemAnswerSchema).min(1) })

export const infoAnswerSchema = z.strictObject({
  name: z.string(),
  demo: z.boolean(),
  /** Where other devices of the same network find this server. */
  addresses: z.array(z.string()),
})
/** A bundle is held under this code until then. */
export const handoverAnswerSchema = z.strictObject({
  code: z.string().regex(/^\d{6}$/),
  until: z.iso.datetime(),
})

export const decodeAnswerSchema = z.strictObject({
  wire: z.strictObject({
    family: z.enum(FAMILIES).nullable(),
    process: z.string(),
    classification: z.string().nullable(),
    standard: z.string().nullable(),
    diameterMm: z.number().positive().nullable(),
    diameterLabel: z.string().nullable(),
    exactMm: z.number().positive().nullable(),
    polarity: z.array(z.enum(POLARITIES)),
    gas: z.strictObject({
      needed: z.boolean(),
      designations: z.array(z.string()),
      argonPercent: z.strictObject({ min: z.number(), max: z.number() }).optional(),
    }),
    positions: z.array(z.enum(POSITIONS)),
    passes: z.enum(['single', 'multi']),
    massKg: z.number().positive().nullable(),
    hydrogen: z.string().nullable(),
    strength: strengthSchema.nullable(),
    joins: z.array(z.enum(MATERIALS)),
    notes: z.array(z.string()),
    unread: z.array(z.string()),
  }),
  /** Gas, thickness and date that were typed beside the wire. */
  besides: z
    .strictObject({
      gas: mixtureSchema.optional(),
      thicknessMm: z.number().positive().optional(),
      date: z.string().optional(),
      numbers: z.array(z.string()).optional(),
    })
    .optional(),
})

export const suggestAnswerSchema = z.strictObject({
  wires: z.array(
    z.strictObject({
      classification: z.string(),
      /** `null`: what the metal wants, but such labels are not read here. */
      family: z.enum(FAMILIES).nullable(),
      diameterMm: z.number().positive().nullable(),
      why: z.string(),
      note: z.string().optional(),
      costs: z.array(z.enum(COSTS)),
      inStore: z.boolean(),
    }),
  ),
  shelter: z.boolean(),
  /** The metal as its row names it. */
  metal: z.string().nullable(),
  /** What is true of the metal whatever the wire, and grades that no row knows. */
  says: z.array(z.string()),
  never: z.array(z.strictObject({ wires: z.array(z.string()), why: z.string() })),
})

export const troubleAnswerSchema = z.strictObject({
  /** Likeliest first; with `other`, something that is on no list, they add to 1. */
  causes: z.array(
    z.strictObject({
      id: z.enum(CAUSES),
      chance: z.number().min(0).max(1),
      why: z.string(),
      origin: z.enum(['published', 'common practice', 'model', 'measured']),
    }),
  ),
  other: z.number().min(0).max(1),
  next: z
    .strictObject({
      check: z.enum(CHECKS),
      minutes: z.number().min(0),
      place: z.enum(PLACES),
      how: z.string(),
      lookFor: z.string(),
      hazards: z.array(z.string()),
    })
    .nullable(),
  found: z
    .strictObject({
      cause: z.enum(CAUSES),
      why: z.string(),
      cure: z.strictObject({
        text: z.string(),
        /** Work on the machine, a knob, a hold of the gun or of the work, or a technician’s. */
        kind: z.enum(['work', 'knob', 'hand', 'technician']),
        tasks: z.array(z.enum(TASKS)),
        minutes: z.number().min(0),
      }),
    })
    .nullable(),
  notes: z.array(z.string()),
})

const bandSchema = z
  .strictObject({ value: z.number(), low: z.number(), high: z.number(), origin: z.string() })
  .nullable()
const faultSchema = z.strictObject({
  rule: z.string(),
  verdict: z.enum(VERDICTS),
  why: z.string(),
  consequence: z.string(),
})
const findingSchema = z.strictObject({
  station,
  verdict: z.enum(VERDICTS),
  rule: z.string(),
  fitted: fittedValue.optional(),
  wanted: fittedValue,
  why: z.string(),
  consequence: z.string(),
  rank: z.enum(RANKS).nullable(),
  also: z.array(faultSchema).optional(),
  alsoDo: z.array(z.string()),
  /** Left as it is by choice. */
  kept: z.literal(true).optional(),
  /** What is wrong with the part that was chosen instead of the usual. */
  instead: z.array(faultSchema).optional(),
  origin: z.enum(['published', 'common practice', 'model', 'measured']),
})

export const changeoverAnswerSchema = z.strictObject({
  required: z.record(station, fittedValue),
  findings: z.array(findingSchema).length(STATIONS.length),
  gather: z.array(
    z.strictObject({
      station,
      part: z.string(),
      have: z.boolean(),
      drawer: z.string().optional(),
      ifNeeded: z.boolean(),
    }),
  ),
  tools: z.array(z.string()),
  steps: z.array(
    z.strictObject({
      id: z.string(),
      task: z.enum(TASKS),
      place: z.enum(PLACES),
      text: z.string(),
      minutes: z.number().min(0),
      hazards: z.array(z.string()),
      hold: z.boolean(),
      captive: z.boolean(),
      station: station.optional(),
    }),
  ),
  minutes: z.number().min(0).nullable(),
  crew: z
    .strictObject({
      steps: z.array(
        z.strictObject({
          id: z.string(),
          who: z.enum(['feeder', 'gun']),
          from: z.number(),
          to: z.number(),
          before: z.array(z.string()),
        }),
      ),
      minutes: z.number(),
      exact: z.boolean(),
      atLeast: z.number(),
    })
    .optional(),
  proof: z.strictObject({
    holds: z.boolean(),
    violations: z.array(z.strictObject({ rule: z.string(), at: z.string() })),
  }),
  start: z
    .strictObject({
      currentA: bandSchema,
      voltageV: bandSchema,
      wireSpeedMPerMin: bandSchema,
      gasFlowLPerMin: bandSchema,
      tipToWorkMm: bandSchema,
      transfer: z.enum(TRANSFERS).nullable(),
      row: z.string().nullable(),
      own: z
        .strictObject({
          from: z.enum(OWN_SOURCES),
          thicknessMm: z.array(z.number()),
          voltageV: z.number().optional(),
          wireSpeedMPerMin: z.number().optional(),
          tap: z.string().optional(),
          knob: z.number().optional(),
          dial: z.number().optional(),
        })
        .optional(),
      notes: z.array(z.string()),
    })
    .optional(),
  problems: z.array(z.strictObject({ station, message: z.string(), wayOut: z.string() })),
  notes: z.array(z.string()),
})
