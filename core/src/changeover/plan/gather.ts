import { FUMES_TO_EXTRACT } from '../../metals/fume.ts'
import type { Finding, MatchContext, WantedPart } from '../../match/finding.ts'
import { pick } from '../../match/finding.ts'
import { regulatorFor, regulatorTakes } from '../../machine/part.ts'
import { shelfWire } from '../../match/prepare.ts'
import { isSameWire } from '../../wire/wire.ts'
import type { Station } from '../../machine/stations.ts'
import type { Part } from '../../machine/store.ts'
import type { Step } from '../../steps/step.ts'

export interface GatherLine {
  station: Station
  kind: Part['kind']
  piece?: WantedPart['piece']
  spec: Readonly<Record<string, unknown>>
  have: boolean
  storeIndex: number | null
  drawer?: string
  /** The station was not read: the part may turn out to be fitted already. */
  ifNeeded: boolean
  /** It is bought in the middle of the work, once something else is proved. */
  later?: true
}

/** Everything to bring to the bench, found or missing now, before anything is opened. */
export function gatherList(c: MatchContext, findings: readonly Finding[]): GatherLine[] {
  const line = (part: WantedPart, ifNeeded: boolean): GatherLine => {
    const drawer = part.storeIndex === null ? undefined : c.store![part.storeIndex]!.drawer
    return {
      station: part.station,
      kind: part.kind,
      spec: part.spec,
      have: part.storeIndex !== null,
      storeIndex: part.storeIndex,
      ifNeeded,
      ...(part.piece && { piece: part.piece }),
      ...(drawer && { drawer }),
    }
  }
  const lines = findings.flatMap((f) => f.parts.map((part) => line(part, f.verdict === 'unknown')))
  return [...(c.wireStays ? [] : [wireLine(c, line)]), ...lines, ...regulatorLine(c, findings, line)]
}

type MakeLine = (part: WantedPart, ifNeeded: boolean) => GatherLine

/** Characters of shelf labels that are read for one plan: some 2,000 boxes as boxes are labelled. */
const MOST_LABEL_CHARACTERS = 40_000

function wireLine(c: MatchContext, line: MakeLine): GatherLine {
  let budget = MOST_LABEL_CHARACTERS
  const inStore = pick(c.store, [
    (p) => {
      if (p.kind !== 'wire' || budget <= 0) return false
      budget -= p.byHand ? 0 : p.label.length
      const shelf = shelfWire(p)
      return shelf.ok && isSameWire(shelf.value.wire, c.wire)
    },
  ])
  const listed = c.store?.some((p) => p.kind === 'wire') ?? false
  const spec = {
    classification: c.wire.classification ?? undefined,
    family: c.wire.family,
    diameterMm: c.wire.diameterMm,
    type: c.spool.type ?? undefined,
    massKg: c.spool.massKg ?? undefined,
  }
  // A store that lists no wires says nothing about the one named: it is in the hand of whoever asks.
  return {
    ...line({ station: 'spool', kind: 'wire', spec, storeIndex: inStore }, false),
    have: inStore !== null || !listed,
  }
}

/** CO2 and argon mixtures have different outlets: another gas may want another regulator. common practice */
function regulatorLine(c: MatchContext, findings: readonly Finding[], line: MakeLine): GatherLine[] {
  const gas = findings.find((f) => f.station === 'gas')!
  const going = gas.after.gas
  if (!c.wire.gas.needed || !going || gas.verdict !== 'change') return []
  if (c.fitted.gas && !gas.facts.otherOutlet) return []
  const { gas: outlet } = regulatorFor(going) as Extract<Part, { kind: 'regulator' }>
  const storeIndex = pick(c.store, [(p) => p.kind === 'regulator' && regulatorTakes(p, going)])
  return [line({ station: 'gas', kind: 'regulator', spec: { gas: outlet }, storeIndex }, false)]
}

export type Tool =
  | 'side-cutters'
  | 'pliers'
  | 'hex-keys'
  | 'marker'
  | 'dry-air'
  | 'brush'
  | 'wood-block'
  | 'soapy-water'
  | 'wrench'
  | 'tray'
  | 'protection'
  | 'fine-file'
  | 'stainless-brush'
  | 'degreaser'
  | 'thermometer'
  | 'fume-extraction'
  | 'extinguisher'
  | 'liner-collet'

const TO_EXTRACT: readonly Step['hazards'][number][] = FUMES_TO_EXTRACT
/** Tools and consumables by the work in the plan. */
export function toolsFor(steps: readonly Step[]): Tool[] {
  const has = (...tasks: Step['task'][]) => steps.some((s) => tasks.includes(s.task))
  const coupon = (...metals: string[]) =>
    steps.some((s) => s.task === 'cleanCoupon' && metals.includes(String(s.facts.metal)))
  const tools: [Tool, boolean][] = [
    ['protection', true],
    ['side-cutters', true],
    ['pliers', true],
    ['tray', true],
    ['marker', true],
    ['hex-keys', has('rollsChange', 'linerOut', 'gunRollsChange', 'gunOff')],
    ['fine-file', has('linerTrim')],
    // A polymer liner is thicker outside: the collet, sleeve and insert of the steel one do not grip it.
    ['liner-collet', steps.some((s) => s.task === 'linerIn' && s.facts.soft === true)],
    ['brush', has('lookOver', 'rollsClean', 'nozzleClean')],
    ['dry-air', has('blowOutLiner', 'linerOut', 'innerLinerClean')],
    ['wood-block', has('setPressure')],
    ['wrench', has('regulatorOn', 'swapStuds', 'tightenStuds')],
    ['soapy-water', has('leakCheck')],
    // A brush that has touched carbon steel rusts stainless and spoils aluminium.
    ['stainless-brush', coupon('aluminium', 'stainless-steel')],
    ['degreaser', coupon('aluminium', 'stainless-steel', 'copper-alloy')],
    ['thermometer', has('preheat')],
    ['fume-extraction', steps.some(({ hazards }) => hazards.some((hazard) => TO_EXTRACT.includes(hazard)))],
    ['extinguisher', has('hotWork')],
  ]
  return tools.filter(([, needed]) => needed).map(([tool]) => tool)
}
