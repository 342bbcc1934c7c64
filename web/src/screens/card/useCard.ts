import { computed, type ComputedRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { readWire, STATIONS, type Machine } from '@pepper-knot/core/machine'
import { lastGood } from '@pepper-knot/core/record'
import { formatFlow, formatLength, formatSpeed, formatVolts } from '@pepper-knot/core/trade'
import { isSized } from '@pepper-knot/core/wire'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'
import type { SetupCard } from '../../storage/setupCode.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'

/** A setup card as it is shown and printed. */
export interface CardView {
  card: SetupCard
  machine: string
  wire: string
  metal: string
  /** Volts, wire speed, gas flow and pressure: what is read at two metres. */
  figures: { name: string; value: string; known: boolean }[]
  stations: { name: string; text: string }[]
}

/** What hangs on a machine’s door: its wire, what is fitted, what it ran well at last. */
export function useCard(machine: () => Machine | undefined): ComputedRef<CardView | undefined> {
  const words = useWords()
  const { t } = useI18n()
  const shop = useShop()
  const settings = useSettings()
  return computed(() => {
    const m = machine()
    if (!m) return undefined
    const { units } = settings
    const { fitted } = m
    const read = fitted.wire ? readWire(fitted.wire, '') : undefined
    const wire = read?.ok && isSized(read.value.wire) ? read.value.wire : undefined
    const good = wire && lastGood(shop.digest, m.id, wire, {}, true)
    const mark = fitted.rollPressure?.mark
    const flow = fitted.gasFlowLPerMin
    const ran = good?.settings
    const card = {
      at: new Date().toISOString(),
      machine: m.name,
      fitted,
      ...(mark !== undefined && { mark }),
      ...(good && {
        ran,
        material: good.material as SetupCard['material'],
        thicknessMm: good.thicknessMm,
        position: good.position as SetupCard['position'],
      }),
    } as SetupCard
    const gasless = wire && !wire.gas.needed
    return {
      card,
      machine: seen(m.name),
      wire: wire
        ? words.wireName(wire, units)
        : fitted.wire && 'label' in fitted.wire
          ? seen(fitted.wire.label)
          : t(fitted.wire === null ? 'bench.emptyMachine' : 'bench.wireUnread'),
      metal: good
        ? `${words.MATERIAL_NAMES[good.material as never]} ${formatLength(good.thicknessMm, units)}, ${words.POSITION_NAMES[good.position as never]}`
        : '',
      figures: [
        {
          name: t('card.volts'),
          value: ran
            ? `${ran.tap === undefined ? '' : `${ran.tap} · `}${formatVolts(ran.voltageV)}`
            : t('card.noRan'),
          known: ran !== undefined,
        },
        {
          name: t('card.speed'),
          value: ran
            ? `${ran.dial === undefined ? '' : `${ran.dial} · `}${formatSpeed(ran.wireSpeedMPerMin, units)}`
            : t('card.noRan'),
          known: ran !== undefined,
        },
        {
          name: t('card.flow'),
          value: gasless ? t('card.noGas') : flow ? formatFlow(flow, units) : t('card.noMark'),
          known: gasless === true || Boolean(flow),
        },
        {
          name: t('card.mark'),
          value: mark === undefined ? t('card.noMark') : String(mark),
          known: mark !== undefined,
        },
      ],
      stations: STATIONS.filter((s) => s !== 'supply').map((s) => ({
        name: words.STATION_NAMES[s],
        text: words.fittedShort(s, { ...fitted, supply: m.supply }, units),
      })),
    }
  })
}
