import type { GasRule, GasFact } from './rules.ts'
import type { Part } from '../../machine/store.ts'
import type { Mixture } from '../../gas/mixtureSchema.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import { outletOf } from '../../machine/part.ts'
import { gasDesignation, middleOfGroup } from '../../gas/designation.ts'
import { shortMixture, USUAL_MIXTURES } from '../../gas/mixture.ts'
import { gasStanding, type GasStanding } from '../../gas/suits.ts'
import { fillerOf } from '../../metals/filler.ts'
import { metalsOf } from '../../metals/joint.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { pick } from '../../match/finding.ts'

/** Whether a mixture lies inside the wire's designation and the narrower limits its own standard sets. */
const withinLimits = (mixture: Mixture, c: MatchContext): boolean =>
  gasStanding(c.wire, mixture) === 'by-class'
const usable = (c: MatchContext): Mixture[] =>
  c.wire.gas.designations.flatMap((d) => USUAL_MIXTURES[d] ?? []).filter((m) => withinLimits(m, c))

const FITTING: Record<Exclude<GasStanding, 'outside'>, GasRule> = {
  'by-class': 'gas-right',
  'by-twin': 'gas-as-its-twin',
  helium: 'gas-with-helium',
  hydrogen: 'gas-with-hydrogen',
  nitrogen: 'gas-with-nitrogen',
  'outside-limits': 'gas-inside-designation-outside-limits',
  'by-maker': 'gas-by-makers-word',
  trace: 'gas-with-a-trace',
}

/** Austenitic wires by number. published: AWS A5.9, recalled from memory */
const AUSTENITIC = /^(?:307|308|309|310|312|316|317|318|347|383|385)/
/** Hydrogen is for austenitic wire on austenitic metal; everything else it makes porous or cracks. recalled, M-H */
function bearsHydrogen({ wire, job }: MatchContext): boolean {
  const metals = job ? (metalsOf(job).joint?.metals ?? []) : []
  return (
    AUSTENITIC.test(fillerOf(wire)?.base ?? '') &&
    (job === undefined || job.material === 'stainless-steel') &&
    metals.every(({ kind }) => kind === 'austenitic-stainless')
  )
}

/** Composition to wire and transfer, by ISO 14175 designation; none for a wire that shields itself. */
export function matchGas(c: MatchContext): Finding<GasRule, GasFact> {
  const gas = c.fitted.gas
  const { designations } = c.wire.gas
  const connected = gas != null
  const storeIndex = pick(
    c.store,
    designations.flatMap((d) => [
      (p: Part) => p.kind === 'cylinder' && gasDesignation(p.gas) === d && withinLimits(p.gas, c),
      (p: Part) => p.kind === 'cylinder' && gasDesignation(p.gas) === d,
    ]),
  )
  const picked = storeIndex === null ? undefined : c.store![storeIndex]
  const mixtures = usable(c)
  // Nobody stocks it as a matter of course: the group is named, and what is reckoned with is never shown.
  const group = picked || mixtures.length > 0 ? undefined : designations[0]
  const fresh: Mixture =
    picked?.kind === 'cylinder' ? picked.gas : (mixtures[0] ?? middleOfGroup(group ?? '') ?? { Ar: 100 })
  const facts = {
    fitted: connected ? shortMixture(gas) : undefined,
    designation: connected ? gasDesignation(gas) : undefined,
    wanted: c.wire.gas.needed ? (group ?? shortMixture(fresh)) : undefined,
    group,
    designations,
    family: c.wire.family,
    gasNeeded: c.wire.gas.needed,
    flow: c.fitted.gasFlowLPerMin ?? undefined,
    argonMin: c.wire.gas.argonPercent?.min,
    argonMax: c.wire.gas.argonPercent?.max,
    otherOutlet: connected && c.wire.gas.needed && outletOf(gas) !== outletOf(fresh),
  }
  const base = {
    station: 'gas' as const,
    facts,
    fitted: gas,
    alsoDo: [],
    origin: 'published' as const,
    parts: [],
    required: c.wire.gas.needed ? { designations, mixtures } : null,
  }
  // Whether it wants gas stands on a box nobody read: it stays shut until then.
  if (c.wire.open)
    return {
      ...base,
      verdict: 'unknown',
      rule: 'gas-ask-the-box',
      after: { gas: gas ?? null },
      required: null,
    }
  if (!c.wire.gas.needed) {
    const after = { gas: gas ?? null }
    if (gas === undefined) return { ...base, verdict: 'unknown', rule: 'gas-not-read', after }
    if (!connected) return { ...base, verdict: 'fits', rule: 'no-gas-wanted', after }
    return c.fitted.gasFlowLPerMin === 0
      ? { ...base, verdict: 'fits', rule: 'gas-shut', after }
      : { ...base, verdict: 'adjust', rule: 'gas-to-shut', after }
  }
  const change = (rule: GasRule): Finding<GasRule, GasFact> => ({
    ...base,
    verdict: 'change',
    rule,
    after: { gas: fresh },
    parts: [{ station: 'gas', kind: 'cylinder', spec: { gas: fresh, ...(group && { group }) }, storeIndex }],
  })
  if (gas === undefined) return { ...change('gas-not-read'), verdict: 'unknown' }
  if (!connected) return change('gas-missing')
  // What the box is classified with wins over what is usual.
  if ((gas.H2 ?? 0) > 0 && !designations.includes(gasDesignation(gas)) && !bearsHydrogen(c))
    return change('hydrogen-cracks')
  const standing = gasStanding(c.wire, gas)
  if (standing === 'outside')
    return change(
      FAMILY_SHEETS[c.wire.family].inertOnly
        ? 'active-gas-under-inert-wire'
        : gasDesignation(gas).startsWith('I')
          ? 'inert-gas-under-steel'
          : 'gas-outside-designation',
    )
  return {
    ...base,
    verdict: 'fits',
    rule: FITTING[standing],
    after: { gas },
  }
}
