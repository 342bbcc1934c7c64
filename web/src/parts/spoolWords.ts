import { useI18n } from 'vue-i18n'
import type { Part } from '@pepper-knot/core/machine'
import { formatMass } from '@pepper-knot/core/trade'
import { readLabel } from '@pepper-knot/core/wire'
import { useSettings } from '../stores/settings.ts'

/** Less than this share of the box is gone: weighed by hand it may be whole. */
const WHOLE = 0.02

/** What is to be known of a spool on the shelf before it goes on: what is left on it, how it lay, what comes off first. */
export function useSpoolWords(): (part: Part) => string[] {
  const { t, d } = useI18n()
  const settings = useSettings()
  return (part) => {
    if (part.kind !== 'wire') return []
    const { massKg, opened, storedDry, rustyTurns } = part
    const label = readLabel(part.label)
    const full = label.ok ? label.value.spool.massKg : null
    const mass = (kg: number) => formatMass(kg, settings.units)
    // Powder and flux take up water; solid wire rusts or grows an oxide skin. common practice, no source
    const family = part.byHand?.family ?? (label.ok ? label.value.wire.family : undefined)
    const cored = family?.includes('cored')
    return [
      ...(massKg === undefined
        ? []
        : full && massKg < full * (1 - WHOLE)
          ? [t('spool.leftOf', { left: mass(massKg), full: mass(full) })]
          : full
            ? []
            : [mass(massKg)]),
      ...(opened
        ? [t('spool.openedOn', { day: d(new Date(`${opened}T12:00:00`), { dateStyle: 'medium' }) })]
        : []),
      ...(storedDry === undefined
        ? []
        : [t(storedDry ? 'spool.dry' : cored ? 'spool.dampCored' : 'spool.damp')]),
      ...(rustyTurns ? [t('spool.turns', rustyTurns)] : []),
    ]
  }
}
