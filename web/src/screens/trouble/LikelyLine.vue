<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { STATIONS } from '@pepper-knot/core/machine'
import { causeRow, type Ranked } from '@pepper-knot/core/trouble'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What is likeliest now, each cause at its station along the wire, as short bars with words. */
const props = defineProps<{ causes: readonly Ranked[]; other: number }>()
const { t } = useI18n()
const settings = useSettings()

/** A cause less likely than this is not shown: the rest together are. */
const SHOWN = 0.03
const shown = computed(() => props.causes.filter((c) => c.chance >= SHOWN).slice(0, 8))
const places = computed(() =>
  [...STATIONS, 'work' as const]
    .map((at) => ({ at, causes: shown.value.filter((c) => causeRow(c.cause).at === at) }))
    .filter((place) => place.causes.length > 0),
)
const rest = computed(() => 1 - shown.value.reduce((sum, c) => sum + c.chance, 0))
const word = (chance: number) =>
  t(`trouble.words.${chance > 0.8 ? 'sure' : chance > 0.35 ? 'likely' : chance > 0.1 ? 'maybe' : 'hardly'}`)
const placeName = (at: (typeof places.value)[number]['at']) =>
  at === 'work' ? t('trouble.work') : words.STATION_SHORT[at]
</script>

<template>
  <section class="likely" :aria-label="t('trouble.likely')" data-part="likely">
    <h2>{{ t('trouble.likely') }}</h2>
    <ol class="wire">
      <li v-for="place in places" :key="place.at">
        <span class="at">{{ placeName(place.at) }}</span>
        <ul>
          <li v-for="c in place.causes" :key="c.cause" :title="words.weightWhy(c, settings.units)">
            <span>{{ words.causeName(c.cause) }}</span>
            <span class="word muted">{{ word(c.chance) }}</span>
            <span class="bar" aria-hidden="true"
              ><i :style="{ width: `${Math.round(c.chance * 100)}%` }"></i
            ></span>
          </li>
        </ul>
      </li>
      <li v-if="rest >= SHOWN">
        <span class="at muted">{{ t('trouble.other') }}</span>
        <ul>
          <li>
            <span></span>
            <span class="word muted">{{ word(rest) }}</span>
            <span class="bar" aria-hidden="true"
              ><i :style="{ width: `${Math.round(rest * 100)}%` }"></i
            ></span>
          </li>
        </ul>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.likely {
  display: grid;
  gap: 8px;
  align-content: start;
}
.wire > li {
  display: grid;
  grid-template-columns: minmax(84px, 1fr) 4fr;
  gap: 12px;
  position: relative;
  padding: 7px 0 7px 20px;
}
/* The wire that all of it stands on. */
.wire > li::before {
  content: '';
  position: absolute;
  left: 6px;
  top: 0;
  bottom: 0;
  border-left: 3px solid var(--copper);
}
.wire > li::after {
  content: '';
  position: absolute;
  left: 1px;
  top: 14px;
  width: 10px;
  height: 10px;
  border: 2px solid var(--copper);
  background: var(--ground);
}
.at {
  font-weight: 650;
}
ul li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 10px;
}
.bar {
  grid-column: 1 / -1;
  height: 8px;
  border: 1px solid var(--muted);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--copper);
}
</style>
