import type { ConversionKind } from '../../steps/conversions.ts'
import { type Fitted } from '../../machine/fitted/fitted.ts'
import { type Job } from '../../machine/request.ts'
import { type Machine } from '../../machine/machine.ts'
import { earthIsPoor } from '../../bench/bench.ts'
import { leftWith, wireInGunOf, type OpenEnd } from '../../machine/standing.ts'
import { type Part } from '../../machine/store.ts'
import { shortMixture } from '../../gas/mixture.ts'
import { pick, type MatchContext, type WantedPart } from '../../match/finding.ts'
import { contextFor, wireOnMachine } from '../../match/prepare.ts'
import {
  gunAsFitted,
  mayBeOn,
  regulatorFor,
  regulatorTakes,
  type Gun,
  type GunLoad,
} from '../../machine/part.ts'
import type { Practice } from '../../practice/schools.ts'
import type { SizedWire } from '../../wire/wire.ts'
import { FIRST_BY_HAND, wireByHand } from '../../wire/byHand.ts'
import { machineAfter, type Folded } from '../fold/fold.ts'
import { toolsFor, type GatherLine, type Tool } from '../plan/gather.ts'
import { proveConversion, setBy } from './conversionProof.ts'
import { PlanRefused, totalMinutes, withWalking } from '../plan/plan.ts'
import type { Proof } from '../proof/proof.ts'
import type { Step, Task } from '../../steps/step.ts'
import { gunOpened, hubEmptied, oldWireOut, when } from '../../work/chains.ts'
import { powerAfter, takeOver } from '../../work/secure.ts'
import { machineFacts, step, withPower } from '../../work/steps.ts'

export interface Conversion {
  kind: ConversionKind
  context: MatchContext
  /** No station is matched: the list stands alone. */
  findings: []
  steps: Step[]
  minutes: number
  gather: GatherLine[]
  tools: Tool[]
  proof: Proof
  /** What its steps set, station by station. */
  sets: Folded['findings']
  /** The machine as it stands when the last step is done: empty of wire. */
  after: Machine
}

const JOB: Job = { material: 'mild-steel', thicknessMm: 3 }

/** Whether a conversion makes sense on this machine now. */
export const canConvert = (machine: Machine, kind: ConversionKind): boolean =>
  kind === 'to-gas' ? machine.gasGear === false : kind === 'to-gasless' ? machine.gasGear === true : true

interface WireOn {
  /** What of the wire lies in the gun. */
  inGun: 'whole' | 'piece' | 'none'
  /** A spool is on, with its wire threaded or not. */
  spoolOn: boolean
  /** An adapter carries it, or was left on the hub. */
  adapterOn: boolean
  knot: boolean
  /** A solenoid sits in the case already, not wired yet. */
  solenoidIn: boolean
  /** The gun has rolls of its own, or nobody looked. */
  pulls: boolean
  gunOn: boolean
  tipOn: boolean
  nozzleOn: boolean
  /** Water hoses are on the gun that is on; on the one that goes on. */
  waterOn: boolean
  waterGoing: boolean
  clampOn: boolean
  on: boolean
  plugged: boolean
  earthPoor: boolean
}
/** The wire comes out first: what is done at the gun and the solenoid is done with nothing in the rolls. */
function wireOut({ inGun, spoolOn, adapterOn, knot, pulls, gunOn, tipOn, nozzleOn }: WireOn): Task[] {
  const out = inGun !== 'none'
  return [
    ...gunOpened({
      hot: gunOn,
      clampOn: false,
      nozzleOn: out && nozzleOn,
      ball: out && gunOn,
      tipOn: out && tipOn,
      pulls: out && pulls,
      coiled: false,
    }),
    ...oldWireOut({ inGun, knot }),
    ...hubEmptied({ spoolOn, adapterOn }),
  ]
}

/** Hands and eyes, the clamp, the gas, the switch: then the parts are fetched, and the wire comes out. */
const begun = (w: WireOn, gasOn: boolean, unplugs: boolean): Task[] => [
  ...when(w.earthPoor && w.on, 'switchOff'),
  ...when(w.earthPoor && w.plugged, 'unplug'),
  ...when(w.earthPoor, 'supplyFix'),
  // What stands behind the valve is let out through the solenoid, which wants power.
  ...when(w.earthPoor && gasOn, 'plugIn', 'switchOn'),
  'protect',
  ...when(w.clampOn, 'clampOff'),
  ...when(gasOn, 'shutCylinder'),
  ...when(w.earthPoor ? gasOn : w.on, 'switchOff'),
  ...when(unplugs && (w.earthPoor ? gasOn : w.plugged), 'unplug'),
  'gatherParts',
]
const TASKS_OF: Record<ConversionKind, (wire: WireOn, gasOn: boolean) => Task[]> = {
  // The valve is proved by its click before gas is bought and connected.
  'to-gas': (wire) => [
    ...begun(wire, false, true),
    ...wireOut(wire),
    'waitDischarge',
    'openCase',
    ...when(!wire.solenoidIn, 'fitSolenoid'),
    'wireSolenoid',
    'fitGasHose',
    'closeCase',
    'plugIn',
    'switchOn',
    'clickTest',
    'switchOff',
    'chainCylinder',
    'crackValve',
    'regulatorOn',
    'openCylinder',
    'leakCheck',
    'shutCylinder',
    'putAway',
  ],
  'to-gasless': (wire, gasOn) => [
    ...begun(wire, gasOn, true),
    ...when(gasOn, 'regulatorOff'),
    ...wireOut(wire),
    'waitDischarge',
    'openCase',
    'hoseOff',
    'solenoidOut',
    'closeCase',
    'plugIn',
    'putAway',
  ],
  'fit-gun': (wire, gasOn) => [
    ...begun(wire, gasOn, false),
    ...wireOut(wire),
    ...when(wire.waterOn, 'hosesOff'),
    ...when(wire.gunOn, 'gunOff'),
    'gunSwap',
    'gunBack',
    'connectGun',
    ...when(wire.waterGoing, 'hosesOn'),
    ...when(wire.earthPoor && !gasOn && wire.plugged, 'plugIn'),
    'putAway',
  ],
}

/** What a conversion brings in; the store is looked through for it. */
function partsFor(kind: ConversionKind, gun: Gun, c: MatchContext): WantedPart[] {
  if (kind === 'to-gas') {
    const cylinder = pick(c.store, [(p) => p.kind === 'cylinder'])
    const gas = gasOf(c, cylinder)
    const regulator = regulatorFor(gas) as Extract<Part, { kind: 'regulator' }>
    const nozzle = c.fitted.nozzle
    return [
      ...(leftWith(c.machine.standing, 'solenoid-not-wired') ? [] : [beside(c, 'solenoid')]),
      beside(c, 'hose'),
      beside(c, 'clip'),
      // A cap is no gas nozzle; one that nobody looked at may be.
      ...(nozzle === null || (nozzle && nozzle.kind !== 'gas')
        ? [
            {
              station: 'nozzle' as const,
              kind: 'nozzle' as const,
              spec: { kind: 'gas' },
              storeIndex: pick(c.store, [(p) => p.kind === 'nozzle' && p.type === 'gas']),
            },
          ]
        : []),
      {
        station: 'gas',
        kind: 'regulator',
        spec: { gas: regulator.gas },
        storeIndex: pick(c.store, [(p) => p.kind === 'regulator' && regulatorTakes(p, gas)]),
      },
      { station: 'gas', kind: 'cylinder', spec: { gas }, storeIndex: cylinder },
    ]
  }
  if (kind === 'to-gasless') return []
  const { kind: type, lengthM } = gun
  return [
    {
      station: 'gun',
      kind: 'gun',
      spec: { kind: type, lengthM },
      storeIndex: pick(c.store, [
        (p) => isGun(p, type) && p.lengthM === lengthM,
        (p) => isGun(p, type) && lengthM === undefined,
      ]),
    },
    // The seats of a gun that is put on are looked at: rings are at hand.
    beside(c, 'oRing'),
  ]
}
/** What stands beside the wire's way: of any make that the machine's diagram takes. */
const beside = (c: MatchContext, kind: 'solenoid' | 'hose' | 'clip' | 'oRing'): WantedPart => ({
  station: kind === 'oRing' ? 'gun' : 'gas',
  kind,
  spec: {},
  storeIndex: pick(c.store, [(p) => p.kind === kind]),
})
/** Gas is bought once the valve has been heard to click: neither it nor its regulator bars the beginning. */
const AFTER_THE_CLICK: readonly Part['kind'][] = ['regulator', 'cylinder']

const isGun = (part: Part, type: Gun['kind']): part is Extract<Part, { kind: 'gun' }> =>
  part.kind === 'gun' && part.part === 'whole' && part.type === type
const gasOf = (c: MatchContext, at: number | null) => {
  const part = at === null ? undefined : c.store![at]
  return part?.kind === 'cylinder' ? part.gas : { Ar: 80, CO2: 20 }
}

/** What its steps do to the machine, to be folded over it. */
export const conversionFolds = <P extends Pick<Conversion, 'context' | 'sets' | 'steps'>>({
  context,
  sets,
  steps,
}: P): Folded => ({ context, findings: sets, steps })

/** Liner, tip and nozzle, each named whether it is known or not. */
const loadOf = ({ liner, contactTip, nozzle }: GunLoad): GunLoad => ({ liner, contactTip, nozzle })

/**
 * Plans a conversion and proves it on the model of the machine, from a machine with and without wire where that was
 * not read.
 * @param gun the gun that goes on, for `fit-gun`
 * @throws RangeError when the machine does not ask for it; PlanRefused when the list fails its proof
 */
export function planConversion(
  machine: Machine,
  kind: ConversionKind,
  gun: Gun = { kind: 'push' },
  store: readonly Part[] | undefined = undefined,
  practice: Practice,
): Conversion {
  if (!canConvert(machine, kind)) throw new RangeError(`${machine.name} does not ask for ${kind}`)
  // A wire to judge by, where none is on or read: the list does not depend on it.
  const wire = wireOnMachine(machine) ?? (wireByHand(FIRST_BY_HAND) as SizedWire)
  const looked = contextFor(machine, wire, practice, { job: JOB, store })
  const wireOn = machine.fitted.wire !== null
  const { standing } = looked.machine
  const inGun = wireInGunOf(standing, wireOn)
  const left = (end: OpenEnd) => leftWith(standing, end)
  const knot = machine.fitted.conditions?.birdnest === true
  const gasOn = machine.fitted.gas !== null && machine.gasGear !== false
  const gunOn = machine.fitted.gun
  const parts = partsFor(kind, gun, looked)
  // A gun of the shelf comes with what was in and on it when it was laid aside; of another nothing is known.
  const index = parts.find((p) => p.kind === 'gun')?.storeIndex
  const stored = index == null ? undefined : store![index]
  const going = stored?.kind === 'gun' ? gunAsFitted(stored) : { gun, load: {} }
  const context: MatchContext =
    kind === 'fit-gun'
      ? { ...looked, gunOff: loadOf(machine.fitted), fitted: { ...looked.fitted, ...loadOf(going.load) } }
      : looked
  const bottle = parts.find((p) => p.kind === 'cylinder')
  const cylinderSpec = bottle?.spec.gas as Fitted['gas']
  const facts = {
    ...machineFacts(context),
    kind: gun.kind,
    lengthM: gun.lengthM,
    conversion: kind,
    // What the steps name as going on.
    wanted: kind === 'fit-gun' ? gun.kind : cylinderSpec ? shortMixture(cylinderSpec) : undefined,
    ...(kind === 'fit-gun' && gunOn === null && { first: true }),
  }
  const over = takeOver(
    { fitted: machine.fitted, standing, wireOn, wireIsRight: false },
    kind === 'to-gasless' && gasOn && !earthIsPoor(machine),
  )
  const { on, plugged } = powerAfter(standing, over)
  const used = new Map<string, number>()
  const listed = [
    ...over.map(({ task, captive }) =>
      step(task, facts, { id: `${task}-left`, ...(captive && { captive, hold: false }) }),
    ),
    ...TASKS_OF[kind](
      {
        inGun,
        spoolOn: wireOn || machine.fitted.spool != null,
        adapterOn: machine.fitted.spool?.adapter === true || left('adapter-on-hub'),
        knot,
        solenoidIn: left('solenoid-not-wired'),
        pulls: gunOn === undefined || gunOn?.kind === 'push-pull',
        gunOn: gunOn !== null,
        tipOn: gunOn !== null && machine.fitted.contactTip !== null && !left('tip-off'),
        nozzleOn: gunOn !== null && mayBeOn(machine.fitted.nozzle) && !left('nozzle-off'),
        waterOn: gunOn?.cooling === 'water' && !left('gun-off'),
        waterGoing: going.gun.cooling === 'water',
        clampOn: standing?.clamp !== 'off',
        on,
        plugged,
        earthPoor: earthIsPoor(machine),
      },
      gasOn,
    ).map((task) => {
      const n = (used.get(task) ?? 0) + 1
      used.set(task, n)
      const own = task === 'waitDischarge' ? machine.dischargeMinutes : undefined
      // Wire that stands through the tip is snipped before the tip comes off over it.
      const more = {
        ...(own !== undefined && { minutes: own }),
        ...(task === 'tipOff' && { ball: inGun !== 'none' }),
      }
      return step(
        task,
        { ...facts, ...more },
        {
          ...(n > 1 && { id: `${task}-${n}` }),
          ...(own !== undefined && { minutes: own }),
        },
      )
    }),
  ]
  const steps = withWalking(withPower(listed, standing?.on !== false && standing?.plugged !== false))
  const end: Partial<Fitted> =
    kind === 'to-gas'
      ? // Of one that is not in the store nobody knows what it will hold.
        { gas: bottle!.storeIndex === null ? undefined : cylinderSpec }
      : kind === 'to-gasless'
        ? // Taking the regulator off is what leaves none.
          {}
        : { gun: going.gun }
  const proof = proveConversion(kind, steps, end, context)
  if (!proof.holds) throw new PlanRefused(proof)
  const sets = setBy(end)
  return {
    kind,
    context,
    findings: [],
    steps,
    minutes: totalMinutes(steps),
    gather: parts.map((p) => ({
      station: p.station,
      kind: p.kind,
      spec: p.spec,
      have: p.storeIndex !== null,
      storeIndex: p.storeIndex,
      ifNeeded: false,
      ...(kind === 'to-gas' && AFTER_THE_CLICK.includes(p.kind) && { later: true as const }),
      ...(p.storeIndex !== null && store?.[p.storeIndex]?.drawer && { drawer: store[p.storeIndex]!.drawer! }),
    })),
    tools: toolsFor(steps),
    proof,
    sets,
    after: machineAfter(
      machine,
      conversionFolds({ context, sets, steps }),
      steps.map((s) => s.id),
    ),
  }
}
