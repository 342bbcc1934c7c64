<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { feedFigures, offersAt } from '@pepper-knot/core/jobs'
import { rankOf, type Station } from '@pepper-knot/core/machine'
import { useRun } from '../../composables/useRun.ts'
import DialogBox from '../../parts/DialogBox.vue'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What else can be done at a station, and what each costs: go on with what is fitted, another part, the liner led up. */
const props = defineProps<{ station: Station }>()
const emit = defineEmits<{ close: [] }>()
const { t } = useI18n()
const settings = useSettings()
const { run, plan, set } = useRun<'change' | 'put-right'>()

const finding = computed(() => plan.value.findings.find((f) => f.station === props.station)!)
const offers = computed(() => offersAt(plan.value, props.station))
const machine = computed(() => plan.value.context.machine)
const fitted = computed(() =>
  words.fittedShort(props.station, { ...machine.value.fitted, supply: machine.value.supply }, settings.units),
)
/** What comes of leaving it, and what the mechanics make of it. */
const costs = computed(() => {
  const { also } = finding.value
  const figures = feedFigures(plan.value.context, plan.value.findings, props.station)
  return [
    words.findingConsequence(finding.value, settings.units),
    ...(also ?? []).map((fault) => words.faultWords(finding.value, fault, settings.units).consequence),
    ...(figures ? [words.feedFigureText(figures, settings.units)] : []),
  ].filter(Boolean)
})
type OtherPart = ReturnType<typeof offersAt>['parts'][number]
const partAt = ({ storeIndex }: OtherPart) => {
  const part = plan.value.context.store![storeIndex]!
  return words.partText(part.kind, part as unknown as Record<string, unknown>, settings.units)
}
const saysOf = (part: OtherPart) =>
  part.faults.map((fault) => {
    const said = words.faultWords(
      { ...finding.value, facts: part.facts, fitted: undefined },
      fault,
      settings.units,
    )
    return `${said.why} ${said.consequence}`.trim()
  })
const chosenAlready = computed(() => finding.value.kept === true || finding.value.instead !== undefined)

type Choice = 'keep' | 'lead' | number
const choice = ref<Choice | null>(null)
const sure = ref(false)
/** What may hurt is read a second time before it is chosen. */
const harms = computed(
  () =>
    (choice.value === 'keep' && rankOf(finding.value) !== 'only-wears') ||
    (typeof choice.value === 'number' &&
      (offers.value.parts.find((p) => p.storeIndex === choice.value)?.faults.length ?? 0) > 0),
)
function pick(next: Choice) {
  choice.value = next
  sure.value = false
}
function clear() {
  const keep = (run.value.keep ?? []).filter((s) => s !== props.station)
  const { [props.station as keyof NonNullable<typeof run.value.use>]: _was, ...use } = run.value.use ?? {}
  set({ keep: keep.length ? keep : undefined, use: Object.keys(use).length ? use : undefined })
}
function take() {
  const chosen = choice.value
  clear()
  if (chosen === 'keep') set({ keep: [...(run.value.keep ?? []), props.station] })
  else if (chosen === 'lead') set({ practice: { ...run.value.practice, softWireOutlet: 'liner-to-rolls' } })
  else if (typeof chosen === 'number') {
    const id = plan.value.context.store?.[chosen]?.id
    if (id) set({ use: { ...run.value.use, [props.station]: id } })
  }
  emit('close')
}
function usual() {
  clear()
  emit('close')
}
</script>

<template>
  <DialogBox :label="t('choice.title', { station: words.STATION_NAMES[station] })" @close="emit('close')">
    <h2>{{ t('choice.title', { station: words.STATION_NAMES[station] }) }}</h2>
    <p v-if="finding.parts[0]">
      {{ t('choice.asked') }}
      <b>{{
        words.partText(finding.parts[0].kind, finding.parts[0].spec, settings.units, finding.parts[0].piece)
      }}</b>
    </p>
    <div
      class="ways"
      role="radiogroup"
      :aria-label="t('choice.title', { station: words.STATION_NAMES[station] })"
    >
      <label v-if="offers.leadUp" class="way">
        <input type="radio" name="way" :checked="choice === 'lead'" @change="pick('lead')" />
        <span
          ><b>{{ t('choice.leadUp') }}</b> <span class="muted">{{ t('choice.leadUpText') }}</span></span
        >
      </label>
      <label class="way" :class="{ shut: offers.cannotKeep }">
        <input
          type="radio"
          name="way"
          :disabled="offers.cannotKeep !== undefined"
          :checked="choice === 'keep'"
          @change="pick('keep')"
        />
        <span>
          <b>{{ offers.fitted ? t('choice.keepFitted', { part: fitted }) : t('choice.keepNone') }}</b>
          <span v-if="offers.cannotKeep" class="problem">{{
            t(offers.cannotKeep === 'unread' ? 'choice.cannotUnread' : 'choice.cannotKeep')
          }}</span>
          <span v-for="cost in costs" v-else :key="cost" class="muted">{{ cost }}</span>
        </span>
      </label>
      <label v-for="part in offers.parts" :key="part.storeIndex" class="way" :class="{ shut: part.cannot }">
        <input
          type="radio"
          name="way"
          :disabled="part.cannot !== undefined"
          :checked="choice === part.storeIndex"
          @change="pick(part.storeIndex)"
        />
        <span>
          <b>{{ t('choice.use', { part: partAt(part) }) }}</b>
          <span v-if="part.cannot" class="problem">{{ t('choice.cannotUse') }}</span>
          <span v-if="part.faults.length === 0" class="muted">{{ t('choice.useFits') }}</span>
          <span v-for="said in saysOf(part)" :key="said" class="muted">{{ said }}</span>
        </span>
      </label>
      <p v-if="offers.parts.length === 0" class="muted">{{ t('choice.none') }}</p>
    </div>
    <label v-if="harms" class="sure">
      <input v-model="sure" type="checkbox" /> <b>{{ t('choice.sure') }}</b>
    </label>
    <div class="row">
      <v-btn variant="flat" color="primary" :disabled="choice === null || (harms && !sure)" @click="take">{{
        t('choice.take')
      }}</v-btn>
      <v-btn v-if="chosenAlready" @click="usual">{{ t('choice.usual') }}</v-btn>
      <v-btn @click="emit('close')">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
.ways {
  display: grid;
}
.way,
.sure {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
}
.way {
  border-top: 1px solid var(--rule);
}
.way > span {
  display: grid;
  gap: 4px;
}
.shut {
  cursor: default;
}
.shut b {
  font-weight: 500;
}
input {
  width: 22px;
  height: 22px;
  flex: none;
  accent-color: var(--copper);
}
</style>
