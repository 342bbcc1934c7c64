import { OPEN_ENDS, type MachineStanding, type OpenEnd } from '../../machine/standing.ts'

/** What was left undone, as a foreman would say it. */
export const OPEN_END_WORDS: Readonly<Record<OpenEnd, string>> = {
  tagged: 'tagged',
  'not-threaded': 'wire not threaded',
  'cut-in-gun': 'a cut piece of wire in the gun',
  'not-fed': 'wire not fed through',
  'gun-off': 'gun off',
  'gun-not-connected': 'gun not connected',
  'gun-rolls-open': 'gun rolls open',
  'liner-not-trimmed': 'liner not trimmed',
  'guide-out': 'outlet guide out',
  'tip-off': 'contact tip off',
  'nozzle-off': 'nozzle off',
  'adapter-on-hub': 'adapter still on the hub',
  'brake-not-set': 'hub brake not set',
  'pressure-not-set': 'roll pressure not set',
  'not-trimmed': 'wire not trimmed',
  'case-open': 'case open',
  'solenoid-not-wired': 'solenoid not wired',
  'hose-not-fitted': 'gas hose not fitted',
  'click-not-tried': 'solenoid not heard to click',
  'hoses-off': 'water hoses off',
  'not-drained': 'hose not drained',
  'not-leak-checked': 'gas not leak-checked',
  'not-purged': 'hose not purged',
  'flow-not-set': 'gas flow not set',
  'fire-not-watched': 'fire watch not done',
}

/** What of a machine stands open, in the order it is said; nothing where it stands as after a finished job. */
export function openEndNames(standing: MachineStanding | undefined): string[] {
  if (!standing) return []
  const { plugged, on, arm, wireEnd, valve, clamp, openEnds = [] } = standing
  return [
    ...(plugged === false ? ['unplugged'] : on === false ? ['switched off'] : []),
    ...(valve === 'shut' ? ['cylinder shut'] : []),
    ...(wireEnd === 'in-hand' ? ['wire end in the hand'] : wireEnd === 'free' ? ['wire end loose'] : []),
    ...(arm === 'open' ? ['pressure arm open'] : []),
    ...OPEN_ENDS.filter((end) => openEnds.includes(end)).map((end) => OPEN_END_WORDS[end]),
    ...(clamp === 'off' ? ['work clamp off'] : []),
  ]
}
