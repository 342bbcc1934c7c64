<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Changeover, type Conversion, type Step } from '@pepper-knot/core/jobs'
import { useSettings } from '../../stores/settings.ts'
import MarkField from './MarkField.vue'
import StepPicture from './StepPicture.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** One step in large type: the order, its cautions, its picture, how, and why. */
const props = defineProps<{
  step: Step
  plan: Changeover | Conversion
  /** Smaller, where two lists stand side by side. */
  small?: boolean
}>()
const { t, locale } = useI18n()
const settings = useSettings()
const title = ref<HTMLElement>()
defineExpose({ focus: () => title.value?.focus({ preventScroll: true }) })

const hazards = computed(() => words.stepHazards(props.step))
/** One sentence a line: a glance finds the one that is wanted. */
const how = computed(() => {
  const text = words.stepHow(props.step, settings.units)
  return [...new Intl.Segmenter(locale.value, { granularity: 'sentence' }).segment(text)].map((s) =>
    s.segment.trim(),
  )
})
const reason = computed(() => words.stepReason(props.step, props.plan.findings, settings.units))
/** Only a change of wire has parts to draw. */
const drawn = computed(() => ('required' in props.plan ? props.plan : undefined))
</script>

<template>
  <component
    :is="small ? 'h2' : 'h1'"
    ref="title"
    tabindex="-1"
    class="say"
    data-part="say"
    :class="{ small }"
    >{{ words.stepTitle(step, settings.units) }}</component
  >
  <!-- The caution stands before the how: it is never below the fold. -->
  <ul v-if="hazards.length" class="hazards" data-part="hazards" :aria-label="t('run.hazards')">
    <li v-for="hazard in hazards" :key="hazard">{{ hazard }}</li>
  </ul>
  <slot name="act" />
  <div class="more" :class="{ beside: drawn && !small }">
    <div class="words">
      <ul v-if="how.length" class="how" data-part="how">
        <li v-for="line in how" :key="line">{{ line }}</li>
      </ul>
      <details v-if="reason" class="why" data-part="why">
        <summary>{{ t('run.why') }}</summary>
        <p>{{ reason }}</p>
      </details>
      <MarkField v-if="step.task === 'setPressure'" />
    </div>
    <StepPicture v-if="drawn && !small" :step="step" :plan="drawn" />
  </div>
  <slot />
</template>

<style scoped>
.say {
  font-size: clamp(1.5rem, 3.2vw, 2.7rem);
  line-height: 1.15;
  outline: none;
  max-width: 28ch;
  overflow-wrap: anywhere;
}
.say.small {
  font-size: clamp(1.2rem, 2.2vw, 1.8rem);
}
.how {
  font-size: 1.25rem;
  max-width: 60ch;
  display: grid;
  gap: 4px;
}
.why {
  font-size: 1.12rem;
  max-width: 64ch;
}
.words {
  display: grid;
  gap: 14px;
  align-content: start;
}
.more {
  display: grid;
  gap: 16px;
}
.beside {
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
}
.hazards {
  border-left: 6px solid var(--paprika);
  background: var(--sheet);
  padding: 10px 16px;
  font-size: 1.15rem;
  font-weight: 650;
  display: grid;
  gap: 4px;
}
@media (max-width: 900px) {
  .beside > :last-child {
    order: -1;
  }
}
@media (max-width: 700px) {
  .how {
    font-size: 1.15rem;
  }
  .hazards {
    font-size: 1.05rem;
  }
}
</style>
