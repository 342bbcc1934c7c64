<script setup lang="ts" generic="T extends string | number | boolean">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** One question, one answer: a touch gives it, another touch on it changes nothing; arrow keys go from one to the next. */
const props = defineProps<{
  ask: string
  choices: readonly { value: T; title: string }[]
  hint?: string
  /** May be left unsaid: what was said can be taken back. */
  optional?: boolean
}>()
const model = defineModel<T | undefined>({ required: true })
const { t } = useI18n()
/** The group is one stop of the Tab key: the answer given, else the first. */
const stop = computed(() =>
  Math.max(
    0,
    props.choices.findIndex(({ value }) => value === model.value),
  ),
)
const STEPS: Partial<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }
function walk(event: KeyboardEvent, from: number) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  event.stopPropagation()
  const at = (from + step + props.choices.length) % props.choices.length
  model.value = props.choices[at]!.value
  const row = (event.currentTarget as HTMLElement).parentElement!
  row.querySelectorAll<HTMLElement>('[role=radio]')[at]!.focus()
}
</script>

<template>
  <fieldset class="choice" role="radiogroup">
    <legend>{{ ask }}</legend>
    <p v-if="hint" class="muted">{{ hint }}</p>
    <div class="chips">
      <button
        v-for="(choice, at) in choices"
        :key="String(choice.value)"
        type="button"
        role="radio"
        :aria-checked="model === choice.value"
        :tabindex="at === stop ? 0 : -1"
        @click="model = choice.value"
        @keydown="walk($event, at)"
      >
        {{ choice.title }}
      </button>
      <button
        v-if="optional && model !== undefined"
        type="button"
        class="unsay"
        :aria-label="t('app.unsayNamed', { ask })"
        @click="model = undefined"
      >
        {{ t('app.unsay') }}
      </button>
      <slot />
    </div>
  </fieldset>
</template>
