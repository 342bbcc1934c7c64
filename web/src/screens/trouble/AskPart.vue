<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { STATIONS, type Station } from '@pepper-knot/core/machine'
import { type Run } from '@pepper-knot/core/record'
import { formatLength, QUANTITIES } from '@pepper-knot/core/trade'
import { AREAS, areaOf, LEADS, PHASES, SINCE, SYMPTOMS, type Symptom } from '@pepper-knot/core/trouble'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import JobFields from '../../parts/JobFields.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'
import CountField from '../../parts/CountField.vue'
import { useWords } from '../../composables/useWords.ts'

type Area = (typeof AREAS)[number]

const words = useWords()
/** What is seen, heard and felt: by where one stands, or by any word for it; and what else is known. */
const told = defineModel<Run<'cure'>['trouble']['told']>({ required: true })
/** What is welded: its grade and thickness tell what the wire could do to it. */
const job = defineModel<Run['job']>('job', { required: true })
/** @prop logged the last change of this machine as the log has it */
const props = defineProps<{ logged?: { stations: Station[]; at: string } | undefined }>()
const emit = defineEmits<{ look: [] }>()
const { t, d } = useI18n()
const settings = useSettings()
const search = ref('')
const area = ref<Area>(told.value.symptoms[0] ? areaOf(told.value.symptoms[0]) : 'feed')
const found = computed(() => (search.value.trim() ? words.findSymptoms(search.value) : undefined))
const shown = computed(() => found.value ?? SYMPTOMS.filter((s) => areaOf(s) === area.value))
const has = (s: Symptom) => told.value.symptoms.includes(s)
const tried = ref(false)

function set(more: Partial<typeof told.value>) {
  const next = { ...told.value, ...more }
  for (const key of Object.keys(more) as (keyof typeof next)[]) if (next[key] === undefined) delete next[key]
  told.value = next
}
const toggle = (s: Symptom) =>
  set({ symptoms: has(s) ? told.value.symptoms.filter((x) => x !== s) : [...told.value.symptoms, s] })
function go() {
  tried.value = true
  if (told.value.symptoms.length) emit('look')
}
const choices = <T extends string>(values: readonly T[], names: Record<T, string>) =>
  values.map((value) => ({ value, title: names[value] }))
type Key = 'at' | 'since' | 'lead'
const pick = <K extends Key>(key: K) =>
  computed({ get: () => told.value[key], set: (value) => set({ [key]: value ?? undefined }) })
const at = pick('at')
const since = pick('since')
const lead = pick('lead')
const goes = computed({ get: () => told.value.comesAndGoes, set: (value) => set({ comesAndGoes: value }) })
type Group = 'setting' | 'history'
/** One figure of a group; what is emptied goes, and the group with its last one. */
const figure = <G extends Group, K extends keyof NonNullable<(typeof told.value)[G]>>(group: G, key: K) =>
  computed({
    get: () => (told.value[group] as Partial<Record<K, number>> | undefined)?.[key],
    set: (value) => {
      const { [key]: _was, ...rest } = (told.value[group] ?? {}) as Partial<Record<K, number>>
      const next = { ...rest, ...(value !== undefined && { [key]: value }) }
      set({ [group]: Object.keys(next).length ? next : undefined })
    },
  })
const volts = figure('setting', 'voltageV')
const speed = figure('setting', 'wireSpeedMPerMin')
const distance = figure('setting', 'tipToWorkMm')
const days = figure('history', 'daysSinceLinerBlowOut')
const hours = figure('history', 'tipHours')
const months = figure('history', 'spoolOpenMonths')
const lastChange = computed({
  get: (): readonly Station[] => told.value.lastChange ?? [],
  set: (next) => set({ lastChange: next.length ? [...next] : undefined }),
})
/** What is taken as known beside the symptoms, read or typed: seen without opening it. */
const known = computed(() => {
  const { comesAndGoes, setting } = told.value
  const { material, thicknessMm, alloy } = job.value
  return [
    alloy ?? (material && words.MATERIAL_NAMES[material]),
    thicknessMm && formatLength(thicknessMm, settings.units),
    comesAndGoes && t('trouble.goes'),
    setting?.voltageV !== undefined && QUANTITIES.volts.say(setting.voltageV, settings.units),
    setting?.wireSpeedMPerMin !== undefined && QUANTITIES.speed.say(setting.wireSpeedMPerMin, settings.units),
    setting?.tipToWorkMm !== undefined && QUANTITIES.length.say(setting.tipToWorkMm, settings.units),
  ].filter((line) => typeof line === 'string')
})
const asLogged = computed(
  () =>
    props.logged?.stations.length === lastChange.value.length &&
    props.logged.stations.every((station) => lastChange.value.includes(station)),
)
</script>

<template>
  <div class="ask">
    <p>{{ t('trouble.askText') }}</p>
    <div v-if="told.symptoms.length" class="chips" role="group" :aria-label="t('trouble.chosen')">
      <button
        v-for="s in told.symptoms"
        :key="s"
        type="button"
        aria-pressed="true"
        :aria-label="t('trouble.drop', { name: words.symptomName(s) })"
        @click="toggle(s)"
      >
        {{ words.symptomName(s) }} ×
      </button>
    </div>
    <v-text-field
      v-model="search"
      :label="t('trouble.search')"
      type="search"
      hide-details
      autocomplete="off"
      maxlength="60"
    />
    <div v-if="!found" class="areas" role="group" :aria-label="t('trouble.ask')">
      <button v-for="a in AREAS" :key="a" type="button" :aria-pressed="area === a" @click="area = a">
        {{ words.AREA_NAMES[a] }}
      </button>
    </div>
    <p v-if="shown.length === 0" role="status">{{ t('trouble.notFound') }}</p>
    <div class="symptoms" data-part="symptoms">
      <button v-for="s in shown" :key="s" type="button" :aria-pressed="has(s)" @click="toggle(s)">
        <b>{{ words.symptomName(s) }}</b>
        <span>{{ words.SYMPTOM_WORDS[s].says }}</span>
      </button>
    </div>
    <div class="plain" data-part="plain">
      <v-select
        v-model="since"
        :label="t('trouble.since')"
        :items="choices(SINCE, words.SINCE_NAMES)"
        clearable
        hide-details
      />
      <v-select
        v-model="at"
        :label="t('trouble.at')"
        :items="choices(PHASES, words.PHASE_NAMES)"
        clearable
        hide-details
      />
      <v-select
        v-model="lead"
        :label="t('trouble.lead')"
        :items="choices(LEADS, words.LEAD_NAMES)"
        clearable
        hide-details
      />
      <v-select
        v-model="lastChange"
        :label="t('trouble.last')"
        :items="choices(STATIONS, words.STATION_NAMES)"
        :hint="
          asLogged && lastChange.length
            ? t('trouble.fromLog', { at: d(new Date(props.logged!.at), { dateStyle: 'medium' }) })
            : ''
        "
        persistent-hint
        multiple
        clearable
      />
    </div>
    <div class="go">
      <v-btn variant="flat" color="primary" size="x-large" @click="go">{{ t('trouble.look') }}</v-btn>
      <span v-if="tried && told.symptoms.length === 0" class="problem" role="alert">{{
        t('trouble.needOne')
      }}</span>
    </div>
    <details class="more">
      <summary>
        <span>
          {{ t('trouble.more') }}
          <span v-if="known.length" class="known" data-part="known">{{ known.join(' · ') }}</span>
        </span>
      </summary>
      <div class="fields">
        <ChoiceRow
          v-model="goes"
          :ask="t('trouble.goes')"
          optional
          :choices="[
            { value: true, title: t('trouble.goesYes') },
            { value: false, title: t('trouble.goesNo') },
          ]"
        />
        <section :aria-label="t('dialIn.job')">
          <h2>{{ t('dialIn.job') }}</h2>
          <JobFields v-model="job" />
        </section>
        <div class="numbers">
          <QuantityField
            v-model="volts"
            kind="volts"
            :label="t('trouble.volts')"
            :units="settings.units"
            :min="5"
            :max="60"
            optional
          />
          <QuantityField
            v-model="speed"
            kind="speed"
            :label="t('trouble.speed')"
            :units="settings.units"
            :min="0.1"
            :max="100"
            optional
          />
          <QuantityField
            v-model="distance"
            kind="length"
            :label="t('trouble.distance')"
            :units="settings.units"
            :min="0"
            :max="150"
            optional
          />
          <CountField v-model="days" :label="t('trouble.days')" :max="100000" />
          <CountField v-model="hours" :label="t('trouble.hours')" :max="100000" />
          <CountField v-model="months" :label="t('trouble.months')" :max="2000" />
        </div>
      </div>
    </details>
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 16px;
}
.plain {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
  align-items: start;
}
.areas {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
.symptoms {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(260px, 100%), 1fr));
  gap: 8px;
}
.areas button,
.symptoms button {
  min-height: 48px;
  padding: 6px 14px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.areas button {
  min-height: 64px;
  font-weight: 650;
}
.symptoms button {
  min-height: 68px;
  display: grid;
  align-content: center;
}
.symptoms b {
  font-size: 1.1rem;
}
:is(.areas, .symptoms) button[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--ground);
}
.go {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
  position: sticky;
  bottom: var(--below);
  background: var(--ground);
  padding: 10px 0;
  z-index: 2;
}
.more summary {
  min-height: 44px;
  font-weight: 650;
  cursor: pointer;
}
.known {
  display: block;
  font-weight: 400;
  color: var(--muted);
}
.fields {
  display: grid;
  gap: 18px;
  padding-top: 8px;
}
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(240px, 100%), 1fr));
  gap: 12px;
  align-items: start;
}
@media (max-width: 700px) {
  .areas,
  .plain {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 480px) {
  .plain {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
