<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { jobOf, stop, stoppedPlan, type Changeover } from '@pepper-knot/core/jobs'
import { useRun } from '../../composables/useRun.ts'
import DialogBox from '../../parts/DialogBox.vue'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Breaking off in the middle: the steps that leave it safe, shown before they are taken. */
const emit = defineEmits<{ close: [] }>()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const { run, change } = useRun()
const stopped = computed<Pick<Changeover, 'steps'> | undefined>(() => {
  const job = jobOf(run.value)
  try {
    return job && stoppedPlan(job)
  } catch {
    return undefined
  }
})
const rest = computed(() => stopped.value?.steps.filter((s) => !run.value.done.includes(s.id)) ?? [])
function take() {
  shop.undoable(t('stop.told'), () =>
    change((run) => stop(run, (step) => words.stepTitle(step, settings.units))),
  )
  emit('close')
}
</script>

<template>
  <DialogBox :label="t('stop.title')" @close="emit('close')">
    <h2>{{ t('stop.title') }}</h2>
    <template v-if="stopped">
      <p>{{ t('stop.text') }}</p>
      <h3>{{ t('stop.steps') }}</h3>
      <ol>
        <li v-for="step in rest" :key="step.id">
          <b>{{ words.stepTitle(step, settings.units) }}</b>
          <span class="muted">{{ words.stepHow(step, settings.units) }}</span>
        </li>
      </ol>
    </template>
    <p v-else class="problem" role="alert">{{ t('stop.impossible') }}</p>
    <div class="row">
      <v-btn v-if="stopped" variant="flat" color="primary" @click="take">{{ t('stop.take') }}</v-btn>
      <v-btn @click="emit('close')">{{ t('stop.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
ol {
  padding-left: 22px;
  display: grid;
  gap: 8px;
}
li span {
  display: block;
}
</style>
