<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { upkeepDue, type Machine } from '@pepper-knot/core/machine'
import { useWords } from '../../composables/useWords.ts'
import CountField from '../../parts/CountField.vue'
import MoreFold from '../../parts/MoreFold.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { refused } from '../../parts/refused.ts'
import { useCareWords } from '../../parts/careWords.ts'
import { download, fileStem } from '../../storage/download.ts'
import { useLog } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'

/** What is looked after on a machine, when it was last done, and by when again; also for any calendar. */
const props = defineProps<{ machine: Machine }>()
const words = useWords()
const { t, d } = useI18n()
const machines = useMachines()
const log = useLog()
const settings = useSettings()
const shop = useShop()
const { dueSays, everySays } = useCareWords()
const rows = computed(() => upkeepDue(props.machine, new Date().toISOString(), log.on(props.machine.id)))
type Row = ReturnType<typeof upkeepDue>[number]
/** The day it is due by; work may make it due before. */
const nextOf = ({ upkeep, every }: Row) => {
  const last = props.machine.upkeep?.[upkeep]
  return last === undefined ? undefined : new Date(Date.parse(last) + every.days * 86_400_000)
}
const day = (date: Date) => d(date, { dateStyle: 'medium' })
const done = ({ upkeep }: Row) =>
  machines.lookedAfter(
    props.machine,
    upkeep,
    t('bench.upkeepDone', { what: words.UPKEEP_NAMES[upkeep], machine: props.machine.name }),
  )
const dated = computed(() => rows.value.some((row) => nextOf(row)))
/** What is to be looked after otherwise than usual. */
const chosen = ref<Row['upkeep']>('blowOutLiner')
const days = ref<number>()
const kg = ref<number>()
const arcHours = ref<number>()
const form = ref<HTMLElement>()
watch(
  [chosen, () => props.machine.upkeepEvery?.[chosen.value]],
  ([, every]) => {
    days.value = every?.days
    kg.value = every?.kg
    arcHours.value = every?.arcHours
  },
  { immediate: true },
)
function saveEvery() {
  if (refused(form.value)) return
  const { [chosen.value]: _before, ...others } = props.machine.upkeepEvery ?? {}
  const every = {
    ...(days.value && { days: Math.max(1, Math.round(days.value)) }),
    ...(kg.value && { kg: kg.value }),
    ...(arcHours.value && { arcHours: arcHours.value }),
  }
  const upkeepEvery = { ...others, ...(Object.keys(every).length && { [chosen.value]: every }) }
  shop.undoable(
    t('care.saved', { what: words.UPKEEP_NAMES[chosen.value], machine: props.machine.name }),
    () =>
      machines.put({
        ...props.machine,
        upkeepEvery: Object.keys(upkeepEvery).length ? upkeepEvery : undefined,
      }),
  )
}
async function calendar() {
  const { createEvents } = await import('ics')
  const events = rows.value.flatMap((row) => {
    const next = nextOf(row)
    return next
      ? [
          {
            uid: `${props.machine.id}-${row.upkeep}@pepper-knot`,
            title: `${props.machine.name}: ${words.UPKEEP_NAMES[row.upkeep]}`,
            start: [next.getFullYear(), next.getMonth() + 1, next.getDate()] as [number, number, number],
            duration: { days: 1 },
            recurrenceRule: `FREQ=DAILY;INTERVAL=${row.every.days}`,
          },
        ]
      : []
  })
  const { value } = createEvents(events, { productId: 'pepper-knot' })
  if (value) download(`${fileStem(props.machine.name)}-upkeep.ics`, value, 'text/calendar')
}
</script>

<template>
  <section :aria-label="t('care.title')">
    <MoreFold :title="t('care.title')">
      <ul class="care tabular">
        <li v-for="row in rows" :key="row.upkeep">
          <span class="what">{{ words.UPKEEP_NAMES[row.upkeep] }}</span>
          <span :class="row.due ? 'problem' : 'muted'">{{
            row.days === null
              ? t('care.never', { every: everySays(row) })
              : row.due
                ? t('care.due', { what: dueSays(row) })
                : t('care.next', { day: day(nextOf(row)!), every: everySays(row) })
          }}</span>
          <v-btn
            size="small"
            :aria-label="
              t('bench.doneTodayOf', { what: words.UPKEEP_NAMES[row.upkeep], machine: machine.name })
            "
            @click="done(row)"
            >{{ t('bench.doneToday') }}</v-btn
          >
        </li>
      </ul>
      <MoreFold :title="t('care.everyTitle')">
        <p class="muted">{{ t('care.everyText') }}</p>
        <div ref="form" class="often">
          <v-select
            v-model="chosen"
            :label="t('care.what')"
            :items="rows.map(({ upkeep }) => ({ value: upkeep, title: words.UPKEEP_NAMES[upkeep] }))"
          />
          <CountField :key="`days ${chosen}`" v-model="days" :label="t('care.everyDays')" :max="3650" />
          <QuantityField
            :key="`kg ${chosen}`"
            v-model="kg"
            kind="mass"
            :label="t('care.everyKg')"
            :units="settings.units"
          />
          <CountField :key="`h ${chosen}`" v-model="arcHours" :label="t('care.everyHours')" :max="100000" />
        </div>
        <div class="row">
          <v-btn variant="flat" color="primary" @click="saveEvery">{{ t('app.save') }}</v-btn>
        </div>
      </MoreFold>
      <div v-if="dated" class="row">
        <v-btn @click="calendar">{{ t('care.calendar') }}</v-btn>
      </div>
    </MoreFold>
  </section>
</template>

<style scoped>
.care li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
.often {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
.what {
  flex: 1 1 180px;
  font-weight: 650;
}
.what::first-letter {
  text-transform: uppercase;
}
</style>
