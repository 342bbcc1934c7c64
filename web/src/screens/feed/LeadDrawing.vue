<script setup lang="ts">
import { computed } from 'vue'

/** The lead as it lies: its loops, its bends, the gun at the end. */
const props = defineProps<{ bendDegrees: number; loops: number }>()

/** A line that turns at an even rate, with whole loops in the middle; drawn to fit. */
const path = computed(() => {
  const points: [number, number][] = []
  const n = 90 + 60 * props.loops
  const total = (props.bendDegrees * Math.PI) / 180
  let [x, y, heading] = [0, 0, -total / 2]
  for (let i = 0; i <= n; i++) {
    points.push([x, y])
    const inLoop = i > n * 0.3 && i < n * 0.7 && props.loops > 0
    heading += inLoop ? (props.loops * 2 * Math.PI) / (n * 0.4) : total / n
    const pace = inLoop ? 1.1 : 2.2
    x += Math.cos(heading) * pace
    y += Math.sin(heading) * pace
  }
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => p[1])
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const scale = Math.min(240 / (x1 - x0 || 1), 76 / (y1 - y0 || 1), 3)
  const at = ([px, py]: [number, number]) =>
    `${(20 + (px - x0) * scale).toFixed(1)} ${(48 + (py - (y0 + y1) / 2) * scale).toFixed(1)}`
  return { d: `M${points.map(at).join('L')}`, end: at(points.at(-1)!).split(' ').map(Number), heading }
})
</script>

<template>
  <svg viewBox="0 0 280 96">
    <rect x="4" y="38" width="16" height="20" class="box" />
    <path :d="path.d" class="lead" />
    <g :transform="`translate(${path.end[0]} ${path.end[1]}) rotate(${(path.heading * 180) / Math.PI})`">
      <path d="M0 -5H10L18 -2V2L10 5H0Z" class="gun" />
    </g>
  </svg>
</template>

<style scoped>
.lead {
  fill: none;
  stroke: var(--copper);
  stroke-width: 5;
  stroke-linecap: round;
}
.box {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.gun {
  fill: var(--ink);
}
</style>
