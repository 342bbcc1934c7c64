<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { type cardsOf } from '@pepper-knot/core/jobs'
import { formatMinutes } from '@pepper-knot/core/trade'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Several steps of one place on one card, for who knows them: its cautions once, a line each, how behind the line. */
const props = defineProps<{ card: ReturnType<typeof cardsOf>[number]; done: readonly string[] }>()
const { t } = useI18n()
const settings = useSettings()
const title = ref<HTMLElement>()
defineExpose({ focus: () => title.value?.focus({ preventScroll: true }) })
/** Where one walks about, each line says where to. */
const several = computed(() => new Set(props.card.steps.map((step) => step.place)).size > 1)
const hazards = computed(() => [...new Set(props.card.steps.flatMap((step) => words.stepHazards(step)))])
</script>

<template>
  <h1 ref="title" tabindex="-1" class="name" data-part="card">
    {{ words.CARD_NAMES[card.kind] }}
    <small>{{ t('run.cardMinutes', { minutes: formatMinutes(card.minutes) }) }}</small>
  </h1>
  <ul v-if="hazards.length" class="hazards" data-part="hazards" :aria-label="t('run.hazards')">
    <li v-for="hazard in hazards" :key="hazard">{{ hazard }}</li>
  </ul>
  <ol class="lines" :class="{ several }" data-part="lines">
    <li v-for="(step, i) in card.steps" :key="step.id" :class="{ past: done.includes(step.id) }">
      <small v-if="several" class="muted">{{
        card.steps[i - 1]?.place === step.place ? '' : words.PLACE_SHORT[step.place]
      }}</small>
      <details v-if="words.stepHow(step, settings.units)">
        <summary>{{ words.stepTitle(step, settings.units) }}</summary>
        <p>{{ words.stepHow(step, settings.units) }}</p>
      </details>
      <span v-else>{{ words.stepTitle(step, settings.units) }}</span>
    </li>
  </ol>
</template>

<style scoped>
.name {
  font-size: clamp(1.3rem, 2.6vw, 2rem);
  outline: none;
}
.name small {
  font-size: 1rem;
  font-weight: 500;
  margin-left: 10px;
}
.hazards {
  border-left: 6px solid var(--paprika);
  background: var(--sheet);
  padding: 10px 16px;
  font-size: 1.05rem;
  font-weight: 650;
  display: grid;
  gap: 4px;
}
.lines {
  font-size: 1.25rem;
  display: grid;
  gap: 6px;
  max-width: 60ch;
  font-weight: 650;
}
.lines li {
  overflow-wrap: anywhere;
}
.several li {
  display: grid;
  grid-template-columns: 5em minmax(0, 1fr);
  gap: 8px;
  align-items: baseline;
}
.lines li > span {
  padding-left: 1.25em;
}
.lines small {
  font-weight: 500;
  font-size: 1rem;
}
summary {
  cursor: pointer;
}
.lines p {
  font-size: 1.05rem;
  font-weight: 400;
  margin: 4px 0 8px;
}
.past {
  color: var(--muted);
}
@media (max-width: 700px) {
  .lines {
    font-size: 1.12rem;
  }
}
</style>
