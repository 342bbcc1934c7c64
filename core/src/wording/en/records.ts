import type { Content } from '../../keep/fields.ts'
import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { MachineStanding } from '../../machine/standing.ts'
import { STATIONS, type Station } from '../../machine/stations.ts'
import type { Part } from '../../machine/store.ts'
import { readKey } from '../../record/contents.ts'
import type { UnitSystem } from '../../units/format.ts'
import { partText } from './names.ts'
import { STATION_NAMES } from './stations/index.ts'
import { isNamedField, placeText } from './paths.ts'
import { fittedShort } from './short.ts'
import { openEndNames } from './standing.ts'

/** What people call a record: a machine by its name, a part by what it is, a change by its wire. */
export function recordText(key: string, content: Content | null, units: UnitSystem): string {
  const kind = readKey(key)?.kind
  switch (kind) {
    case 'machine':
    case 'metal':
      return String(content?.name ?? KIND_TEXT[kind])
    case 'part':
    case 'wire':
    case 'cylinder':
      return content
        ? partText((content as Part).kind, content as Record<string, unknown>, units)
        : KIND_TEXT[kind]
    case 'log':
      return content?.text ? String(content.text).slice(0, 60) : KIND_TEXT.log
    case 'run':
      return content?.label ? `${KIND_TEXT.run} ${String(content.label)}` : KIND_TEXT.run
    case undefined:
      return KIND_TEXT.entry
    default:
      return KIND_TEXT[kind]
  }
}
const KIND_TEXT = {
  shop: 'name of the shop',
  settings: 'settings',
  machine: 'machine',
  part: 'part',
  wire: 'wire',
  cylinder: 'cylinder',
  chart: 'chart',
  metal: 'metal of the shop’s own',
  log: 'note in the log',
  run: 'change',
  plan: 'planned steps',
  entry: 'a line of the run sheet',
} as const

const stationAt = (path: readonly string[]): Station | undefined => {
  if (path[0] !== 'fitted' || path.length !== 2) return undefined
  const key = path[1] === 'gasFlowLPerMin' ? 'gasFlow' : path[1]
  return STATIONS.find((s) => s === key)
}
/** Where a field stands, in words. */
export function fieldText(path: readonly string[]): string {
  const station = stationAt(path)
  return station ? STATION_NAMES[station] : placeText(path.join('.')) || path.join(', ')
}
/** What a field says, as short as it can be told. */
export function fieldValueText(path: readonly string[], value: unknown, units: UnitSystem): string {
  const station = stationAt(path)
  if (station) return fittedShort(station, { [path[1]!]: value } as Partial<Fitted>, units)
  if (path.at(-1) === 'standing')
    return openEndNames(value as MachineStanding | undefined).join(', ') || plainText(undefined)
  return plainText(value)
}
const LONGEST = 300
function plainText(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value !== 'object') return String(value).slice(0, LONGEST)
  if (Array.isArray(value))
    return value.length === 0 ? 'nothing' : value.map(plainText).join(', ').slice(0, LONGEST)
  const said = Object.entries(value).filter(([key]) => isNamedField(key) && key !== 'id')
  return said.length === 0
    ? 'something else'
    : said
        .map(([key, inside]) => `${placeText(key)} ${plainText(inside)}`)
        .join(', ')
        .slice(0, LONGEST)
}
