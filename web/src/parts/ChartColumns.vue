<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { readCsv } from '../storage/csv.ts'
import { CHART_COLUMNS, chartColumns, readChartCsv, withColumns } from '../storage/chartCsv.ts'
import DialogBox from './DialogBox.vue'

/** The columns of a file that holds a chart: matched by their headings, and by hand. */
const props = defineProps<{ file: string }>()
defineEmits<{ take: [file: string]; close: [] }>()
const { t } = useI18n()
const { head } = readCsv(props.file)
const columns = ref(chartColumns(head))
/** A field that is emptied by its cross is null. */
const matched = computed(() =>
  withColumns(
    props.file,
    Object.fromEntries(Object.entries(columns.value).filter(([, at]) => typeof at === 'number')),
  ),
)
const rows = computed(() => readChartCsv(matched.value))
const good = computed(() => rows.value.filter(({ read }) => read.ok).length)
</script>

<template>
  <DialogBox :label="t('csvIn.title')" :max-width="860" @close="$emit('close')">
    <h2>{{ t('csvIn.title') }}</h2>
    <p>{{ t('chart.columns') }}</p>
    <div class="rows">
      <v-select
        v-for="name in CHART_COLUMNS"
        :key="name"
        v-model="columns[name]"
        clearable
        :label="t('csvIn.column', { field: t(`chart.column.${name}`) })"
        :items="head.map((title, value) => ({ value, title: title || `${value + 1}` }))"
      />
    </div>
    <p role="status">{{ t('chart.columnRows', { good, all: rows.length }) }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="$emit('take', matched)">{{ t('chart.intoField') }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>
