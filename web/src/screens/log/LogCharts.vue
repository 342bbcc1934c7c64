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
import { computed, ref, shallowRef, watch } from 'vue'
import { Bar } from 'vue-chartjs'
import { useI18n } from 'vue-i18n'
import { formatMass } from '@pepper-knot/core/trade'
import { usePageColours } from '../../composables/usePageColours.ts'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'
import { exportCsv } from '../../storage/csv.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { drawnMonths, monthKey, type LogFigures } from './logBook.ts'

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)
Chart.defaults.font.family = "'Atkinson Hyperlegible Next Variable', sans-serif"

/** What the signed-off jobs add up to, drawn where looking beats reading; each also as a table and as CSV. */
const props = defineProps<{
  /** What the log adds up to over these months, from who knows all of it. */
  addUp: (months: readonly string[]) => Promise<LogFigures | undefined>
  /** Another one where the log may say something else. */
  stamp: number
}>()
const words = useWords()
const machines = useMachines()
const settings = useSettings()
const { t, d } = useI18n()
interface Drawn {
  id: string
  title: string
  axis: string
  labels: string[]
  series: { name: string; data: (number | null)[] }[]
}
const shown = (n: number | null) => (n === null ? null : Math.round(n * 10) / 10)
const months = computed(() => drawnMonths(new Date()))
const figures = shallowRef<LogFigures>()
watch(
  () => props.stamp,
  async () => {
    const found = await props.addUp(months.value.map(monthKey))
    // Drawn anew where it says something else.
    if (found && JSON.stringify(found) !== JSON.stringify(figures.value)) figures.value = found
  },
  { immediate: true },
)
/** What is drawn month by month, in the series that say something. */
const byMonth = (id: string, series: Drawn['series']): Drawn => ({
  id,
  title: t(`log.charts.${id}`),
  axis: t(`log.charts.${id}Axis`),
  labels: months.value.map((month) => d(month, { month: 'short', year: '2-digit' })),
  series: series.filter(({ data }) => data.some((n) => n !== null)),
})
const minutes = computed(() =>
  byMonth(
    'minutes',
    Object.entries(figures.value?.minutes ?? {}).map(([kind, data]) => ({
      name: t(`log.jobs.${kind}`),
      data: data.map(shown),
    })),
  ),
)
const firstTry = computed(() =>
  byMonth('firstTry', [
    { name: t('log.charts.firstTry'), data: (figures.value?.firstTry ?? []).map((n) => shown(n && n * 100)) },
  ]),
)
const money = computed(() =>
  byMonth(
    'money',
    Object.entries(figures.value?.money ?? {}).map(([on, data]) => ({
      name: t(`log.charts.spent.${on}`),
      data: data.map((n) => Math.round(n * 100) / 100),
    })),
  ),
)
/** How long tips and liners lasted: by wire and by arc, each where it is known. */
const lasted = computed(() =>
  (['kg', 'arcHours'] as const).map((by): Drawn => {
    const rows = (figures.value?.lasted ?? []).filter((row) => row[by] !== null)
    const labels = [...new Set(rows.map(({ machineId }) => machineId))]
    const of = (n: number) => (by === 'kg' ? Number.parseFloat(formatMass(n, settings.units)) : n)
    return {
      id: `lasted-${by}`,
      title: t(`log.charts.lasted.${by}`),
      axis: t(by === 'kg' ? `log.charts.mass.${settings.units}` : 'log.charts.hours'),
      labels: labels.map((id) => seen(machines.byId(id)?.name ?? '?')),
      series: [...new Set(rows.map(({ part }) => part))].map((part) => ({
        name: t(`kinds.${part}`),
        data: labels.map((id) => {
          const row = rows.find((one) => one.machineId === id && one.part === part)
          return row ? shown(of(row[by]!)) : null
        }),
      })),
    }
  }),
)
/** Bars that can still be told apart. */
const MOST_CAUSES = 12
const causes = computed<Drawn>(() => {
  const most = (figures.value?.causes ?? []).slice(0, MOST_CAUSES)
  return {
    id: 'causes',
    title: t('log.charts.causes'),
    axis: t('log.charts.causesAxis'),
    labels: most.map(([cause]) => words.CAUSE_WORDS[cause].name),
    series: most.length ? [{ name: t('log.charts.found'), data: most.map(([, n]) => n) }] : [],
  }
})
const charts = computed(() =>
  [minutes.value, firstTry.value, causes.value, money.value, ...lasted.value].filter(
    ({ series }) => series.length,
  ),
)

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
    <p v-if="figures && charts.length === 0" class="muted">{{ t('log.charts.none') }}</p>
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
