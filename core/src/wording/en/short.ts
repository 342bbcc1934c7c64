import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { Machine } from '../../machine/machine.ts'
import type { Station } from '../../machine/stations.ts'
import { formatFlow, formatLead, type UnitSystem } from '../../units/format.ts'
import type { Finding } from '../../match/finding.ts'
import {
  nameIn,
  boreText,
  gunOn,
  LINER_SHORT,
  mixtureText,
  PRESSURE_NAMES,
  PROFILE_SHORT,
  sizeText,
  stampText,
} from './names.ts'

type Setup = Partial<Fitted> & { supply?: Machine['supply'] }

/** What stands at a station in the fewest words, as it goes under its mark. `none` when nothing is there. */
export function fittedShort(station: Station, setup: Setup, units: UnitSystem): string {
  const NONE = 'none'
  const UNREAD = 'not read'
  const say = <T>(value: T | null | undefined, text: (v: T) => string) =>
    value === undefined ? UNREAD : value === null ? NONE : text(value)
  switch (station) {
    case 'spool':
      return say(setup.spool, (s) => s.type ?? 'spool')
    case 'hubBrake':
      return say(setup.hubBrake, (b) => b)
    case 'inletGuide':
    case 'outletGuide':
      return say(setup[station], (g) => g.material)
    case 'driveRolls':
      return say(
        setup.driveRolls,
        (r) =>
          `${nameIn(PROFILE_SHORT, r.profile)} ${r.active ? stampText(r.active, units) : r.grooves.map((g) => stampText(g, units)).join('·')}`,
      )
    case 'rollPressure':
      return say(setup.rollPressure, (p) => (p.mark == null ? 'no mark' : tight(`mark ${p.mark}`)))
    case 'liner':
      return say(setup.liner, (l) => `${LINER_SHORT[l.material]} ${range(l.minMm, l.maxMm, units)}`)
    case 'gun':
      return say(
        setup.gun,
        (g) =>
          `${g.kind === 'spool-gun' ? 'spool gun' : g.kind}${g.lengthM === undefined ? '' : ` ${tight(formatLead(g.lengthM, units))}`}`,
      )
    case 'contactTip':
      return say(setup.contactTip, (t) => `${stampText(t.stamp, units)}${t.aluminiumBore ? ' Al' : ''}`)
    case 'nozzle':
      return say(setup.nozzle, (n) =>
        n.kind === 'gas'
          ? n.boreMm === undefined
            ? 'gas'
            : boreText(n.boreMm, units)
          : n.kind === 'none'
            ? 'bare'
            : 'cap',
      )
    case 'polarity':
      return say(setup.polarity, (p) => tight(gunOn(p)))
    case 'gas':
      return say(setup.gas, mixtureText)
    case 'gasFlow':
      return say(setup.gasFlowLPerMin, (f) => (f === 0 ? 'shut' : tight(formatFlow(f, units))))
    case 'supply':
      return say(setup.supply, (s) =>
        s.voltageV === undefined
          ? UNREAD
          : `${s.voltageV} V${s.breakerA === undefined ? '' : ` ${s.breakerA} A`}`,
      )
  }
}

/** Figure and unit stay on one line. */
const tight = (text: string) => text.replace(/ /g, '\u00a0')
const range = (from: number, to: number, units: UnitSystem) =>
  from === to ? sizeText(from, units) : `${sizeText(from, units)}\u2060–\u2060${sizeText(to, units)}`

/** What the wire asks for at a station, in the fewest words. */
export function wantedShort(finding: Finding, units: UnitSystem): string {
  if (finding.station === 'rollPressure')
    return finding.verdict === 'fits'
      ? fittedShort('rollPressure', finding.after, units)
      : nameIn(PRESSURE_NAMES, String(finding.facts.level))!
  if (finding.station === 'gas' && !finding.facts.gasNeeded) return finding.fitted == null ? 'none' : 'shut'
  if (finding.station === 'gas' && finding.facts.group && finding.verdict !== 'fits')
    return String(finding.facts.group)
  if (finding.station === 'spool')
    return finding.facts.needsAdapter
      ? `${finding.facts.type} + adapter`
      : fittedShort('spool', finding.after, units)
  if (finding.station === 'gasFlow' && !finding.facts.gasNeeded) return 'shut'
  return fittedShort(finding.station, finding.after, units)
}
