<script setup lang="ts" generic="T extends string">
/** One question with several answers at once: a touch gives one, a second touch takes it back. */
defineProps<{ ask: string; choices: readonly { value: T; title: string }[] }>()
const model = defineModel<readonly T[]>({ required: true })
const toggle = (value: T) =>
  (model.value = model.value.includes(value)
    ? model.value.filter((x) => x !== value)
    : [...model.value, value])
</script>

<template>
  <fieldset class="choice">
    <legend>{{ ask }}</legend>
    <div class="chips">
      <button
        v-for="{ value, title } in choices"
        :key="value"
        type="button"
        :aria-pressed="model.includes(value)"
        @click="toggle(value)"
      >
        {{ title }}
      </button>
    </div>
    <slot />
  </fieldset>
</template>
