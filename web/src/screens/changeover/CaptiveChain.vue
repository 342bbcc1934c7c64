<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { stepTitle, type Step } from '@pepper-knot/core'
import { useSettings } from '../../stores/settings.ts'

/**
 * One hand holds the wire: these steps go on at any key but Backspace and Escape, a pedal, a touch anywhere, or a
 * timer, and are read aloud where the device can speak.
 */
const props = defineProps<{ chain: Step[] }>()
const emit = defineEmits<{ done: []; back: [] }>()
const { t } = useI18n()
const settings = useSettings()

const started = ref(false)
const seconds = ref(0)
const region = ref<HTMLElement>()
// The whole chain stays in sight while its steps are ticked off.
const all = ref([...props.chain])
const step = computed(() => props.chain[0])
const speaks = 'speechSynthesis' in window
const aloud = computed(() => speaks && settings.all.readAloud)
/** A second press within this time is the first one's shadow. */
const HOLD_OFF_MS = 350
let last = 0
let timer = 0

function say() {
  if (!aloud.value || !step.value) return
  speechSynthesis.cancel()
  speechSynthesis.speak(new SpeechSynthesisUtterance(stepTitle(step.value, settings.units)))
}
function wind() {
  clearTimeout(timer)
  if (started.value && seconds.value > 0) timer = window.setTimeout(advance, seconds.value * 1000)
}
function advance() {
  // A glove on a key repeats: one press, one step.
  if (performance.now() - last < HOLD_OFF_MS) return
  last = performance.now()
  emit('done')
}
function onKey(event: KeyboardEvent) {
  if (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    ['Shift', 'Control', 'Alt', 'Meta'].includes(event.key)
  )
    return
  event.preventDefault()
  event.stopPropagation()
  if (event.repeat) return
  if (event.key === 'Escape') return stop()
  if (event.key === 'Backspace') return emit('back')
  advance()
}
function start() {
  started.value = true
  last = performance.now()
  window.addEventListener('keydown', onKey, true)
  say()
  wind()
  region.value?.focus()
}
function stop() {
  started.value = false
  clearTimeout(timer)
  window.removeEventListener('keydown', onKey, true)
  if (speaks) speechSynthesis.cancel()
}
watch(
  () => step.value?.id,
  () => {
    if (!all.value.some((s) => s.id === step.value?.id)) all.value = [...props.chain]
    say()
    wind()
  },
)
onBeforeUnmount(stop)
</script>

<template>
  <section class="chain" :aria-label="started ? undefined : t('captive.label')">
    <template v-if="!started">
      <h1>{{ t('captive.title', { n: chain.length }) }}</h1>
      <p class="how">{{ t('captive.text') }}</p>
      <ol class="list" data-part="chain-list">
        <li v-for="(s, i) in chain" :key="s.id">
          <b class="tabular">{{ i + 1 }}</b> {{ stepTitle(s, settings.units) }}
        </li>
      </ol>
      <p class="hazard">{{ t('captive.caution') }}</p>
      <div class="row">
        <v-checkbox
          v-model="settings.all.readAloud"
          :disabled="!speaks"
          :label="t(speaks ? 'captive.aloud' : 'captive.mute')"
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
      </div>
      <div class="buttons">
        <button type="button" class="go" data-part="chain-go" @click="start">{{ t('captive.start') }}</button>
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
        @pointerdown.prevent="advance"
      >
        <h1 class="banner">{{ t('captive.banner') }}</h1>
        <ol class="all">
          <li
            v-for="s in all"
            :key="s.id"
            :data-part="s.id === step?.id ? 'captive-on' : undefined"
            :class="{ on: s.id === step?.id, past: !chain.some((c) => c.id === s.id) }"
            :aria-current="s.id === step?.id ? 'step' : undefined"
          >
            {{ stepTitle(s, settings.units) }}
          </li>
        </ol>
        <p class="visually-hidden" aria-live="assertive">{{ step ? stepTitle(step, settings.units) : '' }}</p>
        <p class="keys">{{ t('captive.keys') }}</p>
      </div>
    </Teleport>
  </section>
</template>

<style scoped>
.chain {
  display: flex;
  flex-direction: column;
  gap: 18px;
  flex: 1;
}
.how {
  font-size: 1.2rem;
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
  gap: 16px;
  margin-top: auto;
}
.go {
  flex: 1;
  min-height: 84px;
  border: 0;
  background: var(--copper-text);
  color: var(--ground);
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
  padding: clamp(16px, 4vw, 48px);
  display: flex;
  flex-direction: column;
  gap: 24px;
  outline: none;
  cursor: pointer;
  overflow-y: auto;
  touch-action: none;
  font-family: 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif;
}
.banner {
  background: var(--paprika);
  color: var(--ground);
  font-size: 1.3rem;
  font-weight: 750;
  padding: 12px 18px;
}
.all {
  display: grid;
  gap: 16px;
  font-size: 1.3rem;
}
.all li {
  padding-left: 22px;
  border-left: 6px solid var(--rule);
}
.all .on {
  font-size: clamp(1.8rem, 4.6vw, 3.4rem);
  font-weight: 750;
  line-height: 1.15;
  border-left-color: var(--copper);
}
.all .past {
  text-decoration: line-through;
  color: var(--muted);
}
.keys {
  margin-top: auto;
  font-size: 1.1rem;
}
@media (max-width: 900px) {
  .buttons {
    position: sticky;
    bottom: 76px;
  }
}
</style>
