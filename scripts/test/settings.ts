/**
 * Starting settings over catalogue x sizes x thickness x positions x gases that suit (SETTINGS=1 each thickness):
 * every figure inside a row's window or `null`, no note at odds with the gas, transfer or position beside it; counts
 * by group. And the desk's, the plan's and the API's figures of a thousand random setups are the same.
 */
import {
  arcGasOf,
  catalogueLabels,
  changeoverAnswer,
  changeoverRequestSchema,
  flowFor,
  FAMILY_SHEETS,
  planChangeover,
  POSITIONS,
  readLabel,
  isSized,
  SCHOOL_IDS,
  schoolOptions,
  startNotes,
  startSettings,
  USUAL_MIXTURES,
  type Mixture,
} from '@pepper-knot/core/internal'
import { faults } from '../../core/test/settingsLaw.ts'
import { otherSetup } from '../../core/test/otherSetups.ts'

const THICK = [0.6, 0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25]
const OTHERS: Mixture[] = [
  { Ar: 90, CO2: 10 },
  { Ar: 86, CO2: 12, O2: 2 },
  { Ar: 93, CO2: 5, O2: 2 },
  { Ar: 95, O2: 5 },
]
const groups = new Map<string, { starts: number; lowA: number; highA: number }>()
let [all, none, wrong] = [0, 0, 0]
for (const { label, metal } of catalogueLabels()) {
  const read = readLabel(label)
  if (!read.ok || !isSized(read.value.wire)) continue
  const { wire } = read.value
  const own = wire.gas.designations.flatMap((d) => USUAL_MIXTURES[d] ?? [])
  const gases = wire.gas.needed
    ? [...own, ...(FAMILY_SHEETS[wire.family].gas.length > 3 ? OTHERS : [])]
    : [null]
  for (const gas of gases)
    for (const position of POSITIONS)
      for (const thicknessMm of THICK) {
        const job = { material: metal, thicknessMm, position }
        const start = startSettings(wire, job, gas && arcGasOf(gas))
        all++
        const bad = faults(start, job, gas)
        if (bad.length && wrong++ < 10)
          console.log(`  ${label}, ${JSON.stringify(gas)}, ${position}, ${thicknessMm} mm: ${bad.join('; ')}`)
        if (!start.row) {
          none++
          continue
        }
        const g = groups.get(start.row.group) ?? { starts: 0, lowA: Infinity, highA: 0 }
        g.starts++
        g.lowA = Math.min(g.lowA, start.currentA!.value)
        g.highA = Math.max(g.highA, start.currentA!.value)
        groups.set(start.row.group, g)
      }
}
console.log(`settings      ${all} starts, of them ${none} without a row, outside or at odds ${wrong}`)
for (const [group, g] of [...groups].sort(([a], [b]) => (a < b ? -1 : 1)))
  console.log(
    `  ${group.padEnd(28)} ${String(g.starts).padStart(6)}  ${Math.round(g.lowA)} to ${Math.round(g.highA)} A`,
  )

const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))
let [compared, differ] = [0, 0]
for (let seed = 1; seed <= 1000; seed++) {
  const raw = otherSetup(seed + 500_000, schools) as { practice: object }
  const request = changeoverRequestSchema.parse({ ...raw, practice: { ...raw.practice, people: 1 } })
  const plan = planChangeover(request)
  if (!plan.ok || !plan.value.start) continue
  const { context, findings, start } = plan.value
  const gas = context.wire.gas.needed ? (findings.find((f) => f.station === 'gas')!.after.gas ?? null) : null
  const bore = findings.find((f) => f.station === 'nozzle')!.after.nozzle?.boreMm
  const desk = startSettings(context.wire, context.job!, gas && arcGasOf(gas), context.machine)
  const flow = flowFor(context.wire, desk, gas, bore, context.job)
  const answer = changeoverAnswer(plan.value).start!
  compared++
  const same =
    desk.currentA?.value === start.currentA?.value &&
    desk.voltageV?.value === start.voltageV?.value &&
    desk.wireSpeedMPerMin?.value === start.wireSpeedMPerMin?.value &&
    desk.tipToWorkMm?.value === start.tipToWorkMm?.value &&
    desk.transfer === answer.transfer &&
    startNotes(desk).every((note) => answer.notes.includes(note)) &&
    (!context.wire.gas.needed ||
      context.practice.flowSetting === 'fixed' ||
      flow.value === start.gasFlowLPerMin.value)
  if (!same && differ++ < 5) console.log(`  ${seed}: desk and plan differ`)
}
console.log(`one function  ${compared} setups, desk, plan and API differ in ${differ}`)
if (wrong || differ) process.exitCode = 1
