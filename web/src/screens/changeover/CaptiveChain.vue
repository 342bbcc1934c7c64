<script setup lang="ts">
import { isOwnPress, viewChanged } from '../../parts/handsUp.ts'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Step } from '@pepper-knot/core/jobs'
import { useSettings } from '../../stores/settings.ts'
import { chainActs, canTeach } from './chainKeys.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/**
 * One hand holds the wire: these steps go on at a key that a blind hand finds, a taught pedal, a touch on the lower
 * part of the screen, or a timer, and are read aloud where the device can speak. A way back and a way out stand apart
 * at the top. Whoever comes back in the middle takes hold of the wire first.
 */
const props = defineProps<{
  /** The whole chain, done or not. */
  chain: readonly Step[]
  /** How many of it are done. */
  doneCount: number
}>()
const emit = defineEmits<{ done: []; back: []; leave: [] }>()
const { t } = useI18n()
const settings = useSettings()

const started = ref(false)
/** The wire was let go in between: it is taken hold of before anything goes on. */
const holding = ref(false)
const seconds = ref(0)
const region = ref<HTMLElement>()
const step = computed(() => props.chain[props.doneCount])
const current = computed(() => (holding.value ? step.value : undefined))
const said = computed(() =>
  current.value ? words.stepTitle(current.value, settings.units) : t('captive.holdAgain'),
)
const speaks = 'speechSynthesis' in window
const aloud = computed(() => speaks && settings.all.readAloud)
/** A second press within this time is the first one's shadow. */
const HOLD_OFF_MS = 350
const last = { on: 0, back: 0 }
let timer = 0

function say() {
  if (!aloud.value) return
  speechSynthesis.cancel()
  speechSynthesis.speak(new SpeechSynthesisUtterance(said.value))
}
function wind() {
  clearTimeout(timer)
  if (started.value && seconds.value > 0) timer = window.setTimeout(advance, seconds.value * 1000)
}
/** A glove on a key repeats: one press, one step. */
function counts(way: keyof typeof last): boolean {
  if (performance.now() - last[way] < HOLD_OFF_MS) return false
  last[way] = performance.now()
  return true
}
/** A touch counts when it is let go, where it began. */
const pressing = ref<number | null>(null)
function letGo(event: PointerEvent) {
  if (pressing.value === event.pointerId && isOwnPress(event)) advance()
  pressing.value = null
}
function advance() {
  if (!started.value || !counts('on')) return
  if (!holding.value) {
    holding.value = true
    say()
    wind()
  } else emit('done')
}
function goBack() {
  if (!counts('back')) return
  // The step before the chain is done with both hands: out first.
  if (props.doneCount === 0) stop()
  else emit('back')
}
function onKey(event: KeyboardEvent) {
  const act = chainActs(event, settings.all.pedalKey)
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  if (event.repeat) return
  if (act === 'leave') stop()
  else if (act === 'back') goBack()
  else advance()
}
function start() {
  started.value = true
  viewChanged()
  holding.value = props.doneCount === 0
  last.on = performance.now()
  window.addEventListener('keydown', onKey, true)
  say()
  wind()
  region.value?.focus()
}
/** No key, timer or voice of the chain goes on. */
function quiet() {
  clearTimeout(timer)
  window.removeEventListener('keydown', onKey, true)
  if (speaks) speechSynthesis.cancel()
}
function stop() {
  started.value = false
  viewChanged()
  quiet()
  emit('leave')
}
watch(
  () => step.value?.id,
  () => {
    say()
    wind()
  },
)
onBeforeUnmount(quiet)

/** A pedal sends a key of its own: pressed once here, it is known from then on. */
const teaching = ref(false)
function teach(event: KeyboardEvent) {
  if (!canTeach(event)) return
  event.preventDefault()
  event.stopPropagation()
  settings.set({ pedalKey: event.key })
  teaching.value = false
}
watch(teaching, (on) =>
  on ? window.addEventListener('keydown', teach, true) : window.removeEventListener('keydown', teach, true),
)
onBeforeUnmount(() => window.removeEventListener('keydown', teach, true))
defineExpose({ start })
</script>

<template>
  <section class="chain" :aria-label="started ? undefined : t('captive.label')">
    <template v-if="!started">
      <div class="read" tabindex="0" role="group" :aria-label="t('captive.label')">
        <h1 tabindex="-1" data-part="chain-title">
          {{ t('captive.title', { n: chain.length - doneCount }) }}
        </h1>
        <p class="hazard">{{ t('captive.caution') }}</p>
        <p v-if="doneCount > 0" class="hazard">{{ t('captive.again') }}</p>
        <ol class="list" data-part="chain-list">
          <li v-for="(s, i) in chain" :key="s.id" :class="{ past: i < doneCount }">
            <b class="tabular">{{ i + 1 }}</b> {{ words.stepTitle(s, settings.units) }}
          </li>
        </ol>
        <p class="how">{{ t('captive.text') }}</p>
        <div class="row">
          <v-checkbox
            :model-value="settings.all.readAloud"
            :disabled="!speaks"
            :label="t(speaks ? 'captive.aloud' : 'captive.mute')"
            @update:model-value="settings.set({ readAloud: $event === true })"
          />
          <v-select
            v-model="seconds"
            class="timer"
            :label="t('captive.timer')"
            :items="[
              { value: 0, title: t('captive.noTimer') },
              ...[8, 15, 30].map((value) => ({ value, title: t('captive.every', { s: value }) })),
            ]"
          />
          <v-btn :aria-pressed="teaching" @click="teaching = !teaching">{{
            t(teaching ? 'captive.teaching' : 'captive.teach')
          }}</v-btn>
          <span v-if="settings.all.pedalKey" class="taught"
            >{{ t('captive.taught', { key: settings.all.pedalKey }) }}
            <v-btn variant="text" @click="settings.set({ pedalKey: undefined })">{{
              t('captive.forget')
            }}</v-btn>
          </span>
        </div>
        <slot />
      </div>
      <div class="buttons" data-part="buttons">
        <button type="button" class="go" data-part="chain-go" @click="start">
          {{ t('captive.start') }}
        </button>
        <v-btn class="side" @click="$emit('back')">{{ t('run.back') }}</v-btn>
      </div>
    </template>
    <Teleport v-else to="body">
      <div
        ref="region"
        class="captive"
        data-part="captive"
        role="region"
        :aria-label="t('captive.label')"
        tabindex="-1"
      >
        <div class="ways">
          <h1 class="banner">{{ t('captive.banner') }}</h1>
          <div class="aimed">
            <button type="button" data-part="chain-back" @pointerdown.stop @click="goBack">
              {{ t('captive.wayBack') }}
            </button>
            <button type="button" data-part="chain-out" @pointerdown.stop @click="stop">
              {{ t('captive.wayOut') }}
            </button>
          </div>
        </div>
        <div
          class="anywhere"
          data-part="anywhere"
          @pointerdown.prevent="pressing = $event.pointerId"
          @pointerup="letGo"
          @pointercancel="pressing = null"
        >
          <p v-if="!current" class="on" data-part="captive-hold">{{ said }}</p>
          <ol class="all">
            <li
              v-for="(s, i) in chain"
              :key="s.id"
              :data-part="s.id === current?.id ? 'captive-on' : undefined"
              :class="{ on: s.id === current?.id, past: i < doneCount }"
              :aria-current="s.id === current?.id ? 'step' : undefined"
            >
              {{ words.stepTitle(s, settings.units) }}
            </li>
          </ol>
          <p class="keys">{{ t('captive.keys') }}</p>
        </div>
        <p class="visually-hidden" aria-live="assertive">{{ said }}</p>
      </div>
    </Teleport>
  </section>
</template>

<style scoped>
.chain {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 12px;
  min-height: 0;
}
.read {
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-height: 0;
}
.how {
  font-size: 1.15rem;
  max-width: 60ch;
}
.list {
  display: grid;
  gap: 8px;
  font-size: 1.25rem;
}
.list b {
  display: inline-block;
  width: 1.6em;
}
.list .past {
  text-decoration: line-through;
  color: var(--muted);
}
.hazard {
  border-left: 6px solid var(--paprika);
  background: var(--sheet);
  padding: 10px 16px;
  font-weight: 650;
}
.timer {
  max-width: 260px;
}
.buttons {
  display: flex;
  gap: 12px;
}
.go {
  flex: 1;
  min-height: 84px;
  border: 0;
  background: var(--done);
  color: var(--on-done);
  font: inherit;
  font-size: 1.4rem;
  font-weight: 750;
  cursor: pointer;
}
.side {
  height: auto !important;
  min-width: 96px;
}
.captive {
  position: fixed;
  inset: 0;
  z-index: 2000;
  background: var(--ground);
  color: var(--ink);
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  outline: none;
  font-family: 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif;
}
/* Nothing here goes on: a hand may aim without fear. */
.ways {
  padding: clamp(12px, 3vw, 28px) clamp(16px, 4vw, 48px) 40px;
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  align-items: center;
  justify-content: space-between;
}
.aimed {
  display: flex;
  gap: 16px;
}
.aimed button {
  min-height: 64px;
  min-width: 104px;
  padding: 0 16px;
  border: 2px solid var(--ink);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 1.15rem;
  font-weight: 650;
  cursor: pointer;
}
.anywhere {
  border-top: 3px solid var(--rule);
  padding: 20px clamp(16px, 4vw, 48px) 32px;
  display: flex;
  flex-direction: column;
  gap: 20px;
  cursor: pointer;
  overflow-y: auto;
  touch-action: none;
}
.banner {
  background: var(--alarm);
  color: var(--on-alarm);
  font-size: 1.2rem;
  font-weight: 750;
  padding: 10px 16px;
}
.all {
  display: grid;
  gap: 14px;
  font-size: 1.2rem;
}
.all li {
  padding-left: 22px;
  border-left: 6px solid var(--rule);
}
.on {
  font-size: clamp(1.6rem, 4.4vw, 3.2rem);
  font-weight: 750;
  line-height: 1.15;
}
.all .on {
  border-left-color: var(--copper);
}
.all .past {
  text-decoration: line-through;
  color: var(--muted);
}
.keys {
  margin-top: auto;
  font-size: 1.05rem;
}
</style>
