<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { orderList } from '@pepper-knot/core/jobs'
import { STATIONS } from '@pepper-knot/core/machine'
import type { Run } from '@pepper-knot/core/record'
import LabelField from '../../parts/LabelField.vue'
import { useMoney } from '../../composables/useMoney.ts'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'
import { exportCsv } from '../../storage/csv.ts'
import { planOf } from '../../stores/plan.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'

/** What must be owned to run a wire on a machine: what is on it already, what lies where, what is lacking and what it costs. */
const words = useWords()
const { t } = useI18n()
const money = useMoney()
const shop = useShop()
const machines = useMachines()
const settings = useSettings()
const machineId = ref(machines.list[0]?.id)
const label = ref('')
/** Looked at like a change that nobody begins. */
const read = computed(() => {
  if (!machineId.value || !label.value.trim()) return undefined
  const run = {
    kind: 'change',
    id: 'set',
    machineId: machineId.value,
    startedAt: new Date().toISOString(),
    stage: 'decide',
    label: label.value,
    job: {},
    gathered: [],
    done: [],
  } satisfies Run<'change'>
  return planOf(run, machines.shopNow, shop.digest)
})
const plan = computed(() => read.value?.plan)
const order = computed(
  () =>
    plan.value &&
    orderList(plan.value.context, plan.value.findings, plan.value.gather, settings.all.leadDays),
)
interface Row {
  key: string
  part: string
  where: string
  lacks: boolean
  price: number | undefined
  days: number | undefined
}
const rows = computed<Row[]>(() => {
  const p = plan.value
  if (!p) return []
  const gathered = new Set(p.gather.map((line) => line.station))
  const { machine } = p.context
  const on = STATIONS.filter((s) => {
    const finding = p.findings.find((f) => f.station === s)
    return s !== 'supply' && finding?.verdict === 'fits' && !gathered.has(s)
  }).map((s) => ({
    key: `on/${s}`,
    part: `${words.STATION_NAMES[s]}: ${words.fittedShort(s, { ...machine.fitted, supply: machine.supply }, settings.units)}`,
    where: t('set.onIt'),
    lacks: false,
    price: undefined,
    days: undefined,
  }))
  const lines = p.gather.map((line) => {
    const buy = order.value!.lines.find((l) => l.line === line)
    return {
      key: `${line.station}/${line.kind}/${line.piece ?? ''}`,
      part: words.partText(line.kind, line.spec, settings.units, line.piece),
      where: line.have
        ? (line.drawer ?? t(line.storeIndex === null ? 'gather.byHand' : 'gather.noDrawer'))
        : t('set.lacks'),
      lacks: !line.have,
      price: buy?.price,
      days: buy?.leadDays,
    }
  })
  return [...lines.sort((a, b) => Number(b.lacks) - Number(a.lacks)), ...on]
})
const HEAD = ['part', 'where', 'days', 'price'] as const
const csv = () =>
  exportCsv(
    'set',
    HEAD.map((key) => t(`set.head.${key}`)),
    rows.value.map((row) => [row.part, row.where, row.days ?? '', row.price ?? '']),
  )
</script>

<template>
  <div class="set">
    <p class="muted">{{ t('set.text') }}</p>
    <div class="asks">
      <v-select
        v-model="machineId"
        :label="t('set.machine')"
        :items="machines.list.map((m) => ({ value: m.id, title: seen(m.name) }))"
      />
      <LabelField v-model="label" />
    </div>
    <p v-for="problem in plan?.problems ?? []" :key="problem.rule" class="problem">
      {{ words.obstacleText(problem, settings.units).message }}
    </p>
    <template v-if="rows.length">
      <div class="scroll" role="group" tabindex="0" :aria-label="t('set.title')">
        <table class="tabular">
          <thead>
            <tr>
              <th v-for="key in HEAD" :key="key" scope="col">{{ t(`set.head.${key}`) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.key">
              <th scope="row">{{ row.part }}</th>
              <td :class="{ problem: row.lacks }">{{ row.where }}</td>
              <td>{{ row.days ?? '' }}</td>
              <td>{{ row.price === undefined ? '' : money(row.price) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="order?.cost">{{ t('gather.orderCost', { sum: money(order.cost) }) }}</p>
      <div class="row">
        <v-btn @click="csv">{{ t('store.csv') }}</v-btn>
      </div>
    </template>
  </div>
</template>

<style scoped>
.set {
  display: grid;
  gap: 12px;
}
.asks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
  gap: 16px;
  align-items: start;
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
}
tbody th {
  font-weight: 650;
}
</style>
