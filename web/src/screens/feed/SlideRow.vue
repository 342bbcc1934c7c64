<script setup lang="ts">
/** One thing to move: a drawing of what it is, a slider under it, and what it stands at. */
defineProps<{ label: string; said: string; min: number; max: number; step: number }>()
const model = defineModel<number>({ required: true })
</script>

<template>
  <div class="slide">
    <div class="drawing" aria-hidden="true"><slot /></div>
    <label>
      <span class="name">{{ label }}</span> <b class="tabular">{{ said }}</b>
      <input
        v-model.number="model"
        type="range"
        :min="min"
        :max="max"
        :step="step"
        :aria-valuetext="said"
        :aria-label="label"
      />
    </label>
    <slot name="more" />
  </div>
</template>

<style scoped>
.slide {
  display: grid;
  gap: 6px;
  align-content: start;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.drawing :deep(svg) {
  width: 100%;
  height: 96px;
  display: block;
}
.name {
  color: var(--muted);
}
input {
  width: 100%;
  min-height: 44px;
  accent-color: var(--copper);
  cursor: pointer;
}
</style>
