<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { USUAL_MIXTURES, shortMixture } from '@pepper-knot/core/arc'
import { FAMILY_SHEETS, formatMass } from '@pepper-knot/core/trade'
import { notUnderstood, tradeLabel, type readLabel, type Wire } from '@pepper-knot/core/wire'
import WordRow from '../../parts/WordRow.vue'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What this wire asks for, as soon as its label is read. */
type Besides = Extract<ReturnType<typeof readLabel>, { ok: true }>['value']['besides']
const props = defineProps<{ wire: Wire; besides?: Besides | undefined }>()
const { t } = useI18n()
const settings = useSettings()
const needs = computed(() => FAMILY_SHEETS[props.wire.family])
const size = computed(() =>
  props.wire.diameterMm === null
    ? undefined
    : `${tradeLabel(props.wire.diameterMm, 'metric')} mm / ${tradeLabel(props.wire.diameterMm, 'inch')} in`,
)
const rows = computed(() => {
  const w = props.wire
  const mixtures = w.gas.designations
    .flatMap((d) => USUAL_MIXTURES[d] ?? [])
    .slice(0, 3)
    .map(shortMixture)
  return [
    [
      t('asks.wire'),
      [w.classification, words.kindText(w), ...(w.open ? [] : [w.process])].filter(Boolean).join(', '),
    ],
    [t('asks.size'), size.value ?? t('asks.unread')],
    ...(w.massKg === null ? [] : [[t('asks.mass'), formatMass(w.massKg, settings.units)]]),
    [
      t('asks.polarity'),
      w.polarity.length ? w.polarity.map((p) => `${words.gunOn(p)} (${p})`).join(', ') : t('asks.readBox'),
    ],
    [
      t('asks.gas'),
      w.open
        ? t('asks.readBox')
        : w.gas.needed
          ? [w.gas.designations.join(', '), mixtures.length && `(${mixtures.join(', ')})`]
              .filter(Boolean)
              .join(' ')
          : t('asks.noGas'),
    ],
    [t('asks.rolls'), needs.value.rolls.map((p) => words.PROFILE_NAMES[p]).join(', ')],
    [t('asks.liner'), needs.value.liner.map((m) => words.LINER_NAMES[m]).join(', ')],
    [t('asks.pressure'), words.PRESSURE_NAMES[needs.value.pressure]],
    [
      t('asks.positions'),
      w.positions.length === 5 ? t('asks.all') : w.positions.map((p) => words.POSITION_NAMES[p]).join(', '),
    ],
    [t('asks.passes'), t(`asks.${w.passes}`)],
    ...(w.strength ? [[t('asks.strength'), words.strengthText(w.strength, settings.units)]] : []),
    ...(w.hydrogen ? [[t('asks.hydrogen'), w.hydrogen]] : []),
    ...(w.standard ? [[t('asks.standard'), w.standard]] : []),
  ]
})
const unread = computed(() => notUnderstood({ wire: props.wire, besides: props.besides ?? {} }))
</script>

<template>
  <dl class="tabular">
    <template v-for="[name, value] in rows" :key="name">
      <dt>{{ name }}</dt>
      <dd>{{ value }}</dd>
    </template>
  </dl>
  <WordRow
    :ids="['classification', 'polarity', ...(wire.gas.needed ? ['gas-groups'] : []), 'knurled', 'liner']"
  />
  <p v-if="unread.length" class="muted">{{ t('asks.notUnderstood', { words: unread.join(' ') }) }}</p>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 18px;
}
dt {
  color: var(--muted);
}
dd {
  margin: 0;
  font-weight: 650;
}
</style>
