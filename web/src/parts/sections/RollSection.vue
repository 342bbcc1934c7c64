<script setup lang="ts">
import { computed } from 'vue'

/** Groove under wire, cut across the roll, before pressure: all lengths in mm, drawn at one scale. */
const props = defineProps<{ profile: string; grooveMm: number; wireMm: number; scale: number }>()

const HALF_ANGLE = Math.PI / 4
const surface = 92
const middle = 110

const shape = computed(() => {
  const { scale, grooveMm, wireMm, profile } = props
  const r = (wireMm / 2) * scale
  const groove = (grooveMm / 2) * scale
  if (profile === 'smooth-u') {
    const round = groove * 1.04
    // Smaller wire lies on the bottom, larger rides on the two edges.
    const y = r <= round ? surface + round - r : surface - Math.sqrt(r * r - round * round)
    return {
      y,
      r,
      d: `M0 ${surface}H${middle - round}A${round} ${round} 0 0 0 ${middle + round} ${surface}H220V160H0Z`,
      teeth: [] as string[],
    }
  }
  // A V for its own wire holds it just under half: the depth below the surface follows from the stamped size.
  const depth = groove * (1 / Math.sin(HALF_ANGLE) - 0.1)
  const half = depth * Math.tan(HALF_ANGLE)
  const apex = surface + depth
  const inside = apex - r / Math.sin(HALF_ANGLE)
  const touchX = r * Math.cos(HALF_ANGLE)
  // Too large for the flanks, it rides on the two edges.
  const y = touchX <= half ? inside : surface - Math.sqrt(Math.max(0, r * r - half * half))
  const teeth =
    profile === 'knurled-v'
      ? [0.15, 0.38, 0.61, 0.84].flatMap((k) =>
          [-1, 1].map((side) => tooth(half * k, depth * (1 - k), side, depth)),
        )
      : []
  return {
    y,
    r,
    d: `M0 ${surface}H${middle - half}L${middle} ${apex}L${middle + half} ${surface}H220V160H0Z`,
    teeth,
  }
})
function tooth(x: number, down: number, side: number, depth: number) {
  const size = Math.max(3, depth * 0.12)
  const px = middle + side * x
  const py = surface + down
  return `M${px} ${py - size}L${px - side * size} ${py - size * 0.1}L${px + side * size * 0.2} ${py + size * 0.3}Z`
}
const top = computed(() => shape.value.y - shape.value.r)
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <rect class="metal" x="0" :y="top - 34" width="220" height="34" />
    <path class="metal" :d="shape.d" />
    <path v-for="d in shape.teeth" :key="d" class="tooth" :d="d" />
    <circle class="wire" :cx="middle" :cy="shape.y" :r="shape.r" />
  </svg>
</template>
