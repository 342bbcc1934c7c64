import type { NozzleRule, NozzleFact } from './rules.ts'
import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { Part } from '../../machine/store.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { conditionVerdict, pick, worstFirst } from '../../match/finding.ts'

/** Gas wires need a clean gas nozzle; without gas a cap if owned, else the gas nozzle as spatter guard (a school). */
export function matchNozzle(c: MatchContext): Finding<NozzleRule, NozzleFact> {
  const nozzle = c.fitted.nozzle
  // A gas nozzle is right for either kind of cored wire.
  const gasNeeded = c.wire.gas.needed || c.wire.open !== undefined
  const stock = (kind: string) => pick(c.store, [(p: Part) => p.kind === 'nozzle' && p.type === kind])
  const cap = stock('gasless-cap')
  const bySchool = {
    'cap-if-owned': ['gasless-cap', 'gas', 'none'],
    'gas-nozzle': ['gas', 'gasless-cap', 'none'],
    bare: ['none', 'gasless-cap', 'gas'],
  } as const
  const kinds: readonly ('gas' | 'gasless-cap' | 'none')[] = gasNeeded
    ? ['gas']
    : bySchool[c.practice.nozzleWithGasless]
  // What goes on when the fitted one goes off.
  const target = gasNeeded
    ? 'gas'
    : kinds[0] === 'gasless-cap'
      ? cap !== null
        ? 'gasless-cap'
        : 'gas'
      : kinds[0]!
  const storeIndex = target === 'none' ? null : stock(target)
  const picked = storeIndex === null ? undefined : c.store![storeIndex]
  const boreMm =
    picked?.kind === 'nozzle' ? picked.boreMm : nozzle?.kind === target ? nozzle.boreMm : undefined
  const fresh: NonNullable<Fitted['nozzle']> = {
    kind: target,
    ...((target === 'gas' || picked !== undefined) && boreMm !== undefined && { boreMm }),
  }
  const base = {
    station: 'nozzle' as const,
    facts: {
      kind: nozzle?.kind,
      boreMm: nozzle?.boreMm,
      wanted: target,
      gasNeeded,
      condition: nozzle?.condition,
      capOwned: cap !== null,
    },
    fitted: nozzle,
    required: {
      kind: gasNeeded
        ? ['gas']
        : kinds.filter((k) => k !== 'none' || c.practice.nozzleWithGasless === 'bare'),
    },
    alsoDo: gasNeeded ? [] : (['cap-or-gas-nozzle'] as const),
    origin: 'common practice' as const,
  }
  const change = (rule: NozzleRule): Finding<NozzleRule, NozzleFact> => ({
    ...base,
    verdict: 'change',
    rule,
    after: { nozzle: fresh },
    parts: target === 'none' ? [] : [{ station: 'nozzle', kind: 'nozzle', spec: fresh, storeIndex }],
  })
  if (nozzle === undefined) return { ...change('nozzle-not-read'), verdict: 'unknown' }
  const kind = nozzle?.kind ?? 'none'
  const state = conditionVerdict(nozzle?.condition)
  const swap: NozzleRule | undefined =
    gasNeeded && kind !== 'gas'
      ? 'gas-nozzle-needed'
      : !gasNeeded &&
          kind !== target &&
          (target === 'gasless-cap' || kind === 'none' || c.practice.nozzleWithGasless === 'bare')
        ? target === 'gasless-cap'
          ? 'cap-for-gasless'
          : target === 'none'
            ? 'bare-by-practice'
            : 'guard-for-gasless'
        : undefined
  const { main, also } = worstFirst<NozzleRule>([
    swap !== undefined && { rule: swap, verdict: 'change' },
    state === 'change' && { rule: 'nozzle-worn', verdict: 'change' },
    state === 'adjust' && { rule: 'nozzle-dirty', verdict: 'adjust' },
  ])
  if (main?.verdict === 'change') return { ...change(main.rule), also }
  const after = {
    nozzle: nozzle && { ...nozzle, ...(nozzle.condition === 'dirty' && { condition: 'good' as const }) },
  }
  return state === 'adjust'
    ? { ...base, verdict: 'adjust', rule: 'nozzle-dirty', after, parts: [] }
    : { ...base, verdict: 'fits', rule: 'nozzle-fits', after, parts: [] }
}
