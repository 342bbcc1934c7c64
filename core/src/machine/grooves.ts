import type { GROOVE_PROFILES } from '../terms/terms.ts'
import { readDiameter } from '../wire/diameters.ts'
import type { Rolls } from './fitted/driveRolls.ts'

type Profile = (typeof GROOVE_PROFILES)[number]
const WORDS: readonly (readonly [Profile, RegExp])[] = [
  ['knurled-v', /^(?:KNURL(?:ED)?|SERRATED)(?:-?V)?$/],
  ['smooth-u', /^(?:SMOOTH-?)?U(?:-?GROOVE)?$/],
  ['smooth-v', /^(?:(?:SMOOTH-?)?V(?:-?GROOVE)?|SMOOTH)$/],
]
const profileOf = (word: string): Profile | undefined => WORDS.find(([, form]) => form.test(word))?.[0]

/**
 * Grooves that differ, as people type them: `0.9 V, 0.9 knurled worn`. Each word belongs to the size before it.
 * @returns nothing where the grooves differ in no more than their size, or where a size cannot be read
 */
export function readMixedGrooves(
  text: string,
): Pick<Rolls, 'grooves' | 'grooveProfiles' | 'grooveConditions'> | undefined {
  const grooves: string[] = []
  const profiles: (Profile | undefined)[] = []
  const worn: boolean[] = []
  for (const word of text
    .toUpperCase()
    .split(/[\s,;/·+&]+/)
    .filter(Boolean)) {
    const size = /^[\d.,]/.test(word) ? readDiameter(word.replace(/(?:MM|")$/, '')) : undefined
    if (size?.ok) {
      grooves.push(word.replace(/(?:MM|")$/, '').replace(',', '.'))
      profiles.push(undefined)
      worn.push(false)
      continue
    }
    const at = grooves.length - 1
    if (at < 0) continue
    const profile = profileOf(word)
    if (profile) profiles[at] ??= profile
    if (word === 'WORN') worn[at] = true
  }
  const named = profiles.filter((p) => p !== undefined).length
  if (grooves.length < 2 || grooves.length > 4) return undefined
  if (named < 2 && !worn.includes(true)) return undefined
  // One word for all stands behind the last.
  const all = named === 1 ? profiles.find((p) => p !== undefined) : undefined
  const each = profiles.map((p) => p ?? all)
  return {
    grooves,
    ...(each.every((p): p is Profile => p !== undefined) && { grooveProfiles: each }),
    ...(worn.includes(true) && {
      grooveConditions: worn.map((w) => (w ? ('worn' as const) : ('good' as const))),
    }),
  }
}
const SHORT: Record<Profile, string> = { 'smooth-v': 'V', 'smooth-u': 'U', 'knurled-v': 'knurled' }
/** Grooves as they can be typed again. */
export const mixedGroovesText = (rolls: {
  grooves?: readonly string[] | undefined
  grooveProfiles?: readonly Profile[] | undefined
  grooveConditions?: readonly string[] | undefined
}): string =>
  (rolls.grooves ?? [])
    .map((stamp, i) =>
      [
        stamp,
        rolls.grooveProfiles?.[i] && SHORT[rolls.grooveProfiles[i]],
        rolls.grooveConditions?.[i] === 'worn' && 'worn',
      ]
        .filter(Boolean)
        .join(' '),
    )
    .join(rolls.grooveProfiles || rolls.grooveConditions ? ', ' : ' ')
