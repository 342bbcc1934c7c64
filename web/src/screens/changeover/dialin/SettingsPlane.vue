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
import Annotation, { type AnnotationOptions } from 'chartjs-plugin-annotation'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { Scatter } from 'vue-chartjs'
import { useI18n } from 'vue-i18n'
import { useTheme } from 'vuetify'
import {
  formatSpeed,
  isGood,
  settingsWords,
  startBand,
  trySaid,
  type DialInPlan,
  type Proposal,
  type StartSettings,
  type Try,
} from '@pepper-knot/core'
import { useShop } from '../../../stores/shop.ts'
import { namePlaces } from './namePlaces.ts'

Chart.register(ScatterController, PointElement, LineElement, LinearScale, Tooltip, Annotation)

/** Wire speed across, volts up: the band to start from, what lies beyond the machine, the tries in order, the next. */
const props = defineProps<{
  dialIn: DialInPlan
  start: StartSettings
  tries: readonly Try[]
  next: Proposal
}>()
const { t } = useI18n()
const shop = useShop()
const theme = useTheme()

const metric = computed(() => shop.units === 'metric')
const unit = computed(() => (metric.value ? 'm/min' : 'ipm'))
const x = (mPerMin: number) => (metric.value ? mPerMin : mPerMin / 0.0254)

/** Colours of the page, read anew when the theme turns. */
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
/** Too narrow for words: the numbers alone, the words stand in the list. */
const narrow = computed(() => width.value < 460)
const NONE = { ink: '#000', muted: '#000', rule: '#000', copper: '#000', sheet: '#fff', paprika: '#000' }
const colours = ref(NONE)
watch(
  [() => theme.global.name.value, box],
  () => {
    if (!box.value) return
    const style = getComputedStyle(box.value)
    const of = (name: string) => style.getPropertyValue(`--${name}`).trim()
    colours.value = Object.fromEntries(Object.keys(NONE).map((name) => [name, of(name)])) as typeof NONE
  },
  { flush: 'post', immediate: true },
)
const soft = (colour: string, share: number) => `color-mix(in srgb, ${colour} ${share * 100}%, transparent)`

/** What is looked at: the band, the tries and the next, with room round them. */
const view = computed(() => {
  const { start, tries, next } = props
  const speeds = [start.wireSpeedMPerMin.low * 0.85, start.wireSpeedMPerMin.high * 1.15]
  const volts = [start.voltageV.low - 2, start.voltageV.high + 2]
  for (const p of [...tries, ...(next.done ? [] : [next])]) {
    speeds.push(p.wireSpeedMPerMin * 0.9, p.wireSpeedMPerMin * 1.1)
    volts.push(p.voltageV - 1, p.voltageV + 1)
  }
  const [low, high] = [x(Math.min(...speeds)), x(Math.max(...speeds))]
  const whole = metric.value ? 1 : 50
  return {
    x0: Math.max(0, Math.floor(low / whole) * whole),
    x1: Math.ceil(high / whole) * whole,
    y0: Math.floor(Math.min(...volts)),
    y1: Math.ceil(Math.max(...volts)),
  }
})

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

const label = (
  content: string,
  xValue: number,
  yValue: number,
  more: object = {},
): AnnotationOptions<'label'> => ({
  type: 'label',
  content,
  xValue,
  yValue,
  color: colours.value.ink,
  font: { size: 14, weight: 'bold' },
  position: { x: 'start', y: 'center' },
  xAdjust: 12,
  yAdjust: -16,
  padding: 2,
  ...more,
})
const annotations = computed(() => {
  const { start, next, tries, dialIn } = props
  const { x0, x1, y0, y1 } = view.value
  const { minV, maxV, minMPerMin, maxMPerMin } = dialIn.limits
  const { ink, muted, copper, sheet } = colours.value
  const all: Record<string, AnnotationOptions> = {
    window: {
      type: 'box',
      xMin: x(start.wireSpeedMPerMin.low),
      xMax: x(start.wireSpeedMPerMin.high),
      yMin: start.voltageV.low,
      yMax: start.voltageV.high,
      backgroundColor: soft(copper, 0.16),
      borderColor: copper,
      borderWidth: 1,
      drawTime: 'beforeDatasetsDraw',
      label: {
        display: true,
        content: t('dialIn.window'),
        color: muted,
        position: { x: 'start', y: 'end' },
        font: { size: 13 },
      },
    },
  }
  const beyond = (name: string, xMin: number, xMax: number, yMin: number, yMax: number) => {
    if (xMax <= xMin || yMax <= yMin) return
    all[name] = {
      type: 'box',
      xMin,
      xMax,
      yMin,
      yMax,
      backgroundColor: soft(muted, 0.22),
      borderWidth: 0,
      drawTime: 'beforeDatasetsDraw',
      label: {
        display: yMax - yMin > 0.8 && xMax - xMin > (x1 - x0) / 5,
        content: t(
          dialIn.voltsKnown || name === 'left' || name === 'right' ? 'dialIn.beyond' : 'dialIn.beyondGuess',
        ),
        color: ink,
        font: { size: 13, weight: 'normal' },
      },
    }
  }
  beyond('below', x0, x1, y0, minV)
  beyond('above', x0, x1, maxV, y1)
  beyond('left', x0, x(minMPerMin), y0, y1)
  beyond('right', x(maxMPerMin), x1, y0, y1)
  for (const { tap, voltageV } of dialIn.taps ?? [])
    if (voltageV > y0 && voltageV < y1)
      all[`tap${tap}`] = {
        type: 'line',
        yMin: voltageV,
        yMax: voltageV,
        borderColor: muted,
        borderWidth: 1,
        borderDash: [2, 4],
        drawTime: 'beforeDatasetsDraw',
        label: {
          display: true,
          content: `${t('dialIn.tap')} ${tap}`,
          position: 'end',
          color: ink,
          backgroundColor: sheet,
          font: { size: 13, weight: 'normal' },
          padding: 3,
        },
      }
  // Where tries lie on one another, only the last is named; where names would, they stand elsewhere.
  const at = (p: { voltageV: number; wireSpeedMPerMin: number }) =>
    `${p.voltageV.toFixed(1)} ${p.wireSpeedMPerMin.toFixed(1)}`
  const place = namePlaces(view.value, Math.max(200, width.value - 70))
  tries.forEach((p, i) => {
    const here = tries.flatMap((q, k) => (at(q) === at(p) ? [k + 1] : []))
    if (here.at(-1) !== i + 1) return
    const name = narrow.value ? here.join(', ') : `${here.join(', ')} ${trySaid(p)}`
    all[`try${i}`] = label(
      name,
      x(p.wireSpeedMPerMin),
      p.voltageV,
      place(x(p.wireSpeedMPerMin), p.voltageV, name),
    )
  })
  if (!next.done) {
    const [nx, ny] = [x(next.wireSpeedMPerMin), next.voltageV]
    const name = t('dialIn.nextMark')
    all.next = {
      type: 'point',
      xValue: nx,
      yValue: ny,
      radius: 14,
      backgroundColor: 'transparent',
      borderColor: ink,
      borderWidth: 2,
      borderDash: [4, 3],
    }
    all.nextName = label(name, nx, ny, place(nx, ny, name))
  }
  return all
})
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
  font: { family: 'Atkinson Hyperlegible Next Variable, sans-serif' },
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
          return made ? [settingsWords(made, props.dialIn, shop.units), trySaid(made)] : ''
        },
      },
    },
    annotation: { annotations: annotations.value },
  },
}))
const key = computed(() => {
  const { start, dialIn } = props
  const { minV, maxV, minMPerMin, maxMPerMin } = dialIn.limits
  return t('dialIn.key', {
    vBand: startBand('voltageV', start.voltageV, shop.units),
    speedBand: startBand('wireSpeedMPerMin', start.wireSpeedMPerMin, shop.units),
    origin: start.voltageV.origin,
    machine: `${Math.round(minV)} V to ${Math.round(maxV)} V, ${formatSpeed(minMPerMin, shop.units)} to ${formatSpeed(maxMPerMin, shop.units)}`,
    known: t(dialIn.voltsKnown ? 'dialIn.ownVolts' : 'dialIn.ratedVolts'),
  })
})
const said = computed(() =>
  props.next.done
    ? t('dialIn.planeDone', { n: props.tries.length })
    : t('dialIn.plane', {
        n: props.tries.length,
        next: settingsWords(props.next, props.dialIn, shop.units),
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
