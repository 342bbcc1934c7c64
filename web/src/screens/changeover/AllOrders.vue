<script setup lang="ts">
import { useMoney } from '../../composables/useMoney.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { earliestDay, orderList } from '@pepper-knot/core/jobs'
import { useRunNames } from '../../composables/useRunNames.ts'
import { exportCsv } from '../../storage/csv.ts'
import { usePromised } from '../../stores/promised.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What is missing for every planned change, as one order: which change it is for, and from when it can be done. */
const { t, d } = useI18n()
const money = useMoney()
const settings = useSettings()
const promised = usePromised()
const nameOf = useRunNames()
const today = new Date().toISOString()
const lines = computed(() =>
  promised.all.flatMap(({ run, read: { plan } }) =>
    plan && !run.planned
      ? orderList(plan.context, plan.findings, plan.gather, settings.all.leadDays).lines.map((line) => ({
          key: `${run.id}/${line.line.station}/${line.line.kind}/${line.line.piece ?? ''}`,
          part: words.partText(line.line.kind, line.line.spec, settings.units, line.line.piece),
          count: line.count,
          price: line.price,
          change: nameOf(run),
          planned: new Date(run.startedAt),
          from: new Date(earliestDay(line.leadDays, today)),
        }))
      : [],
  ),
)
const day = (date: Date) => d(date, { dateStyle: 'medium' })
const sum = computed(() => lines.value.reduce((all, l) => all + l.count * (l.price ?? 0), 0))
const HEAD = ['part', 'count', 'change', 'planned', 'from', 'price'] as const
const csv = () =>
  exportCsv(
    'order-list',
    HEAD.map((key) => t(`orders.${key}`)),
    lines.value.map((l) => [
      l.part,
      l.count,
      l.change,
      l.planned.toISOString().slice(0, 10),
      l.from.toISOString().slice(0, 10),
      l.price ?? '',
    ]),
  )
</script>

<template>
  <section v-if="lines.length" class="orders" :aria-label="t('orders.title')">
    <h2>{{ t('orders.title') }}</h2>
    <div class="scroll" role="group" :aria-label="t('orders.title')" tabindex="0">
      <table class="tabular">
        <thead>
          <tr>
            <th v-for="key in HEAD.slice(0, sum ? 6 : 5)" :key="key" scope="col">{{ t(`orders.${key}`) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.key">
            <td>{{ line.part }}</td>
            <td>{{ line.count }}</td>
            <td>{{ line.change }}</td>
            <td>{{ day(line.planned) }}</td>
            <td>{{ day(line.from) }}</td>
            <td v-if="sum">{{ line.price === undefined ? '' : money(line.price) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="row">
      <v-btn @click="csv">{{ t('gather.orderCsv') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.orders {
  display: grid;
  gap: 10px;
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
  padding: 6px 18px 6px 0;
  border-bottom: 1px solid var(--rule);
  white-space: nowrap;
}
</style>
