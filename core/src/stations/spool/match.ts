import type { SpoolRule } from './rules.ts'
import type { SpoolType } from '../../wire/spool.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { conditionVerdict, pick, worst } from '../../match/finding.ts'

/** Wire baskets need an adapter to sit on the hub. published: ISO 544 spool forms, recalled from memory. */
const NEEDS_ADAPTER: readonly SpoolType[] = ['B300']

/**
 * Hub, adapter, locator and side; not that the wire differs. A new spool that the machine cannot take at all is a
 * problem of the request, not a verdict.
 */
export function matchSpool(c: MatchContext): Finding<SpoolRule> {
  const { spool } = c.fitted
  const type = c.spool.type ?? spool?.type ?? undefined
  // The machine decides which side is without a reverse bend; a shop may hold to the bottom whatever it says.
  const leaves = c.practice.spoolDirection === 'always-bottom' ? 'bottom' : c.machine.wireEntry
  const needsAdapter = type !== undefined && NEEDS_ADAPTER.includes(type)
  const locates = c.machine.hubLocator !== 'none'
  const required = {
    ...(type && { type: [type] }),
    ...(locates && { pinEngaged: true }),
    ...(leaves && { leaves }),
    ...(type && { adapter: needsAdapter }),
  }
  const after = {
    spool: {
      ...(type && { type }),
      ...(c.spool.massKg !== null && { wireKg: c.spool.massKg }),
      ...(locates && { pinEngaged: true }),
      ...(leaves && { leaves }),
      // Of a spool nobody named nothing is taken off.
      adapter: type === undefined ? (spool?.adapter ?? false) : needsAdapter,
    },
  }
  const facts = {
    type,
    needsAdapter,
    leaves,
    fittedLeaves: spool?.leaves,
    byPractice: c.practice.spoolDirection === 'always-bottom',
    locator: c.machine.hubLocator ?? 'pin',
    reverseThread: c.machine.reverseThreads?.includes('spoolRetainer') ?? false,
  }
  const adapter = {
    station: 'spool' as const,
    kind: 'adapter' as const,
    spec: { spool: type },
    storeIndex: pick(c.store, [(p) => p.kind === 'adapter' && (p.spool === undefined || p.spool === type)]),
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
    return { ...base, verdict: 'unknown', rule: 'spool-not-read', parts: needsAdapter ? [adapter] : [] }
  if (needsAdapter && !spool?.adapter)
    return { ...base, verdict: 'change', rule: 'basket-needs-adapter', parts: [adapter] }
  if (spool === null) return { ...base, verdict: 'fits', rule: 'hub-empty', parts: [] }
  // The spool itself is consumed; a damaged one is judged only while it stays on.
  const adapterOff = spool.adapter === true && type !== undefined && !needsAdapter
  const wrongSide = leaves !== undefined && spool.leaves !== undefined && spool.leaves !== leaves
  const pinOut = locates && spool.pinEngaged === false
  const verdict = worst(
    adapterOff || wrongSide || pinOut ? 'adjust' : 'fits',
    conditionVerdict(spool.condition) === 'fits' ? 'fits' : 'adjust',
  )
  const rule = wrongSide
    ? 'wire-leaves-wrong-side'
    : pinOut
      ? 'pin-not-engaged'
      : adapterOff
        ? 'adapter-not-wanted'
        : verdict === 'adjust'
          ? 'spool-in-poor-state'
          : 'spool-sits-right'
  return { ...base, verdict, rule, parts: [] }
}
