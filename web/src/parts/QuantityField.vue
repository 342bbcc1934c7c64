<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  problemText,
  formatAmps,
  formatConductor,
  formatDraught,
  formatFlow,
  formatGas,
  formatLead,
  formatLength,
  formatLitres,
  formatMass,
  formatPressure,
  formatSeconds,
  formatSpeed,
  formatTravel,
  formatVolts,
  parseAmps,
  parseConductorMm2,
  parseDraughtMPerS,
  parseFlowLPerMin,
  parseGasM3,
  parseLengthMm,
  parseLitres,
  parseMassKg,
  parsePressureBar,
  parseSeconds,
  parseSpeedMPerMin,
  parseTravelMmPerMin,
  parseVolts,
  type GaugeScale,
  type Read,
  type UnitSystem,
} from '@pepper-knot/core'

/** A number in any unit: what is typed is read at once, and the field says what it understood. */
const props = defineProps<{
  kind:
    | 'thickness'
    | 'length'
    | 'draught'
    | 'flow'
    | 'mass'
    | 'lead'
    | 'pressure'
    | 'speed'
    | 'volts'
    | 'travel'
    | 'conductor'
    | 'time'
    | 'amps'
    | 'water'
    | 'gas'
  label: string
  units: UnitSystem
  gaugeScale?: GaugeScale | undefined
  min?: number
  max?: number
  hint?: string
  optional?: boolean
}>()
const model = defineModel<number | undefined>({ required: true })
const { t } = useI18n()

const READ: Record<typeof props.kind, (text: string) => Read<number>> = {
  thickness: (text) =>
    parseLengthMm(text, {
      defaultUnit: props.units === 'metric' ? 'mm' : 'in',
      ...(props.gaugeScale && { gaugeScale: props.gaugeScale }),
    }),
  length: (text) => parseLengthMm(text, { defaultUnit: props.units === 'metric' ? 'mm' : 'in' }),
  lead: (text) => {
    const mm = parseLengthMm(text, { defaultUnit: props.units === 'metric' ? 'm' : 'ft' })
    return mm.ok ? { ok: true, value: mm.value / 1000 } : mm
  },
  draught: (text) => parseDraughtMPerS(text, props.units === 'metric' ? 'm/s' : 'mph'),
  flow: (text) => parseFlowLPerMin(text, props.units === 'metric' ? 'l/min' : 'cfh'),
  pressure: (text) => parsePressureBar(text, props.units === 'metric' ? 'bar' : 'psi'),
  speed: (text) => parseSpeedMPerMin(text, props.units === 'metric' ? 'm/min' : 'ipm'),
  volts: (text) => parseVolts(text),
  amps: (text) => parseAmps(text),
  time: (text) => parseSeconds(text),
  travel: (text) => parseTravelMmPerMin(text, props.units === 'metric' ? 'mm/min' : 'ipm'),
  conductor: (text) => parseConductorMm2(text, props.units === 'metric' ? 'mm2' : 'awg'),
  water: (text) => parseLitres(text, props.units === 'metric' ? 'l' : 'cuin'),
  gas: (text) => parseGasM3(text, props.units === 'metric' ? 'm3' : 'cuft'),
  mass: (text) => parseMassKg(text, props.units === 'metric' ? 'kg' : 'lb'),
}
const SAY: Record<typeof props.kind, (value: number, units: UnitSystem) => string> = {
  thickness: formatLength,
  length: formatLength,
  lead: formatLead,
  draught: formatDraught,
  flow: formatFlow,
  mass: formatMass,
  pressure: formatPressure,
  speed: formatSpeed,
  volts: formatVolts,
  amps: formatAmps,
  time: formatSeconds,
  travel: formatTravel,
  conductor: formatConductor,
  water: formatLitres,
  gas: formatGas,
}
const say = (value: number, units = props.units) => SAY[props.kind](value, units)

/** Counted alike everywhere: nothing to say twice. */
const ONE_UNIT = new Set<typeof props.kind>(['volts', 'amps', 'time'])

const text = ref(model.value === undefined ? '' : say(model.value))
/** Nought is a length of cord, a flow that is shut: whether it may stand here, `min` and whoever saves it say. */
const NOUGHT = /^0+(?:[.,]0+)?\s*[a-z"'/]*$/i
const read = computed<Read<number> | undefined>(() =>
  text.value.trim() === ''
    ? undefined
    : NOUGHT.test(text.value.trim())
      ? { ok: true, value: 0 }
      : READ[props.kind](text.value),
)
const problem = computed(() => {
  if (!read.value) return undefined
  if (!read.value.ok) return problemText(read.value.problems[0]!)
  const { min = 0, max = Infinity } = props
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
  if (value !== undefined) text.value = say(value)
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
