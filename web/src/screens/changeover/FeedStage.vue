<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { cheapestWayOpen, feedSetupOf, pressureWindow } from '@pepper-knot/core/trouble'
import { useSettings } from '../../stores/settings.ts'
import TroubleLink from '../../parts/TroubleLink.vue'
import FeedGuide from './FeedGuide.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Everything about feeding this wire on this machine, on one page; the steps themselves are on the run sheet. */
const { run, plan, title } = useRun()
defineEmits<{ back: [] }>()
const { t } = useI18n()
const settings = useSettings()
const answer = computed(() => {
  const { supply: _supply, ...fitted } = plan.value.proof?.end ?? {}
  const { setup } = feedSetupOf(plan.value.context.machine, fitted, plan.value.context.wire)
  return words.feedSentence(
    setup,
    pressureWindow(setup),
    cheapestWayOpen(setup, plan.value.context.practice.labourPerHour),
    settings.units,
  )
})
</script>

<template>
  <div class="screen stage">
    <h1>{{ t('feed.stage.title') }}</h1>
    <p class="muted">{{ title }}</p>
    <p class="answer">{{ answer }}</p>
    <FeedGuide show="all" />
    <div class="row">
      <v-btn variant="flat" color="primary" size="x-large" @click="$emit('back')">{{
        t('feed.stage.toRun')
      }}</v-btn>
      <v-btn :to="{ path: '/feed', query: { machine: run.machineId, wire: run.label } }" size="x-large">{{
        t('nav.feed')
      }}</v-btn>
      <TroubleLink :machine-id="run.machineId" :from="run" />
    </div>
  </div>
</template>

<style scoped>
.stage {
  display: grid;
  gap: 16px;
}
.answer {
  font-size: 1.2rem;
  max-width: 75ch;
}
</style>
