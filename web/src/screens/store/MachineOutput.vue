<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { CONTROLS, type Machine } from '@pepper-knot/core/machine'
import { typedNumber } from '@pepper-knot/core/trade'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'

/** What a machine gives and how it is set: current, volts or taps, duty, wire speed or the marks of its dial. */
const machine = defineModel<Machine>({ required: true })
const { t } = useI18n()
const settings = useSettings()

type Output = NonNullable<Machine['output']>
/** One figure of the output; what is emptied goes. */
const output = (key: keyof Output) =>
  computed({
    get: () => machine.value.output?.[key],
    set: (value: number | undefined) => {
      const { [key]: _old, ...rest } = machine.value.output ?? {}
      machine.value.output = value === undefined ? rest : { ...rest, [key]: value }
    },
  })
const minA = output('minA')
const maxA = output('maxA')
const minV = output('minV')
const maxV = output('maxV')
const dutyAtA = output('dutyAtA')

const dutyText = ref(String(machine.value.output?.dutyPercent ?? ''))
const duty = output('dutyPercent')
const badDuty = computed(() => {
  const value = typedNumber(dutyText.value)
  return value !== undefined && !(value > 0 && value <= 100)
})
const setDuty = (text: string) => {
  dutyText.value = text
  duty.value = badDuty.value ? undefined : typedNumber(text)
}

/** A range of two figures, kept once both are there. */
const slowest = ref(machine.value.wireSpeedMPerMin?.min)
const fastest = ref(machine.value.wireSpeedMPerMin?.max)
const setFeed = () => {
  machine.value.wireSpeedMPerMin =
    slowest.value !== undefined && fastest.value !== undefined
      ? { min: slowest.value, max: fastest.value }
      : undefined
}

/** `5` is taps 1 to 5; `A B C D` are marks of their own. */
const tapText = ref(
  Array.isArray(machine.value.voltTaps)
    ? machine.value.voltTaps.join(' ')
    : String(machine.value.voltTaps ?? ''),
)
const setTaps = (text: string) => {
  tapText.value = text
  const marks = text.split(/[\s,;]+/).filter(Boolean)
  machine.value.voltTaps =
    marks.length === 0
      ? undefined
      : marks.length === 1 && /^\d{1,2}$/.test(marks[0]!) && Number(marks[0]) > 0
        ? Number(marks[0])
        : marks.map((mark) => mark.slice(0, 20)).slice(0, 100)
}

const low = ref(String(machine.value.feedDial?.min ?? ''))
const high = ref(String(machine.value.feedDial?.max ?? ''))
const badDial = computed(() => {
  const [a, b] = [typedNumber(low.value), typedNumber(high.value)]
  return (a === undefined) !== (b === undefined) || (a !== undefined && !(b! > a))
})
const setDial = () => {
  const [min, max] = [typedNumber(low.value), typedNumber(high.value)]
  if (min === undefined && max === undefined) machine.value.feedDial = null
  else if (!badDial.value)
    machine.value.feedDial = { min: min!, max: max!, runOuts: machine.value.feedDial?.runOuts ?? [] }
}
</script>

<template>
  <details>
    <summary>{{ t('store.gives') }}</summary>
    <div class="rows">
      <QuantityField
        v-model="minA"
        kind="amps"
        :label="t('store.minA')"
        :units="settings.units"
        :max="2000"
      />
      <QuantityField
        v-model="maxA"
        kind="amps"
        :label="t('store.maxA')"
        :units="settings.units"
        :min="1"
        :max="2000"
      />
      <v-text-field
        :model-value="dutyText"
        :label="t('store.duty')"
        inputmode="decimal"
        suffix="%"
        :error-messages="badDuty ? [t('field.range', { min: 1, max: 100 })] : []"
        @update:model-value="setDuty"
      />
      <QuantityField
        v-model="dutyAtA"
        kind="amps"
        :label="t('store.dutyAt')"
        :units="settings.units"
        :max="2000"
      />
      <QuantityField
        v-model="minV"
        kind="volts"
        :label="t('store.minV')"
        :units="settings.units"
        :min="5"
        :max="60"
      />
      <QuantityField
        v-model="maxV"
        kind="volts"
        :label="t('store.maxV')"
        :units="settings.units"
        :min="5"
        :max="60"
      />
      <v-select
        :model-value="machine.control ?? null"
        :label="t('chart.control')"
        :items="CONTROLS.map((value) => ({ value, title: t(`chart.controls.${value}`) }))"
        clearable
        @update:model-value="machine.control = $event ?? undefined"
      />
      <v-select
        :model-value="machine.inductance ?? null"
        :label="t('chart.inductance')"
        :items="[true, false].map((value) => ({ value, title: t(`chart.hasInductance.${value}`) }))"
        clearable
        @update:model-value="machine.inductance = $event ?? undefined"
      />
      <v-text-field
        :model-value="tapText"
        :label="t('store.taps')"
        :hint="t('store.tapsHint')"
        persistent-hint
        @update:model-value="setTaps"
      />
      <QuantityField
        v-model="slowest"
        kind="speed"
        :label="t('store.slowest')"
        :units="settings.units"
        :max="100"
        @update:model-value="setFeed"
      />
      <QuantityField
        v-model="fastest"
        kind="speed"
        :label="t('store.fastest')"
        :units="settings.units"
        :min="0.5"
        :max="100"
        @update:model-value="setFeed"
      />
      <v-text-field
        v-model="low"
        :label="t('store.dialLow')"
        :hint="t('store.dialHint')"
        persistent-hint
        inputmode="decimal"
        :error-messages="badDial ? [t('dialIn.learn.badMarks')] : []"
        @update:model-value="setDial"
      />
      <v-text-field
        v-model="high"
        :label="t('store.dialHigh')"
        inputmode="decimal"
        @update:model-value="setDial"
      />
    </div>
  </details>
</template>
