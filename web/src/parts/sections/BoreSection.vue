<script setup lang="ts">
/** Wire lying in a bore, cut across: a liner (coiled or plain) or a nozzle. Lengths in mm, one scale. */
defineProps<{ boreMm: number; wireMm: number; scale: number; coil?: boolean; wallMm?: number }>()
const centre = { x: 110, y: 80 }
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <circle
      class="metal"
      :class="{ coil }"
      :cx="centre.x"
      :cy="centre.y"
      :r="(boreMm / 2 + (wallMm ?? 0.6)) * scale"
    />
    <circle class="hollow" :cx="centre.x" :cy="centre.y" :r="(boreMm / 2) * scale" />
    <circle
      class="wire"
      :class="{ clash: wireMm > boreMm }"
      :cx="centre.x"
      :cy="centre.y + Math.max(0, (boreMm - wireMm) / 2) * scale"
      :r="(wireMm / 2) * scale"
    />
  </svg>
</template>

<style scoped>
.coil {
  stroke-dasharray: 7 3;
  stroke-width: 4;
}
.hollow {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
