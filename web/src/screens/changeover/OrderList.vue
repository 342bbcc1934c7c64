<script setup lang="ts">
import { useMoney } from '../../composables/useMoney.ts'
import { useRun } from '../../composables/useRun.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { earliestDay, orderList } from '@pepper-knot/core/jobs'
import { exportCsv } from '../../storage/csv.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

type OrderLine = ReturnType<typeof orderList>['lines'][number]

const words = useWords()
/** What is missing, as an order: how many, how long it takes, what else would do, and from when the change can be made. */
const { plan } = useRun()
const { t, d } = useI18n()
const money = useMoney()
const settings = useSettings()
const order = computed(() =>
  orderList(plan.value.context, plan.value.findings, plan.value.gather, settings.all.leadDays),
)
const day = computed(() => earliestDay(order.value.days, new Date().toISOString()))
const part = ({ line }: OrderLine) => words.partText(line.kind, line.spec, settings.units, line.piece)
const instead = ({ line, substitutes }: OrderLine) =>
  substitutes.length
    ? words
        .findingAlso(
          plan.value.findings.find((f) => f.station === line.station)!,
          settings.units,
        )
        .join('; ')
    : ''
function csv() {
  const head = ['part', 'station', 'count', 'days', 'price', 'instead'].map((key) =>
    t(`gather.orderHead.${key}`),
  )
  exportCsv(
    'order-list',
    head,
    order.value.lines.map((l) => [
      part(l),
      words.STATION_NAMES[l.line.station],
      l.count,
      l.leadDays,
      l.price ?? '',
      instead(l),
    ]),
  )
}
</script>

<template>
  <section v-if="order.lines.length" class="order" :aria-label="t('gather.orderTitle')">
    <table class="tabular">
      <thead>
        <tr>
          <th scope="col">{{ t('gather.orderHead.part') }}</th>
          <th scope="col">{{ t('gather.orderHead.count') }}</th>
          <th scope="col">{{ t('gather.orderHead.days') }}</th>
          <th v-if="order.cost" scope="col">{{ t('gather.orderHead.price') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(l, i) in order.lines" :key="i">
          <td>{{ part(l) }}</td>
          <td>{{ l.count }}</td>
          <td>{{ l.leadDays }}</td>
          <td v-if="order.cost">{{ l.price === undefined ? '' : money(l.price) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="order.cost">{{ t('gather.orderCost', { sum: money(order.cost) }) }}</p>
    <p>{{ t('gather.earliest', { day: d(new Date(day), { dateStyle: 'full', timeZone: 'UTC' }) }) }}</p>
    <div class="row no-print">
      <v-btn @click="csv">{{ t('gather.orderCsv') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.order {
  display: grid;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}
h2 {
  font-size: 1.1rem;
}
table {
  border-collapse: collapse;
  width: 100%;
  max-width: 620px;
}
th,
td {
  text-align: left;
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
