import {
  changeoverRequestSchema,
  isSized,
  planChangeover,
  readLabel,
  type Changeover,
  type StationFinding,
  type Machine,
  type SizedWire,
  type Station,
} from '../src/index.ts'
import { demoShop } from '../src/demo/saltbarrow.ts'

export const shop = demoShop()
export const machine = (id: string): Machine => shop.machines.find((m) => m.id === id)!

/** A wire by its label, which must read and have a size. */
export function sizedWire(label: string): SizedWire {
  const read = readLabel(label)
  if (!read.ok || !isSized(read.value.wire)) throw new Error(label)
  return read.value.wire
}

interface Ask {
  on?: string
  label?: string
  wire?: object
  fitted?: object
  /** Changes to the machine itself. */
  set?: object
  job?: object
  store?: unknown[]
  practice?: object
}

/** Plans a change on a demo machine, with what the test says of it. */
export function plan({
  on = 'gull',
  label = 'ER5356 1.2',
  wire,
  fitted = {},
  set = {},
  job = {},
  store,
  practice = {},
}: Ask): Changeover {
  const base = machine(on)
  const metal = /ER[45]\d{3}/.test(label) && !wire ? 'aluminium' : 'mild-steel'
  const request = changeoverRequestSchema.parse({
    machine: { ...base, ...set, fitted: { ...base.fitted, ...fitted } },
    wire: wire ?? { label },
    job: { material: metal, thicknessMm: 4, ...job },
    store: store ?? shop.store,
    practice,
  })
  const result = planChangeover(request)
  if (!result.ok) throw new Error(JSON.stringify(result.problems))
  return result.value
}
export const finding = (of: Changeover, station: Station): StationFinding =>
  of.findings.find((f) => f.station === station)!
export const verdict = (of: Changeover, station: Station) => finding(of, station).verdict
export const tasks = (of: Changeover) => of.steps.map((s) => s.task)
