import type { ChangeoverRequest } from '../../machine/request.ts'
import type { Station } from '../../machine/stations.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { prepare } from '../../match/prepare.ts'
import { atWork, match } from '../../stations/index.ts'
import type { StationFinding } from '../../stations/index.ts'
import { cautions, obstacles, type Caution, type Obstacle } from '../../stations/obstacles.ts'
import type { Read } from '../../base/problem.ts'
import { gatherList, toolsFor, type GatherLine, type Tool } from './gather.ts'
import { orderBlocks } from './order.ts'
import { walkMinutes, type Place } from '../../steps/places.ts'
import { laneSteps, shareBlocks, type Crew, type Lane } from '../people/crew.ts'
import { TOO_MANY_ORDERS, type Proof } from '../proof/proof.ts'
import { prove, proveCrew } from '../prove.ts'
import { startFor, type Start } from './startFor.ts'
import type { Step } from '../../steps/step.ts'
import { wireInGun, type WireInGun } from '../../work/wireInGun.ts'
import { withPower } from '../../work/steps.ts'
import { workOf } from '../../work/work.ts'
import type { Block } from '../../work/block.ts'
import { notToChoose } from './choices.ts'
import { readingSteps } from './reading.ts'
import { TAKE_OVER } from './frame.ts'
import { workFor } from './work.ts'

/** One machine from one wire to another: facts only; `wording` makes the sentences. */
export interface Changeover {
  context: MatchContext
  findings: StationFinding[]
  required: Record<Station, unknown>
  gather: GatherLine[]
  tools: Tool[]
  steps: Step[]
  /** Sum of the steps, walking included; `null` when the change cannot be made. */
  minutes: number | null
  proof: Proof | null
  /** The same work for two people, where the practice asks for it. */
  crew: Crew | null
  problems: Obstacle[]
  cautions: Caution[]
  wireInGun: WireInGun
  /** Settings for the test weld; nothing where the job is not known. */
  start: Start | null
  /** Broken off before its end. */
  stopped?: true
}

/** A plan broke its own proof: an error in this program, never the user's. */
export class PlanRefused extends RangeError {
  constructor(readonly proof: Proof) {
    super(`plan refused by its proof: ${proof.violations.map((v) => `${v.rule} at ${v.at}`).join('; ')}`)
    this.name = 'PlanRefused'
  }
}

const HOME: Place = 'store'

/** To look at the clock, where the charge has long run off. */
const SURE_MINUTES = 0.2
/** Puts the walk to each step into its minutes, rounded to hundredths; a charge runs off while other work is done. */
export function withWalking(steps: readonly Step[]): Step[] {
  let place = HOME
  /** Minutes since the plug came out. */
  let since = 0
  return steps.map((step) => {
    const walk = walkMinutes(place, step.place)
    place = step.place
    const own =
      step.task === 'waitDischarge' ? Math.max(SURE_MINUTES, step.minutes - since - walk) : step.minutes
    const minutes = Math.round((own + walk) * 100) / 100
    since = step.task === 'unplug' ? 0 : since + minutes
    return { ...step, minutes }
  })
}

/** Minutes of a list, walking included, to a tenth. */
export const totalMinutes = (steps: readonly Step[]): number =>
  Math.round(steps.reduce((sum, s) => sum + s.minutes, 0) * 10) / 10

/** Minutes of a task in this shop, by its own log, where it has one. */
const timed = (c: MatchContext, blocks: readonly Block[]): Block[] =>
  c.minutes === undefined
    ? [...blocks]
    : blocks.map((b) => ({
        ...b,
        steps: b.steps.map((s) => ({ ...s, minutes: c.minutes?.[s.task] ?? s.minutes })),
      }))

/** What the sentences and sums of a plan stand on besides the findings. */
interface Known {
  start: Start | null
  left: WireInGun
}
const knownOf = (c: MatchContext, findings: readonly Finding[]): Known => ({
  start: startFor(c, findings),
  left: wireInGun(c),
})

/** Reading first, then the work in its least-walking order. */
export function orderedWork(
  c: MatchContext,
  findings: readonly Finding[],
  { start, left }: Known = knownOf(c, findings),
): Block[] {
  const { first, atGun, ofGoing } = readingSteps(c, findings)
  const blocks = orderBlocks(
    workFor(workOf(c, findings, left, atGun), start, ofGoing),
    first.at(-1)?.place ?? HOME,
  )
  // Whoever takes over a machine that was left in the middle makes it safe, and reads then.
  const over = blocks.filter((b) => b.id === TAKE_OVER)
  const reads = first.map((s): Block => ({ id: s.id, steps: [s], after: over.map((b) => b.id) }))
  const ids = reads.map((b) => b.id)
  const rest = blocks.filter((b) => b.id !== TAKE_OVER)
  const all = [...over, ...reads, ...rest.map((b) => ({ ...b, after: [...ids, ...b.after] }))]
  const standing = c.machine.standing
  const told = withPower(
    all.flatMap((b) => b.steps),
    standing?.on !== false && standing?.plugged !== false,
  )
  let at = 0
  return timed(
    c,
    all.map((b) => ({ ...b, steps: told.slice(at, (at += b.steps.length)) })),
  )
}
export const orderSteps = (c: MatchContext, findings: readonly Finding[]): Step[] =>
  withWalking(orderedWork(c, findings).flatMap((b) => b.steps))

/** Done with hands at the gun's end, or before it. */
const AT_THE_GUN = ['coupon', 'hotWork', 'clampMend', 'gunEnd']
/** While wire is fed or air is blown, nobody works at the gun's end: with two at work, what is done there comes before. */
function oneAtTheGun(blocks: readonly Block[]): Block[] {
  const waits = (b: Block, on: string) => b.after.includes(on)
  const early = blocks.filter(
    (b) => AT_THE_GUN.includes(b.id) && !waits(b, 'gas') && !waits(b, 'pressure') && !waits(b, 'gunInside'),
  )
  const bound = blocks.map((b) =>
    b.id === 'feed' ||
    b.steps.some((s) => s.task === 'blowOutLiner') ||
    (b.id === 'pressure' && !b.after.includes('feed'))
      ? { ...b, after: [...new Set([...b.after, ...early.map((e) => e.id)])] }
      : b,
  )
  // In an order that holds what must come before, else as they stood.
  const sorted: Block[] = []
  while (sorted.length < bound.length) {
    const done = new Set(sorted.map((b) => b.id))
    const next = bound.find((b) => !done.has(b.id) && b.after.every((id) => done.has(id)))
    if (!next) throw new RangeError('work that waits for itself')
    sorted.push(next)
  }
  return sorted
}

/**
 * The same work shared between two, and proved in every order their lists allow; `null` where those are too many to
 * try them all: then one list is what can be vouched for.
 */
function shared(c: MatchContext, findings: readonly Finding[], blocks: readonly Block[]): Crew | null {
  const crew = shareBlocks(oneAtTheGun(blocks), HOME)
  const steps = blocks.flatMap((b) => b.steps)
  const beforeStep = new Map(crew.steps.map((s) => [s.id, s.before]))
  const list = (who: Lane) =>
    laneSteps(crew, who, steps).map((step) => ({ step, before: beforeStep.get(step.id)! }))
  const proof = proveCrew([list('feeder'), list('gun')], findings, c)
  if (proof.violations.some((v) => v.rule === TOO_MANY_ORDERS)) return null
  if (!proof.holds) throw new PlanRefused(proof)
  return crew
}

/** Plans from what the stations look at. @throws PlanRefused when the plan fails its proof */
export function planFrom(given: MatchContext): Changeover {
  const context = atWork(given)
  const findings = match(context)
  const required = Object.fromEntries(findings.map((f) => [f.station, f.required])) as Record<
    Station,
    unknown
  >
  const problems = obstacles(context, findings)
  const known = knownOf(context, findings)
  const base = {
    context,
    findings,
    required,
    problems,
    cautions: cautions(context),
    gather: gatherList(context, findings),
    wireInGun: known.left,
    start: known.start,
  }
  if (problems.length) return { ...base, tools: [], steps: [], minutes: null, proof: null, crew: null }
  const blocks = orderedWork(context, findings, known)
  const steps = withWalking(blocks.flatMap((b) => b.steps))
  const proof = prove(steps, findings, context)
  if (!proof.holds) throw new PlanRefused(proof)
  const minutes = totalMinutes(steps)
  const crew = context.practice.people === 2 ? shared(context, findings, blocks) : null
  return { ...base, tools: toolsFor(steps), steps, minutes, proof, crew }
}

/** Plans a whole request; labels that cannot be read come back as problems with their path. */
export function planChangeover(request: ChangeoverRequest): Read<Changeover> {
  const context = prepare(request)
  if (!context.ok) return context
  const problems = notToChoose(context.value, request)
  return problems.length ? { ok: false, problems } : { ok: true, value: planFrom(context.value) }
}
