<script setup lang="ts">
/** Wire in the tip's bore, cut along: the gap is drawn to the scale of the wire. Lengths in mm. */
defineProps<{ boreMm: number; wireMm: number; scale: number }>()
const middle = 80
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <path
      class="metal"
      :d="`M28 20H150L186 ${middle - (boreMm / 2) * scale - 10}V${middle - (boreMm / 2) * scale}H28Z`"
    />
    <path
      class="metal"
      :d="`M28 140H150L186 ${middle + (boreMm / 2) * scale + 10}V${middle + (boreMm / 2) * scale}H28Z`"
    />
    <rect
      class="wire"
      :class="{ clash: wireMm > boreMm }"
      x="0"
      :y="middle + (Math.max(0, boreMm - wireMm) / 2) * scale - (wireMm / 2) * scale"
      width="220"
      :height="wireMm * scale"
    />
  </svg>
</template>
