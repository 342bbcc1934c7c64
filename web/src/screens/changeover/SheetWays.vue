<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useRun } from '../../composables/useRun.ts'
import TroubleLink from '../../parts/TroubleLink.vue'
import { dropList } from '@pepper-knot/core/jobs'
import { isRun, type Run } from '@pepper-knot/core/record'

/** The ways off the present step: the whole list, a safe stop, and planning again. */
defineProps<{ whole: boolean }>()
defineEmits<{ whole: []; stop: []; again: [] }>()
const { run, change } = useRun()
const { t } = useI18n()
/** The cure that was not begun yet is laid aside. */
function notNow() {
  change((run) => {
    if (run.kind !== 'cure') return run
    const { curing: _curing, ...trouble } = run.trouble
    return { ...(dropList(run) as Run<'cure'>), trouble }
  })
}
</script>

<template>
  <div class="row ways no-print">
    <v-btn variant="text" :aria-pressed="whole" @click="$emit('whole')">{{
      t(whole ? 'run.oneStep' : 'run.whole')
    }}</v-btn>
    <v-btn v-if="run.kind === 'cure' && run.done.length === 0" variant="text" @click="notNow">{{
      t('trouble.notNow')
    }}</v-btn>
    <TroubleLink v-if="isRun(run, 'change', 'put-right')" :machine-id="run.machineId" :from="run" />
    <!-- A cure in the middle of a change is that change's own: it is broken off with it. -->
    <v-btn
      v-if="!run.stopped && !(run.kind === 'cure' && run.trouble.from)"
      variant="text"
      @click="$emit('stop')"
      >{{ t('stop.offer') }}</v-btn
    >
    <v-btn v-if="!run.stopped && isRun(run, 'change', 'put-right')" variant="text" @click="$emit('again')">{{
      t('run.planAgain')
    }}</v-btn>
  </div>
</template>

<style scoped>
.ways {
  margin-top: auto;
  gap: 4px;
}
</style>
