import {
  catalogueLabels,
  FAMILY_SHEETS,
  changeoverRequestSchema,
  gasDesignation,
  planChangeover,
  readLabel,
  settle,
  stampSizes,
  type Fitted,
  type Machine,
  type Part,
  type Settled,
} from '../src/index.ts'
import { demoShop } from '../src/demo/saltbarrow.ts'

const shop = demoShop()
const labels = catalogueLabels()

/** What a setup does, apart from marks, weights and which of two like parts lies in the machine. */
const works = (f: Fitted) => ({
  wire: f.wire,
  guides: [f.inletGuide?.material, f.outletGuide?.material],
  rolls: f.driveRolls && [f.driveRolls.profile, stampSizes(f.driveRolls.active ?? '')],
  liner: f.liner?.material,
  gun: [f.gun?.kind, f.gun?.rolls?.profile, f.gun?.innerLiner?.material],
  tip: f.contactTip && [stampSizes(f.contactTip.stamp), f.contactTip.aluminiumBore ?? false],
  nozzle: f.nozzle?.kind,
  polarity: f.polarity,
  gas: f.gas && gasDesignation(f.gas),
  brake: f.hubBrake,
})
/** What the wire leaves no choice in: where it takes more than one part, what fits stays on. */
function settledBy(label: string, f: Fitted) {
  const read = readLabel(label)
  if (!read.ok) throw new Error(label)
  const { wire } = read.value
  const needs = FAMILY_SHEETS[wire.family]
  const all = works(f)
  const bears = Object.values(needs.alsoTakes).some((gas) => gas !== undefined)
  return {
    wire: all.wire,
    brake: all.brake,
    ...(needs.guides.length === 1 && { guides: all.guides }),
    ...(needs.rolls.length === 1 && { profile: all.rolls?.[0] }),
    ...(needs.liner.length === 1 && { liner: all.liner }),
    ...(wire.polarity.length === 1 && { polarity: all.polarity }),
    // A gas it bears beside its own stays on too.
    ...(wire.gas.designations.length === 1 && !bears && { gas: all.gas }),
    ...(!needs.soft && { tip: all.tip }),
    ...(wire.gas.needed && { nozzle: all.nozzle }),
  }
}
const words = { cameOff: () => '', newId: () => 'n' }

/** One signed-off change; nothing when it cannot be made. */
function change(machine: Machine, store: readonly Part[], label: string, metal: string) {
  const plan = planChangeover(
    changeoverRequestSchema.parse({
      machine,
      wire: { label },
      job: { material: metal, thicknessMm: 4 },
      store,
    }),
  )
  if (!plan.ok) throw new Error(JSON.stringify(plan.problems))
  return plan.value.proof?.holds ? settle(plan.value, machine, store, {}, words) : undefined
}

/**
 * A machine set up for A, changed to B and back to A, and round once more, with the store that follows it.
 * @returns what the wire settles, at the start and back; and the whole of what works, after one round and after two
 */
export function thereAndBack(
  seed: number,
): { began: object; back: object; once: object; twice: object } | undefined {
  const machine = shop.machines[seed % shop.machines.length]!
  const a = labels[(seed * 7) % labels.length]!
  const b = labels[(seed * 13 + 5) % labels.length]!
  const to = (from: Settled | undefined, { label, metal }: typeof a) =>
    from && change(from.machine, from.store, label, metal)
  const first = change(machine, shop.store, a.label, a.metal)
  const home = to(to(first, b), a)
  const again = to(to(home, b), a)
  return (
    first &&
    home &&
    again && {
      began: settledBy(a.label, first.machine.fitted),
      back: settledBy(a.label, home.machine.fitted),
      once: works(home.machine.fitted),
      twice: works(again.machine.fitted),
    }
  )
}
