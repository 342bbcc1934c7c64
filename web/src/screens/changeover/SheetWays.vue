<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useRun } from '../../composables/useRun.ts'
import TroubleLink from '../../parts/TroubleLink.vue'

/** The ways off the present step: the whole list, a safe stop, and planning again. */
defineProps<{ whole: boolean }>()
defineEmits<{ whole: []; stop: []; again: [] }>()
const { run } = useRun()
const { t } = useI18n()
</script>

<template>
  <div class="row ways no-print">
    <v-btn variant="text" :aria-pressed="whole" @click="$emit('whole')">{{
      t(whole ? 'run.oneStep' : 'run.whole')
    }}</v-btn>
    <TroubleLink v-if="!run.trouble && !run.conversion" :machine-id="run.machineId" :from="run" />
    <template v-if="!run.conversion && !run.stopped && !run.trouble">
      <v-btn variant="text" @click="$emit('stop')">{{ t('stop.offer') }}</v-btn>
      <v-btn variant="text" @click="$emit('again')">{{ t('run.planAgain') }}</v-btn>
    </template>
  </div>
</template>

<style scoped>
.ways {
  margin-top: auto;
  gap: 4px;
}
</style>
