<script setup lang="ts">
import { usePageKeys } from '../../parts/keys.ts'
import LegalNote from '../../parts/LegalNote.vue'
import { useRun } from '../../composables/useRun.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { begin, type GatherLine } from '@pepper-knot/core/jobs'
import { isRun } from '@pepper-knot/core/record'
import { handOf, type Station } from '@pepper-knot/core/machine'
import { formatMinutes } from '@pepper-knot/core/trade'
import { runPath, useRunNames } from '../../composables/useRunNames.ts'
import { planOf } from '../../stores/plan.ts'
import { usePromised } from '../../stores/promised.ts'
import { useSpoolWords } from '../../parts/spoolWords.ts'
import { foundPart } from './foundPart.ts'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useRuns } from '../../stores/runs.ts'
import { useSettings } from '../../stores/settings.ts'
import ChoiceBox from './ChoiceBox.vue'
import MoreFold from '../../parts/MoreFold.vue'
import OrderList from './OrderList.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
const { run, plan, read, title, set, change } = useRun()
const emit = defineEmits<{ next: [] }>()
const { t } = useI18n()
const settings = useSettings()
const partStore = useParts()
const machineStore = useMachines()
const runStore = useRuns()
const shop = useShop()
const promised = usePromised()
const nameOf = useRunNames()

const keyOf = (line: GatherLine) => `${line.station}/${line.kind}/${line.piece ?? ''}`
const missing = computed(() => plan.value.gather.filter((line) => !line.have))
const have = computed(() => plan.value.gather.filter((line) => line.have))
/** What the store does not list is not said to lie there. */
const drawerOf = (line: GatherLine) =>
  line.drawer ?? t(line.storeIndex === null ? 'gather.byHand' : 'gather.noDrawer')
const drawers = computed(() => [...new Set(have.value.map((line) => drawerOf(line)))].sort())
const inDrawer = (drawer: string) => have.value.filter((line) => drawerOf(line) === drawer)
const also = (line: GatherLine) =>
  words.findingAlso(
    plan.value.findings.find((f) => f.station === line.station)!,
    settings.units,
  )
const spoolSays = useSpoolWords()
/** How the spool lies that is taken. */
const spoolOf = (line: GatherLine) => {
  const part =
    line.kind === 'wire' && line.storeIndex !== null ? plan.value.context.store?.[line.storeIndex] : undefined
  return part ? spoolSays(part) : []
}
const text = (line: GatherLine) => words.partText(line.kind, line.spec, settings.units, line.piece)

function tick(key: string) {
  const { gathered } = run.value
  set({ gathered: gathered.includes(key) ? gathered.filter((k) => k !== key) : [...gathered, key] })
}
/** The part was found after all: it goes into the store as it is asked for. */
function found(line: GatherLine) {
  const byHand = isRun(run.value, 'change') ? run.value.byHand : undefined
  const hand = byHand && 'family' in byHand ? handOf(byHand) : undefined
  const wire = line.kind === 'wire' ? { label: run.value.label, ...(hand && { byHand: hand }) } : {}
  partStore.put(foundPart(line, t('gather.onBench'), wire))
}
const choosing = ref<Station | null>(null)
/** What is done otherwise than usual, by choice. */
const choices = computed(() => plan.value.findings.filter((f) => f.kept || f.instead))
/** The plan as it would be with the whole store: a part that others have is missing only here. */
const alone = computed(() =>
  missing.value.length && promised.takenFor(run.value.id).size
    ? planOf(run.value, machineStore.shopNow, shop.digest).plan
    : undefined,
)
function heldBy(line: GatherLine): string[] {
  const there = alone.value?.gather.find((l) => l.have && keyOf(l) === keyOf(line))
  const id = there?.storeIndex == null ? undefined : alone.value!.context.store?.[there.storeIndex]?.id
  return id ? promised.holders(id, run.value.id).map(nameOf) : []
}
const begun = computed(() => run.value.frozen !== undefined)
/** How many parts the run cannot begin without. */
const lacking = computed(() => (begun.value ? 0 : missing.value.filter((line) => !line.ifNeeded).length))
/** Something else is under way on the machine: it is gone on with, or stopped, first. */
const other = computed(() => (begun.value ? undefined : runStore.begunOn(run.value.machineId)))
function start() {
  if (other.value) return
  if (begun.value) return emit('next')
  const at = new Date().toISOString()
  const planned = plan.value
  const asked = read.value.request!
  change((run) =>
    begin(run, { plan: planned, asked, at, wordsOf: (step) => words.stepTitle(step, settings.units) }),
  )
  emit('next')
}
/** One key goes to the button that begins; a letter alone begins nothing. */
const goOn = ref<{ $el: HTMLButtonElement }>()
usePageKeys({ n: () => goOn.value?.$el.focus() })
const print = () => window.print()
</script>

<template>
  <div class="screen gather">
    <h1>{{ t('gather.title') }}</h1>
    <p class="muted">{{ title }}</p>
    <section v-if="missing.length" class="note note--stop" :aria-label="t('gather.missing')">
      <h2 class="problem">{{ t('gather.missingTitle', { n: missing.length }) }}</h2>
      <p>{{ t('gather.missingText') }}</p>
      <ul>
        <li v-for="line in missing" :key="keyOf(line)" class="lack">
          <div>
            <b>{{ text(line) }}</b>
            <span class="muted"
              >{{ words.STATION_NAMES[line.station]
              }}{{ line.ifNeeded ? `, ${t('gather.ifNeeded')}` : '' }}</span
            >
            <p v-if="heldBy(line).length">
              <b>{{ t('gather.heldBy', { runs: heldBy(line).join('; ') }) }}</b>
            </p>
            <p v-if="also(line).length" class="muted">{{ t('why.alsoDo') }} {{ also(line).join('; ') }}.</p>
          </div>
          <div v-if="!begun" class="row">
            <v-btn @click="found(line)">{{ t('gather.found') }}</v-btn>
            <v-btn
              v-if="line.kind !== 'wire'"
              :aria-label="t('gather.elseOf', { part: text(line) })"
              @click="choosing = line.station"
              >{{ t('gather.else') }}</v-btn
            >
          </div>
        </li>
      </ul>
      <MoreFold :title="t('gather.orderTitle')"><OrderList /></MoreFold>
    </section>
    <section v-if="choices.length" class="chosen" :aria-label="t('choice.chosen')">
      <h2>{{ t('gather.onBenchOf', { n: choices.length }) }}</h2>
      <ul>
        <li v-for="f in choices" :key="f.station" class="lack">
          <div>
            <b>{{ words.STATION_NAMES[f.station] }}</b>
            {{ f.kept ? t('choice.kept') : t('choice.chosen') }}
            <span class="muted">{{
              f.kept
                ? words.findingConsequence(f, settings.units)
                : words
                    .insteadWords(f, settings.units)
                    .map((w) => w.consequence)
                    .join(' ')
            }}</span>
          </div>
          <v-btn v-if="!begun" @click="choosing = f.station">{{ t('gather.else') }}</v-btn>
        </li>
      </ul>
    </section>
    <p v-if="other" class="note note--stop" data-part="busy">
      {{ t('bench.busy') }}
      <router-link :to="runPath(other)">{{ t('bench.goOn') }}</router-link>
    </p>
    <div class="cols">
      <section v-for="drawer in drawers" :key="drawer" :aria-label="drawer">
        <h2>{{ drawer }}</h2>
        <ul>
          <li v-for="line in inDrawer(drawer)" :key="keyOf(line)">
            <v-checkbox
              density="compact"
              :model-value="run.gathered.includes(keyOf(line))"
              :label="text(line) + (line.ifNeeded ? ` (${t('gather.ifNeeded')})` : '')"
              @update:model-value="tick(keyOf(line))"
            />
            <p v-for="says in spoolOf(line)" :key="says" class="spool muted">{{ says }}</p>
          </li>
        </ul>
      </section>
      <section :aria-label="t('gather.tools')">
        <h2>{{ t('gather.tools') }}</h2>
        <ul>
          <li v-for="tool in plan.tools" :key="tool">
            <v-checkbox
              density="compact"
              :model-value="run.gathered.includes(tool)"
              :label="words.TOOL_NAMES[tool]"
              @update:model-value="tick(tool)"
            />
          </li>
        </ul>
      </section>
    </div>
    <div class="row foot" data-part="foot">
      <v-btn
        ref="goOn"
        variant="flat"
        color="primary"
        size="x-large"
        :disabled="lacking > 0 || other !== undefined"
        @click="start"
        >{{ t(begun ? 'match.backToRun' : 'gather.begin') }}</v-btn
      >
      <v-btn class="no-print" @click="print">{{ t('gather.print') }}</v-btn>
      <span v-if="lacking" class="problem">{{ t('gather.stopped', lacking) }}</span>
      <span v-else class="muted">{{
        t('match.minutes', {
          minutes: formatMinutes(plan.crew?.minutes ?? plan.minutes!),
          steps: plan.steps.length,
        })
      }}</span>
    </div>
    <ChoiceBox v-if="choosing" :station="choosing" @close="choosing = null" />
    <LegalNote />
  </div>
</template>

<style scoped>
.gather {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.cols {
  columns: 3 260px;
  column-gap: 40px;
}
.cols section {
  break-inside: avoid;
  padding-bottom: 14px;
}
h2 {
  border-bottom: 1px solid var(--rule);
  padding-bottom: 6px;
  font-size: 1.1rem;
}
.lack {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px 16px;
  border-top: 1px solid var(--rule);
  padding: 10px 0;
}
.lack > div {
  flex: 1 1 240px;
}
.note h2 {
  border: 0;
}
</style>
