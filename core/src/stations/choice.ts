import { cleaned } from '../bench/bench.ts'
import { afterChoice, asIfFitted, seenAt, usedAt } from '../match/choice.ts'
import { fittedKey } from '../machine/assumed.ts'
import { keeps, type Fault, type Finding, type MatchContext } from '../match/finding.ts'
import type { Facts } from '../base/facts.ts'
import { shortMixture } from '../gas/mixture.ts'
import type { Mixture } from '../gas/mixtureSchema.ts'
import type { Station } from '../machine/stations.ts'

/** What the sentences of the steps say of the part that goes on by choice. */
function goingFacts(station: Station, value: unknown, c: MatchContext): Facts {
  // Where nothing is there and nothing goes on, the usual is still what was asked for.
  if (value == null && station !== 'nozzle') return {}
  const part = (value ?? {}) as Record<string, unknown>
  switch (station) {
    case 'inletGuide':
    case 'outletGuide':
      return { wanted: String(part.material) }
    case 'driveRolls':
      return { wantedProfile: String(part.profile), wantedGroove: String(part.active) }
    case 'liner':
      return { wanted: String(part.material), wantedLengthM: part.lengthM as number | undefined }
    case 'contactTip':
      return { wantedStamp: String(part.stamp), wantedAluminiumBore: part.aluminiumBore === true }
    case 'nozzle':
      return { wanted: String(part.kind ?? 'none') }
    case 'gun':
      return { wanted: String(part.kind ?? 'push') }
    case 'gas':
      return {
        wanted: Object.keys(part).length ? shortMixture(part as Mixture) : undefined,
        otherOutlet: c.fitted.gas != null && (part.CO2 === 100) !== (c.fitted.gas.CO2 === 100),
      }
    default:
      return {}
  }
}

/** What a finding calls for besides its verdict, in the facts that builders of work look at: nothing of it is done. */
const NO_WORK: Facts = {
  studsLoose: false,
  clamp: undefined,
  rolls: undefined,
  innerLiner: undefined,
  oRingVerdict: undefined,
  conditionGoing: undefined,
  cleanFirst: false,
  fittedAdapter: false,
}

const CLEANED_ON: readonly Station[] = ['driveRolls', 'liner', 'gun']

/** A finding with the choice made for its station followed. @param judge what the station says of a machine */
export function chosen<R extends string>(
  finding: Finding<R>,
  c: MatchContext,
  judge: (c: MatchContext) => Finding<R>,
): Finding<R> {
  const { station } = finding
  const used = usedAt(c, station)
  if (used && station !== 'supply') {
    const said = judge(asIfFitted(c, station, used.fitted))
    const kind = station === 'gas' ? 'cylinder' : station
    // What lay in the store dirty and can be cleaned once it is on is cleaned; any other part goes on as it is.
    const clean = CLEANED_ON.includes(station) ? cleaned(used.fitted as object) : used.fitted
    const cleanFirst = JSON.stringify(clean) !== JSON.stringify(used.fitted)
    // How the usual would have come is nothing to this one.
    const { comes: _comes, piece: _piece, ...usual } = finding
    return {
      ...usual,
      verdict: 'change',
      facts: {
        ...finding.facts,
        // What the usual gun asked for is nothing to this one: it is only cleaned.
        ...(station === 'gun' && { ...NO_WORK, conditionGoing: cleanFirst ? 'dirty' : undefined }),
        ...goingFacts(station, used.fitted, c),
        cleanFirst,
      },
      instead: { storeIndex: used.index, faults: faultsOf(said), facts: said.facts },
      after: cleanFirst ? { [fittedKey(station)]: clean } : afterChoice(c, finding),
      ...(cleanFirst && { comes: { [fittedKey(station)]: used.fitted } }),
      alsoDo: [],
      parts: [
        {
          station,
          kind: kind as Finding['parts'][number]['kind'],
          spec: station === 'gas' ? { gas: used.fitted } : { ...(used.fitted as object) },
          storeIndex: used.index,
        },
      ],
    }
  }
  if (!keeps(c, station) || finding.verdict === 'fits') return finding
  return {
    ...finding,
    kept: true,
    facts: { ...finding.facts, ...NO_WORK, ...goingFacts(station, seenAt(c, station), c) },
    after: afterChoice(c, finding),
    parts: [],
  }
}

/** Everything wrong at a station, the first and the rest. */
export const faultsOf = <R extends string>(f: Pick<Finding<R>, 'rule' | 'verdict' | 'also'>): Fault<R>[] =>
  [{ rule: f.rule, verdict: f.verdict }, ...(f.also ?? [])].filter((fault) => fault.verdict !== 'fits')
