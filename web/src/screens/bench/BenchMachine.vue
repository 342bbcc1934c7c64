<script setup lang="ts">
import { isRun } from '@pepper-knot/core/record'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { progressOf } from '@pepper-knot/core/jobs'
import { isWorn, upkeepDue, type Machine } from '@pepper-knot/core/machine'
import { formatMass } from '@pepper-knot/core/trade'
import { asItStands } from '@pepper-knot/core/wire'
import { useCareWords } from '../../parts/careWords.ts'
import { standingMarks } from '../../parts/marks.ts'
import WireLine from '../../parts/WireLine.vue'
import { runPath, useRunNames } from '../../composables/useRunNames.ts'
import { useLog } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { useRuns } from '../../stores/runs.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

type Upkeep = ReturnType<typeof upkeepDue>[number]['upkeep']

const words = useWords()
const props = defineProps<{ machine: Machine; offer?: string | undefined }>()
defineEmits<{ start: []; putRight: []; dialIn: []; trouble: [] }>()
const { t } = useI18n()
const settings = useSettings()
const log = useLog()
const { dueSays } = useCareWords()
const shop = useShop()
const machineStore = useMachines()
const runStore = useRuns()
const nameOf = useRunNames()

const stands = computed(() => asItStands(props.machine, settings.all.practice))
const marks = computed(() => standingMarks(props.machine, stands.value.findings, settings.units))
const loaded = computed(() => {
  const { wire } = stands.value
  if (wire === null) return t('bench.emptyMachine')
  if (!wire) return t('bench.wireUnread')
  return words.wireName(wire, settings.units)
})
const left = computed(() =>
  props.machine.fitted.spool?.wireKg === undefined || stands.value.wire === null
    ? ''
    : t('bench.left', { mass: formatMass(props.machine.fitted.spool.wireKg, settings.units) }),
)
/** What is under way on it; two where two devices began one each. */
const jobs = computed(() => machineStore.jobs(props.machine.id))
const job = computed(() => jobs.value[0])
const progress = computed(
  () => job.value && progressOf(job.value, machineStore.recorded(props.machine.id)!, props.machine),
)
type OpenJob = Parameters<typeof progressOf>[0]
const toJob = (at: OpenJob) =>
  isRun(at.run, 'change', 'put-right') ? `${runPath(at.run)}/swap` : runPath(at.run)
const canStop = computed(() => {
  const run = job.value?.run
  return run && !(run.kind === 'cure' && run.trouble.from) && !run.stopped
})
const soFar = computed(() => {
  const { changed = [] } = progress.value ?? {}
  const setup = { ...props.machine.fitted, supply: props.machine.supply }
  return [
    ...changed.map((s) => `${words.STATION_SHORT[s]} ${words.fittedShort(s, setup, settings.units)}`),
    ...words.openEndNames(props.machine.standing),
  ].join(', ')
})
const stillTo = computed(() => progress.value?.todo.map((s) => words.STATION_SHORT[s]).join(', ') ?? '')
/** What a stop has left undone. */
const open = computed(() => (job.value ? [] : words.openEndNames(props.machine.standing)))
/** Of two jobs one goes on; what the other had done is not known any more, and its run is taken away. */
function keep(kept: OpenJob) {
  shop.undoable(t('bench.kept'), () => {
    for (const other of jobs.value) if (other.run.id !== kept.run.id) runStore.drop(other.run.id)
  })
}
/** What is wrong for the wire that is on. */
const wrong = computed(
  () => stands.value.findings?.filter((f) => f.verdict === 'change' || f.verdict === 'adjust').length ?? 0,
)
const today = new Date().toISOString()
/** Upkeep past its day can be written down as done without a changeover. */
const overdue = computed(() => upkeepDue(props.machine, today, log.on(props.machine.id)).filter((u) => u.due))
const doneToday = (upkeep: Upkeep) =>
  machineStore.lookedAfter(
    props.machine,
    upkeep,
    t('bench.upkeepDone', { what: words.UPKEEP_NAMES[upkeep], machine: props.machine.name }),
  )
/** Upkeep past its day, and parts that are worn. */
const due = computed(() => [
  ...overdue.value.map((u) => t('bench.due', { what: words.UPKEEP_NAMES[u.upkeep], since: dueSays(u) })),
  ...(stands.value.findings ?? [])
    .filter(isWorn)
    .map((f) => t('bench.worn', { what: words.STATION_SHORT[f.station] })),
])
</script>

<template>
  <article class="machine">
    <header>
      <h2>{{ seen(machine.name) }}</h2>
      <span class="muted grow">{{ seen(machine.note ?? '') }}</span>
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
        v-if="!job && stands.wire"
        variant="text"
        :aria-label="t('bench.dialInOn', { machine: machine.name })"
        @click="$emit('dialIn')"
        >{{ t('stage.dial-in') }}</v-btn
      >
      <template v-if="job">
        <v-btn
          v-if="canStop"
          variant="outlined"
          :to="`${toJob(job)}?stop=1`"
          :aria-label="t('bench.stopOn', { machine: machine.name })"
          >{{ t('bench.stopIt') }}</v-btn
        >
        <v-btn
          variant="flat"
          color="primary"
          :to="toJob(job)"
          :aria-label="t('bench.goOnOn', { machine: machine.name })"
          >{{ t('bench.goOn') }}</v-btn
        >
      </template>
      <v-btn
        v-else-if="open.length && stands.wire"
        variant="flat"
        color="primary"
        :aria-label="t('bench.finishOn', { machine: machine.name })"
        @click="$emit('putRight')"
        >{{ t('bench.finish') }}</v-btn
      >
      <v-btn
        v-else-if="wrong"
        variant="outlined"
        :aria-label="t('bench.putRightOn', { n: wrong, machine: machine.name })"
        @click="$emit('putRight')"
        >{{ t('bench.putRight', { n: wrong }) }}</v-btn
      >
      <v-btn
        v-if="!job"
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
    <div v-if="jobs.length > 1" class="note note--stop" data-part="two-jobs">
      <p>{{ t('bench.twoJobs', { machine: machine.name }) }}</p>
      <div class="row">
        <v-btn v-for="one in jobs" :key="one.run.id" @click="keep(one)">{{
          t('bench.keepThis', {
            job: nameOf(one.run),
            n: one.done.length,
            of: one.plan.steps.length,
          })
        }}</v-btn>
      </div>
    </div>
    <div v-if="job && progress" class="job" data-part="job">
      <p>
        {{
          progress.step > progress.of
            ? t('bench.allDone', { job: nameOf(job.run), of: progress.of })
            : t('bench.inJob', { job: nameOf(job.run), n: progress.step, of: progress.of })
        }}
      </p>
      <p v-if="soFar">{{ t('bench.soFar', { what: soFar }) }}</p>
      <p v-if="stillTo" class="muted">{{ t('bench.stillTo', { what: stillTo }) }}</p>
    </div>
    <p v-else-if="open.length" class="job" data-part="left">
      <b>{{ t('bench.leftOpen') }}</b> {{ open.join(', ') }}.
    </p>
    <div v-if="due.length" class="row">
      <p class="due tabular">{{ due.join(' · ') }}</p>
      <v-btn
        v-for="u in overdue"
        :key="u.upkeep"
        size="small"
        :aria-label="t('bench.doneTodayOf', { what: words.UPKEEP_NAMES[u.upkeep], machine: machine.name })"
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
.job {
  border-left: 6px solid var(--copper);
  padding: 2px 12px;
  margin: 4px 0;
}
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
