/**
 * The trouble finder on 2,000 seeded patients: how many hidden causes it names, and in how many minutes, beside going
 * through the causes in printed order and in random order; on small cases beside the best that exhaustive search finds
 * under the finder's own chances.
 */
import {
  CAUSES,
  causeRow,
  causeToName,
  chancesOf,
  CHECKS,
  checkRow,
  cureRow,
  findFrom,
  hereIf,
  knownOf,
  match,
  mayNameUnseen,
  minutesFrom,
  needsOff,
  needsOn,
  nextCheck,
  prepareTrouble,
  seeded,
  showsAt,
  standingAfter,
  toldSchema,
  type Cause,
  type Check,
  type Checked,
  type Machine,
  type Patient,
  type Standing,
  type Told,
} from '@pepper-knot/core/internal'
import { demoShop } from '@pepper-knot/core/demo'
import { createPatient } from '../../core/test/patient.ts'

const PATIENTS = Number(process.env.PATIENTS ?? 2000)
const MOST_LOOKS = 80

/** Demo machines with some of their stations not read: what was not looked at may be wrong. */
function machineOf(random: () => number): Machine {
  const { machines } = demoShop('2026-01-01T00:00:00Z')
  const able = machines.filter((m) => m.fitted.wire)
  const machine = structuredClone(able[Math.floor(random() * able.length)]!)
  for (const key of Object.keys(machine.fitted) as (keyof typeof machine.fitted)[])
    if (key !== 'wire' && random() < 0.5) delete machine.fitted[key]
  return machine
}

interface Course {
  named: boolean
  minutes: number
  looks: number
  wrong: Cause[]
}

/** The finder with a patient: looks as it is told, cures what it names, and goes on where that did not help. */
function finder(patient: Patient, c: Context, told: Told): Course {
  const checks: Checked[] = []
  const cured: Cause[] = []
  const wrong: Cause[] = []
  let minutes = 0
  let symptoms = patient.symptoms()
  for (let looks = 0; looks < MOST_LOOKS;) {
    const asked = { ...told, symptoms, checks, cured }
    const { found, next } = findFrom(c.context, c.findings, asked)
    if (found) {
      cured.push(found.cause)
      if (patient.cure(found.cause)) {
        if (patient.well) return { named: true, minutes, looks, wrong }
        symptoms = patient.symptoms()
      } else {
        wrong.push(found.cause)
        minutes += cureRow(found.cause).minutes
      }
    } else if (next) {
      looks++
      minutes += next.minutes
      checks.push({ id: next.check, outcome: patient.look(next.check) })
    } else return { named: false, minutes, looks, wrong }
  }
  return { named: false, minutes, looks: MOST_LOOKS, wrong }
}

/** A list of causes gone through, each by its first look; what is missed comes round again. */
function byList(patient: Patient, order: readonly Cause[]): Course {
  let minutes = 0
  let looks = 0
  let standing: Standing = {}
  const wrong: Cause[] = []
  const gone = new Set<Cause>()
  for (let round = 0; round < 6; round++) {
    const made = new Map<Check, Checked['outcome']>()
    for (const cause of order) {
      if (gone.has(cause)) continue
      const check = CHECKS.find((id) => checkRow(id).finds.includes(cause))
      // A technician is asked where nothing else was found.
      if (!check && round === 0) continue
      let outcome = check ? made.get(check) : 'here'
      if (check && !outcome) {
        minutes += minutesFrom(standing, check)
        standing = {
          place: checkRow(check).place,
          on: needsOn(check) ? true : needsOff(check) ? false : standing.on,
        }
        outcome = patient.look(check)
        made.set(check, outcome)
        looks++
      }
      if (outcome !== 'here') continue
      gone.add(cause)
      if (patient.cure(cause)) {
        if (patient.well) return { named: true, minutes, looks, wrong }
        made.clear()
      } else {
        wrong.push(cause)
        minutes += cureRow(cause).minutes
      }
    }
  }
  return { named: false, minutes, looks, wrong }
}

type Context = ReturnType<typeof contextOf>
function contextOf(seed: number) {
  const random = seeded(seed)
  const machine = machineOf(random)
  const job = random() < 0.5 ? undefined : ({ material: 'mild-steel', thicknessMm: 3 } as const)
  const prepared = prepareTrouble({ machine, symptoms: ['birdnest'], ...(job && { job }) })
  if (!prepared.ok) throw new RangeError(JSON.stringify(prepared.problems))
  const findings = match(prepared.value)
  return {
    context: prepared.value,
    findings,
    known: knownOf(prepared.value, findings, { symptoms: [] as never }),
  }
}
/** What is told besides the symptoms: when it shows, said by half of the people. */
const toldBy = (patient: Patient, random: () => number): Told => ({
  symptoms: patient.symptoms(),
  ...(patient.hidden.every((h) => causeRow(h).only)
    ? { at: 'threading' as const }
    : random() < 0.5 && !patient.hidden.some((h) => causeRow(h).only) && { at: 'welding' as const }),
})

const shuffled = <T>(list: readonly T[], random: () => number): T[] => {
  const left = [...list]
  return Array.from(list, () => left.splice(Math.floor(random() * left.length), 1)[0]!)
}

const courses = {
  finder: [] as Course[],
  printed: [] as Course[],
  relevant: [] as Course[],
  random: [] as Course[],
}
const missed = new Map<string, number>()
for (let seed = 1; seed <= PATIENTS; seed++) {
  const c = contextOf(seed)
  const patient = () => createPatient(c.context, c.known, seed * 7919)
  const told = toldBy(patient(), seeded(seed + 31))
  if (!toldSchema.safeParse(told).success) throw new RangeError(`patient ${seed} says what cannot be said`)
  const course = finder(patient(), c, told)
  courses.finder.push(course)
  if (!course.named) {
    const hidden = patient().hidden.join(' + ')
    missed.set(hidden, (missed.get(hidden) ?? 0) + 1)
  }
  courses.printed.push(byList(patient(), CAUSES))
  const relevant = CAUSES.filter(
    (cause) => c.known.weights[cause].weight > 0 && told.symptoms.some((s) => showsAt(cause, s) > 0.1),
  )
  courses.relevant.push(byList(patient(), [...relevant, ...CAUSES.filter((x) => !relevant.includes(x))]))
  courses.random.push(byList(patient(), shuffled(CAUSES, seeded(seed + 77))))
}
const mean = (list: readonly Course[]) => list.reduce((sum, x) => sum + x.minutes, 0) / list.length
const share = (list: readonly Course[]) => (100 * list.filter((x) => x.named).length) / list.length
console.log(`${PATIENTS} patients`)
for (const [name, list] of Object.entries(courses))
  console.log(
    `  ${name.padEnd(9)} named ${share(list).toFixed(1)} %, ${mean(list).toFixed(1)} min, worst ${Math.max(...list.map((x) => x.minutes)).toFixed(0)}, looks ${(list.reduce((s, x) => s + x.looks, 0) / list.length).toFixed(1)}, wrong cures ${(list.reduce((s, x) => s + x.wrong.length, 0) / list.length).toFixed(2)}`,
  )
console.log(
  `  finder over printed order ${(mean(courses.finder) / mean(courses.printed)).toFixed(2)} (limit 0.60)`,
)
console.log(
  `  finder over printed order, causes that fit only ${(mean(courses.finder) / mean(courses.relevant)).toFixed(2)}`,
)
console.log(`  finder over random order ${(mean(courses.finder) / mean(courses.random)).toFixed(2)}`)
if (missed.size)
  console.log(
    '  not named:',
    [...missed]
      .sort((a, b) => b[1] - a[1])
      .slice(0, 14)
      .map(([k, v]) => `${k} ${v}`)
      .join(', '),
  )

/**
 * Small cases: at most six causes and seven looks, one hidden, each look answered as the finder believes; minutes to the
 * cause expected of the finder and of the best there is.
 */
const CASES = 24
const AT_THE_END = 60
type Joint = readonly (readonly [Cause, number])[]
interface SmallCase {
  c: Context
  told: Told
  causes: readonly Cause[]
  checks: readonly Check[]
}
function smallCase(seed: number): SmallCase {
  const random = seeded(seed)
  for (;;) {
    const c = contextOf(Math.floor(random() * 1e6))
    const symptom = createPatient(c.context, c.known, Math.floor(random() * 1e6)).symptoms()[0]!
    const fit = CAUSES.filter(
      (cause) =>
        c.known.weights[cause].weight > 0 &&
        showsAt(cause, symptom) > 0.1 &&
        CHECKS.some((check) => checkRow(check).finds.includes(cause)),
    )
    const causes = shuffled(fit, random).slice(0, 4 + Math.floor(random() * 3))
    const able = CHECKS.filter(
      (check) => !c.known.checks.has(check) && checkRow(check).finds.some((f) => causes.includes(f)),
    )
    const checks = shuffled(able, random).slice(0, 7)
    if (causes.length < 4 || checks.length < 4) continue
    const weights = Object.fromEntries(
      CAUSES.map((cause) => [
        cause,
        { ...c.known.weights[cause], weight: causes.includes(cause) ? c.known.weights[cause].weight : 0 },
      ]),
    ) as Context['known']['weights']
    const known = { weights, checks: new Set(CHECKS.filter((check) => !checks.includes(check))) }
    return { c: { ...c, known }, told: { symptoms: [symptom] }, causes, checks }
  }
}
const massOf = (joint: Joint) => joint.reduce((sum, [, m]) => sum + m, 0)
const after = (joint: Joint, check: Check, here: boolean): Joint =>
  joint.map(([cause, m]) => [cause, m * (here ? hereIf(cause, check) : 1 - hereIf(cause, check))] as const)
const moved = (standing: Standing, check: Check): Standing => ({
  place: checkRow(check).place,
  on: needsOn(check) ? true : needsOff(check) ? false : standing.on,
})

function ofFinder(
  small: SmallCase,
  joint: Joint,
  checks: readonly Checked[],
  cured: readonly Cause[],
): number {
  const { c, told } = small
  const mass = massOf(joint)
  if (mass < 1e-9) return 0
  const asked = { ...told, checks: [...checks], cured: [...cured] }
  const chances = chancesOf(c.known, asked)
  const standing = standingAfter(asked)
  const named = causeToName(c.known, asked, chances, standing)
  if (named) {
    const rest = joint.filter(([cause]) => cause !== named.cause)
    return (
      massOf(rest) * cureRow(named.cause).minutes + ofFinder(small, rest, checks, [...cured, named.cause])
    )
  }
  const next = nextCheck(c.known, asked, chances, false, standing)
  if (!next) return mass * AT_THE_END
  const seldom = checkRow(next.check).seldom ?? 0
  const on = (outcome: Checked['outcome']) => [...checks, { id: next.check, outcome }]
  const made = (['here', 'not-here'] as const).reduce(
    (sum, outcome) => sum + ofFinder(small, after(joint, next.check, outcome === 'here'), on(outcome), cured),
    mass * next.minutes,
  )
  return (1 - seldom) * made + (seldom && seldom * ofFinder(small, joint, on('cannot'), cured))
}
/** When a cause may be named, for whoever searches: by the finder's own rule. */
function mayName(
  c: Context,
  joint: Joint,
  checks: readonly Check[],
  answers: string,
  cause: Cause,
  standing: Standing,
): boolean {
  const of = checks.flatMap((check, i) =>
    checkRow(check).finds.includes(cause) ? [[check, answers[i]!] as const] : [],
  )
  if (of.some(([, answer]) => answer === 'h') || c.known.weights[cause].because === 'mismatch') return true
  const likely = joint.find(([h]) => h === cause)![1] > massOf(joint) / 2
  return (
    likely &&
    mayNameUnseen(
      cause,
      of.flatMap(([check, answer]) => (answer === '-' ? [check] : [])),
      standing,
    )
  )
}
function best({ c, causes, checks }: SmallCase, start: Joint): number {
  const memo = new Map<string, number>()
  // Minutes still to go, for one unit of what is left: joint chances follow from the answers and the cures.
  const go = (joint: Joint, answers: string, cured: number, standing: Standing): number => {
    const mass = massOf(joint)
    if (mass < 1e-9) return 0
    const key = `${answers}${cured}${standing.place ?? ''}${standing.on ?? ''}`
    const known = memo.get(key)
    if (known !== undefined) return known
    let least = mass * AT_THE_END
    causes.forEach((cause, i) => {
      if (cured & (1 << i) || !mayName(c, joint, checks, answers, cause, standing)) return
      const rest = joint.filter(([h]) => h !== cause)
      const left = massOf(rest)
      const cost = left * cureRow(cause).minutes
      if (cost < least) least = Math.min(least, cost + go(rest, answers, cured | (1 << i), standing))
    })
    checks.forEach((check, i) => {
      if (answers[i] !== '-') return
      const now = mass * minutesFrom(standing, check)
      const with1 = (a: string) => answers.slice(0, i) + a + answers.slice(i + 1)
      const there = moved(standing, check)
      const seldom = checkRow(check).seldom ?? 0
      const made =
        now +
        go(after(joint, check, true), with1('h'), cured, there) +
        go(after(joint, check, false), with1('n'), cured, there)
      const cost = (1 - seldom) * made + (seldom && seldom * go(joint, with1('c'), cured, standing))
      if (cost < least) least = cost
    })
    memo.set(key, least)
    return least
  }
  return go(start, '-'.repeat(checks.length), 0, {})
}
const ratios = Array.from({ length: CASES }, (_, i) => {
  const small = smallCase(i + 1)
  const { of } = chancesOf(small.c.known, small.told)
  const sum = small.causes.reduce((a, cause) => a + of[cause], 0)
  const joint: Joint = small.causes.map((cause) => [cause, of[cause] / sum] as const)
  return { finder: ofFinder(small, joint, [], []), best: best(small, joint), small }
})
for (const r of process.env.EACH ? ratios : [])
  console.log(
    `    ${(r.finder / r.best).toFixed(2)} ${r.finder.toFixed(1)} / ${r.best.toFixed(1)} ${r.small.told.symptoms.join()} | ${r.small.causes.join(' ')} | ${r.small.checks.join(' ')}`,
  )
const total = (pick: (r: (typeof ratios)[number]) => number) => ratios.reduce((sum, r) => sum + pick(r), 0)
const worst = ratios.reduce((a, b) => (b.finder / b.best > a.finder / a.best ? b : a))
console.log(
  `  finder over the best by exhaustive search, ${CASES} small cases: ${(total((r) => r.finder) / total((r) => r.best)).toFixed(3)} (limit 1.1), worst ${(worst.finder / worst.best).toFixed(2)}: ${worst.small.told.symptoms.join()} with ${worst.small.causes.join(', ')}`,
)
