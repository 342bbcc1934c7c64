<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Step } from '@pepper-knot/core/jobs'
import { useWait } from '../../composables/useWait.ts'
import HoldButton from '../../parts/HoldButton.vue'
import { noRepeat } from '../../parts/onePress.ts'
import WaitClock from './WaitClock.vue'

/** Done, large enough for a glove, or a hold point, or the time still to wait; and one step back. */
const props = defineProps<{
  step: Step
  first: boolean
  /** Of two lists beside each other: whose. */ of?: string
}>()
const emit = defineEmits<{ done: [event?: Event]; back: [event?: Event] }>()
const { t } = useI18n()
const { left, endBy } = useWait(() => props.step)
const hold = ref<InstanceType<typeof HoldButton>>()
const clock = ref<InstanceType<typeof WaitClock>>()

/** What the keys do: a step is done, a hold point held, a wait asked about. */
function press(event: KeyboardEvent) {
  if (event.repeat) return
  if (left.value > 0) clock.value?.ask()
  else if (props.step.hold) hold.value?.press(event)
  else emit('done', event)
}
defineExpose({ press, release: () => hold.value?.release() })
</script>

<template>
  <div class="buttons" data-part="buttons">
    <WaitClock v-if="left > 0" ref="clock" :left="left" @end="endBy" />
    <HoldButton
      v-else-if="step.hold"
      ref="hold"
      :key="step.id"
      :label="of ? t('run.doneOf', { who: of }) : t('run.done')"
      @held="$emit('done')"
    />
    <button
      v-else
      type="button"
      class="done"
      data-part="done"
      @keydown.enter="noRepeat"
      @click="$emit('done', $event)"
    >
      {{ of ? t('run.doneOf', { who: of }) : t('run.done') }} <small v-if="!of">{{ t('run.space') }}</small>
    </button>
    <v-btn class="side" :disabled="first" @keydown.enter="noRepeat" @click="$emit('back', $event)">{{
      t('run.back')
    }}</v-btn>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  gap: 12px;
}
.done {
  flex: 1;
  min-height: 84px;
  border: 0;
  background: var(--done);
  color: var(--on-done);
  font: inherit;
  font-size: 1.5rem;
  font-weight: 750;
  cursor: pointer;
}
.done small {
  font-size: 1rem;
  font-weight: 500;
  margin-left: 10px;
}
.side {
  height: auto !important;
  min-width: 96px;
  min-height: 64px !important;
  font-size: 1.1rem;
}
/* A phone on its side. */
@media (max-height: 520px) {
  .done,
  .buttons :deep(.hold),
  .buttons :deep(.wait) {
    min-height: 64px !important;
  }
}
@media (max-width: 900px) {
  .buttons {
    gap: 8px;
  }
  .done,
  .buttons :deep(.hold),
  .buttons :deep(.wait) {
    min-height: 72px;
  }
  .done small {
    display: none;
  }
  .side {
    min-width: 72px;
  }
}
</style>
