<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js'
import { useI18n } from 'vue-i18n'

/** A field with a button on either side, big enough for a gloved thumb. */
defineProps<{ what: string }>()
defineEmits<{ step: [by: 1 | -1] }>()
const { t } = useI18n()
</script>

<template>
  <div class="step">
    <v-btn :icon="mdiMinus" :aria-label="t('dialIn.less', { what })" @click="$emit('step', -1)" />
    <slot />
    <v-btn :icon="mdiPlus" :aria-label="t('dialIn.more', { what })" @click="$emit('step', 1)" />
  </div>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 48px minmax(0, 1fr) 48px;
  gap: 8px;
  align-items: start;
}
</style>
