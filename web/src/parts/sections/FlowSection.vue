<script setup lang="ts">
import { computed } from 'vue'

/** Flow on one axis: the band that is as good, the turbulent ceiling, and where it stands. L/min. */
const props = defineProps<{ flow: number; low: number; high: number; ceiling?: number | undefined }>()
const most = computed(() => Math.max(30, props.flow, props.ceiling ?? 0) * 1.05)
const x = (value: number) => 12 + (value / most.value) * 196
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <path class="axis" d="M12 96H208" />
    <rect class="band" :x="x(low)" y="82" :width="Math.max(2, x(high) - x(low))" height="28" />
    <path v-if="ceiling" class="ceiling" :d="`M${x(ceiling)} 66V126`" />
    <path class="stand" :d="`M${x(flow)} 110L${x(flow) - 8} 128H${x(flow) + 8}Z`" />
  </svg>
</template>

<style scoped>
.axis {
  stroke: var(--ink);
  stroke-width: 2;
}
.band {
  fill: var(--copper-soft);
  stroke: var(--ink);
}
.ceiling {
  stroke: var(--paprika);
  stroke-width: 3;
  stroke-dasharray: 5 4;
}
.stand {
  fill: var(--ink);
}
</style>
