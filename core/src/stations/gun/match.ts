import type { GunRule, GunFact } from './rules.ts'
import { pressureWindow } from '../../feed/pressureWindow.ts'
import { feedSetupOf } from '../../feed/setup.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import { gunAsFitted, type Gun } from '../../machine/part.ts'
import type { Fault, Finding, MatchContext, WantedPart } from '../../match/finding.ts'
import { conditionVerdict, pick, worstFirst } from '../../match/finding.ts'
import { judgeLiner } from '../pieces/liner.ts'
import { judgeRolls } from '../pieces/rolls.ts'

/** Longest straight push of soft wire, m. common practice */
export const SOFT_PUSH_M = 3.05

/** Gun by kind and length, with its own rolls, second liner and O-rings. */
export function matchGun(c: MatchContext): Finding<GunRule, GunFact> {
  const { gun } = c.fitted
  const needs = FAMILY_SHEETS[c.wire.family]
  const neverPush = needs.pushIsASchool && c.practice.aluminiumByPush === 'never'
  const kinds = neverPush
    ? ['push-pull', 'spool-gun']
    : needs.soft
      ? ['push-pull', 'spool-gun', 'push']
      : ['push', 'push-pull', 'spool-gun']
  const required = { kind: kinds, ...(needs.soft && { pushLengthM: { max: SOFT_PUSH_M } }) }
  // Which line the wire takes must be known before it is planned: of a gun nobody read no spool gun is made.
  const unread = gun === undefined || (needs.soft && gun?.kind === 'push' && gun.lengthM === undefined)
  const toFit = unread ? kinds.filter((kind) => kind !== 'spool-gun') : kinds
  const wholeIndex = pick(c.store, [
    (p) =>
      p.kind === 'gun' &&
      p.part === 'whole' &&
      p.type !== undefined &&
      toFit.includes(p.type) &&
      // A push gun of no stated length may be too long for soft wire: nothing is assumed of it.
      !(p.type === 'push' && needs.soft && (p.lengthM ?? Infinity) > SOFT_PUSH_M),
  ])
  const picked = wholeIndex === null ? undefined : c.store![wholeIndex]
  const wholeKind =
    picked?.kind === 'gun' && picked.type ? picked.type : neverPush || needs.soft ? 'push-pull' : 'push'
  const lengthM = picked?.kind === 'gun' ? picked.lengthM : gun?.lengthM
  const facts = {
    kind: gun?.kind,
    lengthM: gun?.lengthM,
    limitM: 3,
    wanted: wholeKind,
    sizeMm: c.wire.diameterMm,
    family: c.wire.family,
    soft: needs.soft,
    oRing: gun?.oRing,
    condition: gun?.condition,
    reverseThread: c.machine.reverseThreads?.includes('gunRollRetainer') ?? false,
    // The mechanics are asked, so that a sentence never says more than the feed bench does.
    feedsAtAll:
      needs.soft && gun?.kind === 'push'
        ? pressureWindow(feedSetupOf(c.machine, c.fitted, c.wire).setup).opens
        : undefined,
  }
  const base = {
    station: 'gun' as const,
    facts,
    fitted: gun,
    required,
    alsoDo: needs.soft ? (['short-straight-lead'] as const) : [],
    origin: 'common practice' as const,
  }

  const whole = (rule: GunRule): Finding<GunRule, GunFact> => {
    // A gun of the shelf comes with its own pieces, judged like any; what is not known of it is as it must be.
    const going = picked?.kind === 'gun' ? gunAsFitted(picked).gun : undefined
    const kind = wholeKind
    const pieces = going && judgePieces({ ...going, kind }, c, true)
    const asItMustBe = kind !== 'push' && {
      ...(going?.rolls === undefined && { rolls: judgeRolls(undefined, c, () => false).after }),
      ...(kind === 'push-pull' &&
        going?.innerLiner === undefined && {
          innerLiner: judgeLiner(undefined, c, () => false, undefined, false).after,
        }),
    }
    const linerTrim = gun?.linerTrim && { linerTrim: gun.linerTrim }
    return {
      ...base,
      facts: { ...facts, ...pieces?.facts, conditionGoing: going?.condition },
      verdict: 'change',
      rule,
      ...(pieces &&
        Object.keys(pieces.coming).length > 0 && { piece: { gun: { ...pieces.after, ...pieces.coming } } }),
      ...(going && { comes: { gun: { ...linerTrim, ...asItMustBe, ...going, kind } } }),
      after: {
        gun: {
          kind,
          ...(lengthM !== undefined && { lengthM }),
          ...linerTrim,
          ...pieces?.after,
          ...asItMustBe,
          ...(going?.condition === 'dirty' && { condition: 'good' as const }),
        },
      },
      parts: [
        { station: 'gun', kind: 'gun', spec: { kind, lengthM }, storeIndex: wholeIndex },
        ...(pieces?.parts ?? []),
      ],
    }
  }
  if (gun === undefined) return { ...whole('gun-not-read'), verdict: 'unknown' }
  if (gun === null) return whole('gun-missing')
  if (conditionVerdict(gun.condition) === 'change') return whole('gun-worn')
  if (neverPush && gun.kind === 'push') return whole('no-push-by-practice')
  if (needs.soft && gun.kind === 'push' && (gun.lengthM ?? 0) > SOFT_PUSH_M) return whole('push-too-long')

  if (needs.soft && gun.kind === 'push' && gun.lengthM === undefined)
    return { ...whole('gun-length-not-read'), verdict: 'unknown' }

  const pieces = judgePieces(gun, c)
  const { main, also } = worstFirst<GunRule>([
    ...pieces.faults,
    conditionVerdict(gun.condition) === 'adjust' && { rule: 'gun-dirty', verdict: 'adjust' },
  ])
  return {
    ...base,
    facts: { ...facts, ...pieces.facts, conditionGoing: gun.condition },
    ...(Object.keys(pieces.coming).length > 0 && { piece: { gun: { ...pieces.after, ...pieces.coming } } }),
    verdict: main?.verdict ?? 'fits',
    rule: main?.rule ?? 'gun-fits',
    also,
    after: { gun: { ...pieces.after, ...(gun.condition === 'dirty' && { condition: 'good' as const }) } },
    parts: pieces.parts,
  }
}

/**
 * A push-pull gun's own rolls and second liner, and every gun's O-rings. Left out on a push-pull they are not read.
 * @param onlySaid what is left out is not judged
 */
function judgePieces(gun: Gun, c: MatchContext, onlySaid = false) {
  const parts: WantedPart[] = []
  const after: Gun = { ...gun }
  /** Pieces of the store as they come, where they are cleaned first. */
  const coming: Partial<Gun> = {}
  const faults: Fault<GunRule>[] = []
  const facts: Record<string, string | boolean> = {}
  const take = (
    piece: 'rolls' | 'innerLiner',
    judged: ReturnType<typeof judgeRolls> | ReturnType<typeof judgeLiner>,
  ) => {
    if (onlySaid && gun[piece] === undefined) return
    facts[piece] = judged.verdict
    facts[`${piece}Rule`] = judged.rule
    for (const fault of [judged, ...judged.also])
      if (fault.verdict !== 'fits') faults.push({ rule: `gun-${fault.rule}`, verdict: fault.verdict })
    if (judged.also.some((fault) => fault.rule === 'grooves-dirty')) facts.rollsDirtyToo = true
    if (judged.verdict !== 'fits') Object.assign(after, { [piece]: judged.after })
    if (judged.comes) Object.assign(coming, { [piece]: judged.comes })
    if (judged.cleanFirst) facts[piece === 'rolls' ? 'rollsCleanFirst' : 'innerLinerCleanFirst'] = true
    if (judged.part)
      parts.push({
        station: 'gun',
        kind: 'gun',
        piece,
        spec: { ...judged.after },
        storeIndex: judged.storeIndex,
      })
  }
  if (gun.kind !== 'push') {
    take(
      'rolls',
      judgeRolls(gun.rolls, c, (p) => p.kind === 'gun' && p.part === 'rolls'),
    )
    // The short tube of a spool gun is judged where somebody read it.
    if (gun.kind === 'push-pull' || gun.innerLiner !== undefined)
      take(
        'innerLiner',
        judgeLiner(gun.innerLiner, c, (p) => p.kind === 'gun' && p.part === 'innerLiner', undefined, false),
      )
  }
  const ring = conditionVerdict(gun.oRing)
  if (ring !== 'fits') {
    facts.oRingVerdict = ring
    faults.push({ rule: ring === 'change' ? 'o-ring-cracked' : 'o-ring-dirty', verdict: ring })
    after.oRing = 'good'
    if (ring === 'change')
      parts.push({
        station: 'gun',
        kind: 'gun',
        piece: 'oRing',
        spec: {},
        storeIndex: pick(c.store, [(p) => p.kind === 'gun' && p.part === 'oRing']),
      })
  }
  return { faults, after, parts, facts, coming }
}
