import {
  changeoverRequestSchema,
  FAMILY_SHEETS,
  maySkip,
  planChangeover,
  prove,
  skippedFor,
  type Changeover,
  type ChangeoverRequest,
  type Step,
} from '../src/index.ts'
import { checkOrder, type Listed, type OrderSetup } from './orderChecker.ts'
import { dice, otherSetup } from './otherSetups.ts'

const listed = (steps: readonly Step[]): Listed[] =>
  steps.map(({ id, task, place, station, hold, captive }) => ({ id, task, place, station, hold, captive }))

/** What the checker is told of a setup, from the request and the findings that were answered. */
export function orderSetup(request: ChangeoverRequest, plan: Changeover): OrderSetup {
  const { machine, practice } = request
  const { wire, ...context } = plan.context
  // What is only assumed was not looked at.
  const { fitted } = context.machine
  const whole = listed(plan.steps)
  const swapped = whole.some((s) => s.task === 'gunSwap')
  const gun = plan.findings.find((f) => f.station === 'gun')!
  const cup = (nozzle: typeof fitted.nozzle) => nozzle !== null && nozzle?.kind !== 'none'
  const gunOn = fitted.gun !== null
  const pulls = (kind: string | undefined) => kind === 'push-pull'
  const soft = FAMILY_SHEETS[wire.family].soft
  const verdict = (station: string) => plan.findings.find((f) => f.station === station)!
  return {
    wireOn: fitted.wire !== null,
    empty: fitted.spool?.wireKg === 0 && request.wire !== undefined,
    stays: request.wire === undefined,
    spoolOn: fitted.spool !== null,
    // A wire without gas leaves its cylinder shut.
    gasOn:
      fitted.gas !== null && !(request.wire === undefined && !wire.gas.needed && fitted.gasFlowLPerMin === 0),
    gasNeeded: wire.gas.needed,
    soft,
    open: wire.open !== undefined,
    gunOn,
    tipUnread: fitted.contactTip === undefined,
    linerOn: context.fitted.liner !== null,
    tipOn: gunOn && fitted.contactTip !== null,
    nozzleOn: gunOn && cup(fitted.nozzle),
    // One that nobody looked at may turn out to be as the plan would have it.
    gunPulls: pulls(fitted.gun === undefined ? gun.after.gun?.kind : fitted.gun?.kind),
    goingPulls: swapped && pulls(gun.after.gun?.kind),
    goingTip: swapped && context.fitted.contactTip !== null,
    goingNozzle: swapped && cup(context.fitted.nozzle),
    tipMayStay:
      practice?.tipWhileThreading === 'on' &&
      !soft &&
      !whole.some((s) => s.task === 'fitTip' || s.task === 'tipOff'),
    spoolGun: fitted.gun?.kind === 'spool-gun',
    spoolGunGoing: gun.after.gun?.kind === 'spool-gun',
    earthPoor: ['missing', 'damaged', 'worn'].includes(String(fitted.conditions?.earthPin)),
    water: fitted.gun?.cooling === 'water',
    waterGoing: gun.after.gun?.cooling === 'water',
    inletFirst: machine.inletBeforeSpool === true,
    cutAtRolls: whole.some((s) => s.task === 'linerTrim' && s.place === 'cabinet'),
    fetches: whole.some((s) => s.task === 'gatherParts'),
    knot: fitted.conditions?.birdnest === true,
    preheat: whole.some((s) => s.task === 'preheat'),
    adapterOn: fitted.spool?.adapter === true,
    drum: plan.findings[0]!.facts.mount === 'drum',
    polarity: machine.polarityChange ?? 'studs',
    verdicts: Object.fromEntries(plan.findings.map((f) => [f.station, f.verdict])),
    rules: {
      ...Object.fromEntries(
        plan.findings.map((f) => [
          f.station,
          [f, ...(f.also ?? [])].filter((x) => x.verdict !== 'fits').map((x) => x.rule),
        ]),
      ),
      nozzle: verdict('nozzle').after.nozzle?.kind === 'none' ? ['none-wanted'] : [],
    },
    whole,
  }
}

export interface Tried {
  seed: number
  how: string
  task: string
  checker: string[]
  proof: string[]
}

/** A request of the second generator; some leave the wire out, so that what is on is put right. */
export function drawn(seed: number, schools: Readonly<Record<string, readonly string[]>>): ChangeoverRequest {
  const raw = otherSetup(seed, schools) as { practice: object; machine: { fitted: { wire?: unknown } } }
  const request = { ...raw, practice: { ...raw.practice, people: 1 } } as Record<string, unknown>
  // Now and then a spool that has run out, a gun cooled by water, a drum, an earth that is not sound.
  const { fitted } = raw.machine as { fitted: Record<string, Record<string, unknown> | null | undefined> }
  if (seed % 11 === 0 && fitted.spool) fitted.spool.wireKg = 0
  if (seed % 13 === 0 && fitted.gun) fitted.gun.cooling = 'water'
  if (seed % 5 === 0 && raw.machine.fitted.wire) delete request.wire
  return changeoverRequestSchema.parse(request)
}

/** A proved plan, or nothing where the setup has none. */
export function provedPlan(request: ChangeoverRequest): Changeover | undefined {
  const plan = planChangeover(request)
  return plan.ok && plan.value.steps.length > 0 ? plan.value : undefined
}

/** Drops or moves one step of a plan. */
export function* mutations(
  plan: Changeover,
  seed: number,
  count: number,
): Generator<{ how: string; task: string; steps: Step[] }> {
  const d = dice(seed)
  for (let n = 0; n < count; n++) {
    const from = d.below(plan.steps.length)
    const step = plan.steps[from]!
    const rest = plan.steps.filter((_, i) => i !== from)
    if (d.chance(0.4)) {
      yield { how: `drop ${step.id}`, task: step.task, steps: rest }
      continue
    }
    const to = d.below(rest.length + 1)
    if (to === from) continue
    yield {
      how: `move ${step.id} before ${rest[to]?.id ?? 'the end'}`,
      task: step.task,
      steps: [...rest.slice(0, to), step, ...rest.slice(to)],
    }
  }
}

/** What checker and proof say of a list that was tampered with. */
export function judged(plan: Changeover, setup: OrderSetup, steps: readonly Step[]) {
  const proof = prove(steps, plan.findings, plan.context)
  // What is left out because it was read as right is left out by the checker too: the gun brings its own tip and nozzle.
  const skipsGun = (s: Step) => maySkip(s) && skippedFor(s) === 'gun'
  const kept = steps.some(skipsGun)
    ? checkOrder(listed(steps.filter((s) => !skipsGun(s))), {
        ...setup,
        goingTip: false,
        verdicts: { ...setup.verdicts, gun: 'fits' },
        whole: setup.whole.filter(({ task }) => task !== 'gunSwap'),
      })
    : []
  return {
    checker: [...checkOrder(listed(steps), setup), ...kept],
    proof: proof.violations.map((v) => `${v.rule} at ${v.at}`),
  }
}
