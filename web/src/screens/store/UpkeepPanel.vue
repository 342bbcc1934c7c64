<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { CARE_DAYS, upkeepDue, type Machine } from '@pepper-knot/core/machine'
import { useWords } from '../../composables/useWords.ts'
import MoreFold from '../../parts/MoreFold.vue'
import { download, fileStem } from '../../storage/download.ts'
import { useMachines } from '../../stores/machines.ts'

/** What is looked after on a machine, when it was last done, and by when again; also for any calendar. */
const props = defineProps<{ machine: Machine }>()
const words = useWords()
const { t, d } = useI18n()
const machines = useMachines()
const rows = computed(() => upkeepDue(props.machine.upkeep, new Date().toISOString()))
type Row = ReturnType<typeof upkeepDue>[number]
const nextOf = ({ upkeep }: Row) => {
  const last = props.machine.upkeep?.[upkeep]
  return last === undefined ? undefined : new Date(Date.parse(last) + CARE_DAYS[upkeep] * 86_400_000)
}
const day = (date: Date) => d(date, { dateStyle: 'medium' })
const done = ({ upkeep }: Row) =>
  machines.lookedAfter(
    props.machine,
    upkeep,
    t('bench.upkeepDone', { what: words.UPKEEP_NAMES[upkeep], machine: props.machine.name }),
  )
const dated = computed(() => rows.value.some((row) => nextOf(row)))
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
            recurrenceRule: `FREQ=DAILY;INTERVAL=${CARE_DAYS[row.upkeep]}`,
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
              ? t('care.never', { n: CARE_DAYS[row.upkeep] })
              : t(row.due ? 'care.due' : 'care.next', { day: day(nextOf(row)!) })
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
.what {
  flex: 1 1 180px;
  font-weight: 650;
}
.what::first-letter {
  text-transform: uppercase;
}
</style>
