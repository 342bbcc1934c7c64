<script setup lang="ts">
import { type Step } from '@pepper-knot/core/jobs'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Every step, with where and whether it is done. */
const props = defineProps<{ steps: Step[]; done: string[] }>()
const settings = useSettings()
const current = () => props.steps.findIndex((s) => !props.done.includes(s.id))
</script>

<template>
  <ol class="list" data-part="step-list">
    <li
      v-for="(step, i) in steps"
      :key="step.id"
      :class="{ past: done.includes(step.id), on: i === current() }"
      :aria-current="i === current() ? 'step' : undefined"
    >
      <span class="tabular">{{ i + 1 }}</span>
      <span class="muted">{{ words.PLACE_SHORT[step.place] }}</span>
      <span
        >{{ words.stepTitle(step, settings.units)
        }}<span v-if="done.includes(step.id)" aria-hidden="true"> ✓</span>
        <b v-for="hazard in words.stepHazards(step)" :key="hazard" class="on-paper">{{ hazard }}</b></span
      >
    </li>
  </ol>
</template>

<style scoped>
/* On paper nobody opens a step: its cautions stand with it. */
.on-paper {
  display: none;
}
@media print {
  .on-paper {
    display: block;
  }
  .list li {
    break-inside: avoid;
  }
}
.list li {
  display: grid;
  grid-template-columns: 2em 5em 1fr;
  gap: 8px;
  padding: 8px 4px;
  border-top: 1px solid var(--rule);
}
.past {
  color: var(--muted);
}
.on {
  font-weight: 750;
  background: var(--sheet);
}
</style>
