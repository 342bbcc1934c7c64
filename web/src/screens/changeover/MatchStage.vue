<script setup lang="ts">
import LastGood from '../../parts/LastGood.vue'
import { useRun } from '../../composables/useRun.ts'
import { useMediaQuery } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import { usePageKeys } from '../../parts/keys.ts'
import { useI18n } from 'vue-i18n'
import { confirmSeen, type Machine, type Station } from '@pepper-knot/core/machine'
import { formatMinutes, formatLength } from '@pepper-knot/core/trade'
import { changeMarks } from '../../parts/marks.ts'
import StationEditor from '../../parts/StationEditor.vue'
import WhyPanel from '../../parts/WhyPanel.vue'
import WireLine from '../../parts/WireLine.vue'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import ChoiceBox from './ChoiceBox.vue'
import FindingList from './FindingList.vue'
import ThisChange from './ThisChange.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
const { run, plan, title } = useRun()
defineEmits<{ next: []; back: [] }>()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()

const marks = computed(() =>
  changeMarks(plan.value.context.machine, plan.value.findings, plan.value.gather, settings.units),
)
const first = () =>
  marks.value.find((m) => m.verdict === 'change') ??
  marks.value.find((m) => m.verdict !== 'fits') ??
  marks.value[0]!
/** On a phone the list comes first, and a touch opens its reason. */
const narrow = useMediaQuery('(max-width: 700px)')
const selected = ref<Station | null>(narrow.value ? null : first().station)
const editing = ref<Station | null>(null)
const choosing = ref<Station | null>(null)
const panel = ref<HTMLElement>()
const finding = computed(
  () => plan.value.findings.find((f) => f.station === selected.value) ?? plan.value.findings[0]!,
)
const count = (verdict: string) => marks.value.filter((m) => m.verdict === verdict).length
const missing = computed(() => plan.value.gather.filter((g) => !g.have).length)
const job = computed(() => {
  if (!plan.value.context.job) return ''
  const { material, thicknessMm, alloy, otherAlloy } = plan.value.context.job
  const grades = [alloy, otherAlloy].filter((one) => one !== undefined)
  const metal = grades.length ? words.metalName(grades) : words.MATERIAL_NAMES[material]
  return `${metal} ${formatLength(thicknessMm, settings.units)}`
})
// With what is assumed still in it: an editor opens on the assumption, and saving it is having looked.
const editable = computed(() => machineStore.byId(run.value.machineId) ?? plan.value.context.machine)
const locked = computed(() => run.value.frozen !== undefined)

function open() {
  void nextTick(() => {
    panel.value?.scrollIntoView({ block: 'nearest' })
    panel.value?.focus({ preventScroll: true })
  })
}
function openAt(station: Station) {
  selected.value = station
  open()
}
/** Parts that were only assumed when the machine was entered. */
const assumed = computed(() =>
  run.value.frozen ? [] : (machineStore.byId(run.value.machineId)?.assumed ?? []),
)
function confirm() {
  const machine = machineStore.byId(run.value.machineId)!
  shop.undoable(t('quick.confirmed', { name: machine.name }), () => machineStore.put(confirmSeen(machine)))
}
function save(machine: Machine) {
  machineStore.put(machine)
  editing.value = null
}
/** One key to the next stage: what its large button does. */
const goOn = ref<{ $el: HTMLButtonElement }>()
usePageKeys({ n: () => goOn.value?.$el.click() })
</script>

<template>
  <div class="screen">
    <header class="head">
      <div>
        <h1>{{ title }}</h1>
        <p class="muted">{{ job }}</p>
        <LastGood :machine-id="run.machineId" :wire="plan.context.wire" :job="run.job" />
      </div>
      <p class="counts tabular">
        <b v-if="count('change')" class="problem">{{ t('match.change', { n: count('change') }) }}</b>
        <b v-if="count('adjust')" class="slate">{{ t('match.adjust', { n: count('adjust') }) }}</b>
        <span v-if="count('unknown')">{{ t('match.unread', { n: count('unknown') }) }}</span>
        <span>{{ t('match.fit', { n: count('fits') }) }}</span>
        <b v-if="missing" class="problem">{{ t('match.missingCount', { n: missing }) }}</b>
      </p>
    </header>
    <div v-for="problem in plan.problems" :key="problem.rule" class="note note--stop" role="alert">
      <b class="problem">{{ words.obstacleText(problem, settings.units).message }}</b>
      <p>{{ words.obstacleText(problem, settings.units).wayOut }}</p>
      <v-btn v-if="problem.rule === 'no-gas-gear'" to="/store/machines">{{ t('match.toConversion') }}</v-btn>
    </div>
    <p v-if="plan.problems.length === 0 && plan.steps.length === 0" class="note" role="status">
      {{ t('match.nothingToMend') }}
    </p>
    <div v-if="assumed.length" class="note row">
      <span>{{ t('quick.assumed', assumed.length) }}</span>
      <v-btn @click="confirm">{{ t('quick.confirm') }}</v-btn>
    </div>
    <p v-for="caution in plan.cautions" :key="caution.rule" class="note">
      {{ words.cautionText(caution, settings.units) }}
    </p>
    <div v-if="!plan.context.job && run.kind === 'change' && !locked" class="note row">
      <span>{{ t('match.noJob') }}</span>
      <v-btn variant="text" @click="$emit('back')">{{ t('match.sayJob') }}</v-btn>
    </div>
    <WireLine
      v-model:selected="selected"
      large
      :marks="marks"
      :label="t('match.line')"
      :leaves="plan.context.machine.wireEntry"
      class="line"
      @open="open"
    />
    <div ref="panel" tabindex="-1" class="panel">
      <WhyPanel v-if="selected" :finding="finding" :plan="plan">
        <v-btn v-if="!locked" @click="editing = finding.station">{{
          t(finding.verdict === 'unknown' ? 'match.readIt' : 'match.correct', {
            station: words.STATION_NAMES[finding.station],
          })
        }}</v-btn>
        <v-btn
          v-if="!locked && (finding.verdict === 'change' || finding.verdict === 'adjust')"
          @click="choosing = finding.station"
          >{{ t('gather.else') }}</v-btn
        >
      </WhyPanel>
    </div>
    <FindingList :findings="plan.findings" :told="assumed.length > 0" @open="openAt" />
    <ThisChange v-if="!locked && plan.problems.length === 0" />
    <div class="row foot" data-part="foot">
      <v-btn
        ref="goOn"
        variant="flat"
        color="primary"
        size="x-large"
        :disabled="plan.problems.length > 0 || plan.steps.length === 0"
        @click="$emit('next')"
        >{{ t(locked ? 'match.backToRun' : 'match.next') }}</v-btn
      >
      <v-btn v-if="!locked && run.kind === 'change'" size="x-large" @click="$emit('back')">{{
        t('match.back')
      }}</v-btn>
      <span v-if="plan.problems.length" class="problem">{{ t('match.stopped') }}</span>
      <span v-else-if="plan.steps.length === 0" class="muted">{{ t('match.nothingToDo') }}</span>
      <span v-else-if="plan.minutes !== null" class="muted">{{
        t('match.minutes', {
          minutes: formatMinutes(plan.crew?.minutes ?? plan.minutes),
          steps: plan.steps.length,
        })
      }}</span>
    </div>
    <ChoiceBox v-if="choosing" :station="choosing" @close="choosing = null" />
    <StationEditor :machine="editable" :station="editing" @save="save" @close="editing = null" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  flex-wrap: wrap;
  gap: 8px 24px;
  margin-bottom: 12px;
}
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: baseline;
  font-size: 1.05rem;
}
.slate {
  color: var(--slate);
}
.note {
  margin-bottom: 8px;
}
.line {
  margin: 16px 0 20px;
}
.panel {
  outline: none;
}
</style>
