import type { ContactTipRule, ContactTipFact } from './rules.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Part } from '../../machine/store.ts'
import { oneSizeUpMm } from '../../wire/diameters.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { conditionVerdict, pick, worstFirst } from '../../match/finding.ts'
import { asStamp, stampedLike, stampSizes, stampTakes } from '../../wire/sizes.ts'

interface TipChoice {
  stamp: string
  aluminiumBore: boolean
}

/** Tips that will do, best first. Aluminium is a school; bronze takes its own size or slightly over. common practice */
export function tipsFor(c: Pick<MatchContext, 'wire' | 'practice'>): TipChoice[] {
  const own = asStamp(c.wire.diameterMm)
  const up = asStamp(oneSizeUpMm(c.wire.diameterMm))
  const { tip } = FAMILY_SHEETS[c.wire.family]
  if (tip === 'own-or-up')
    return [
      { stamp: own, aluminiumBore: false },
      { stamp: up, aluminiumBore: false },
    ]
  if (tip !== 'aluminium-bore') return [{ stamp: own, aluminiumBore: false }]
  const choices = [
    { stamp: own, aluminiumBore: true },
    { stamp: up, aluminiumBore: false },
  ]
  return c.practice.aluminiumTip === 'one-size-up' ? choices.reverse() : choices
}

const is = (tip: { stamp: string; aluminiumBore?: boolean | undefined }, choice: TipChoice) =>
  stampTakes(tip.stamp, Number(choice.stamp)) && (tip.aluminiumBore ?? false) === choice.aluminiumBore

/** Bore to diameter; a softer, hotter aluminium wire wants room. */
export function matchContactTip(c: MatchContext): Finding<ContactTipRule, ContactTipFact> {
  const tip = c.fitted.contactTip
  const choices = tipsFor(c)
  const roomy = FAMILY_SHEETS[c.wire.family].tip === 'aluminium-bore'
  const storeIndex = pick(
    c.store,
    choices.flatMap((choice) => [
      (p: Part) => p.kind === 'contactTip' && is(p, choice) && stampedLike(p.stamp, c.wire.diameterLabel),
      (p: Part) => p.kind === 'contactTip' && is(p, choice),
    ]),
  )
  const picked = storeIndex === null ? undefined : c.store![storeIndex]
  const fresh =
    picked?.kind === 'contactTip'
      ? { stamp: picked.stamp, aluminiumBore: picked.aluminiumBore ?? false }
      : choices[0]!
  const base = {
    station: 'contactTip' as const,
    facts: {
      stamp: tip?.stamp,
      aluminiumBore: tip?.aluminiumBore,
      condition: tip?.condition,
      sizeMm: c.wire.diameterMm,
      wantedStamp: fresh.stamp,
      wantedAluminiumBore: fresh.aluminiumBore,
      family: c.wire.family,
    },
    fitted: tip,
    required: { stamp: choices.map((x) => x.stamp), aluminiumBore: choices.map((x) => x.aluminiumBore) },
    alsoDo: roomy ? (['one-size-up-or-aluminium-bore'] as const) : [],
    origin: 'common practice' as const,
  }
  const change = (rule: ContactTipRule): Finding<ContactTipRule, ContactTipFact> => ({
    ...base,
    verdict: 'change',
    rule,
    after: { contactTip: fresh },
    parts: [{ station: 'contactTip', kind: 'contactTip', spec: { ...fresh }, storeIndex }],
  })
  if (tip === undefined) return { ...change('tip-not-read'), verdict: 'unknown' }
  if (tip === null) return change('tip-missing')
  const sizes = choices.filter((x) => stampTakes(tip.stamp, Number(x.stamp)))
  const state = conditionVerdict(tip.condition)
  const boreFits = sizes.some((x) => is(tip, x))
  // Same stamp, other bore: an aluminium bore is too loose for steel, a plain one too tight for aluminium.
  if (sizes.length && !boreFits && tip.aluminiumBore === undefined && roomy && state !== 'change')
    return { ...change('tip-bore-not-read'), verdict: 'unknown' }
  const { main, also } = worstFirst<ContactTipRule>([
    sizes.length === 0 && {
      rule: tipTooSmall(tip.stamp, c.wire.diameterMm) ? 'tip-too-small' : 'tip-too-large',
      verdict: 'change',
    },
    sizes.length > 0 &&
      !boreFits &&
      !(tip.aluminiumBore === undefined && roomy) && {
        rule: roomy
          ? tip.aluminiumBore
            ? 'tip-too-large'
            : 'tip-same-size-aluminium'
          : 'aluminium-bore-too-loose',
        verdict: 'change',
      },
    state === 'change' && { rule: 'tip-worn', verdict: 'change' },
    state === 'adjust' && { rule: 'tip-dirty', verdict: 'adjust' },
  ])
  if (main?.verdict === 'change') return { ...change(main.rule), also }
  const after = { contactTip: { ...tip, ...(tip.condition === 'dirty' && { condition: 'good' as const }) } }
  return main
    ? { ...base, verdict: 'adjust', rule: main.rule, also, after, parts: [] }
    : { ...base, verdict: 'fits', rule: 'tip-fits', after, parts: [] }
}

const tipTooSmall = (stamp: string, mm: number) => Math.max(0, ...stampSizes(stamp)) < mm
