<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { isTask, type Step } from '@pepper-knot/core/jobs'
import { type Run } from '@pepper-knot/core/record'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

type KeptStep = NonNullable<Run['planned']>['steps'][number]

const words = useWords()
/** A list planned by an earlier version, in its own words, and the way on from there. */
const props = defineProps<{ run: Run }>()
defineEmits<{ again: [] }>()
const { t } = useI18n()
const settings = useSettings()
/** What it said when it was planned; of the first version, what such a step says now. */
function wordsOf(step: KeptStep): string {
  if (step.words) return step.words
  if (!isTask(step.task)) return step.id
  const { rule: _rule, ...facts } = step.facts
  return words.stepTitle({ ...step, facts } as Step, settings.units)
}
const steps = computed(() =>
  props.run.planned!.steps.map((step) => ({
    id: step.id,
    text: wordsOf(step),
    done: props.run.done.includes(step.id),
  })),
)
</script>

<template>
  <div class="screen stale" data-part="stale">
    <h1>{{ t('stale.title') }}</h1>
    <p>{{ t('stale.text') }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" size="x-large" @click="$emit('again')">{{
        t('stale.again')
      }}</v-btn>
    </div>
    <ol>
      <li v-for="step in steps" :key="step.id" :class="{ muted: step.done }">
        {{ step.text }} <b v-if="step.done">{{ t('stale.done') }}</b>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.stale {
  display: grid;
  gap: 14px;
}
ol {
  padding-left: 34px;
  list-style: decimal;
}
li b {
  margin-left: 8px;
}
li {
  padding: 5px 0;
  border-top: 1px solid var(--rule);
}
</style>
