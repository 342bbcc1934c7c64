import { same } from '../../base/same.ts'
import {
  gunAsFitted,
  gunAsStored,
  asStored,
  FITTED_KINDS,
  nozzleAsStored,
  partKey,
  putInStore,
  regulatorFor,
  type GunLoad,
} from '../../machine/part.ts'
import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { Machine } from '../../machine/machine.ts'
import type { Part } from '../../machine/store.ts'
import { leftWith } from '../../machine/standing.ts'
import type { Station } from '../../machine/stations.ts'
import { conditionVerdict, type Finding, type WantedPart } from '../../match/finding.ts'
import { handOf } from '../../match/prepare.ts'
import type { UpkeepDates } from '../../machine/upkeep.ts'
import type { WireByHand } from '../../wire/byHand.ts'
import { foldBench, machineAfter, type Correction } from '../fold/fold.ts'
import { spoolCameOff } from '../stop/stop.ts'
import { conversionFolds, type Conversion } from '../convert/conversion.ts'
import type { GatherLine } from '../plan/gather.ts'
import type { Changeover } from '../plan/plan.ts'
import type { Task } from '../../steps/step.ts'

export interface Settled {
  machine: Machine
  store: Part[]
  /** Parts that came off and went into the store. */
  returned: Part[]
  /** Parts that came off worn out or damaged: they are not put back. */
  scrapped: Part[]
  /** Parts of the store that are now fitted. */
  used: Part[]
}

/** The words and ids that only the app has. */
export interface SettleWords {
  cameOff: (machine: string, wire: string) => string
  newId: () => string
  /** What a shop calls a wire that no label describes. */
  nameOf?: (wire: WireByHand) => string
}

/** Of a part that is gone only the rest is written; the condition alone makes no other part of it. */
const otherPart = (a: object | null | undefined, b: object | null | undefined): boolean =>
  partKey(a ?? {}, ['condition']) !== partKey(b ?? {}, ['condition'])

/** What came off the machine, as store parts. A part is off when another was asked for in its place. */
function takenOff(before: Fitted, after: Fitted, plan: Changeover, store: readonly Part[]): Part[] {
  const by = (station: Station): Finding => plan.findings.find((f) => f.station === station)!
  const asked = (station: Station, piece?: string) => by(station).parts.find((p) => p.piece === piece)
  const parts: Part[] = []
  const { nozzle, gun, spool } = before
  const whole = asked('gun')
  // A gun that goes takes along what is in and on it; without a gun they are kept by themselves.
  const goes = whole !== undefined && gun != null && by('gun').verdict === 'change'
  const load: GunLoad = { liner: before.liner, contactTip: before.contactTip, nozzle: before.nozzle }
  for (const kind of FITTED_KINDS) {
    const old = before[kind]
    if (goes && kind in load) continue
    if (old && (asked(kind) || otherPart(old, after[kind]))) parts.push(asStored(kind, old))
  }
  if (!goes && nozzle && nozzle.kind !== 'none' && (asked('nozzle') || otherPart(nozzle, after.nozzle)))
    parts.push(nozzleAsStored(nozzle))
  if (whole && gun) parts.push(goes ? gunAsStored(gun, load) : gunAsStored(gun))
  // Pieces come off the gun that is on: the old one, or the one just fetched from the store.
  const fetched = whole && whole.storeIndex !== null ? store[whole.storeIndex] : undefined
  const going = fetched?.kind === 'gun' ? gunAsFitted(fetched) : undefined
  // Tip, liner and nozzle are judged on the machine: what lay in the fetched gun is kept by itself.
  if (going)
    parts.push(
      ...looseLoad({
        liner: asked('liner') || !goes ? going.load.liner : undefined,
        contactTip: asked('contactTip') || !goes ? going.load.contactTip : undefined,
        nozzle: asked('nozzle') || !goes ? going.load.nozzle : undefined,
      }),
    )
  const from = whole ? going?.gun : gun
  for (const piece of ['rolls', 'innerLiner'] as const) {
    const old = from?.[piece]
    if (!old || !asked('gun', piece)) continue
    const { active: _active, ...rest } = old as typeof old & { active?: string }
    parts.push({ ...rest, kind: 'gun', part: piece, count: 1 } as Part)
  }
  if (before.gas && !same(before.gas, after.gas)) {
    parts.push({ kind: 'cylinder', gas: before.gas, count: 1 })
    // Another outlet takes another regulator, and none is on where no cylinder is: the old one comes back.
    if (after.gas == null || plan.gather.some((line) => line.kind === 'regulator'))
      parts.push(regulatorFor(before.gas))
  }
  const leftOnHub = leftWith(plan.context.machine.standing, 'adapter-on-hub')
  // What carried the last spool is off where it was taken off, whatever carries this one.
  const off = after.spool?.adapter === false || plan.steps.some((s) => s.task === 'adapterOff')
  if ((spool?.adapter || leftOnHub) && off) parts.push(adapterOff(spool ?? {}))
  return parts
}

const adapterOff = (spool: NonNullable<Fitted['spool']> | Record<string, never>): Part => ({
  kind: 'adapter',
  ...(spool.type && { spool: spool.type }),
  count: 1,
})

/** Upkeep that the plan did, with its date; a new part counts as looked after. */
function lookedAfter(plan: Changeover, at: string): UpkeepDates {
  const did = (...tasks: Task[]) => plan.steps.some((s) => tasks.includes(s.task) && !s.facts.ifNeeded)
  return {
    ...(did('blowOutLiner', 'linerIn') && { blowOutLiner: at }),
    ...(did('rollsClean', 'rollsChange') && { brushRolls: at }),
    ...(did('oRing', 'oRingCheck') && { checkORings: at }),
  }
}

/** The old spool goes back on the shelf with what is left on it, as its box or its name says. */
function oldSpool({ wire, spool }: Fitted, words: SettleWords): Part[] {
  if (!wire || spool?.wireKg === 0) return []
  const hand = 'label' in wire ? undefined : handOf(wire)
  const massKg = spool?.wireKg ?? wire.spool?.massKg
  const spoolType = spool?.type ?? wire.spool?.type
  return [
    {
      kind: 'wire',
      label: 'label' in wire ? wire.label : (words.nameOf?.(hand!) ?? `${hand!.family} ${hand!.diameterMm}`),
      ...(hand && { byHand: hand }),
      ...(massKg !== undefined && { massKg }),
      ...(spoolType && { spoolType }),
      ...(wire.condition && { condition: wire.condition }),
      count: 1,
    },
  ]
}

/** Takes what was gathered out of the store: a spool or a cylinder leaves its line, a tip keeps its line at nought. */
function takeOut(
  gather: readonly GatherLine[],
  planned: readonly Part[],
  store: readonly Part[],
): { used: Part[]; left: Part[] } {
  // The store may have moved on since the plan was made: parts are found again by their id.
  const indices = gather
    .flatMap((line) => (line.storeIndex === null ? [] : [line.storeIndex]))
    .map((index) =>
      store.findIndex((part, i) =>
        planned[index]?.id === undefined ? i === index : part.id === planned[index].id,
      ),
    )
    .filter((i) => i >= 0)
  const left = store
    .map((part, i) => ({ ...part, count: Math.max(0, part.count - indices.filter((at) => at === i).length) }))
    .filter((part) => part.count > 0 || (part.kind !== 'wire' && part.kind !== 'cylinder'))
  return { used: indices.map((i) => store[i]!), left }
}

/** Sorts what came off into what goes back, labelled with where it was, and what is worn out. */
function putBack(off: readonly Part[], left: readonly Part[], note: string, newId: () => string) {
  const worn = (part: Part) =>
    part.kind !== 'wire' && 'condition' in part && conditionVerdict(part.condition) === 'change'
  const returned = off.filter((part) => !worn(part)).map((part) => ({ ...part, note }))
  const store = returned.reduce<Part[]>((sum, part) => putInStore(sum, part, newId), [...left])
  return { returned, scrapped: off.filter(worn), store }
}

/** The task that puts a part of the store on. */
const PUT_ON: Partial<Record<Part['kind'], Task>> = {
  inletGuide: 'inletGuideChange',
  driveRolls: 'rollsChange',
  outletGuide: 'outletGuideChange',
  liner: 'linerIn',
  gun: 'gunSwap',
  contactTip: 'fitTip',
  nozzle: 'fitNozzle',
  adapter: 'fitAdapter',
  hubHardware: 'fitAdapter',
  wire: 'mountSpool',
  regulator: 'regulatorOn',
  cylinder: 'regulatorOn',
  workClamp: 'clampMend',
  oRing: 'oRing',
}
/** What a conversion puts in, and at which task. */
const PUT_IN: Partial<Record<Part['kind'], Task>> = {
  ...PUT_ON,
  solenoid: 'fitSolenoid',
  hose: 'fitGasHose',
  clip: 'fitGasHose',
  oRing: 'gunSwap',
  // It waits for the wire that wants it.
  nozzle: undefined,
}
const PIECE_PUT_ON: Record<NonNullable<WantedPart['piece']>, Task> = {
  rolls: 'gunRollsChange',
  innerLiner: 'innerLiner',
  oRing: 'oRing',
}

/** A change that did not go to its end: what was not put on is neither used nor taken off. */
function asFarAs(plan: Changeover, done: readonly string[]): Changeover {
  const steps = plan.steps.filter((s) => done.includes(s.id))
  if (steps.length === plan.steps.length && !plan.stopped) return plan
  const did = new Set(steps.map((s) => s.task))
  const carries = foldBench(plan, done).adapter
  const isOn = ({ kind, piece }: Pick<WantedPart, 'kind' | 'piece'>) => {
    const task = piece ? PIECE_PUT_ON[piece] : PUT_ON[kind]
    // What carries the spool may have come off again, with no spool on it.
    return task !== undefined && did.has(task) && (task !== 'fitAdapter' || carries)
  }
  return {
    ...plan,
    steps,
    findings: plan.findings.map((f) => ({ ...f, parts: f.parts.filter(isOn) })),
    gather: plan.gather.filter(isOn),
  }
}

const noteOf = (machine: Machine, words: SettleWords) => {
  const { wire } = machine.fitted
  return words
    .cameOff(machine.name, wire ? ('label' in wire ? wire.label : (words.nameOf?.(handOf(wire)) ?? '')) : '')
    .slice(0, 200)
}

/**
 * What the shop looks like once the change is signed off: the new setup on the machine, new parts out of the
 * store, old parts into it, labelled with machine and use. No part is lost on the way: what was on the machine or in
 * the store is on the machine, in the store, or named as worn out.
 * @param machine as it is known now: what was learned of it since the plan was made is kept
 * @param outcome what only the bench can tell: the pressure mark found, and when it was (ISO time)
 * @param done ids of the steps done, in their order; left out, all of them
 * @throws RangeError when the change has no proved plan
 */
export function settle(
  planned: Changeover,
  machine: Machine,
  store: readonly Part[],
  outcome: { pressureMark?: number | null; at?: string; corrections?: readonly Correction[] },
  words: SettleWords,
  done: readonly string[] = planned.steps.map((s) => s.id),
): Settled {
  if (!planned.proof?.holds) throw new RangeError('no proved plan to sign off')
  const after = machineAfter(machine, planned, done, outcome.corrections)
  const plan = asFarAs(planned, done)
  const { used, left } = takeOut(plan.gather, plan.context.store ?? [], store)
  const spoolUsed = used.find((part) => part.kind === 'wire')
  const fitted: Fitted = {
    ...after.fitted,
    // What the shelf said of the spool's weight goes on with it.
    ...(after.fitted.spool &&
      spoolUsed?.massKg !== undefined &&
      after.fitted.spool.wireKg === undefined && {
        spool: { ...after.fitted.spool, wireKg: spoolUsed.massKg },
      }),
    ...(outcome.pressureMark !== undefined && { rollPressure: { mark: outcome.pressureMark } }),
  }
  const off = [
    ...takenOff(machine.fitted, fitted, plan, plan.context.store ?? []),
    // A spool that stays, or was not yet taken off, is on the machine still.
    ...(spoolCameOff(planned, done) ? oldSpool(machine.fitted, words) : []),
  ]
  // Only the group was known, not what the cylinder holds: it is read from the cylinder next time.
  if (
    used.every((part) => part.kind !== 'cylinder') &&
    plan.findings.some((f) => f.parts.some((p) => p.spec.group))
  )
    delete fitted.gas
  const back = putBack(off, left, noteOf(machine, words), words.newId)
  const upkeep = { ...machine.upkeep, ...(outcome.at && lookedAfter(plan, outcome.at)) }
  // Whoever went to the end has looked at all of it.
  const { assumed, ...seen } = after
  const unseen = planned.stopped ? assumed : undefined
  return {
    machine: {
      ...seen,
      ...(unseen?.length && { assumed: unseen }),
      fitted,
      ...(Object.keys(upkeep).length && { upkeep }),
    },
    used,
    ...back,
  }
}

/**
 * What the shop looks like once work on the machine itself is signed off: the spool that was on is on the shelf, the
 * old gun lies in the store with what was in and on it, and gas gear that came out is put away.
 * @param machine as it is known now
 */
export function settleConversion(
  plan: Conversion,
  machine: Machine,
  store: readonly Part[],
  words: SettleWords,
  done: readonly string[] = plan.steps.map((s) => s.id),
  corrections: readonly Correction[] = [],
): Settled {
  const did = (task: Task | undefined) =>
    task !== undefined && plan.steps.some((s) => s.task === task && done.includes(s.id))
  const folds = conversionFolds(plan)
  const gather = plan.gather.filter(({ kind }) => did(PUT_IN[kind]))
  const { used, left } = takeOut(gather, plan.context.store ?? [], store)
  const before = machine.fitted
  const off: Part[] = []
  if (did('gunSwap')) {
    const load: GunLoad = { liner: before.liner, contactTip: before.contactTip, nozzle: before.nozzle }
    if (before.gun) off.push(gunAsStored(before.gun, load))
    else off.push(...looseLoad(load))
  }
  // Gas gear that comes out is kept: it is the way back.
  if (did('solenoidOut')) off.push({ kind: 'solenoid', count: 1 })
  if (did('hoseOff')) off.push({ kind: 'hose', count: 1 }, { kind: 'clip', count: 1 })
  if (before.gas && (did('regulatorOff') || did('regulatorOn')))
    off.push({ kind: 'cylinder', gas: before.gas, count: 1 }, regulatorFor(before.gas))
  if (did('adapterOff')) off.push(adapterOff(before.spool ?? {}))
  if (spoolCameOff(folds, done)) off.push(...oldSpool(before, words))
  const back = putBack(off, left, noteOf(machine, words), words.newId)
  // Parts the gun took with it are not assumed of the one that is on now.
  const { assumed: known, ...rest } = machineAfter(machine, folds, done, corrections)
  const assumed = known?.filter(
    (s) => !did('gunSwap') || !['gun', 'liner', 'contactTip', 'nozzle'].includes(s),
  )
  return { machine: { ...rest, ...(assumed?.length && { assumed }) }, used, ...back }
}

/** Liner, tip and nozzle of a gun nobody read: they are kept by themselves. */
const looseLoad = ({ liner, contactTip, nozzle }: GunLoad): Part[] => [
  ...(liner ? [asStored('liner', liner)] : []),
  ...(contactTip ? [asStored('contactTip', contactTip)] : []),
  ...(nozzle && nozzle.kind !== 'none' ? [nozzleAsStored(nozzle)] : []),
]
