<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { QUANTITIES, typedNumber, formatSpeed } from '@pepper-knot/core/trade'
import { type DialInPlan } from '@pepper-knot/core/wire'
import ChoiceRow from '../../../parts/ChoiceRow.vue'
import QuantityField from '../../../parts/QuantityField.vue'
import { useSettings } from '../../../stores/settings.ts'
import StepField from './StepField.vue'

/** The two knobs as this machine has them: volts or taps, a wire speed or the marks of a dial. */
const props = defineProps<{ dialIn: DialInPlan }>()
const volts = defineModel<number | undefined>('volts', { required: true })
const speed = defineModel<number | undefined>('speed', { required: true })
/** Where the dial stands, as typed. */
const dial = defineModel<string>('dial', { required: true })
const { t } = useI18n()
const settings = useSettings()
const scale = computed(() => props.dialIn.dial)
const dialValue = computed(() => typedNumber(dial.value) ?? NaN)
const dialFits = computed(
  () =>
    Number.isFinite(dialValue.value) &&
    scale.value !== undefined &&
    dialValue.value >= scale.value.min &&
    dialValue.value <= scale.value.max,
)
/** A mark moved by hand is the new speed, and so is a mark that was learned anew. */
watch([dial, scale], () => {
  if (scale.value)
    speed.value = dialFits.value ? Math.max(0.1, scale.value.speedAt(dialValue.value)) : undefined
})
const tapChoices = computed(() =>
  props.dialIn.taps?.map(({ tap, voltageV }) => ({
    value: voltageV,
    title: `${tap} · ${Math.round(voltageV)} V`,
  })),
)
const tenth = (x: number) => Math.round(x * 10) / 10
const stepVolts = (by: number) =>
  (volts.value = tenth((volts.value ?? props.dialIn.model.voltageV) + 0.2 * by))
const stepSpeed = (by: number) => {
  const stride = QUANTITIES.speed.step[settings.units]
  speed.value = Math.max(0.1, (speed.value ?? props.dialIn.model.wireSpeedMPerMin) + stride * by)
}
const stepDial = (by: number) =>
  (dial.value = String(tenth((dialFits.value ? dialValue.value : scale.value!.min) + 0.2 * by)))
</script>

<template>
  <ChoiceRow
    v-if="tapChoices"
    v-model="volts"
    :ask="t('dialIn.tap')"
    :choices="tapChoices"
    :hint="t('dialIn.tapHint')"
  />
  <StepField v-else :what="t('dialIn.volts')" @step="stepVolts">
    <QuantityField
      v-model="volts"
      kind="volts"
      :label="t('dialIn.volts')"
      :units="settings.units"
      :min="5"
      :max="60"
    />
  </StepField>
  <StepField v-if="scale" :what="t('dialIn.dial')" @step="stepDial">
    <v-text-field
      v-model="dial"
      :label="t('dialIn.dial')"
      inputmode="decimal"
      autocomplete="off"
      persistent-hint
      :hint="
        speed
          ? t(scale.learned ? 'dialIn.dialReads' : 'dialIn.dialGuess', {
              speed: formatSpeed(speed, settings.units),
            })
          : ''
      "
      :error-messages="
        dialFits || dial === '' ? [] : [t('dialIn.dialRange', { min: scale.min, max: scale.max })]
      "
    />
  </StepField>
  <StepField v-else :what="t('dialIn.speed')" @step="stepSpeed">
    <QuantityField
      v-model="speed"
      kind="speed"
      :label="t('dialIn.speed')"
      :units="settings.units"
      :min="0.1"
      :max="100"
    />
  </StepField>
</template>
