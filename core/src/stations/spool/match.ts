import type { SpoolRule, SpoolFact } from './rules.ts'
import type { SpoolType } from '../../wire/spool.ts'
import { matchGun } from '../gun/match.ts'
import { feedsByGun } from '../../match/spoolGun.ts'
import { mountOf } from './hub.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { conditionVerdict, pick, worstFirst } from '../../match/finding.ts'

const ADAPTER_RULES = {
  adapter: (type: SpoolType): SpoolRule => (type === 'B300' ? 'basket-needs-adapter' : 'bore-needs-adapter'),
  hardware: (): SpoolRule => 'coil-needs-hardware',
}

/** The small spool sits in the gun itself: no hub, no locator, no side. */
function inTheGun(c: MatchContext): Finding<SpoolRule, SpoolFact> {
  const type = c.spool.type ?? 'S100'
  return {
    station: 'spool',
    ...(c.fitted.spool === undefined
      ? { verdict: 'unknown' as const, rule: 'spool-not-read' as const }
      : { verdict: 'fits' as const, rule: 'spool-in-the-gun' as const }),
    facts: { type, mount: 'bare', needsAdapter: false, fittedType: c.fitted.spool?.type },
    fitted: c.fitted.spool,
    required: { type: [type] },
    after: {
      spool: {
        type,
        ...(c.spool.massKg !== null && { wireKg: c.spool.massKg }),
        // What is on the feeder’s hub stays there.
        ...(c.fitted.spool?.adapter !== undefined && { adapter: c.fitted.spool.adapter }),
      },
    },
    alsoDo: [],
    origin: 'common practice',
    parts: [],
  }
}

/**
 * Hub, adapter, locator and side; not that the wire differs. A new spool that the machine cannot take at all is a
 * problem of the request, not a verdict.
 */
export function matchSpool(c: MatchContext): Finding<SpoolRule, SpoolFact> {
  const { spool } = c.fitted
  if (feedsByGun(c, matchGun(c))) return inTheGun(c)
  const type = c.spool.type ?? spool?.type ?? undefined
  // The machine decides which side is without a reverse bend; a shop may hold to the bottom whatever it says.
  const leaves = c.practice.spoolDirection === 'always-bottom' ? 'bottom' : c.machine.wireEntry
  const mount = mountOf(c, type)
  const needsAdapter = mount === 'adapter' || mount === 'hardware'
  // A drum stands on the floor: no pin, no retainer, and the wire comes out of its hood.
  const onHub = mount !== 'drum'
  const locates = onHub && c.machine.hubLocator !== 'none'
  const required = {
    ...(type && { type: [type] }),
    ...(locates && { pinEngaged: true }),
    ...(onHub && leaves && { leaves }),
    ...(type && onHub && { adapter: needsAdapter }),
  }
  const after = {
    spool: {
      ...(type && { type }),
      ...(c.spool.massKg !== null && { wireKg: c.spool.massKg }),
      ...(locates && { pinEngaged: true }),
      ...(onHub && leaves && { leaves }),
      // Of a spool nobody named nothing is taken off.
      ...(onHub && { adapter: type === undefined ? (spool?.adapter ?? false) : needsAdapter }),
      // A drum’s hood and cone stay with the machine from one drum to the next.
      ...(!onHub && spool?.type === 'drum' && spool.adapter !== undefined && { adapter: spool.adapter }),
    },
  }
  const facts = {
    type,
    needsAdapter,
    mount,
    fittedType: spool?.type,
    fittedAdapter: spool?.adapter ?? false,
    leaves,
    fittedLeaves: spool?.leaves,
    byPractice: c.practice.spoolDirection === 'always-bottom',
    locator: c.machine.hubLocator ?? 'pin',
    reverseThread: c.machine.reverseThreads?.includes('spoolRetainer') ?? false,
  }
  const adapter = {
    station: 'spool' as const,
    kind: mount === 'adapter' ? ('adapter' as const) : ('hubHardware' as const),
    spec: { spool: type },
    storeIndex: pick(c.store, [
      (p) => p.kind === (mount === 'adapter' ? 'adapter' : 'hubHardware') && 'spool' in p && p.spool === type,
      (p) => p.kind === 'adapter' && mount === 'adapter' && p.spool === undefined,
    ]),
  }
  const base = {
    station: 'spool' as const,
    facts,
    fitted: spool,
    required,
    after,
    alsoDo: [],
    origin: 'common practice' as const,
  }
  if (spool === undefined)
    return { ...base, verdict: 'unknown', rule: 'spool-not-read', parts: mount === 'bare' ? [] : [adapter] }
  if (mount === 'drum' && spool?.type !== 'drum')
    return { ...base, verdict: 'change', rule: 'drum-needs-hardware', parts: [adapter] }
  // What carried another kind of spool carries this one no more.
  const carried = spool?.adapter === true && (spool.type === undefined || mountOf(c, spool.type) === mount)
  if (needsAdapter && !carried)
    return {
      ...base,
      verdict: 'change',
      rule: ADAPTER_RULES[mount as 'adapter' | 'hardware'](type!),
      parts: [adapter],
    }
  if (spool === null) return { ...base, verdict: 'fits', rule: 'hub-empty', parts: [] }
  // The spool itself is consumed; a damaged one is judged only while it stays on.
  const adapterOff = onHub && spool.adapter === true && type !== undefined && !needsAdapter
  const wrongSide = onHub && leaves !== undefined && spool.leaves !== undefined && spool.leaves !== leaves
  const pinOut = locates && spool.pinEngaged === false
  const { main, also } = worstFirst<SpoolRule>([
    wrongSide && { rule: 'wire-leaves-wrong-side', verdict: 'adjust' },
    pinOut && { rule: 'pin-not-engaged', verdict: 'adjust' },
    adapterOff && { rule: 'adapter-not-wanted', verdict: 'adjust' },
    conditionVerdict(spool.condition) !== 'fits' && { rule: 'spool-in-poor-state', verdict: 'adjust' },
  ])
  const right = mount === 'drum' ? 'drum-stands' : 'spool-sits-right'
  return { ...base, verdict: main?.verdict ?? 'fits', rule: main?.rule ?? right, also, parts: [] }
}
