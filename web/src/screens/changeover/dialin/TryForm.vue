<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../../composables/useDraft.ts'
import { useRun } from '../../../composables/useRun.ts'
import {
  ARC_REPORTS,
  BEADS,
  seldomTogether,
  trySchema,
  unexpected,
  WELDS,
  type Proposal,
  type Try,
  type WeldKind,
} from '@pepper-knot/core/arc'
import { QUANTITIES, typedNumber } from '@pepper-knot/core/trade'
import { type DialInPlan } from '@pepper-knot/core/wire'
import ChoiceRow from '../../../parts/ChoiceRow.vue'
import { useSettings } from '../../../stores/settings.ts'
import BeadSketch from './BeadSketch.vue'
import TryKnobs from './TryKnobs.vue'
import { useWords } from '../../../composables/useWords.ts'

type Bead = (typeof BEADS)[number]

type ArcReport = (typeof ARC_REPORTS)[number]

const words = useWords()
/** One try: settings as proposed unless changed, the bead, the arc, written down. Three touches. */
const props = defineProps<{
  dialIn: DialInPlan
  tries: readonly Try[]
  next: Proposal
  /** Not known where no row tells: then the usual words. */
  transfer: Parameters<typeof words.arcWords>[0] | null
}>()
const emit = defineEmits<{ save: [made: Try] }>()
const weld = defineModel<WeldKind>('weld', { required: true })
const { t } = useI18n()
const settings = useSettings()

const volts = ref<number>()
const speed = ref<number>()
const dial = ref('')
const { run } = useRun()
const arc = useDraft<ArcReport | undefined>(`try.${run.value.id}.arc`, undefined)
const bead = useDraft<Bead | undefined>(`try.${run.value.id}.bead`, undefined)
const asked = ref(false)

const tenth = (x: number) => Math.round(x * 10) / 10
const scale = computed(() => props.dialIn.dial)
/** What was last proposed, to know whether somebody turned a knob since. */
let offered: { volts: number | undefined; speed: number | undefined } = { volts: undefined, speed: undefined }
/** Turned by hand: by more than a field rounds. */
const turned = (now: number | undefined, then: number | undefined, rounding: number) =>
  now === undefined || then === undefined ? now !== then : Math.abs(now - then) > rounding
/** Settings as the next try has them, in figures that can be turned to. */
function fresh() {
  if (props.next.done) return
  // Settings turned by hand are kept, whatever is proposed meanwhile.
  if (turned(volts.value, offered.volts, 0.06) || turned(speed.value, offered.speed, 0.03)) return
  const { minV, maxV, minMPerMin, maxMPerMin, taps } = props.dialIn.limits
  const within = (x: number, low: number, high: number) => Math.min(high, Math.max(low, x))
  volts.value = taps ? props.next.voltageV : within(tenth(props.next.voltageV), minV, maxV)
  const step = QUANTITIES.speed.step[settings.units] / 2
  speed.value = within(Math.round(props.next.wireSpeedMPerMin / step) * step, minMPerMin, maxMPerMin)
  if (scale.value) {
    const mark = words.dialMark(props.next.wireSpeedMPerMin, scale.value)
    dial.value = String(mark)
    speed.value = Math.max(0.1, scale.value.speedAt(mark))
  }
  offered = { volts: volts.value, speed: speed.value }
}
watch(() => props.next, fresh, { immediate: true })
watch(bead, (now) => now === 'good' && (arc.value ??= 'steady'))
watch(arc, (now) => now === 'burnback' && (bead.value = undefined))

const arcs = computed(() => {
  const reports = words.arcWords(props.transfer ?? 'short-arc')
  return ARC_REPORTS.map((value) => ({ value, title: reports[value] }))
})
/** Worm tracks come under slag and gas together. */
const beads = computed(() =>
  BEADS.filter((b) => b !== 'worm-tracks' || (props.transfer === 'slag' && !props.dialIn.model.gasless)),
)
const burned = computed(() => arc.value === 'burnback')
/** Dialled in: nothing more to write. */
const open = computed(() => !props.next.done)
/** A weld that was made was made, whatever the machine is said to reach: it is only remarked. */
const beyond = computed(() => {
  const { minV, maxV, minMPerMin, maxMPerMin } = props.dialIn.limits
  const out = (x: number | undefined, low: number, high: number) =>
    x !== undefined && (x < low - 1e-6 || x > high + 1e-6)
  return { volts: out(volts.value, minV, maxV), speed: out(speed.value, minMPerMin, maxMPerMin) }
})
const made = computed(() => {
  const tap = props.dialIn.taps?.find((x) => x.voltageV === volts.value)
  const read = trySchema.safeParse({
    voltageV: volts.value,
    wireSpeedMPerMin: speed.value,
    ...(tap && { tap: tap.tap }),
    ...(scale.value && { dial: typedNumber(dial.value) }),
    weld: weld.value,
    arc: arc.value,
    bead: burned.value ? null : bead.value,
  })
  return read.success ? read.data : undefined
})
/** Ear and eye at odds with each other or with the tries before: a second look costs no weld. */
const odd = computed(() => {
  if (!made.value) return undefined
  if (seldomTogether(made.value)) return 'odd'
  return unexpected(made.value, props.tries, props.dialIn.model) ? 'unexpected' : undefined
})
/** Bead and arc are told: what is missing is a setting. */
const told = computed(() => arc.value !== undefined && (burned.value || bead.value !== undefined))
function save() {
  asked.value = true
  if (!made.value) return
  const { value: done } = made
  arc.value = undefined
  bead.value = undefined
  asked.value = false
  offered = { volts: volts.value, speed: speed.value }
  emit('save', done)
}
defineExpose({ settings: () => ({ voltageV: volts.value, wireSpeedMPerMin: speed.value }) })
</script>

<template>
  <form class="try" @submit.prevent="save">
    <div class="now">
      <slot name="intro" />
      <div v-if="open" class="knobs">
        <TryKnobs v-model:volts="volts" v-model:speed="speed" v-model:dial="dial" :dial-in="dialIn" />
        <ChoiceRow
          :model-value="weld"
          :ask="t('dialIn.weld')"
          :choices="WELDS.map((value) => ({ value, title: words.WELD_NAMES[value] }))"
          :hint="t('dialIn.tackHint')"
          @update:model-value="$event && (weld = $event)"
        />
      </div>
    </div>
    <div class="beside"><slot name="plane" /></div>
    <fieldset v-if="open" class="beads">
      <legend>{{ t('dialIn.seen') }}</legend>
      <p v-if="burned" class="muted">{{ t('dialIn.noBead') }}</p>
      <button
        v-for="b in beads"
        :key="b"
        type="button"
        :aria-pressed="bead === b"
        :disabled="burned"
        @click="bead = b"
      >
        <BeadSketch :bead="b" />
        <b>{{ words.BEAD_NAMES[b] }}</b>
        <span>{{ words.BEAD_LOOKS[b] }}</span>
      </button>
    </fieldset>
    <ChoiceRow v-if="open" v-model="arc" class="choice" :ask="t('dialIn.heard')" :choices="arcs" />
    <p v-if="odd" class="row" role="status">{{ t(`dialIn.${odd}`) }}</p>
    <p v-if="asked && !made" class="problem row" role="alert">
      {{ t(told ? 'dialIn.saveFields' : 'dialIn.saveNeeds') }}
    </p>
    <p v-if="beyond.volts || beyond.speed" class="row">{{ t('dialIn.outside') }}</p>
    <div class="row">
      <v-btn v-if="open" type="submit" variant="flat" color="primary" size="x-large">{{
        t('dialIn.save')
      }}</v-btn>
      <slot />
    </div>
  </form>
</template>

<style scoped>
.try {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 18px 32px;
  align-items: start;
}
.beads,
.choice,
.row {
  grid-column: 1 / -1;
}
.now,
.knobs {
  display: grid;
  gap: 12px;
}
@media (max-width: 900px) {
  .try {
    grid-template-columns: minmax(0, 1fr);
  }
  /* What is touched comes first. */
  .beside {
    order: 1;
  }
}
.beads {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(124px, 100%), 1fr));
  gap: 8px;
}
.beads legend {
  font-weight: 650;
  padding: 0 0 6px;
}
.beads p {
  grid-column: 1 / -1;
}
.beads button {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 2px;
  padding: 10px 8px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  line-height: 1.25;
  cursor: pointer;
}
.beads button span {
  font-size: 0.9rem;
  text-align: center;
}
.beads button:disabled {
  color: var(--muted);
  cursor: default;
}
.beads button[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--ground);
}
@media (max-width: 700px) {
  .beads {
    grid-template-columns: repeat(auto-fill, minmax(min(100px, 100%), 1fr));
  }
  .beads button span {
    font-size: 0.85rem;
  }
}
</style>
