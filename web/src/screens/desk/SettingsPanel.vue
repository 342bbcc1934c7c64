<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import {
  fillJoint,
  fumeReminders,
  HEAT_CONVENTIONS,
  heatInputKJPerMm,
  lensShade,
  type Banded,
  type Joint,
} from '@pepper-knot/core/arc'
import { type Job } from '@pepper-knot/core/machine'
import {
  typedNumber,
  formatDeposition,
  formatHeat,
  formatKgPerM,
  formatTravel,
} from '@pepper-knot/core/trade'
import { type SizedWire, type StartSettings } from '@pepper-knot/core/wire'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { sentences } from '../../parts/sentences.ts'
import { useSettings } from '../../stores/settings.ts'
import EnoughWire from './EnoughWire.vue'
import FigureTable, { type Figure } from './FigureTable.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** The settings with their bands and origins; how a joint fills at them, the heat; shade and air. */
const props = defineProps<{
  start: StartSettings
  job: Partial<Job>
  wire: SizedWire
  arcGas: string | null
}>()
const { t } = useI18n()
const settings = useSettings()
const KEYS = [
  'voltageV',
  'wireSpeedMPerMin',
  'currentA',
  'tipToWorkMm',
] as const satisfies (keyof typeof words.START_NAMES)[]
const shade = computed(() => props.start.currentA && lensShade(props.start.currentA.value))
const row = computed(() => words.startRow(props.start, settings.units))
const marks = computed(() => words.ownMarks(props.start))
const beside = computed(() => words.besideSentence(props.start, settings.units))
const fume = computed(() =>
  fumeReminders(props.wire, { material: 'mild-steel', ...props.job }, props.arcGas).flatMap((reminder) =>
    sentences(words.fumeText(reminder)),
  ),
)

const kind = ref<Joint['kind'] | undefined>('fillet')
const leg = useDraft<number | undefined>('desk.settings.leg', 5)
const gap = useDraft<number | undefined>('desk.settings.gap', 2)
const angle = ref('60')
const face = useDraft<number | undefined>('desk.settings.face', 1)
const own = useDraft<number | undefined>('desk.settings.own', undefined)
/** A fillet as thick as the thinner plate, until somebody says otherwise. common practice */
watch(
  () => props.job.thicknessMm,
  (mm) => mm && (leg.value = Math.min(12, Math.max(2, Math.round(mm)))),
  { immediate: true },
)
const degrees = computed(() => typedNumber(angle.value) ?? NaN)
const badAngle = computed(() => !(degrees.value >= 0 && degrees.value <= 120))
const run = computed(() => {
  const thicknessMm = props.job.thicknessMm
  const joint: Joint | undefined =
    kind.value === 'fillet'
      ? leg.value === undefined
        ? undefined
        : { kind: 'fillet', legMm: leg.value }
      : thicknessMm && !badAngle.value
        ? {
            kind: 'butt',
            thicknessMm,
            angleDeg: degrees.value,
            gapMm: gap.value ?? 0,
            faceMm: Math.min(face.value ?? 0, thicknessMm),
          }
        : undefined
  const { wireSpeedMPerMin } = props.start
  return joint && wireSpeedMPerMin
    ? fillJoint(joint, props.wire, { wireSpeedMPerMin }, props.job.position)
    : undefined
})
const travel = computed<Banded | undefined>(() =>
  own.value
    ? { value: own.value, low: own.value, high: own.value, origin: { source: 'measured' } }
    : run.value?.travelMmPerMin,
)
/** Heat by both conventions, the shop's own first. */
const heats = computed(() => {
  const t_ = travel.value
  const { voltageV: v, currentA: a } = props.start
  if (!t_ || !v || !a) return []
  const { heatConvention: first } = settings.all
  return [first, ...HEAT_CONVENTIONS.filter((c) => c !== first)].map((convention) => {
    const at = (volts: number, amps: number, mmPerMin: number) =>
      formatHeat(heatInputKJPerMm(volts, amps, mmPerMin, convention), settings.units)
    return {
      convention,
      value: at(v.value, a.value, t_.value),
      band: words.bandWords(at(v.low, a.low, t_.high), at(v.high, a.high, t_.low)),
    }
  })
})
const figures = computed<Figure[]>(() => {
  const list: Figure[] = KEYS.map((key) => {
    const b = props.start[key]
    // What nobody knows says so, and where it stands.
    if (!b) return { name: words.START_NAMES[key], value: t('desk.unknown'), origin: t('desk.makersSheet') }
    return {
      name: words.START_NAMES[key],
      value: words.startValue(key, b, settings.units),
      band: words.startBand(key, b, settings.units),
      origin: words.originText(b.origin),
    }
  })
  const banded = (name: string, b: Banded, say: (x: number) => string) =>
    list.push({
      name: t(name),
      value: say(b.value),
      band: b.low === b.high ? undefined : words.bandWords(say(b.low), say(b.high)),
      origin: b === travel.value && own.value ? t('desk.asMeasured') : words.originText(b.origin),
    })
  if (travel.value) banded('desk.travel', travel.value, (x) => formatTravel(x, settings.units))
  if (run.value) {
    banded('desk.deposition', run.value.depositionKgPerH, (x) => formatDeposition(x, settings.units))
    list.push({
      name: t('desk.wirePerLength'),
      value: formatKgPerM(run.value.wireKgPerM, settings.units),
      origin: t('desk.wireOrigin'),
    })
  }
  for (const heat of heats.value)
    list.push({
      name: t('desk.heat'),
      value: heat.value,
      band: heat.band,
      origin: words.HEAT_NAMES[heat.convention],
    })
  return list
})
</script>

<template>
  <div class="settings">
    <p v-if="row">
      <b>{{ t('desk.standsOn') }}</b> {{ row }}.
    </p>
    <p v-if="marks">{{ t('desk.marks', { marks }) }}</p>
    <p v-if="beside">{{ beside }}</p>
    <p v-for="note in start.notes.filter((n) => n !== 'no-row')" :key="note">{{ words.startNote(note) }}</p>
    <div class="joint">
      <ChoiceRow
        :model-value="kind"
        :ask="t('desk.joint')"
        :choices="[
          { value: 'fillet', title: t('desk.fillet') },
          { value: 'butt', title: t('desk.butt') },
        ]"
        @update:model-value="$event && (kind = $event)"
      />
      <QuantityField
        v-if="kind === 'fillet'"
        v-model="leg"
        kind="length"
        :label="t('desk.leg')"
        :units="settings.units"
        :min="1"
        :max="60"
      />
      <template v-else>
        <v-text-field
          v-model="angle"
          :label="t('desk.angle')"
          inputmode="decimal"
          :error-messages="badAngle ? [t('desk.badAngle')] : []"
        />
        <QuantityField v-model="gap" kind="length" :label="t('desk.gap')" :units="settings.units" :max="20" />
        <QuantityField
          v-model="face"
          kind="length"
          :label="t('desk.face')"
          :units="settings.units"
          :max="50"
        />
      </template>
      <QuantityField
        v-model="own"
        kind="travel"
        :label="t('desk.ownTravel')"
        :units="settings.units"
        :min="20"
        :max="5000"
      />
    </div>
    <p v-if="run && travel" class="tabular">
      <b
        >{{ t('desk.passes', run.passes) }}
        {{ t('desk.travelIs', { travel: formatTravel(travel.value, settings.units) }) }}</b
      >
      {{ run.passes > 1 ? t(`desk.passesBy.${run.passesBy}`) : '' }}
      {{ run.tooFast ? t('desk.tooFast') : '' }}
    </p>
    <EnoughWire v-if="run" :wire="wire" :kg-per-m="run.wireKgPerM" />
    <p v-if="heats[0]" class="tabular">
      {{ t('desk.heatIs', { value: heats[0].value, name: words.HEAT_NAMES[heats[0].convention] }) }}
    </p>
    <p v-if="shade">
      {{ t('desk.shade', { least: shade.least }) }}
      {{ shade.comfort === null ? '' : t('desk.comfort', { n: shade.comfort }) }}
    </p>
    <ul class="air" :aria-label="t('desk.air')">
      <li v-for="line in fume" :key="line">{{ line }}</li>
    </ul>
    <FigureTable :figures="figures" />
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  gap: 10px;
}
.joint {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr));
  gap: 12px;
  align-items: start;
}
.joint > fieldset {
  grid-column: 1 / -1;
}
.air li {
  border-left: 4px solid var(--paprika);
  padding: 2px 0 2px 10px;
  margin-bottom: 6px;
}
</style>
