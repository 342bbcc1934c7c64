<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Run } from '@pepper-knot/core/record'
import JobFields from '../../parts/JobFields.vue'
import WireFinder from '../changeover/WireFinder.vue'

/** Which wire for the job, before any machine is chosen and without a changeover. */
defineProps<{ chosen: string }>()
const emit = defineEmits<{ choose: [label: string] }>()
const { t } = useI18n()
const job = ref<Run['job']>({ material: 'mild-steel', position: 'flat' })
</script>

<template>
  <div class="finder">
    <p class="muted">{{ t('bench.finderText') }}</p>
    <JobFields v-model="job" />
    <WireFinder :job="job" :chosen="chosen" open @choose="emit('choose', $event)" />
  </div>
</template>

<style scoped>
.finder {
  display: grid;
  gap: 14px;
  padding-bottom: 18px;
}
</style>
