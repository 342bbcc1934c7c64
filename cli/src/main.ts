import { randomUUID } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import {
  decode,
  doStep,
  loadWords,
  machineSchema,
  next,
  now,
  plan,
  requestFor,
  signOff,
  start,
  stepsOf,
  stop,
  undoStep,
  type Job,
  type Machine,
  type Read,
  type Run,
  type Shop,
} from '@pepper-knot/core'
import { openShop, Refused, writeShop } from './shopFile.ts'

const HELP = `pepper-knot decode LABEL              what a box says
pepper-knot plan   MACHINE [WIRE]     the plan of a change; without a wire, what is wrong is put right
pepper-knot start  MACHINE [WIRE]     begins it in the shop's file; --conversion KIND works on the machine itself,
                                      --cause CAUSE --symptom SYMPTOM cures what was found
pepper-knot show   MACHINE            how it stands, and the steps to come
pepper-knot do     MACHINE [N|STEP|all] does the next step, so many, a named one, or all that are left
pepper-knot back   MACHINE            takes the last step back
pepper-knot stop   MACHINE            breaks it off: its steps are then those that leave the machine safe
pepper-knot sign-off MACHINE          writes it into the log, once all steps are done

MACHINE is a machine of the shop by name or id, or a JSON file with one; WIRE is a label or a JSON file.
  --shop FILE       the shop's file, as the app exports it (shop.pepperknot.json)
  --metal M --thickness MM --position P    what is welded; needed with a wire
  --conversion to-gas|to-gasless|fit-gun   --gun push|push-pull|spool-gun
  --mark N          pressure mark found
  --inch            inches   --json   the plan as JSON
It advises: the machine's and wire maker's instructions, local codes and licensed practice come first.`

const { values: given, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    shop: { type: 'string', default: 'shop.pepperknot.json' },
    metal: { type: 'string' },
    thickness: { type: 'string' },
    position: { type: 'string', default: 'flat' },
    conversion: { type: 'string' },
    cause: { type: 'string' },
    symptom: { type: 'string', multiple: true },
    gun: { type: 'string' },
    mark: { type: 'string' },
    inch: { type: 'boolean', default: false },
    json: { type: 'boolean', default: false },
    help: { type: 'boolean', short: 'h', default: false },
  },
})
const words = await loadWords('en')
const units = given.inch ? 'inch' : 'metric'

/** The value, or its problems said. */
function need<T>(read: Read<T>): T {
  if (!read.ok) throw new Refused(read.problems.map(words.problemLine).join('\n'))
  return read.value
}
const isFile = (text: string) => text.endsWith('.json') && existsSync(text)
function json(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as unknown
  } catch (error) {
    throw new Refused(`${file}: ${error instanceof Error ? error.message : String(error)}`)
  }
}
const number = (text: string | undefined, name: string): number | undefined => {
  if (text === undefined) return undefined
  const value = Number(text.replace(',', '.'))
  if (!Number.isFinite(value)) throw new Refused(`--${name} is a number, not ${text}`)
  return value
}

/** A machine of the shop, or one from a file, which is then the shop's. */
function machineOf(text: string | undefined, shop: Shop): Machine {
  if (text === undefined) throw new Refused('Which machine?')
  if (isFile(text)) {
    const read = machineSchema.safeParse(json(text))
    if (!read.success)
      throw new Refused(`${text}: ${read.error.issues.map((i) => i.path.join('.')).join(', ')}`)
    return shop.machines.find((m) => m.id === read.data.id) ?? read.data
  }
  const found = shop.machines.find((m) => m.id === text || m.name.toLowerCase() === text.toLowerCase())
  if (!found)
    throw new Refused(
      `No machine ${text}; there are ${shop.machines.map((m) => m.name).join(', ') || 'none'}.`,
    )
  return found
}
const wireOf = (text: string | undefined) =>
  text === undefined ? undefined : isFile(text) ? json(text) : { label: text }

/** What is asked of the planner: the machine, the wire if one is named, and the store's parts. */
function asked(machine: Machine, wireText: string | undefined, shop: Shop): object {
  const wire = wireOf(wireText)
  const thicknessMm = number(given.thickness, 'thickness')
  const { practice } = shop.settings
  if (given.cause)
    return { machine, cause: given.cause, symptoms: given.symptom ?? [], store: shop.store, practice }
  return given.conversion
    ? {
        machine,
        conversion: given.conversion,
        ...(given.gun && { gun: { kind: given.gun } }),
        store: shop.store,
        practice,
      }
    : requestFor(
        shop,
        machine,
        wire,
        wire === undefined
          ? undefined
          : { material: given.metal, thicknessMm, position: given.position, draughtMPerS: 0 },
      )
}

const begun = (run: Run) =>
  run.signedOffAt === undefined && run.planned !== undefined && run.frozen !== undefined
function jobOn(machine: Machine, shop: Shop): Job {
  const run = shop.runs.find((r) => r.machineId === machine.id && begun(r))
  if (!run) throw new Refused(`Nothing is under way on ${machine.name}.`)
  return { run, machine, store: shop.store }
}
const withRun = (shop: Shop, run: Run): Shop => ({
  ...shop,
  runs: shop.runs.some((r) => r.id === run.id)
    ? shop.runs.map((r) => (r.id === run.id ? run : r))
    : [...shop.runs, run],
})

function sayJob(job: Job): void {
  const steps = stepsOf(job)
  const { done } = job.run
  const left = words.openEndNames(now(job).standing)
  const step = next(job)
  console.log(`${job.machine.name}: ${done.length} of ${steps.length} steps done.`)
  if (left.length) console.log(`Left open: ${left.join(', ')}.`)
  console.log(step ? `Next, ${step.id}: ${words.stepTitle(step, units)}` : 'All steps are done: sign it off.')
}

function run([command, ...rest]: string[]): void {
  if (given.help || command === undefined) return console.log(HELP)
  if (command === 'decode') {
    const { wire } = need(decode(rest.join(' ')))
    return console.log(JSON.stringify(wire, null, 2))
  }
  const { shop, state } = openShop(given.shop)
  const machine = machineOf(rest[0], shop)
  const keep = (job: Job) => {
    writeShop(given.shop, state, withRun(shop, job.run))
    sayJob(job)
  }
  switch (command) {
    case 'plan': {
      const made = need(plan(asked(machine, rest[1], shop)))
      const said = words.answers(units).changeover(made)
      if (given.json) return console.log(JSON.stringify(said, null, 2))
      for (const problem of said.problems) console.log(`${problem.message} ${problem.wayOut}`)
      for (const line of said.gather) console.log(`${line.have ? 'Have' : 'MISSING'}  ${line.part}`)
      said.steps.forEach((step, i) => console.log(`${String(i + 1).padStart(3)}  ${step.text}`))
      if (said.minutes !== null) console.log(`About ${said.minutes} minutes.`)
      return
    }
    case 'start': {
      if (shop.runs.some((r) => r.machineId === machine.id && begun(r)))
        throw new Refused(`Something is under way on ${machine.name}: go on with it, or stop it, first.`)
      const job = need(start(asked(machine, rest[1], shop), randomUUID(), new Date().toISOString()))
      const known = shop.machines.some((m) => m.id === machine.id)
      writeShop(given.shop, state, {
        ...withRun(shop, job.run),
        machines: known ? shop.machines : [...shop.machines, machine],
      })
      return sayJob(job)
    }
    case 'show': {
      const job = jobOn(machine, shop)
      sayJob(job)
      for (const step of stepsOf(job))
        console.log(`${job.run.done.includes(step.id) ? 'done' : '    '}  ${words.stepTitle(step, units)}`)
      return
    }
    case 'do': {
      let job = jobOn(machine, shop)
      const many = rest[1] === 'all' ? Infinity : /^\d+$/.test(rest[1] ?? '1') ? Number(rest[1] ?? 1) : 0
      if (many === 0) job = need(doStep(job, rest[1]!))
      for (let n = 0; n < many; n++) {
        const step = next(job)
        if (!step) break
        job = need(doStep(job, step.id))
      }
      return keep(job)
    }
    case 'back':
      return keep(need(undoStep(jobOn(machine, shop))))
    case 'stop':
      return keep(need(stop(jobOn(machine, shop))))
    case 'sign-off': {
      const job = jobOn(machine, shop)
      const mark = number(given.mark, 'mark')
      const marked = mark === undefined ? job : { ...job, run: { ...job.run, pressureMark: mark } }
      const cameOff = (name: string, wire: string) => `came off ${name}, ${wire}`
      const done = need(signOff(marked, new Date().toISOString(), { cameOff, newId: randomUUID }))
      const machines = shop.machines.map((m) => (m.id === machine.id ? done.machine : m))
      writeShop(given.shop, state, { ...withRun(shop, done.run), machines, store: done.store })
      const left = words.openEndNames(done.machine.standing)
      return console.log(`Signed off.${left.length ? ` Left open: ${left.join(', ')}.` : ''}`)
    }
    default:
      throw new Refused(`There is no ${command}.\n\n${HELP}`)
  }
}

try {
  run(positionals)
} catch (error) {
  if (!(error instanceof Refused)) throw error
  console.error(error.message)
  process.exitCode = 1
}
