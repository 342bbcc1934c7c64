<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { onBeforeRouteLeave } from 'vue-router'
import { isPlanCurrent, planKept } from '@pepper-knot/core/record'
import { QUANTITIES } from '@pepper-knot/core/trade'
import { checkRow, type Check, type Checked } from '@pepper-knot/core/trouble'
import { usePageTitle } from '../../composables/usePageTitle.ts'
import { provideRun } from '../../composables/useRun.ts'
import { usePageKeys } from '../../parts/keys.ts'
import { useSettings } from '../../stores/settings.ts'
import { useRuns } from '../../stores/runs.ts'
import { useTroubles } from '../../stores/troubles.ts'
import { useShop } from '../../stores/shop.ts'
import StalePlan from '../changeover/StalePlan.vue'
import SwapStage from '../changeover/SwapStage.vue'
import AnswerList from './AnswerList.vue'
import AskPart from './AskPart.vue'
import FoundPart from './FoundPart.vue'
import GonePart from './GonePart.vue'
import LikelyLine from './LikelyLine.vue'
import LookPart from './LookPart.vue'
import { useTroubleRun } from './useTroubleRun.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** One trouble from what is seen to the cure, and back to where it stopped. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const shop = useShop()
const troubles = useTroubles()
const settings = useSettings()
provideRun(() => props.id)
const finder = useTroubleRun(() => props.id)
const { run, origin, machine, answer, cure, problems, state, told, welded } = finder

const looking = ref(true)
watch(
  [() => props.id, () => shop.rebuilt] as const,
  async ([id]) => {
    looking.value = true
    await shop.loadRun(id).catch(() => undefined)
    looking.value = false
  },
  { immediate: true },
)

const part = computed(() => {
  const { trouble, signedOffAt, planned } = run.value!
  if (signedOffAt) return 'ended'
  if (trouble.curing && planned && !isPlanCurrent(planned)) return 'stale'
  if (trouble.curing) return trouble.cured || !planned ? 'gone' : 'cure'
  if (!trouble.asked || trouble.told.symptoms.length === 0) return 'ask'
  if (problems.value.length) return 'refused'
  if (!answer.value) return state.value === 'failed' ? 'failed' : 'thinking'
  return answer.value.found ? 'found' : answer.value.next ? 'look' : 'unknown'
})
/** Where nothing was said there was no trouble: nothing of it is kept. */
const runs = useRuns()
onBeforeRouteLeave(() => {
  const { trouble, signedOffAt, planned } = run.value ?? {}
  const { symptoms = [], checks = [], cured = [] } = trouble?.told ?? {}
  if (run.value && !signedOffAt && !planned && symptoms.length + checks.length + cured.length === 0)
    runs.drop(props.id)
})
const saved = computed(() => shop.saveState === 'saved' || shop.saveState === 'saving')
const title = computed(() => t('trouble.title', { machine: machine.value?.name ?? '?' }))
usePageTitle(() => (run.value ? title.value : ''))

/** The keys and whoever listens begin at the heading of what is asked now. */
const body = ref<HTMLElement>()
watch(
  () =>
    `${run.value ? part.value : ''} ${answer.value?.next?.check ?? ''} ${answer.value?.found?.cause ?? ''}`,
  () =>
    void nextTick(() => {
      const heading = body.value?.querySelector('h1')
      if (heading) heading.tabIndex = -1
      heading?.focus({ preventScroll: true })
      window.scrollTo({ top: 0 })
    }),
)
function say(check: Check, outcome: Checked['outcome']) {
  finder.answered(check, outcome)
}
const next = () =>
  run.value && part.value === 'look' && state.value === 'done' ? answer.value!.next : undefined
const by = (outcome: Checked['outcome']) => () => {
  const asked = next()
  if (asked) say(asked.check, outcome)
}
/** The buttons of a look that says which way are numbered as they stand. */
function byWay(index: number) {
  const asked = next()
  const ways = asked ? checkRow(asked.check).shownAs : []
  if (asked && ways.length > 1 && ways[index]) say(asked.check, ways[index])
}
usePageKeys({
  h: by('here'),
  1: () => byWay(0),
  2: () => byWay(1),
  3: () => byWay(2),
  n: by('not-here'),
  c: by('cannot'),
  Backspace: (event) => {
    const { checks = [] } = told.value
    if (!run.value || part.value === 'cure' || part.value === 'ask' || checks.length === 0) return
    event.preventDefault()
    finder.takeBack(checks.length - 1)
  },
})

/** Where the change stands that it came in the middle of. */
const stepAt = computed(() => {
  const at =
    origin.value && planKept(origin.value.planned!).steps.find((s) => !origin.value!.done.includes(s.id))
  return at && words.stepTitle(at, settings.units)
})
/** Of a machine at rest: its last change, as the log has it. */
const logged = computed(() =>
  run.value && !origin.value ? troubles.changedOf(run.value.machineId) : undefined,
)
const notes = computed(() => answer.value?.notes.map(words.noteText) ?? [])
const helped = computed(() => run.value?.trouble.helped ?? [])
/** What is known beside what was looked at: wire, settings, when and since when, what was changed last. */
const known = computed(() => {
  const { at, since, lead, setting = {}, lastChange = [] } = told.value
  const { voltageV, wireSpeedMPerMin: speed, tipToWorkMm: distance } = setting
  const wire = machine.value?.fitted.wire
  const say = (kind: 'volts' | 'speed' | 'length', value: number | undefined) =>
    value === undefined ? undefined : QUANTITIES[kind].say(value, settings.units)
  const figures = [say('volts', voltageV), say('speed', speed), say('length', distance)].filter(Boolean)
  return [
    wire && 'label' in wire ? wire.label : undefined,
    figures.length ? figures.join(', ') : undefined,
    at && words.PHASE_NAMES[at],
    since && words.SINCE_NAMES[since],
    lead && t('trouble.knownLead', { lead: words.LEAD_NAMES[lead] }),
    lastChange.length
      ? t('trouble.knownChanged', { stations: lastChange.map((x) => words.STATION_NAMES[x]).join(', ') })
      : undefined,
  ].filter((line) => typeof line === 'string')
})
/** For somebody who knows more: what was said, and what each look showed. */
const written = computed(() =>
  [
    title.value,
    told.value.symptoms.map(words.symptomName).join(', '),
    ...known.value,
    ...(told.value.checks ?? []).map(
      (c) => `${words.checkName(c.id)}: ${words.outcomeText(c.id, c.outcome)}`,
    ),
    ...(told.value.cured ?? []).map((c) => t('trouble.inVain', { cause: words.causeName(c) })),
  ].join('\n'),
)
const { copy, copied, isSupported } = useClipboard({ legacy: true })
</script>

<template>
  <p v-if="looking && !run" class="screen" role="status">{{ t('app.loading') }}</p>
  <div v-else-if="!run" class="screen">
    <h1>{{ t('trouble.lost') }}</h1>
    <router-link to="/trouble">{{ t('nav.troubles') }}</router-link>
  </div>
  <StalePlan v-else-if="part === 'stale'" :run="run" @again="finder.lookAgain()" />
  <SwapStage v-else-if="part === 'cure'" :plan="planKept(run.planned!)" @next="finder.cureDone()" />
  <div v-else ref="body" class="screen trouble" :class="`trouble--${part}`">
    <header class="where">
      <b>{{ title }}</b>
      <span v-if="stepAt" class="muted">{{ t('trouble.stepOf', { step: stepAt }) }}</span>
      <router-link v-if="origin" :to="`/change/${origin.id}/swap`">{{ t('trouble.back') }}</router-link>
      <span class="saved" role="status" :class="saved ? 'muted' : 'problem'">{{
        t(`save.${shop.saveState}`)
      }}</span>
    </header>
    <ul v-if="notes.length && (part === 'look' || part === 'found')" class="notes" data-part="notes">
      <li v-for="note in notes" :key="note">{{ note }}</li>
    </ul>
    <div class="cols">
      <div class="main">
        <template v-if="part === 'ask'">
          <h1>{{ t('trouble.ask') }}</h1>
          <AskPart v-model="told" v-model:job="welded" :logged="logged" @look="finder.look()" />
        </template>
        <template v-else-if="part === 'thinking'">
          <h1>{{ t('trouble.thinking') }}</h1>
        </template>
        <template v-else-if="part === 'failed'">
          <h1>{{ t('trouble.failed') }}</h1>
          <v-btn variant="flat" color="primary" size="large" @click="finder.ask()">{{
            t('trouble.again')
          }}</v-btn>
        </template>
        <template v-else-if="part === 'refused'">
          <h1>{{ t('trouble.noWire') }}</h1>
          <p v-for="(problem, i) in problems" :key="i" class="problem">{{ words.problemLine(problem) }}</p>
          <v-btn to="/store/machines" variant="flat" color="primary" size="large">{{
            t('trouble.writeWire')
          }}</v-btn>
        </template>
        <LookPart v-else-if="part === 'look'" :trouble="answer!" :busy="state === 'working'" @answer="say" />
        <FoundPart
          v-else-if="part === 'found'"
          :trouble="answer!"
          :cure="cure"
          :origin="origin"
          :told="told"
          :machine-id="run.machineId"
          @begin="finder.begin(cure!)"
          @did="finder.did(answer!.found!.cause)"
          @not-it="finder.notIt(answer!.found!.cause)"
        />
        <GonePart
          v-else-if="part === 'gone'"
          :cause="run.trouble.curing!"
          :symptoms="told.symptoms"
          @gone="finder.gone"
          @stays="finder.notIt(run.trouble.curing!)"
        />
        <template v-else-if="part === 'unknown'">
          <h1>{{ t('trouble.unknown') }}</h1>
          <p v-for="note in notes" :key="note">{{ note }}</p>
          <pre class="written">{{ written }}</pre>
          <div class="row">
            <v-btn v-if="isSupported" size="large" @click="copy(written)">{{
              copied ? t('trouble.copied') : t('trouble.copy')
            }}</v-btn>
          </div>
        </template>
        <template v-else>
          <h1>
            {{
              helped.length
                ? t('trouble.ended', { causes: helped.map((h) => words.causeName(h.cause)).join(', ') })
                : t('trouble.endedNone')
            }}
          </h1>
          <p>{{ told.symptoms.map(words.symptomName).join(', ') }}</p>
          <div class="row">
            <v-btn
              v-if="origin"
              variant="flat"
              color="primary"
              size="x-large"
              :to="`/change/${origin.id}/swap`"
              >{{ t('trouble.back') }}</v-btn
            >
            <v-btn v-else variant="flat" color="primary" size="x-large" to="/">{{
              t('trouble.toBench')
            }}</v-btn>
          </div>
        </template>
      </div>
      <aside v-if="part !== 'ask' && part !== 'refused' && part !== 'failed'" class="side">
        <LikelyLine v-if="answer && part !== 'ended'" :causes="answer.causes" :other="answer.other" />
        <AnswerList
          :checks="told.checks ?? []"
          :cured="told.cured ?? []"
          :fixed="part === 'ended'"
          @take-back="finder.takeBack($event)"
          @again="finder.takeBackCure($event)"
        />
        <div v-if="part !== 'ended'" class="row">
          <v-btn variant="text" @click="finder.sayAnew()">{{ t('trouble.saidAlready') }}</v-btn>
          <v-btn variant="text" @click="finder.end()">{{ t('trouble.end') }}</v-btn>
        </div>
        <p class="muted">{{ t('trouble.caution') }}</p>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.trouble {
  display: grid;
  gap: 14px;
  align-content: start;
}
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}
.saved {
  margin-left: auto;
}
.where a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
.notes {
  border-left: 6px solid var(--slate);
  background: var(--sheet);
  padding: 8px 14px;
  display: grid;
  gap: 4px;
}
.cols {
  display: grid;
  gap: 28px;
}
.main {
  display: grid;
  gap: 14px;
  align-content: start;
  min-width: 0;
}
.main > h1 {
  outline: none;
}
.side {
  display: grid;
  gap: 16px;
  align-content: start;
  min-width: 0;
}
.written {
  white-space: pre-wrap;
  border: 1px solid var(--rule);
  padding: 10px;
  font: inherit;
}
@media (min-width: 1000px) {
  .cols:has(.side) {
    grid-template-columns: 7fr 4fr;
  }
}
</style>
