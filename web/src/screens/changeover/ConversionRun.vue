<script setup lang="ts">
import { runPath } from '../../composables/useRunNames.ts'
import { useRun } from '../../composables/useRun.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import {
  begin,
  jobOf,
  planConversion,
  settleJob,
  signOff,
  type Conversion,
  type GatherLine,
  type Step,
} from '@pepper-knot/core/jobs'
import { changeoverRequestSchema } from '@pepper-knot/core/machine'
import { conversionKept } from '@pepper-knot/core/record'
import { formatMinutes } from '@pepper-knot/core/trade'
import { FIRST_BY_HAND } from '@pepper-knot/core/wire'
import { signOffId } from '../../storage/head.ts'
import { foundPart } from './foundPart.ts'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useRuns } from '../../stores/runs.ts'
import { usePromised } from '../../stores/promised.ts'
import { useSettings } from '../../stores/settings.ts'
import { settleWords } from './settleWords.ts'
import SwapStage from './SwapStage.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Work on the machine itself: gather, the run sheet, done. The machine is what it was until it is signed off. */
const { run, set, change } = useRun<'convert'>()
const { t } = useI18n()
const router = useRouter()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const runStore = useRuns()
const promised = usePromised()
const machine = computed(() => run.value.frozen?.machine ?? machineStore.byId(run.value.machineId))

const plan = computed<Conversion | undefined>(() => {
  if (run.value.planned) return conversionKept(run.value.planned)
  if (!machine.value) return undefined
  try {
    return planConversion(
      machine.value,
      run.value.conversion,
      run.value.gun,
      promised.left,
      settings.all.practice,
    )
  } catch {
    return undefined
  }
})
const work = computed(() => t(`convert.kinds.${run.value.conversion}`))
const keyOf = (line: GatherLine) => `${line.station}/${line.kind}`
const textOf = (line: GatherLine) => words.partText(line.kind, line.spec, settings.units, line.piece)
const without = (line: GatherLine) => run.value.without?.includes(keyOf(line)) ?? false
const missing = computed(() => plan.value?.gather.filter((g) => !g.have && !g.later && !without(g)) ?? [])
const state = (line: GatherLine) =>
  without(line) ? t('convert.goesWithout') : line.later ? t('convert.later') : t('match.missing')
/** Another than the usual is at hand, or somebody brings it: the work goes on without the store’s. */
function toggle(line: GatherLine) {
  const now = run.value.without ?? []
  const key = keyOf(line)
  set({ without: now.includes(key) ? now.filter((k) => k !== key) : [...now, key] })
}
const found = (line: GatherLine) => partStore.put(foundPart(line, t('gather.onBench')))

/** Something else is under way on the machine: it is gone on with, or stopped, first. */
const other = computed(() => (run.value.frozen ? undefined : runStore.begunOn(run.value.machineId)))
function start() {
  const frozen = changeoverRequestSchema.safeParse(
    JSON.parse(
      JSON.stringify({
        machine: machine.value,
        wire: FIRST_BY_HAND,
        job: { material: 'mild-steel', thicknessMm: 3 },
      }),
    ),
  )
  if (!frozen.success || !plan.value || other.value) return
  const at = new Date().toISOString()
  const planned = plan.value
  const wordsOf = (step: Step) => words.stepTitle(step, settings.units)
  change((run) => begin(run, { plan: planned, asked: frozen.data, at, wordsOf }, { stage: 'swap' }))
}
/** The shop as it will be: shown before it is written. */
const settled = computed(() => {
  const now = machineStore.recorded(run.value.machineId)
  const job = jobOf(run.value)
  return (
    job &&
    now &&
    settleJob(job, now, partStore.list, new Date().toISOString(), settleWords(t, settings.units))
  )
})
function sign() {
  const done = settled.value!
  const job = jobOf(run.value)!
  shop.undoable(
    t('convert.done', { machine: done.machine.name, work: work.value }),
    () => {
      machineStore.record(JSON.parse(JSON.stringify(done.machine)))
      partStore.lay(done.store)
      const at = new Date().toISOString()
      change(() => ({ ...signOff(job, done, at), label: work.value }))
    },
    signOffId(run.value.id),
  )
  void router.push('/')
}
</script>

<template>
  <div v-if="!plan" class="screen">
    <h1>{{ work }}</h1>
    <p>{{ t('convert.lost') }}</p>
  </div>
  <SwapStage
    v-else-if="run.stage === 'swap' && run.frozen && !run.signedOffAt"
    :plan="plan"
    @next="set({ stage: 'sign-off' })"
  />
  <div v-else class="screen convert">
    <h1>{{ t('convert.title', { machine: machine!.name, work }) }}</h1>
    <p class="note note--stop">{{ t('convert.caution') }}</p>
    <template v-if="run.stage !== 'sign-off' && !run.signedOffAt">
      <p>{{ t('convert.empty') }}</p>
      <section v-if="plan.gather.length">
        <h2>{{ t('gather.title') }}</h2>
        <ul>
          <li v-for="line in plan.gather" :key="keyOf(line)" class="line">
            <span :class="{ problem: !line.have && !without(line) && !line.later }">
              {{ words.partText(line.kind, line.spec, settings.units, line.piece)
              }}{{ line.have ? ` (${line.drawer ?? t('why.inStore')})` : `: ${state(line)}` }}</span
            >
            <span v-if="!line.have" class="row">
              <v-btn
                size="small"
                :aria-label="`${t('gather.found')}: ${textOf(line)}`"
                @click="found(line)"
                >{{ t('gather.found') }}</v-btn
              >
              <v-btn
                v-if="!line.later"
                size="small"
                :aria-pressed="without(line)"
                :aria-label="`${t('convert.without')}: ${textOf(line)}`"
                @click="toggle(line)"
                >{{ t('convert.without') }}</v-btn
              >
            </span>
          </li>
          <li v-for="tool in plan.tools" :key="tool">{{ words.TOOL_NAMES[tool] }}</li>
        </ul>
      </section>
      <section>
        <h2>{{ t('run.wholeTitle') }}</h2>
        <ol>
          <li v-for="step in plan.steps" :key="step.id">{{ words.stepTitle(step, settings.units) }}</li>
        </ol>
      </section>
      <p v-if="other" class="note note--stop" data-part="busy">
        {{ t('bench.busy') }}
        <router-link :to="runPath(other)">{{ t('bench.goOn') }}</router-link>
      </p>
      <div class="row">
        <v-btn
          variant="flat"
          color="primary"
          size="x-large"
          :disabled="missing.length > 0 || other !== undefined"
          @click="start"
          >{{ t('gather.begin') }}</v-btn
        >
        <span class="muted">{{
          t('match.minutes', { minutes: formatMinutes(plan.minutes), steps: plan.steps.length })
        }}</span>
      </div>
    </template>
    <template v-else>
      <p v-if="run.conversion === 'fit-gun'">{{ t('convert.unreadAfter') }}</p>
      <p>{{ t('run.allDone') }}.</p>
      <section v-if="settled && !run.signedOffAt && settled.returned.length">
        <h2>{{ t('sign.returned') }}</h2>
        <ul>
          <li v-for="(part, i) in settled.returned" :key="i">
            {{ words.partText(part.kind, part, settings.units) }}
          </li>
        </ul>
      </section>
      <div class="row">
        <v-btn
          v-if="settled && !run.signedOffAt"
          variant="flat"
          color="primary"
          size="x-large"
          @click="sign"
          >{{ t('sign.sign') }}</v-btn
        >
        <v-btn v-else to="/">{{ t('nav.bench') }}</v-btn>
      </div>
    </template>
  </div>
</template>

<style scoped>
.convert {
  display: grid;
  gap: 18px;
}
li {
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 6px 14px;
}
ol {
  counter-reset: step;
}
ol li {
  counter-increment: step;
}
ol li::before {
  content: counter(step) '. ';
  color: var(--muted);
}
</style>
