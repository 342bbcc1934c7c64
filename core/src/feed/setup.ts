import type { Fitted } from '../machine/fitted/fitted.ts'
import type { Machine } from '../machine/machine.ts'
import type { GrooveProfile, LinerMaterial, Family } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { linerBoreMm } from '../wire/bores.ts'
import type { SpoolType } from '../wire/spool.ts'
import type { Wire, SizedWire } from '../wire/wire.ts'
import { oneSizeUpMm } from '../wire/diameters.ts'
import { stampSizes } from '../wire/sizes.ts'
import { spoolHoldsKg, woundRadiusM } from './brake.ts'
import {
  castRadiusMm,
  COEFFICIENTS,
  contactSpread,
  flatteningShare,
  gunShare,
  isTubular,
  linerDragNPerM,
  linerFriction,
  modulusMPa,
  motorN,
  rollFriction,
  rollRadiusMm,
  strayBendRad,
  tipDragN,
  vHalfAngleDeg,
  wallShare,
  yieldMPa,
  type Alloy,
  type Coefficients,
  type LinerState,
} from './coefficients.ts'
import { boreFactor } from './liner.ts'
import type { Geometry } from './model.ts'
import { range } from './range.ts'

/** How the wire's way is fitted and how the lead lies: everything the mechanics ask of a bench. */
export interface FeedSetup {
  family: Family
  alloy: Alloy
  /** What the wire measures, mm. */
  exactMm: number
  gun: 'push' | 'push-pull' | 'spool-gun'
  leadM: number
  /** Bends of the lead, neck included, degrees. */
  bendDegrees: number
  /** Whole loops the lead lies in. */
  loops: number
  liner: LinerMaterial
  linerState: LinerState
  linerBoreMm?: number | undefined
  profile: GrooveProfile
  rollPairs: number
  /** Unsupported wire between roll and guide, mm. */
  gapMm: number
  /** The tip holds an oval wire. */
  tightTip: boolean
  /** What the tip is like inside; left out, as new. A bore smaller than the wire lets none through. */
  tip?: TipState | undefined
  /** The groove in line is cut for a thinner wire. */
  smallGroove?: boolean | undefined
  spool: SpoolType
  wireKg: number
  /** Torque of the hub brake, Nm. */
  brakeNm: number
  speedMPerMin: number
}

export const TIP_STATES = ['good', 'worn', 'blocked', 'too-small'] as const
export type TipState = (typeof TIP_STATES)[number]

/** What lets no wire through, whatever the pressure. */
export type Stop = 'tip' | 'groove'
export const stoppedBy = (s: FeedSetup): Stop | undefined =>
  s.tip === 'too-small' ? 'tip' : s.smallGroove ? 'groove' : undefined

/** The neck of a usual gun, degrees. common practice: 45 to 60 */
export const NECK_DEGREES = 55
/** What a spool gun's wire passes: the neck, and no lead. common practice, no source */
const SPOOL_GUN_LEAD_M = 0.25
/** Drag of a brake that is rightly set, N at the full spool. common practice, no source: 1-3 N */
export const SET_BRAKE_N = 2

export const alloyOf = (wire: Pick<Wire, 'classification'>): Alloy => {
  const number = /\b(?:ER|S Al ?)?([1-5])\d{3}\b/i.exec(wire.classification ?? '')?.[1]
  return number === '5' ? '5xxx' : number === '1' ? '1xxx' : '4xxx'
}

/** Certain figures of a setup. @throws RangeError for sizes that are not more than nought */
export function geometryOf(s: FeedSetup): Geometry {
  if (!(s.exactMm > 0) || !(s.leadM > 0) || s.gapMm < 0 || s.loops < 0 || s.bendDegrees < 0)
    throw new RangeError('a setup has sizes of nought or more')
  const spoolGun = s.gun === 'spool-gun'
  return {
    diameterMm: s.exactMm,
    tubular: isTubular(s.family),
    uGroove: s.profile === 'smooth-u',
    pairs: s.rollPairs,
    lengthM: spoolGun ? SPOOL_GUN_LEAD_M : s.leadM,
    bendRad: (s.bendDegrees * Math.PI) / 180 + (spoolGun ? 0 : s.loops * 2 * Math.PI),
    gapMm: s.gapMm,
    boreFactor: boreFactor(s.linerBoreMm, s.exactMm),
    spoolRadiusM: woundRadiusM(s.spool, s.family, s.wireKg),
    pulled: s.gun === 'push-pull',
  }
}

/** What is not certain, as ranges with their origin. */
export function coefficientsOf(s: FeedSetup): Coefficients {
  return {
    yieldMPa: yieldMPa(s.family, s.alloy),
    modulusMPa: modulusMPa(s.family),
    wallShare: wallShare(s.family),
    castRadiusMm: castRadiusMm(s.spool === 'S100' ? 'S100' : 'other'),
    linerFriction: linerFriction(s.family, s.liner, s.linerState),
    linerDragNPerM: linerDragNPerM(s.family, s.liner),
    tipDragN: tipDragN(s.tip === 'worn' || s.tip === 'blocked' ? s.tip : s.tightTip ? 'tight' : 'good'),
    strayBendRad: strayBendRad(s.gun === 'spool-gun' ? SPOOL_GUN_LEAD_M : s.leadM),
    brakeTorqueNm: range(s.brakeNm * 0.8, s.brakeNm, s.brakeNm * 1.25, 'common practice', 'practice'),
    rollFriction: rollFriction(s.family, s.profile),
    vHalfAngleDeg: vHalfAngleDeg(),
    rollRadiusMm: rollRadiusMm(),
    flatteningShare: flatteningShare(s.family),
    contactSpread: contactSpread(s.profile),
    motorN: motorN(s.rollPairs),
    gunShare: gunShare(),
  }
}

/** The coefficients at their usual values, laid out for the model. */
export const usualValues = (c: Coefficients): Float64Array =>
  Float64Array.from(COEFFICIENTS.map((name) => c[name].value))

/**
 * The setup of a machine with a wire on it, where its parts are known; what was not read is taken as it usually is
 * and named.
 * @returns the setup, and the stations it had to assume
 */
export function feedSetupOf(
  machine: Pick<Machine, 'rollPairs'>,
  fitted: Partial<Fitted>,
  wire: SizedWire,
): { setup: FeedSetup; assumed: string[] } {
  const assumed: string[] = []
  const or = <T>(station: string, value: T | null | undefined, usual: T): T => {
    if (value != null) return value
    assumed.push(station)
    return usual
  }
  const { soft } = FAMILY_SHEETS[wire.family]
  const rolls = fitted.driveRolls
  const tip = fitted.contactTip
  const type = fitted.spool?.type
  const spool: SpoolType = or('spool', type, 'S300')
  const wireKg = fitted.spool?.wireKg ?? spoolHoldsKg(spool, wire.family)
  const guide = fitted.outletGuide ?? fitted.inletGuide
  const sizes = tip ? stampSizes(tip.stamp) : []
  const roomy = tip?.aluminiumBore || Math.max(0, ...sizes) >= oneSizeUpMm(wire.diameterMm)
  const liner = fitted.liner
  const active = rolls && (rolls.active ?? (rolls.grooves.length === 1 ? rolls.grooves[0] : undefined))
  const groove = active === undefined || active === null ? undefined : Math.max(0, ...stampSizes(active))
  return {
    assumed,
    setup: {
      family: wire.family,
      alloy: alloyOf(wire),
      exactMm: wire.exactMm,
      gun: or('gun', fitted.gun?.kind, 'push'),
      leadM: or('gun', fitted.gun?.lengthM, 3),
      bendDegrees: NECK_DEGREES,
      loops: 0,
      liner: or('liner', liner?.material, soft ? 'ptfe' : 'steel-coil'),
      linerState:
        liner?.condition === 'kinked' || liner?.condition === 'damaged'
          ? 'kinked'
          : liner?.condition === 'dirty' || liner?.condition === 'worn'
            ? 'dirty'
            : 'clean',
      ...(liner && { linerBoreMm: linerBoreMm(liner.maxMm) }),
      profile: or('driveRolls', rolls?.profile, soft ? 'smooth-u' : 'smooth-v'),
      rollPairs: machine.rollPairs ?? 1,
      gapMm: or('outletGuide', guide?.gapMm, 4),
      tightTip: soft && tip != null && !roomy,
      ...(tip && { tip: tipStateOf(tip.condition, Math.max(0, ...sizes), wire.diameterMm) }),
      ...(groove !== undefined && { smallGroove: groove > 0 && groove < wire.diameterMm }),
      spool,
      wireKg,
      brakeNm:
        SET_BRAKE_N *
        woundRadiusM(spool, wire.family, wireKg) *
        (fitted.hubBrake === 'tight' ? 4 : fitted.hubBrake === 'loose' ? 0.25 : 1),
      speedMPerMin: 8,
    },
  }
}

/** A tip by its stamp and what was seen of its bore. */
const tipStateOf = (condition: string | undefined, stampMm: number, wireMm: number): TipState =>
  stampMm > 0 && stampMm < wireMm
    ? 'too-small'
    : condition === 'worn'
      ? 'worn'
      : condition === 'dirty' || condition === 'damaged' || condition === 'kinked'
        ? 'blocked'
        : 'good'
