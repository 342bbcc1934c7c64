<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Place, type Step } from '@pepper-knot/core/jobs'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** The walk as a short route, and what is done where you stand. */
const props = defineProps<{ steps: Step[]; at: number }>()
const { t } = useI18n()
const settings = useSettings()

interface Stop {
  place: Place
  from: number
  to: number
}
const stops = computed(() =>
  props.steps.reduce<Stop[]>((list, step, i) => {
    const last = list.at(-1)
    // A hands-free chain is one stop: the arm and the spool are within reach.
    if (last && (last.place === step.place || (step.captive && props.steps[i - 1]!.captive))) last.to = i
    else list.push({ place: step.place, from: i, to: i })
    return list
  }, []),
)
const here = computed(() => stops.value.findIndex((s) => props.at >= s.from && props.at <= s.to))
const shown = computed(() => {
  const first = Math.max(0, Math.min(here.value - 1, stops.value.length - 5))
  return stops.value.slice(first, first + 5)
})
const x = (i: number) => 30 + i * 60
const steps = computed(() =>
  stops.value[here.value]
    ? props.steps.slice(stops.value[here.value]!.from, stops.value[here.value]!.to + 1)
    : [],
)
const next = computed(() => stops.value[here.value + 1])
</script>

<template>
  <aside class="side" tabindex="0" :aria-label="t('run.walk')">
    <h2>{{ t('run.walk') }}</h2>
    <svg
      viewBox="0 0 300 66"
      class="route"
      role="img"
      :aria-label="shown.map((s) => words.PLACE_SHORT[s.place]).join(', ')"
    >
      <path :d="`M${x(0)} 22H${x(shown.length - 1)}`" class="way" />
      <g v-for="(stop, i) in shown" :key="stop.from">
        <circle
          :cx="x(i)"
          cy="22"
          :r="stop === stops[here] ? 12 : 8"
          :class="{ past: stop.to < at, on: stop === stops[here] }"
        />
        <text :x="x(i)" y="56" :class="{ on: stop === stops[here] }">
          {{ words.PLACE_SHORT[stop.place] }}
        </text>
      </g>
    </svg>
    <h3 v-if="stops[here]">{{ words.PLACE_NAMES[stops[here]!.place] }}</h3>
    <ol>
      <li
        v-for="step in steps"
        :key="step.id"
        :class="{ past: steps.indexOf(step) + stops[here]!.from < at, on: step === props.steps[at] }"
      >
        <span aria-hidden="true">{{
          steps.indexOf(step) + stops[here]!.from < at ? '✓' : step === props.steps[at] ? '●' : '○'
        }}</span>
        {{ words.stepTitle(step, settings.units) }}
      </li>
    </ol>
    <p v-if="next" class="muted">
      {{ t('run.then', { place: words.PLACE_SHORT[next.place] }) }}
      {{ words.stepTitle(props.steps[next.from]!, settings.units) }}
    </p>
  </aside>
</template>

<style scoped>
.side {
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  padding: 24px;
  display: grid;
  gap: 12px;
  align-content: start;
  grid-auto-rows: max-content;
  overflow-y: auto;
  min-height: 0;
}
h2 {
  font-size: 1.05rem;
}
.way {
  stroke: var(--rule);
  stroke-width: 5;
}
circle {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
circle.past,
circle.on {
  fill: var(--copper);
}
text {
  text-anchor: middle;
  font-size: 14px;
  fill: var(--ink);
}
text.on {
  font-weight: 750;
}
li {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
  display: grid;
  grid-template-columns: 1.4em 1fr;
}
li.past {
  color: var(--muted);
}
li.on {
  font-weight: 750;
}
@media (max-width: 900px) {
  .side {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
</style>
