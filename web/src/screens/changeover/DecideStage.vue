<script setup lang="ts">
import type { Wire } from '@pepper-knot/core/wire'
import type { Run } from '@pepper-knot/core/record'
import { useRun } from '../../composables/useRun.ts'
import { computed, ref, watch } from 'vue'
import { usePageKeys } from '../../parts/keys.ts'
import { useI18n } from 'vue-i18n'
import { type Part } from '@pepper-knot/core/machine'
import { FAMILIES, FAMILY_SHEETS } from '@pepper-knot/core/trade'
import {
  CORED_STAND_IN,
  FIRST_BY_HAND,
  readLabel,
  isSized,
  TRADE_SIZES,
  tradeLabel,
  type WireByHand,
} from '@pepper-knot/core/wire'
import LabelField from '../../parts/LabelField.vue'
import JobFields from '../../parts/JobFields.vue'
import LastGood from '../../parts/LastGood.vue'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import LookPanel from './LookPanel.vue'
import WireAsks from './WireAsks.vue'
import WireFinder from './WireFinder.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

type Family = Wire['family']

const words = useWords()
const { run, read, machine, set } = useRun<'change'>()
const emit = defineEmits<{ next: [] }>()
const { t } = useI18n()
const settings = useSettings()
const partStore = useParts()
// The shelf stands open until a wire is named.
const shelfOpen = ref(run.value.label.trim() === '')
const byHand = ref(run.value.byHand !== undefined)

const shelf = computed(() =>
  partStore.list.filter((p): p is Extract<Part, { kind: 'wire' }> => p.kind === 'wire' && p.count > 0),
)
const wire = computed(() => (read.value.wire.ok ? read.value.wire.value.wire : undefined))
const besides = computed(() => {
  const label = byHand.value || !run.value.label.trim() ? undefined : readLabel(run.value.label)
  return label?.ok ? label.value.besides : undefined
})
/** A thickness typed with the wire is the metal’s; one that was given is not overwritten. */
watch(
  () => besides.value?.thicknessMm,
  (mm) => {
    if (mm !== undefined && run.value.job.thicknessMm === undefined)
      set({ job: { ...run.value.job, thicknessMm: mm } })
  },
  { immediate: true },
)
/** The metal such a wire is made for stands in its field until another is chosen; it goes with the wire. */
let usual: Run['job']['material']
watch(
  () => wire.value?.open ?? wire.value?.joins[0],
  () => {
    const metal = wire.value && !wire.value.open ? wire.value.joins[0] : undefined
    const { material } = run.value.job
    if (!metal || metal === material || (material !== undefined && material !== usual)) return
    usual = metal
    set({ job: { ...run.value.job, material: metal } })
  },
  { immediate: true },
)
const problems = computed(() => read.value.plan?.problems ?? [])
const missing = computed(() => !wire.value || !isSized(wire.value))

function choose(label: string, hand?: WireByHand) {
  byHand.value = hand !== undefined
  set({ byHand: hand && { ...hand }, label })
}
const hand = computed(() =>
  run.value.byHand && 'family' in run.value.byHand ? run.value.byHand : FIRST_BY_HAND,
)
function toggleHand() {
  byHand.value = !byHand.value
  if (byHand.value) setHand({})
  else set({ byHand: undefined })
}
/** What a wire by hand is called in lists. */
function nameByHand({ family, tubular, diameterMm }: WireByHand): string {
  const kind = words.kindText({ family, ...(tubular && { open: 'cored' as const }) })
  return `${kind} ${tradeLabel(diameterMm, settings.units)}`
}
/** The looks are laid out once somebody asks for them. */
const lost = ref(false)
const lastWire = computed(() => {
  const on = machine.value.fitted.wire
  return on && 'label' in on ? on.label : undefined
})
/** A cored wire of which nobody knows the kind. */
const CORED_UNKNOWN = 'cored-unknown'
const kinds = [
  ...FAMILIES.map((value) => ({ value: value as string, title: words.FAMILY_NAMES[value] })),
  { value: CORED_UNKNOWN, title: words.kindText({ family: CORED_STAND_IN, open: 'cored' }) },
]
const setKind = (kind: string) =>
  setHand({
    gas: undefined,
    polarity: undefined,
    ...(kind === CORED_UNKNOWN
      ? { family: CORED_STAND_IN, tubular: true as const }
      : { family: kind as Family, tubular: undefined }),
  })
function setHand(change: Partial<WireByHand> | Record<string, undefined>) {
  const { tubular, ...next } = { ...hand.value, ...change } as WireByHand
  const byHand = { ...next, ...(tubular && { tubular }) } as WireByHand
  set({ byHand, label: nameByHand(byHand) })
}
/** What is typed and cannot be read is put right first: it would count as not said. */
const form = ref<HTMLElement>()
function next() {
  if (missing.value) return
  const bad = form.value?.querySelector<HTMLElement>('.v-input--error input')
  if (!bad) return emit('next')
  bad.closest('details')?.setAttribute('open', '')
  bad.focus()
}
/** One key to the next stage: what its large button does. */
const goOn = ref<{ $el: HTMLButtonElement }>()
usePageKeys({ n: () => goOn.value?.$el.click() })
</script>

<template>
  <div class="screen decide">
    <div ref="form" class="form">
      <h1>{{ t('decide.title', { machine: machine.name }) }}</h1>
      <LabelField
        v-if="!byHand"
        :model-value="run.label"
        hide-read
        @update:model-value="set({ label: $event })"
        @enter="next"
      />
      <div v-else class="pairs">
        <v-select
          :label="t('decide.family')"
          :items="kinds"
          :model-value="hand.tubular ? CORED_UNKNOWN : hand.family"
          @update:model-value="setKind"
        />
        <v-select
          :label="t('decide.size')"
          :items="
            TRADE_SIZES.map((s) => ({
              value: s.mm,
              title: `${tradeLabel(s.mm, 'metric')} mm / ${tradeLabel(s.mm, 'inch')}`,
            }))
          "
          :model-value="hand.diameterMm"
          @update:model-value="setHand({ diameterMm: $event })"
        />
        <v-select
          v-if="!hand.tubular"
          :label="t('decide.boxPolarity')"
          :items="[
            { value: 'DCEP', title: 'DCEP, gun on +' },
            { value: 'DCEN', title: 'DCEN, gun on −' },
          ]"
          :model-value="hand.polarity?.[0] ?? null"
          clearable
          @update:model-value="setHand({ polarity: $event ? [$event] : undefined })"
        />
        <v-select
          v-if="!hand.tubular && FAMILY_SHEETS[hand.family].gas.length"
          :label="t('decide.boxGas')"
          :items="['M21', 'C1', 'M20', 'M12', 'M13', 'I1', 'I3']"
          :model-value="hand.gas ?? null"
          multiple
          clearable
          @update:model-value="setHand({ gas: $event?.length ? $event : undefined })"
        />
      </div>
      <v-btn variant="text" @click="toggleHand">{{ t(byHand ? 'decide.useLabel' : 'decide.useHand') }}</v-btn>
      <details class="shelf" @toggle="lost ||= ($event.target as HTMLDetailsElement).open">
        <summary>{{ t('lost.title') }}</summary>
        <LookPanel v-if="lost" :last="lastWire" @choose="choose(nameByHand($event), $event)" />
      </details>
      <details v-if="shelf.length" :open="shelfOpen" class="shelf">
        <summary>{{ t('decide.shelf', { n: shelf.length }) }}</summary>
        <div class="spools">
          <button
            v-for="part in shelf"
            :key="part.id"
            type="button"
            :aria-pressed="run.label === part.label"
            @click="choose(part.label, part.byHand)"
          >
            {{ seen(part.label) }}
          </button>
        </div>
      </details>
      <!-- Enter in a field of the job goes on, as in the label’s. -->
      <JobFields
        :model-value="run.job"
        @update:model-value="set({ job: $event })"
        @keydown.enter="
          ($event.target as HTMLElement).matches('input[type=text]:not([role=combobox])') && next()
        "
      />
      <WireFinder :job="run.job" :chosen="run.label" :machine="machine" @choose="choose" />
      <div class="row foot" data-part="foot">
        <v-btn ref="goOn" variant="flat" color="primary" size="x-large" :disabled="missing" @click="next">{{
          t('decide.next')
        }}</v-btn>
        <span v-if="missing" class="muted">{{ t('decide.needWire') }}</span>
      </div>
    </div>
    <aside class="asks sheet" :aria-label="t('decide.asks')" aria-live="polite">
      <h2>{{ t('decide.asks') }}</h2>
      <WireAsks v-if="wire" :wire="wire" :besides="besides" />
      <p v-if="besides?.gas" class="muted">
        {{ t('decide.gasTyped', { gas: words.mixtureText(besides.gas) }) }}
      </p>
      <LastGood :machine-id="run.machineId" :wire="wire" :job="run.job" />
      <p v-if="!wire" class="muted">{{ t('decide.nothingYet') }}</p>
      <div v-for="problem in problems" :key="problem.rule" class="note note--stop">
        <b class="problem">{{ words.obstacleText(problem, settings.units).message }}</b>
        <p>{{ words.obstacleText(problem, settings.units).wayOut }}</p>
      </div>
      <p v-for="caution in read.plan?.cautions ?? []" :key="caution.rule" class="note">
        {{ words.cautionText(caution, settings.units) }}
      </p>
      <p v-for="problem in read.problems" :key="words.problemLine(problem)" class="problem">
        {{ words.problemLine(problem) }}
      </p>
    </aside>
  </div>
</template>

<style scoped>
.decide {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(280px, 2fr);
  gap: 32px;
}
.form,
.asks {
  display: grid;
  gap: 18px;
  align-content: start;
}
.form > .v-btn {
  justify-self: start;
}
.pairs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
}
.spools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.shelf button {
  min-height: 44px;
  padding: 4px 12px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 0.95rem;
  cursor: pointer;
}
.shelf button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--ground);
}
@media (max-width: 900px) {
  .decide {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 480px) {
  .pairs {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
