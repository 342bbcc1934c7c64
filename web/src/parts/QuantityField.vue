<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  printQuantity,
  QUANTITIES,
  type gaugeScaleOf,
  readQuantity,
  type Quantity,
  type Read,
  type UnitSystem,
} from '@pepper-knot/core/trade'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** A number in any unit: what is typed is read at once, and the field says what it understood. */
const props = defineProps<{
  kind: Quantity
  label: string
  units: UnitSystem
  gaugeScale?: ReturnType<typeof gaugeScaleOf> | undefined
  min?: number
  max?: number
  hint?: string
  optional?: boolean
}>()
const model = defineModel<number | undefined>({ required: true })
const { t } = useI18n()

const row = computed(() => QUANTITIES[props.kind])
const say = (value: number, units = props.units) => row.value.say(value, units)
const show = (value: number) => printQuantity(props.kind, value, props.units)

/** Counted alike everywhere: nothing to say twice. */
const ONE_UNIT = new Set<Quantity>(['volts', 'amps', 'time'])

const text = ref(model.value === undefined ? '' : show(model.value))
const read = computed<Read<number> | undefined>(() =>
  text.value.trim() === '' ? undefined : readQuantity(props.kind, text.value, props.units, props.gaugeScale),
)
const problem = computed(() => {
  if (!read.value) return undefined
  if (!read.value.ok) return words.problemText(read.value.problems[0]!)
  const { min = row.value.least, max = row.value.most } = props
  return read.value.value < min || read.value.value > max
    ? t('field.range', { min: say(min), max: max === Infinity ? '…' : say(max) })
    : undefined
})
const other = computed(() => (props.units === 'metric' ? 'inch' : 'metric'))
const understood = computed(() =>
  read.value?.ok && !problem.value && !ONE_UNIT.has(props.kind)
    ? t('field.understood', { value: say(read.value.value), other: say(read.value.value, other.value) })
    : props.hint,
)

let mine: number | undefined = model.value
watch(text, () => {
  mine = read.value?.ok && !problem.value ? read.value.value : undefined
  model.value = mine
})
// Set from outside, or the shop counts differently now: say it again in its units.
watch([model, () => props.units], ([value], [, before]) => {
  if (value === mine && before === props.units) return
  if (value !== undefined) text.value = show(value)
  else if (mine !== undefined) text.value = ''
  mine = value
})
</script>

<template>
  <v-text-field
    v-model="text"
    :label="label"
    :hint="understood ?? ''"
    persistent-hint
    :error-messages="problem ? [problem] : []"
    autocomplete="off"
  />
</template>
