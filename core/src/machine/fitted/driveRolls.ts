import { z } from 'zod'
import { addWrong } from '../../base/check.ts'
import { say } from '../../base/codes.ts'
import { GROOVE_PROFILES } from '../../terms/terms.ts'
import { stampSizes, stampTakes } from '../../wire/sizes.ts'
import { condition, conditionSchema, stampSchema } from './common.ts'

const sameSize = (a: string, b: string) => a === b || stampSizes(a).some((mm) => stampTakes(b, mm))

export const activeIsAGroove = (rolls: { grooves: string[]; active?: string }, context: z.RefinementCtx) => {
  if (rolls.active !== undefined && !rolls.grooves.some((g) => sameSize(g, rolls.active!)))
    addWrong(context, say('request.grooveNotListed', rolls.active), ['active'])
}

/** One groove as it may be sent, where the grooves of a roll differ in more than their size. */
export const grooveSchema = z.object({
  size: stampSchema,
  profile: z.enum(GROOVE_PROFILES).optional(),
  condition: conditionSchema.optional(),
})
export const rollsShape = z.object({
  /** Of the groove in line, where the grooves differ. */
  profile: z.enum(GROOVE_PROFILES),
  grooves: z.array(stampSchema).min(1).max(4),
  active: stampSchema.optional(),
  /** Each groove’s own, side by side with `grooves`, where they differ; and its state. */
  grooveProfiles: z.array(z.enum(GROOVE_PROFILES)).max(4).optional(),
  grooveConditions: z.array(conditionSchema).max(4).optional(),
  activeProfile: z.enum(GROOVE_PROFILES).optional(),
  ...condition,
})

interface Sent {
  size?: unknown
  profile?: unknown
  condition?: unknown
}
const isSent = (value: unknown): value is Sent =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && 'size' in value

/** Grooves sent as `{ size, profile }` laid side by side, and the profile of the one in line over all. */
export function withGrooves(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('grooves' in value)) return value
  const { grooves, active } = value as { grooves: unknown; active?: unknown; profile?: unknown }
  const { activeProfile } = value as { activeProfile?: unknown }
  if (activeProfile !== undefined && !isSent(active)) return { ...value, profile: activeProfile }
  if (!Array.isArray(grooves) || !(grooves.some(isSent) || isSent(active))) return value
  const own = (value as { profile?: unknown }).profile
  const sent = grooves.map((g: unknown): Sent => (isSent(g) ? g : { size: g }))
  const profiles = sent.map((g) => g.profile ?? own)
  const inLine = isSent(active) ? active.size : active
  const at = sent.findIndex(
    (g, i) =>
      inLine !== undefined &&
      sameSize(String(g.size), String(inLine)) &&
      (!isSent(active) || active.profile === undefined || profiles[i] === active.profile),
  )
  const ofLine = (isSent(active) ? active.profile : undefined) ?? profiles[at < 0 ? 0 : at]
  return {
    ...value,
    grooves: sent.map((g) => g.size),
    profile: ofLine ?? own,
    ...(profiles.every((p) => p !== undefined) && { grooveProfiles: profiles }),
    ...(sent.some((g) => g.condition !== undefined) && {
      grooveConditions: sent.map((g) => g.condition ?? 'good'),
    }),
    ...(inLine !== undefined && { active: inLine }),
    ...(inLine !== undefined && profiles.length > 1 && { activeProfile: ofLine }),
  }
}
export const plainRollsSchema = rollsShape.superRefine(activeIsAGroove)
export const rollsSchema = z.preprocess(withGrooves, plainRollsSchema)
export type Rolls = z.infer<typeof rollsSchema>

export interface Groove {
  stamp: string
  profile: Rolls['profile']
  condition: Rolls['condition']
}
/** The grooves of a set, each with its own profile and state. */
export const groovesOf = (rolls: Rolls): Groove[] =>
  rolls.grooves.map((stamp, i) => ({
    stamp,
    profile: rolls.grooveProfiles?.[i] ?? rolls.profile,
    condition: rolls.grooveConditions?.[i] ?? rolls.condition,
  }))
/** Whether a groove is the one in line with the wire. */
export const isInLine = (rolls: Rolls, groove: Groove): boolean =>
  rolls.active !== undefined &&
  sameSize(rolls.active, groove.stamp) &&
  (rolls.activeProfile ?? rolls.profile) === groove.profile
/** A set of rolls in the words it may be sent in: each groove for itself where they differ. */
export function rollsAsSent(rolls: Rolls): Record<string, unknown> {
  const { grooveProfiles, grooveConditions, activeProfile, ...rest } = rolls
  if (!grooveProfiles && !grooveConditions) return rest
  const groove = (size: string, i: number) => ({
    size,
    profile: grooveProfiles?.[i] ?? rolls.profile,
    ...(grooveConditions?.[i] && { condition: grooveConditions[i] }),
  })
  return {
    ...rest,
    grooves: rolls.grooves.map(groove),
    ...(rolls.active !== undefined && {
      active: { size: rolls.active, profile: activeProfile ?? rolls.profile },
    }),
  }
}
