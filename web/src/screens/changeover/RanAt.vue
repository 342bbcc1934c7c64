<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { trySchema } from '@pepper-knot/core/arc'
import { typedNumber } from '@pepper-knot/core/trade'
import { useDraft } from '../../composables/useDraft.ts'
import { useRun } from '../../composables/useRun.ts'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'
import TryKnobs from './dialin/TryKnobs.vue'
import { useDialIn } from './dialin/useDialIn.ts'

/** What it ran well at, for who dialled in without writing down each weld: both figures, or neither. */
const { run, plan } = useRun()
const { t } = useI18n()
const settings = useSettings()
const { dialIn } = useDialIn(
  () => run.value,
  () => plan.value,
)
const volts = useDraft<number | undefined>(`sign.${run.value.id}.volts`, undefined)
const speed = useDraft<number | undefined>(`sign.${run.value.id}.speed`, undefined)
const dial = useDraft(`sign.${run.value.id}.dial`, '')
const made = computed(() => {
  const tap = dialIn.value?.taps?.find((x) => x.voltageV === volts.value)
  const read = trySchema.safeParse({
    voltageV: volts.value,
    wireSpeedMPerMin: speed.value,
    ...(tap && { tap: tap.tap }),
    ...(dialIn.value?.dial && { dial: typedNumber(dial.value) }),
    weld: 'bead',
    arc: 'steady',
    bead: 'good',
  })
  return read.success ? read.data : undefined
})
const half = computed(() => !made.value && (volts.value !== undefined || speed.value !== undefined))
defineExpose({ made, half })
</script>

<template>
  <fieldset class="ran">
    <legend>{{ t('sign.ranAt') }}</legend>
    <TryKnobs
      v-if="dialIn"
      v-model:volts="volts"
      v-model:speed="speed"
      v-model:dial="dial"
      :dial-in="dialIn"
    />
    <template v-else>
      <QuantityField
        v-model="volts"
        kind="volts"
        :label="t('dialIn.volts')"
        :units="settings.units"
        :min="5"
        :max="60"
      />
      <QuantityField
        v-model="speed"
        kind="speed"
        :label="t('dialIn.speed')"
        :units="settings.units"
        :min="0.1"
        :max="100"
      />
    </template>
  </fieldset>
</template>

<style scoped>
.ran {
  border: 0;
  padding: 0;
  margin: 10px 0 0;
  display: grid;
  gap: 10px;
}
legend {
  font-weight: 650;
  padding: 0 0 6px;
}
</style>
