<script setup lang="ts">
/** Roll, gap and guide seen from the side; gap and wire to one scale, the roll larger than shown. */
defineProps<{ material: string; gapMm: number; wireMm: number; outlet: boolean }>()
const scale = 7
const edge = 74
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <g :transform="outlet ? undefined : 'translate(220 0) scale(-1 1)'">
      <path class="metal" :d="`M0 ${80 + 5}A80 80 0 0 1 ${edge} 160H0Z`" />
      <path class="metal" :d="`M0 ${80 - 5}A80 80 0 0 0 ${edge} 0H0Z`" />
      <path
        class="tube"
        :class="{ polymer: material === 'polymer' }"
        :d="`M${40 + gapMm * scale} 62H220V98H${40 + gapMm * scale}Z`"
      />
      <rect class="wire" x="0" :y="80 - (wireMm * scale) / 2" width="220" :height="wireMm * scale" />
      <path class="gap" :d="`M40 112V130M${40 + gapMm * scale} 112V130M40 121H${40 + gapMm * scale}`" />
    </g>
  </svg>
</template>

<style scoped>
.tube {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.polymer {
  fill: var(--sheet);
}
.gap {
  stroke: var(--slate);
  stroke-width: 2;
  fill: none;
}
</style>
