import type { MatchContext } from '../../match/finding.ts'
import { afterChoice } from '../../match/choice.ts'
import { matchGun } from '../gun/match.ts'
import type { SpoolType } from '../../wire/spool.ts'

/** How a spool goes on: bare on the hub, with an adapter, on hardware of its own, or standing on the floor. */
export type Mount = 'bare' | 'adapter' | 'hardware' | 'drum'
type Bore = 'small' | 'large'

/**
 * Bores: S100 16.5 mm; S200, S300 and BS300 about 51 mm. Baskets, 14-inch coils and drums have none.
 * published: ISO 544, recalled from memory
 */
const BORE: Readonly<Partial<Record<SpoolType, Bore>>> = {
  S100: 'small',
  S200: 'large',
  S300: 'large',
  BS300: 'large',
}

/**
 * Which bore the bare hub takes: by the spool that sits on it, else by the spools the machine takes. A spool gun
 * carries its own small one. `undefined`: nobody knows.
 */
function hubBore(c: MatchContext): Bore | undefined {
  const { machine, fitted } = c
  if (afterChoice(c, matchGun(c)).gun?.kind === 'spool-gun') return 'small'
  const on = fitted.spool
  const bore = on?.type && BORE[on.type]
  if (bore && on.adapter !== undefined) return on.adapter === (bore === 'small') ? 'large' : 'small'
  const takes = machine.spools?.map((type) => BORE[type]).filter((b) => b !== undefined) ?? []
  if (takes.length) return takes.includes('large') ? 'large' : 'small'
  return bore
}

/** How a spool of a type goes on this machine. */
export function mountOf(c: MatchContext, type: SpoolType | undefined): Mount {
  if (type === undefined) return 'bare'
  if (type === 'drum') return 'drum'
  if (type === 'coil') return 'hardware'
  const bore = BORE[type]
  if (bore === undefined) return 'adapter'
  return (hubBore(c) ?? bore) === bore ? 'bare' : 'adapter'
}
