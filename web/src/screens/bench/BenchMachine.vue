<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  asItStands,
  isWorn,
  STATION_SHORT,
  formatMass,
  UPKEEP_NAMES,
  upkeepDue,
  wireName,
  type Machine,
  type Upkeep,
} from '@pepper-knot/core'
import { standingMarks } from '../../parts/marks.ts'
import WireLine from '../../parts/WireLine.vue'
import { useMachines } from '../../stores/machines.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'

const props = defineProps<{ machine: Machine; offer?: string | undefined }>()
defineEmits<{ start: []; putRight: []; trouble: [] }>()
const { t } = useI18n()
const settings = useSettings()
const shop = useShop()
const machineStore = useMachines()

const stands = computed(() => asItStands(props.machine, settings.all.practice))
const marks = computed(() => standingMarks(props.machine, stands.value.findings, settings.units))
const loaded = computed(() => {
  const { wire } = stands.value
  if (wire === null) return t('bench.emptyMachine')
  if (!wire) return t('bench.wireUnread')
  return wireName(wire, settings.units)
})
const left = computed(() =>
  props.machine.fitted.spool?.wireKg === undefined || stands.value.wire === null
    ? ''
    : t('bench.left', { mass: formatMass(props.machine.fitted.spool.wireKg, settings.units) }),
)
/** What is wrong for the wire that is on. */
const wrong = computed(
  () => stands.value.findings?.filter((f) => f.verdict === 'change' || f.verdict === 'adjust').length ?? 0,
)
const today = new Date().toISOString()
/** Upkeep past its day can be written down as done without a changeover. */
const overdue = computed(() => upkeepDue(props.machine.upkeep, today).filter((u) => u.due))
function doneToday(upkeep: Upkeep) {
  const { machine } = props
  shop.undoable(t('bench.upkeepDone', { what: UPKEEP_NAMES[upkeep], machine: machine.name }), () =>
    machineStore.put({
      ...machine,
      upkeep: { ...machine.upkeep, [upkeep]: new Date().toISOString() },
    }),
  )
}
/** Upkeep past its day, and parts that are worn. */
const due = computed(() => [
  ...upkeepDue(props.machine.upkeep, new Date().toISOString())
    .filter((u) => u.due)
    .map((u) => t('bench.due', { what: UPKEEP_NAMES[u.upkeep], n: u.days! })),
  ...(stands.value.findings ?? [])
    .filter(isWorn)
    .map((f) => t('bench.worn', { what: STATION_SHORT[f.station] })),
])
</script>

<template>
  <article class="machine">
    <header>
      <h2>{{ machine.name }}</h2>
      <span class="muted grow">{{ machine.note }}</span>
      <span class="tabular"
        ><b>{{ loaded }}</b> <span class="muted">{{ left }}</span></span
      >
      <v-btn
        variant="text"
        :aria-label="t('trouble.offerOn', { machine: machine.name })"
        @click="$emit('trouble')"
        >{{ t('nav.trouble') }}</v-btn
      >
      <v-btn
        v-if="wrong"
        variant="outlined"
        :aria-label="t('bench.putRightOn', { n: wrong, machine: machine.name })"
        @click="$emit('putRight')"
        >{{ t('bench.putRight', { n: wrong }) }}</v-btn
      >
      <v-btn
        :variant="offer ? 'flat' : 'outlined'"
        :color="offer ? 'primary' : undefined"
        :aria-label="
          offer
            ? t('bench.changeTo', { machine: machine.name, wire: offer })
            : t('bench.changeOn', { machine: machine.name })
        "
        @click="$emit('start')"
      >
        {{ offer ? t('bench.to', { wire: offer }) : t('bench.change') }}
      </v-btn>
    </header>
    <div v-if="due.length" class="row">
      <p class="due tabular">{{ due.join(' · ') }}</p>
      <v-btn
        v-for="u in overdue"
        :key="u.upkeep"
        size="small"
        :aria-label="t('bench.doneTodayOf', { what: UPKEEP_NAMES[u.upkeep], machine: machine.name })"
        @click="doneToday(u.upkeep)"
        >{{ t('bench.doneToday') }}</v-btn
      >
    </div>
    <WireLine
      :marks="marks"
      :label="t('bench.lineOf', { machine: machine.name })"
      :leaves="machine.wireEntry"
    />
  </article>
</template>

<style scoped>
.due {
  color: var(--paprika);
  font-weight: 650;
}
.machine {
  border-top: 1px solid var(--rule);
  padding: 8px 0 12px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin-bottom: 2px;
}
.grow {
  flex: 1;
}
@media (max-width: 700px) {
  .grow {
    flex: 1 1 100%;
    order: 5;
  }
}
</style>
