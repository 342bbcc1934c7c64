<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Step } from '@pepper-knot/core'
import HoldButton from '../../parts/HoldButton.vue'
import { noRepeat } from '../../parts/onePress.ts'

/** Done, large enough for a glove, or a hold point; and one step back. */
defineProps<{ step: Step; first: boolean }>()
defineEmits<{ done: [event?: Event]; back: [event?: Event] }>()
const { t } = useI18n()
</script>

<template>
  <div class="buttons">
    <HoldButton v-if="step.hold" :key="step.id" :label="t('run.done')" @held="$emit('done')" />
    <button v-else type="button" class="done" @keydown.enter="noRepeat" @click="$emit('done', $event)">
      {{ t('run.done') }} <small>{{ t('run.space') }}</small>
    </button>
    <v-btn class="side" :disabled="first" @keydown.enter="noRepeat" @click="$emit('back', $event)">{{
      t('run.back')
    }}</v-btn>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  gap: 16px;
  margin-top: auto;
}
.done {
  flex: 1;
  min-height: 84px;
  border: 0;
  background: var(--copper-text);
  color: var(--ground);
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
  font-size: 1.1rem;
}
@media (max-width: 900px) {
  .buttons {
    position: sticky;
    bottom: 76px;
    background: var(--ground);
    padding: 8px 0;
    gap: 8px;
  }
  .done small {
    display: none;
  }
  .side {
    min-width: 72px;
  }
}
</style>
