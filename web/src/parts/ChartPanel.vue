<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../composables/useDraft.ts'
import { type ChartRow } from '@pepper-knot/core/machine'
import { readChart } from '@pepper-knot/core/wire'
import { chartCsv, chartText } from '../storage/chartCsv.ts'
import { csvOptions, readCsv } from '../storage/csv.ts'
import { download, fileStem } from '../storage/download.ts'
import { useSettings } from '../stores/settings.ts'
import { useWords } from '../composables/useWords.ts'
import FileButton from './FileButton.vue'

const words = useWords()
/** The shop's own settings of a machine or a wire, a row a line: typed or pasted, edited, removed, taken out as a file. */
const props = defineProps<{ rows: readonly ChartRow[]; name: string; text: string }>()
const emit = defineEmits<{ change: [rows: ChartRow[], said: string] }>()
const { t } = useI18n()
const settings = useSettings()
const ChartColumns = defineAsyncComponent(() => import('./ChartColumns.vue'))
const typed = useDraft(`chart.${props.name}`, '')
/** The row that is being written anew; its old figures stay until then. */
const editing = ref<number>()
const lines = computed(() => readChart(typed.value))
const good = computed(() => lines.value.flatMap(({ read }) => (read.ok ? [read.value] : [])))
const key = (row: ChartRow) =>
  [row.classification, row.family, row.sizeMm, row.thicknessMm, row.position].join()
const sorted = (rows: readonly ChartRow[]) =>
  [...rows].sort((a, b) =>
    key(a) === key(b)
      ? 0
      : (a.classification ?? '').localeCompare(b.classification ?? '') ||
        a.sizeMm - b.sizeMm ||
        a.thicknessMm - b.thicknessMm,
  )
const plain = (rows: readonly ChartRow[]) => JSON.parse(JSON.stringify(rows)) as ChartRow[]

function add() {
  const left = lines.value.filter(({ read }) => !read.ok).map(({ line }) => line)
  const kept = props.rows.filter((_row, i) => i !== editing.value)
  emit('change', plain(sorted([...kept, ...good.value])), t('chart.added', good.value.length))
  typed.value = left.join('\n')
  editing.value = undefined
}
function edit(i: number) {
  editing.value = i
  typed.value = words.chartLine(props.rows[i]!, settings.units)
}
function cancel() {
  editing.value = undefined
  typed.value = ''
}
const remove = (i: number) =>
  emit('change', plain(props.rows.filter((_row, at) => at !== i)), t('chart.removed'))
const csv = () =>
  download(`chart-${fileStem(props.name)}.csv`, chartCsv(props.rows, words, csvOptions()), 'text/csv')
/** As many letters as the field takes. */
const MOST = 60_000
const tooLarge = ref(false)
/** A file whose columns are to be matched. */
const chosen = ref<string>()
/** A table has headings and its columns are matched; what stands row by row is taken as it is. */
async function bringIn(file: File) {
  const text = file.size > 10 * MOST ? '' : await file.text()
  tooLarge.value = text.trim() === ''
  if (tooLarge.value) return
  const { head } = readCsv(text)
  if (head.length > 2 && !head.some((title) => /^[.,]?\d/.test(title))) chosen.value = text
  else put(text)
}
/** What a file says stands in the field first, each row read or refused beside it. */
function put(file: string) {
  chosen.value = undefined
  const text = chartText(file)
  tooLarge.value = text.length > MOST
  if (!tooLarge.value) typed.value = text
}
</script>

<template>
  <section class="chart" :aria-label="t('chart.of', { name })">
    <h3>{{ t('chart.title') }}</h3>
    <p class="muted">{{ text }}</p>
    <ul v-if="rows.length" class="tabular">
      <li v-for="(row, i) in rows" :key="i" :class="{ on: i === editing }">
        <span>{{ words.chartLine(row, settings.units) }}</span>
        <v-btn
          size="small"
          :aria-label="t('chart.edit', { row: words.chartLine(row, settings.units) })"
          @click="edit(i)"
          >{{ t('store.edit') }}</v-btn
        >
        <v-btn
          size="small"
          :aria-label="t('chart.remove', { row: words.chartLine(row, settings.units) })"
          @click="remove(i)"
          >{{ t('store.remove') }}</v-btn
        >
      </li>
    </ul>
    <v-textarea
      v-model="typed"
      :label="t(editing === undefined ? 'chart.rows' : 'chart.row')"
      :hint="t('chart.hint')"
      persistent-hint
      rows="2"
      auto-grow
      :maxlength="MOST"
      autocapitalize="off"
      spellcheck="false"
      @keydown.ctrl.enter="good.length && add()"
    />
    <ul v-if="lines.length" class="read" aria-live="polite">
      <li v-for="({ line, read }, i) in lines.slice(0, 40)" :key="i">
        <b v-if="read.ok">{{ words.chartLine(read.value, settings.units) }}</b>
        <span v-else class="problem"
          ><b>{{ line.slice(0, 120) }}</b
          >: {{ words.problemText(read.problems[0]!) }}</span
        >
      </li>
      <li v-if="lines.length > 40" class="muted">{{ t('chart.more', { n: lines.length - 40 }) }}</li>
    </ul>
    <div class="row">
      <v-btn variant="flat" color="primary" :disabled="good.length === 0" @click="add">{{
        editing === undefined ? t('chart.add', good.length) : t('app.save')
      }}</v-btn>
      <v-btn v-if="editing !== undefined" @click="cancel">{{ t('app.cancel') }}</v-btn>
      <FileButton :label="t('csvIn.open')" accept=".csv,text/csv,text/plain" @file="bringIn" />
      <v-btn v-if="rows.length" variant="text" @click="csv">{{ t('store.csv') }}</v-btn>
    </div>
    <ChartColumns v-if="chosen !== undefined" :file="chosen" @take="put" @close="chosen = undefined" />
    <p v-if="tooLarge" class="problem" role="alert">{{ t('chart.tooLarge') }}</p>
  </section>
</template>

<style scoped>
.chart {
  display: grid;
  gap: 12px;
  border-left: 4px solid var(--copper);
  padding: 4px 0 4px 16px;
  margin-top: 12px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--rule);
}
li > span:first-child {
  flex: 1 1 220px;
}
.on {
  background: var(--sheet);
}
</style>
