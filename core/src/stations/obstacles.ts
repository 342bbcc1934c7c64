import { leftWith } from '../machine/standing.ts'
import type { WireNote } from '../wire/wire.ts'
import { assumedBoreMm, DRAUGHT_LIMIT_M_PER_S, mostCurrentThroughA } from '../gas/flow.ts'
import type { Job } from '../machine/request.ts'
import type { Station } from '../machine/stations.ts'
import { STEELS } from '../families/sheet.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { bandOf, judgeSize, singlePassMm } from '../procedures/band.ts'
import { startSettings, type StartSettings } from '../procedures/start.ts'
import { runsDownPlate } from '../procedures/usability.ts'
import { arcGasOf } from '../gas/arcGas.ts'
import { isStainlessByStandard } from '../metals/filler.ts'
import { fumesOf } from '../metals/fume.ts'
import { judgeWire, metalsOf, unfitInService, type WireVerdict } from '../metals/joint.ts'
import type { MetalNote, NeverReason } from '../metals/metal.ts'
import { preheatOf } from '../match/preheat.ts'
import type { SizedWire } from '../wire/wire.ts'
import { idealSizeMm } from '../families/size.ts'
import { rangeTakes } from '../wire/sizes.ts'
import { feedsByGun } from '../match/spoolGun.ts'
import { conditionVerdict, type Finding, type MatchContext } from '../match/finding.ts'
import { type Facts } from '../base/facts.ts'

/** What stands against the whole change; `wording` gives the sentence and the way out. */
export interface Obstacle {
  station: Station
  rule: ObstacleRule
  facts: Facts
}
/** What is worth knowing beside it. */
export interface Caution {
  station: Station
  rule: CautionRule
  facts: Facts
}
export type ObstacleRule =
  | 'box-polarity-unread'
  | 'polarity-fixed'
  | 'polarity-fixed-unread'
  | 'spool-spoiled'
  | 'no-gas-gear'
  | 'spool-does-not-fit'
  | 'spool-gun-takes-small-spool'
  | 'draught-too-strong'
  | 'wire-not-for-metal'
  | 'beryllium'
export type CautionRule =
  | `note-${WireNote}`
  | 'position-not-in-classification'
  | 'single-pass-on-plate'
  | 'zinc-fume'
  | 'zinc-stays-on'
  | 'chromium-fume'
  | 'wire-thick-for-metal'
  | 'wire-thin-for-metal'
  | 'wire-for-stitches-only'
  | 'wire-off-usual'
  | 'output-small'
  | 'downhill-on-plate'
  | 'stainless-on-carbon'
  | 'lead-fume'
  | 'beryllium-fume'
  | 'parent-never'
  | 'parent-unlisted'
  | 'parent-no-wire'
  | 'parent-unknown'
  | 'parent-by-shop'
  | 'parent-contradicts'
  | 'parent-decides'
  | 'parent-warmth'
  | 'hot-service-metal'
  | `metal-${MetalNote}`
  | 'gun-rating-low'
  | 'nozzle-narrow'
  | 'over-duty'
  | 'insulated-guide-wanted'
  | 'new-wire-rusty'
  | 'new-wire-spoiled'
  | 'liner-shared-with-steel'
  | 'liner-carbon-pick-up'
  | 'birdnest-find-cause'

/** Why this change cannot be made at all. Empty when it can. */
export function obstacles(c: MatchContext, findings: readonly Finding[]): Obstacle[] {
  const { machine, wire, job } = c
  const found: Obstacle[] = []
  const polarity = findings.find((f) => f.station === 'polarity')!
  // Of a cored wire of unknown kind what is common is planned, and the rest asked of the box.
  const gun = findings.find((f) => f.station === 'gun')!
  const byGun = feedsByGun(c, gun)
  if (wire.polarity.length === 0 && wire.open) return spoolObstacles(c, byGun)
  if (wire.polarity.length === 0)
    found.push({ station: 'polarity', rule: 'box-polarity-unread', facts: { family: wire.family } })
  else if (machine.polarityChange === 'fixed' && polarity.verdict === 'change' && c.fitted.polarity != null)
    found.push({
      station: 'polarity',
      rule: 'polarity-fixed',
      facts: { fitted: c.fitted.polarity, wanted: wire.polarity[0]! },
    })
  // Cables that cannot be moved are read first: nobody is told to move them.
  else if (machine.polarityChange === 'fixed' && polarity.verdict === 'unknown' && !polarity.kept)
    found.push({
      station: 'polarity',
      rule: 'polarity-fixed-unread',
      facts: { wanted: wire.polarity[0]! },
    })
  // Gas gear that was begun and not finished lets no gas through.
  const unfinished =
    leftWith(machine.standing, 'solenoid-not-wired') || leftWith(machine.standing, 'hose-not-fitted')
  if (wire.gas.needed && (machine.gasGear === false || unfinished))
    found.push({ station: 'gas', rule: 'no-gas-gear', facts: { family: wire.family } })
  found.push(...spoolObstacles(c, byGun))
  if (job && wire.gas.needed && (job.draughtMPerS ?? 0) > DRAUGHT_LIMIT_M_PER_S)
    found.push({
      station: 'gasFlow',
      rule: 'draught-too-strong',
      facts: { draught: job.draughtMPerS!, limit: DRAUGHT_LIMIT_M_PER_S },
    })
  if (job && !joins(c))
    found.push({
      station: 'spool',
      rule: 'wire-not-for-metal',
      facts: { family: wire.family, material: job.material },
    })
  if (job && !job.surveillance && fumesOf(wire, job).includes('beryllium'))
    found.push({ station: 'spool', rule: 'beryllium', facts: { alloy: metalsOf(job).joint!.names } })
  return found
}

function spoolObstacles(
  { machine, spool: { type }, fitted, wireStays }: MatchContext,
  byGun: boolean,
): Obstacle[] {
  const found: Obstacle[] = []
  const state = fitted.spool?.condition
  if (wireStays && conditionVerdict(state) !== 'fits')
    found.push({ station: 'spool', rule: 'spool-spoiled', facts: { condition: state } })
  if (type !== null && !byGun && machine.spools && !machine.spools.includes(type))
    found.push({ station: 'spool', rule: 'spool-does-not-fit', facts: { type, takes: machine.spools } })
  if (type !== null && type !== 'S100' && byGun)
    found.push({ station: 'gun', rule: 'spool-gun-takes-small-spool', facts: { type } })
  return found
}

/** A cored wire entered by hand may be a stainless one: only a classification settles that it is not. */
const joins = ({ wire, job }: MatchContext): boolean =>
  wire.joins.includes(job!.material) ||
  (wire.classification === null &&
    FAMILY_SHEETS[wire.family].mayBeStainless &&
    job!.material === 'stainless-steel')

/** About 3/4 in. published: AWS A5.20 annex on T-11, recalled from memory. */
const THICK_PLATE_MM = 19

/**
 * A liner that stays on and brings the last wire's dust along: steel into aluminium or bronze, carbon steel into
 * stainless. common practice
 */
function sharedLiner({ wire, oldWire, fitted }: MatchContext): CautionRule | undefined {
  if (!oldWire || !fitted.liner || fitted.liner.condition === 'new') return undefined
  const stays =
    FAMILY_SHEETS[wire.family].liner.includes(fitted.liner.material) &&
    rangeTakes(fitted.liner, wire.diameterMm)
  if (!stays) return undefined
  const { dust } = FAMILY_SHEETS[oldWire.family]
  if (FAMILY_SHEETS[wire.family].soft && dust !== 'none') return 'liner-shared-with-steel'
  return FAMILY_SHEETS[wire.family].dust === 'stainless' && dust === 'carbon-steel'
    ? 'liner-carbon-pick-up'
    : undefined
}

/** Thicker is plate. common practice */
const SHEET_MM = 5

/** It brazes: the sheet does not melt, and keeps its zinc. */
const brazes = (wire: SizedWire): boolean => wire.process === 'GMAW brazing'

/** What does not stop the change but should be known: said beside it, never swallowed. */
export function cautions(c: MatchContext): Caution[] {
  const { machine, wire, wireCondition, fitted, oldWire, job, practice } = c
  // The plate limit of a wire is only worth saying on such plate.
  const notes = wire.notes.filter(
    (note) => note !== 'thick-plate-limit' || !job || job.thicknessMm > THICK_PLATE_MM,
  )
  const found: Caution[] = notes.map((note) => ({
    station: 'spool',
    rule: `note-${note}`,
    facts: { classification: wire.classification ?? undefined },
  }))
  const state = conditionVerdict(wireCondition)
  if (state !== 'fits')
    found.push({
      station: 'spool',
      rule: state === 'change' ? 'new-wire-spoiled' : 'new-wire-rusty',
      facts: { condition: wireCondition },
    })
  if (fitted.conditions?.birdnest)
    found.push({ station: 'driveRolls', rule: 'birdnest-find-cause', facts: {} })
  const shared = sharedLiner(c)
  if (shared) found.push({ station: 'liner', rule: shared, facts: { old: oldWire!.family } })
  const leastA = FAMILY_SHEETS[wire.family].leastCurrentA[wire.diameterMm]
  const maxA = machine.output?.maxA
  if (leastA !== undefined && maxA !== undefined && maxA < leastA)
    found.push({ station: 'supply', rule: 'output-small', facts: { maxA, leastA, sizeMm: wire.diameterMm } })
  if (!job) return found
  const start = wire.open ? undefined : startOf(c, job)
  found.push(...(start ? dutyCautions(c, start) : []))
  if (job.position && !wire.positions.includes(job.position))
    found.push({
      station: 'spool',
      rule: 'position-not-in-classification',
      facts: { position: job.position, positions: wire.positions },
    })
  if (job.position === 'vertical-down' && job.thicknessMm > SHEET_MM && !runsDownPlate(wire))
    found.push({
      station: 'spool',
      rule: 'downhill-on-plate',
      facts: { thicknessMm: job.thicknessMm, slag: FAMILY_SHEETS[wire.family].tubular },
    })
  if (wire.passes === 'single' && job.thicknessMm > singlePassMm(wire))
    found.push({ station: 'spool', rule: 'single-pass-on-plate', facts: { thicknessMm: job.thicknessMm } })
  if (job.material === 'galvanised-steel')
    found.push({ station: 'spool', rule: brazes(wire) ? 'zinc-stays-on' : 'zinc-fume', facts: {} })
  const fumes = fumesOf(wire, job)
  if (fumes.includes('chromium')) found.push({ station: 'spool', rule: 'chromium-fume', facts: {} })
  if (fumes.includes('lead')) found.push({ station: 'spool', rule: 'lead-fume', facts: {} })
  if (fumes.includes('beryllium')) found.push({ station: 'spool', rule: 'beryllium-fume', facts: {} })
  if (isStainless(wire) && STEELS.includes(job.material) && !job.alloy && !job.otherAlloy)
    found.push({
      station: 'spool',
      rule: 'stainless-on-carbon',
      facts: {
        classification: wire.classification ?? undefined,
        bridges: BRIDGES.test(wire.classification ?? ''),
      },
    })
  found.push(...metalCautions(c))
  return [
    ...found,
    ...(start ? gunCautions(c, start) : []),
    ...sizeCautions(wire, job.thicknessMm, practice.oneWireForAll === 'one-for-all'),
  ]
}

/** What the rows of the metals say of the wire, the warmth and themselves. */
function metalCautions(c: MatchContext): Caution[] {
  const { wire, job } = c
  if (!job || wire.open) return []
  const { joint, unknown, contradicts, assumed, own } = metalsOf(job)
  const say = (rule: CautionRule, facts: Facts): Caution => ({ station: 'spool', rule, facts })
  const found = [
    ...unknown.map((alloy) => say('parent-unknown', { alloy })),
    ...own.map(({ name, note }) => say('parent-by-shop', { alloy: name, note })),
  ]
  // What the joint must bear is asked of any metal, by grade or not.
  const unfit = unfitInService(wire, job)
  const classification = wire.classification ?? undefined
  const asUnfit = (why: NeverReason) =>
    say('parent-never', { alloy: job.alloy ?? job.material, classification, why, first: [] })
  if (!joint) return unfit ? [...found, asUnfit(unfit)] : found
  const named = !assumed || job.material === 'cast-iron'
  if (contradicts) found.push(say('parent-contradicts', { alloy: contradicts, material: job.material }))
  if (named) {
    const about = { alloy: joint.names, classification, first: joint.first }
    const verdict = judgeWire(wire, joint)
    if (joint.decides === 'nothing-common' || joint.first.length + joint.also.length === 0)
      found.push(say('parent-no-wire', { alloy: joint.names, two: joint.metals.length > 1 }))
    else if (verdict?.is === 'never') found.push(say('parent-never', { ...about, why: verdict.why }))
    else if (unfit) found.push(asUnfit(unfit))
    else if (verdict?.is === 'unlisted') found.push(say('parent-unlisted', about))
    if (joint.decides && joint.decides !== 'nothing-common')
      found.push(say('parent-decides', { alloy: joint.names, decides: joint.decides }))
    if (job.service?.includes('hot') && joint.hotService === false)
      found.push(say('hot-service-metal', { alloy: joint.names }))
    found.push(
      ...joint.notes
        .filter(({ note }) => holds(note, c, verdict?.is))
        .map(({ note, name }) => say(`metal-${note}`, { alloy: name })),
    )
  }
  if (!named && unfit) found.push(asUnfit(unfit))
  const warmth = preheatOf(c)
  if (warmth || (named && joint.interpassC !== undefined))
    found.push(
      say('parent-warmth', {
        alloy: joint.names,
        ...warmth,
        interpassC: warmth?.interpassC ?? joint.interpassC,
        ordinary: assumed && job.material !== 'cast-iron',
      }),
    )
  return found
}
/** Whether a note of the metal is about this wire and this job. */
function holds(note: MetalNote, { wire, job }: MatchContext, is: WireVerdict['is'] | undefined): boolean {
  switch (note) {
    // Of the wire that is taken too, not of one that is not for it at all.
    case 'single-pass-thin-only':
    case 'only-where-strength-not-needed':
    case 'repair-only':
      return is === 'also'
    case 'treated-after-matching-wire':
      return is === 'first'
    case 'weaker-where-design-says':
      return false
    case 'austenitic-under-restraint':
      return isStainless(wire)
    case 'zinc-off-both-sides':
      return !brazes(wire)
    case 'preheat-by-maker':
      return false
    case 'low-hydrogen':
      return FAMILY_SHEETS[wire.family].tubular
    case 'unfit-hot':
      return job!.service?.includes('hot') !== true
    default:
      return true
  }
}

/** Stainless to carbon steel takes these; 308L turns brittle there. published: AWS D1.6 annex, recalled, H */
const BRIDGES = /309|312|18 8 Mn|307|23 12/
const isStainless = (wire: SizedWire): boolean =>
  FAMILY_SHEETS[wire.family].dust === 'stainless' || isStainlessByStandard(wire)

/** The start that the job has here. */
function startOf({ wire, fitted: { gas }, machine }: MatchContext, job: Job): StartSettings {
  return startSettings(wire, job, wire.gas.needed && gas ? arcGasOf(gas) : null, machine)
}
/** The current of the start beside the machine’s rating, in minutes of ten. published: IEC 60974-1, by the square */
function dutyCautions({ machine }: MatchContext, { currentA, notes }: StartSettings): Caution[] {
  const { dutyAtA, dutyPercent } = machine.output ?? {}
  if (!currentA || dutyAtA === undefined || dutyPercent === undefined || !notes.includes('over-duty'))
    return []
  const minutes = Math.floor((dutyPercent / 10) * (dutyAtA / currentA.value) ** 2 * 2) / 2
  const facts = { currentA: Math.round(currentA.value), minutes, dutyAtA, dutyPercent }
  return [{ station: 'supply', rule: 'over-duty', facts }]
}

/** What the job asks of the gun: its rating, and a guide for a long extension. */
function gunCautions(c: MatchContext, start: StartSettings): Caution[] {
  const { gun } = c.fitted
  if (!gun) return []
  const currentA = start.currentA?.value
  const boreMm = c.wire.gas.needed ? c.fitted.nozzle?.boreMm : undefined
  return [
    ...(currentA !== undefined && gun.ratingA !== undefined && currentA > gun.ratingA
      ? [
          {
            station: 'gun' as const,
            rule: 'gun-rating-low' as const,
            facts: { ratingA: gun.ratingA, currentA: Math.round(currentA), cooling: gun.cooling },
          },
        ]
      : []),
    ...(currentA !== undefined && boreMm !== undefined && currentA > mostCurrentThroughA(boreMm)
      ? [
          {
            station: 'nozzle' as const,
            rule: 'nozzle-narrow' as const,
            facts: { boreMm, currentA: Math.round(currentA), usualMm: assumedBoreMm(currentA) },
          },
        ]
      : []),
    ...(start.notes.includes('long-stick-out') && !gun.stickOutGuideMm
      ? [
          {
            station: 'gun' as const,
            rule: 'insulated-guide-wanted' as const,
            facts: { tipToWorkMm: start.tipToWorkMm?.value },
          },
        ]
      : []),
  ]
}

/** Thin sheet wants thin wire, plate thick wire: outside its band the size is said to be so, and which way. */
function sizeCautions(wire: SizedWire, thicknessMm: number, oneForAll: boolean): Caution[] {
  const idealMm = idealSizeMm(wire.family, thicknessMm)
  // A size that this wire is not sold for is not proposed.
  const usualMm = judgeSize({ ...wire, diameterMm: idealMm }, thicknessMm) === 'fits' ? idealMm : undefined
  const [fromMm, toMm] = bandOf(wire) ?? []
  const facts = {
    thicknessMm,
    sizeMm: wire.diameterMm,
    usualMm,
    fromMm,
    toMm: toMm === Infinity ? undefined : toMm,
  }
  const verdict = judgeSize(wire, thicknessMm)
  const rule = {
    'stitch-only': 'wire-for-stitches-only',
    'wire-thick': 'wire-thick-for-metal',
    'wire-thin': 'wire-thin-for-metal',
    fits: oneForAll && usualMm !== undefined && wire.diameterMm !== usualMm ? 'wire-off-usual' : undefined,
  } as const
  // A single-pass wire on plate has had its word: it is not slow there, it is not for it.
  const said = wire.passes === 'single' && verdict === 'wire-thin' ? undefined : rule[verdict]
  return said ? [{ station: 'spool', rule: said, facts }] : []
}
