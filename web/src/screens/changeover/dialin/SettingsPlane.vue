<script setup lang="ts">
import {
  Chart,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type ChartOptions,
} from 'chart.js'
import Annotation from 'chartjs-plugin-annotation'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { Scatter } from 'vue-chartjs'
import { useI18n } from 'vue-i18n'
import { isGood, type Proposal, type Try } from '@pepper-knot/core/arc'
import { QUANTITIES, formatSpeed } from '@pepper-knot/core/trade'
import { type DialInPlan, type StartSettings } from '@pepper-knot/core/wire'
import { usePageColours } from '../../../composables/usePageColours.ts'
import { useSettings } from '../../../stores/settings.ts'
import { planeMarks, planeView } from './planeMarks.ts'
import { useWords } from '../../../composables/useWords.ts'

const words = useWords()
Chart.register(ScatterController, PointElement, LineElement, LinearScale, Tooltip, Annotation)
Chart.defaults.font.family = "'Atkinson Hyperlegible Next Variable', sans-serif"

/** Wire speed across, volts up: the band to start from, what lies beyond the machine, the tries in order, the next. */
const props = defineProps<{
  dialIn: DialInPlan
  start: StartSettings
  tries: readonly Try[]
  next: Proposal
}>()
const { t } = useI18n()
const settings = useSettings()

const metric = computed(() => settings.units === 'metric')
const unit = computed(() => QUANTITIES.speed.unit[settings.units].name)
const x = (mPerMin: number) => mPerMin / QUANTITIES.speed.unit[settings.units].one

const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const colours = usePageColours(box, {
  ink: '#000',
  muted: '#000',
  rule: '#000',
  copper: '#000',
  sheet: '#fff',
})
const view = computed(() => planeView(props.start, props.tries, props.next, x, metric.value ? 1 : 50))

const data = computed(() => ({
  datasets: [
    {
      data: props.tries.map((p) => ({ x: x(p.wireSpeedMPerMin), y: p.voltageV })),
      showLine: true,
      borderColor: colours.value.copper,
      borderWidth: 2,
      tension: 0,
      pointRadius: props.tries.map((p) => (isGood(p) ? 9 : 8)),
      pointHoverRadius: 10,
      pointStyle: props.tries.map((p) => (isGood(p) ? 'circle' : 'crossRot')),
      pointBackgroundColor: colours.value.ink,
      pointBorderColor: colours.value.ink,
      pointBorderWidth: 3,
    },
  ],
}))

const annotations = computed(() =>
  planeMarks({
    ...props,
    view: view.value,
    x,
    width: width.value,
    colours: colours.value,
    labels: {
      window: t('dialIn.window'),
      beyond: t('dialIn.beyond'),
      beyondGuess: t('dialIn.beyondGuess'),
      tap: t('dialIn.tap'),
      next: t('dialIn.nextMark'),
    },
  }),
)
const axis = (text: string, min: number, max: number) => ({
  min,
  max,
  title: { display: true, text, color: colours.value.ink, font: { size: 14 } },
  ticks: { color: colours.value.ink, font: { size: 13 } },
  grid: { color: colours.value.rule },
  border: { color: colours.value.ink },
})
const options = computed<ChartOptions<'scatter'>>(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false,
  scales: {
    x: axis(t('dialIn.axisSpeed', { unit: unit.value }), view.value.x0, view.value.x1),
    y: axis(t('dialIn.axisV'), view.value.y0, view.value.y1),
  },
  plugins: {
    tooltip: {
      displayColors: false,
      callbacks: {
        label: ({ dataIndex }) => {
          const made = props.tries[dataIndex]
          return made ? [words.settingsWords(made, props.dialIn, settings.units), words.trySaid(made)] : ''
        },
      },
    },
    annotation: { annotations: annotations.value },
  },
}))
const key = computed(() => {
  const { start, dialIn } = props
  const { minV, maxV, minMPerMin, maxMPerMin } = dialIn.limits
  const { voltageV, wireSpeedMPerMin } = start
  return t(voltageV && wireSpeedMPerMin ? 'dialIn.key' : 'dialIn.keyNoBand', {
    ...(voltageV &&
      wireSpeedMPerMin && {
        vBand: words.startBand('voltageV', voltageV, settings.units),
        speedBand: words.startBand('wireSpeedMPerMin', wireSpeedMPerMin, settings.units),
        origin: words.originText(voltageV.origin),
      }),
    machine: `${Math.round(minV)} V to ${Math.round(maxV)} V, ${formatSpeed(minMPerMin, settings.units)} to ${formatSpeed(maxMPerMin, settings.units)}`,
    known: t(dialIn.voltsKnown ? 'dialIn.ownVolts' : 'dialIn.ratedVolts'),
  })
})
const said = computed(() =>
  props.next.done
    ? t('dialIn.planeDone', { n: props.tries.length })
    : t('dialIn.plane', {
        n: props.tries.length,
        next: words.settingsWords(props.next, props.dialIn, settings.units),
      }),
)
</script>

<template>
  <figure>
    <div ref="box" class="plane">
      <Scatter :data="data" :options="options" :aria-label="said" />
    </div>
    <figcaption class="muted tabular">{{ key }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.plane {
  position: relative;
  height: 380px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  padding: 8px;
}
figcaption {
  padding-top: 6px;
  font-size: 0.95rem;
}
@media (max-width: 700px) {
  .plane {
    height: 300px;
  }
}
</style>
