<script setup lang="ts">
import { computed } from 'vue'

/** Rolls, pressure arm, the gap and the guide: the arm comes down as it presses, the guide stands where it stands. */
const props = defineProps<{ pressShare: number; gapMm: number; show: 'arm' | 'gap' }>()
const lift = computed(() => 9 - 9 * Math.min(1, Math.max(0, props.pressShare)))
const gap = computed(() => Math.min(96, props.gapMm * 2.4))
</script>

<template>
  <svg viewBox="0 0 280 96">
    <path d="M10 54H270" class="wire" />
    <circle cx="92" cy="76" r="22" class="roll" />
    <g :transform="`translate(0 ${-lift})`">
      <circle cx="92" cy="32" r="21" class="roll" />
      <path d="M92 32L34 12" class="arm" :class="{ on: show === 'arm' }" />
    </g>
    <path v-if="show === 'arm'" :d="`M150 ${8}v${10 + 14 * pressShare}m-6 -7l6 7l6 -7`" class="arrow" />
    <rect :x="104 + gap" y="44" width="120" height="20" class="guide" :class="{ on: show === 'gap' }" />
    <path v-if="show === 'gap'" :d="`M96 70V86M${104 + gap} 70V86M96 80H${104 + gap}`" class="measure" />
  </svg>
</template>

<style scoped>
.wire {
  stroke: var(--copper);
  stroke-width: 5;
}
.roll,
.guide {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.guide {
  fill-opacity: 0.75;
}
.arm {
  stroke: var(--muted);
  stroke-width: 7;
  stroke-linecap: round;
}
.on {
  stroke: var(--ink);
}
.arrow,
.measure {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
</style>
