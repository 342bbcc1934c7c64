<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  findingWhy,
  hazardText,
  stepHow,
  stepTitle,
  stepWhy,
  type StationFinding,
  type Step,
} from '@pepper-knot/core'
import { useSettings } from '../../stores/settings.ts'
import MarkField from './MarkField.vue'

/** One step in large type: the order, its cautions, how, and why. */
const props = defineProps<{
  step: Step
  findings: readonly StationFinding[]
  /** Smaller, where two lists stand side by side. */
  small?: boolean
}>()
const { t } = useI18n()
const settings = useSettings()
const title = ref<HTMLElement>()
defineExpose({ focus: () => title.value?.focus({ preventScroll: true }) })

/** Why this step: its own reason, else what the station it sets right has to say. */
const reason = computed(() => {
  const finding = props.findings.find((f) => f.station === props.step.station)
  return (
    stepWhy(props.step, settings.units) ||
    (finding && props.step.task !== 'readStation' ? findingWhy(finding, settings.units) : '')
  )
})
const how = computed(() => stepHow(props.step, settings.units))
</script>

<template>
  <component
    :is="small ? 'h2' : 'h1'"
    ref="title"
    tabindex="-1"
    class="say"
    data-part="say"
    :class="{ small }"
    >{{ stepTitle(step, settings.units) }}</component
  >
  <!-- The caution stands before the how: on a phone it must not slip under the button. -->
  <ul v-if="step.hazards.length" class="hazards" :aria-label="t('run.hazards')">
    <li v-for="hazard in step.hazards" :key="hazard">{{ hazardText(hazard) }}</li>
  </ul>
  <p v-if="how" class="how">{{ how }}</p>
  <p v-if="reason" class="why">
    <b>{{ t('run.why') }}:</b> {{ reason }}
  </p>
  <slot />
  <MarkField v-if="step.task === 'setPressure'" />
</template>

<style scoped>
.say {
  font-size: clamp(1.7rem, 3.4vw, 2.9rem);
  line-height: 1.15;
  outline: none;
  max-width: 26ch;
}
.say.small {
  font-size: clamp(1.35rem, 2.2vw, 1.8rem);
}
.how {
  font-size: 1.25rem;
  max-width: 60ch;
}
.why {
  font-size: 1.12rem;
  max-width: 64ch;
}
.hazards {
  border-left: 6px solid var(--paprika);
  background: var(--sheet);
  padding: 12px 18px;
  font-size: 1.15rem;
  font-weight: 650;
  display: grid;
  gap: 4px;
}
</style>
