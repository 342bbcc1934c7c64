<script setup lang="ts">
import { computed } from 'vue'

/** The spool to the scale of its kind, with the wire leaving it towards the guide. */
const props = defineProps<{
  type?: string | undefined
  leaves?: string | undefined
  pin?: boolean | undefined
}>()
// published: ISO 544 outside diameters in mm, recalled from memory; half a millimetre to a drawing unit.
const OUTSIDE: Record<string, number> = { S100: 100, S200: 200, S300: 300, B300: 300, BS300: 300, drum: 300 }
const r = computed(() => (OUTSIDE[props.type ?? 'S200'] ?? 200) / 4.3)
const side = computed(() => (props.leaves === 'top' ? -1 : 1))
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <circle class="metal" cx="80" cy="80" :r="r" />
    <circle class="turns" cx="80" cy="80" :r="r * 0.66" :stroke-width="r * 0.42" />
    <circle class="hollow" cx="80" cy="80" r="9" />
    <circle v-if="pin !== undefined" :class="pin ? 'pin' : 'hole'" cx="80" :cy="80 - 15" r="3.500" />
    <path class="lead" :d="`M80 ${80 + side * r * 0.84}C130 ${80 + side * r * 0.84} 140 80 220 80`" />
    <rect class="metal" x="188" y="72" width="32" height="16" />
  </svg>
</template>

<style scoped>
.turns {
  fill: none;
  stroke: var(--copper-soft);
}
.hollow {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.pin {
  fill: var(--ink);
}
.hole {
  fill: none;
  stroke: var(--paprika);
  stroke-width: 2;
}
.lead {
  fill: none;
  stroke: var(--copper);
  stroke-width: 4;
}
</style>
