<script setup lang="ts">
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  Tooltip,
  type ChartOptions,
} from 'chart.js'
import { computed, ref } from 'vue'
import { Bar } from 'vue-chartjs'
import { useI18n } from 'vue-i18n'
import { usePageColours } from '../../composables/usePageColours.ts'
import { useWords } from '../../composables/useWords.ts'
import { exportCsv } from '../../storage/csv.ts'
import type { Past } from '../../storage/past.ts'

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)

/** What the signed-off jobs add up to, drawn where looking beats reading; each also as a table and as CSV. */
const props = defineProps<{ lines: readonly Past[] }>()
const words = useWords()
const { t, d } = useI18n()
/** So many months back, this one among them. */
const MONTHS = 12
const KINDS = ['change', 'put-right', 'convert', 'cure'] as const
const mean = (list: readonly number[]) =>
  list.length ? Math.round((10 * list.reduce((sum, n) => sum + n, 0)) / list.length) / 10 : null

interface Drawn {
  id: string
  title: string
  axis: string
  labels: string[]
  series: { name: string; data: (number | null)[] }[]
}
const minutes = computed<Drawn>(() => {
  const now = new Date()
  const months = Array.from(
    { length: MONTHS },
    (_, i) => new Date(now.getFullYear(), now.getMonth() - MONTHS + 1 + i, 1),
  )
  const inMonth = (line: Past, month: Date) => {
    const at = new Date(line.at)
    return at.getFullYear() === month.getFullYear() && at.getMonth() === month.getMonth()
  }
  const whole = props.lines.filter((line) => !line.stopped && line.minutes !== undefined)
  return {
    id: 'minutes',
    title: t('log.charts.minutes'),
    axis: t('log.charts.minutesAxis'),
    labels: months.map((month) => d(month, { month: 'short', year: '2-digit' })),
    series: KINDS.filter((kind) => whole.some((line) => line.kind === kind)).map((kind) => ({
      name: t(`log.jobs.${kind}`),
      data: months.map((month) =>
        mean(whole.flatMap((line) => (line.kind === kind && inMonth(line, month) ? [line.minutes!] : []))),
      ),
    })),
  }
})
const causes = computed<Drawn>(() => {
  const counts = new Map<string, number>()
  for (const line of props.lines)
    for (const cause of line.causes ?? []) {
      const { name } = words.CAUSE_WORDS[cause]
      counts.set(name, (counts.get(name) ?? 0) + 1)
    }
  const most = [...counts].sort((a, b) => b[1] - a[1]).slice(0, MONTHS)
  return {
    id: 'causes',
    title: t('log.charts.causes'),
    axis: t('log.charts.causesAxis'),
    labels: most.map(([name]) => name),
    series: most.length ? [{ name: t('log.charts.found'), data: most.map(([, n]) => n) }] : [],
  }
})
const charts = computed(() => [minutes.value, causes.value].filter(({ series }) => series.length))

const box = ref<HTMLElement>()
const colours = usePageColours(box, {
  ink: '#000',
  rule: '#ccc',
  copper: '#a65b24',
  slate: '#2c476a',
  muted: '#534b43',
  'copper-soft': '#dba97a',
})
const INKS = ['copper', 'slate', 'muted', 'copper-soft'] as const
const dataOf = ({ labels, series }: Drawn) => ({
  labels,
  datasets: series.map(({ name, data }, i) => ({
    label: name,
    data,
    backgroundColor: colours.value[INKS[i % INKS.length]!],
  })),
})
const scale = (text?: string) => ({
  ...(text && { title: { display: true, text, color: colours.value.ink } }),
  beginAtZero: true,
  ticks: { color: colours.value.ink, precision: 0 },
  grid: { color: colours.value.rule },
})
const optionsOf = ({ axis, series }: Drawn): ChartOptions<'bar'> => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false,
  font: { family: 'Atkinson Hyperlegible Next Variable, sans-serif' },
  scales: { x: scale(), y: scale(axis) },
  plugins: { legend: { display: series.length > 1, labels: { color: colours.value.ink } } },
})
const csv = ({ id, title, labels, series }: Drawn) =>
  exportCsv(
    id,
    [title, ...series.map(({ name }) => name)],
    labels.map((label, i) => [label, ...series.map(({ data }) => data[i] ?? '')]),
  )
</script>

<template>
  <div ref="box" class="charts">
    <p v-if="charts.length === 0" class="muted">{{ t('log.charts.none') }}</p>
    <section v-for="chart in charts" :key="chart.id" :aria-label="chart.title">
      <h3>{{ chart.title }}</h3>
      <div class="drawn">
        <Bar :data="dataOf(chart)" :options="optionsOf(chart)" :aria-label="chart.title" />
      </div>
      <details>
        <summary>{{ t('log.charts.table') }}</summary>
        <div class="scroll" role="group" tabindex="0" :aria-label="chart.title">
          <table class="tabular">
            <thead>
              <tr>
                <th scope="col">{{ chart.title }}</th>
                <th v-for="one in chart.series" :key="one.name" scope="col">{{ one.name }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(label, i) in chart.labels" :key="label">
                <th scope="row">{{ label }}</th>
                <td v-for="one in chart.series" :key="one.name">{{ one.data[i] ?? '' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <v-btn variant="text" @click="csv(chart)">{{ t('store.csv') }}</v-btn>
      </details>
    </section>
  </div>
</template>

<style scoped>
.charts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(380px, 100%), 1fr));
  gap: 24px;
}
.drawn {
  height: 260px;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 4px 16px 4px 0;
  border-bottom: 1px solid var(--rule);
}
tbody th {
  font-weight: 500;
}
</style>
