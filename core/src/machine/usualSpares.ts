import { shortMixture, USUAL_MIXTURES } from '../gas/mixture.ts'
import { asStamp } from '../wire/sizes.ts'
import { LINER_RANGES_MM } from '../wire/bores.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { tradeLabel } from '../wire/diameters.ts'
import type { SizedWire } from '../wire/wire.ts'

const PROFILE_WORD = { 'smooth-v': 'V', 'smooth-u': 'U', 'knurled-v': 'knurled' } as const
const LINER_WORD = {
  'steel-coil': 'steel',
  ptfe: 'PTFE',
  nylon: 'nylon',
  'graphite-polymer': 'graphite',
} as const

/**
 * What a shop with these wires usually has in its drawers, as lines that `readPartLine` reads. Offered, never assumed.
 * common practice, no source
 */
export function usualSpares(wires: readonly SizedWire[], system: 'metric' | 'inch'): string[] {
  const size = (mm: number) => (system === 'metric' ? asStamp(mm) : tradeLabel(mm, 'inch'))
  const lines = wires.flatMap((wire) => {
    const needs = FAMILY_SHEETS[wire.family]
    const own = size(wire.diameterMm)
    const range = LINER_RANGES_MM.find(([min, max]) => min <= wire.diameterMm && wire.diameterMm <= max)
    const mixture = USUAL_MIXTURES[wire.gas.designations[0] ?? '']?.[0]
    return [
      `${own}${needs.tip === 'aluminium-bore' ? ' al' : ''} tip x5`,
      `${own} ${PROFILE_WORD[needs.rolls[0]!]} roll`,
      ...(range ? [`${LINER_WORD[needs.liner[0]!]} liner ${size(range[0])}-${size(range[1])}`] : []),
      ...(mixture ? [`${shortMixture(mixture)} cylinder`] : wire.gas.needed ? [] : ['gasless cap']),
      ...(needs.guides[0] === 'polymer' ? ['polymer inlet guide', 'polymer outlet guide'] : []),
    ]
  })
  return [...new Set(lines)]
}
