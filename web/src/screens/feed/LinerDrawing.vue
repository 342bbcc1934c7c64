<script setup lang="ts">
import { computed } from 'vue'
import { type FeedSetup } from '@pepper-knot/core/trouble'
import { linerBoreMm } from '@pepper-knot/core/wire'

/** The wire in its liner, to scale: a coil, or a smooth tube; dust where it is dirty, a dent where it is kinked. */
const props = defineProps<{ setup: FeedSetup }>()
const bore = computed(() => props.setup.linerBoreMm ?? linerBoreMm(props.setup.exactMm))
const SCALE = 22
const r = computed(() => (bore.value * SCALE) / 2)
const wire = computed(() => (props.setup.exactMm * SCALE) / 2)
const dust = computed(() =>
  props.setup.linerState === 'clean'
    ? []
    : [0.3, 0.9, 1.4, 2.1, 2.7].map((a) => [Math.cos(a) * r.value * 0.85, Math.sin(a) * r.value * 0.85]),
)
</script>

<template>
  <svg viewBox="0 0 280 96" aria-hidden="true">
    <g transform="translate(140 48)">
      <circle :r="Math.min(46, r + 9)" class="wall" :class="{ coil: setup.liner === 'steel-coil' }" />
      <ellipse :rx="r" :ry="setup.linerState === 'kinked' ? r * 0.72 : r" class="bore" />
      <circle v-for="([x, y], i) in dust" :key="i" :cx="x" :cy="y" r="2.5" class="dust" />
      <circle :cy="(setup.linerState === 'kinked' ? r * 0.72 : r) - wire" :r="wire" class="wire" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 96px;
}
.wall {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.coil {
  stroke-dasharray: 7 4;
}
.bore {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.wire {
  fill: var(--copper-soft);
  stroke: var(--copper);
  stroke-width: 2;
}
.dust {
  fill: var(--ink);
}
</style>
