<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { typedNumber } from '@pepper-knot/core/trade'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** The pressure mark found by the test: next time this wire is on this machine it starts there. */
const { run, machine, set } = useRun()
const { t } = useI18n()
const text = ref(run.value.pressureMark == null ? '' : String(run.value.pressureMark))
const mark = computed(() => typedNumber(text.value) ?? null)
const scale = computed(() => machine.value.scale)
const problem = computed(() => {
  if (mark.value === null) return undefined
  if (!Number.isFinite(mark.value)) return t('sign.markNumber')
  if (scale.value && (mark.value < scale.value.min || mark.value > scale.value.max))
    return t('sign.markRange', { min: scale.value.min, max: scale.value.max })
  return undefined
})
watch(mark, (value) => {
  if (!problem.value) set({ pressureMark: value })
})
</script>

<template>
  <v-text-field
    v-model="text"
    class="mark"
    inputmode="decimal"
    :label="t('sign.mark')"
    :hint="scale ? t('sign.markScale', { min: scale.min, max: scale.max }) : t('sign.markFree')"
    persistent-hint
    :error-messages="problem ? [problem] : []"
  />
</template>

<style scoped>
.mark {
  max-width: 340px;
  flex: none;
}
</style>
