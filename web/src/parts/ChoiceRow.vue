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

<style scoped>
.choice {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  font-weight: 650;
  padding: 0 0 6px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
button {
  min-height: 44px;
  padding: 4px 14px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
button[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--ground);
}
</style>
