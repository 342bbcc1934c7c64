<script setup lang="ts" generic="T extends string | number | boolean">
/** One question, answered by one touch; a second touch takes the answer back. */
defineProps<{ ask: string; choices: readonly { value: T; title: string }[]; hint?: string }>()
const model = defineModel<T | undefined>({ required: true })
</script>

<template>
  <fieldset class="choice">
    <legend>{{ ask }}</legend>
    <p v-if="hint" class="muted">{{ hint }}</p>
    <div class="chips">
      <button
        v-for="choice in choices"
        :key="String(choice.value)"
        type="button"
        :aria-pressed="model === choice.value"
        @click="model = model === choice.value ? undefined : choice.value"
      >
        {{ choice.title }}
      </button>
      <slot />
    </div>
  </fieldset>
</template>
