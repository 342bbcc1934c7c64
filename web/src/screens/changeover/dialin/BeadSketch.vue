<script setup lang="ts">
import type { BEADS } from '@pepper-knot/core/arc'
import { computed } from 'vue'

type Bead = (typeof BEADS)[number]

/** A bead from above and cut through: our own drawing, in the colour of the text it stands in. */
const props = defineProps<{ bead: Bead }>()

/** Half width from above, crown over the plate, depth into it. */
const SHAPE: Record<Bead, { half: number; crown: number; depth: number }> = {
  good: { half: 11, crown: 5, depth: 9 },
  cold: { half: 6, crown: 10, depth: 2 },
  hot: { half: 18, crown: -2, depth: 17 },
  undercut: { half: 11, crown: 6, depth: 9 },
  spattered: { half: 9, crown: 6, depth: 5 },
  'burnt-through': { half: 16, crown: -3, depth: 18 },
  porous: { half: 11, crown: 6, depth: 9 },
  'worm-tracks': { half: 11, crown: 6, depth: 9 },
  'not-fused': { half: 10, crown: 9, depth: 0 },
}
const shape = computed(() => SHAPE[props.bead])
const RIPPLES = [26, 38, 50, 62, 74, 86, 98]
const CUT = { left: 12, right: 108, top: 66, bottom: 82 }
const MID = 60
const section = computed(() => {
  const { half, crown, depth } = shape.value
  const [l, r] = [MID - half, MID + half]
  return `M${l} ${CUT.top} Q${MID} ${CUT.top - 2 * crown} ${r} ${CUT.top} Q${MID} ${CUT.top + 2 * depth} ${l} ${CUT.top} Z`
})
const SPATTER = [
  [22, 6, 2],
  [33, 43, 3],
  [47, 8, 2.4],
  [58, 44, 2],
  [71, 5, 3],
  [84, 42, 2.2],
  [96, 9, 2.6],
  [104, 41, 1.8],
]
const PORES = [
  [32, 21, 2],
  [45, 29, 2.6],
  [58, 22, 1.8],
  [70, 28, 2.2],
  [86, 23, 2.8],
]
</script>

<template>
  <svg viewBox="0 0 120 100" aria-hidden="true" class="sketch">
    <!-- From above. -->
    <rect
      v-if="bead === 'hot' || bead === 'burnt-through'"
      x="8"
      :y="25 - shape.half - 4"
      width="104"
      :height="2 * shape.half + 8"
      rx="20"
      class="faint"
    />
    <rect
      x="14"
      :y="25 - shape.half"
      width="92"
      :height="2 * shape.half"
      :rx="Math.min(12, shape.half)"
      class="line"
    />
    <path
      v-for="x in RIPPLES"
      :key="x"
      :d="`M${x} ${25 - shape.half + 1.5} q${shape.half * 0.55} ${shape.half - 1.5} 0 ${2 * shape.half - 3}`"
      class="thin"
    />
    <g v-if="bead === 'undercut'" class="thick">
      <path d="M20 13 q12 -2.4 24 0 t24 0 t30 0" />
      <path d="M22 37 q14 2.4 26 0 t24 0 t28 0" />
    </g>
    <ellipse v-if="bead === 'burnt-through'" cx="62" cy="25" rx="13" ry="9" class="solid" />
    <template v-if="bead === 'spattered'">
      <circle v-for="[x, y, r] in SPATTER" :key="x" :cx="x" :cy="y" :r="r" class="solid" />
    </template>
    <template v-if="bead === 'porous'">
      <circle v-for="[x, y, r] in PORES" :key="x" :cx="x" :cy="y" :r="r" class="solid" />
    </template>
    <g v-if="bead === 'worm-tracks'" class="thick">
      <path d="M26 22 q8 5 16 1" />
      <path d="M50 28 q9 -5 18 0" />
      <path d="M76 22 q9 5 18 1" />
    </g>
    <!-- Cut through. -->
    <path :d="section" class="solid soft" />
    <path
      :d="`M${CUT.left} ${CUT.top} H${MID - shape.half} M${MID + shape.half} ${CUT.top} H${CUT.right} V${CUT.bottom} H${CUT.left} V${CUT.top}`"
      class="line"
    />
    <path :d="section" class="line" />
    <g v-if="bead === 'undercut'">
      <path :d="`M${MID - 15} ${CUT.top} l4 5 l4 -5 z`" class="solid" />
      <path :d="`M${MID + 7} ${CUT.top} l4 5 l4 -5 z`" class="solid" />
    </g>
    <path v-if="bead === 'burnt-through'" :d="`M${MID - 7} ${CUT.bottom} q7 18 14 0 z`" class="solid" />
    <path v-if="bead === 'hot'" :d="`M${MID - 8} ${CUT.bottom} q8 7 16 0 z`" class="solid" />
    <template v-if="bead === 'porous'">
      <circle :cx="MID - 4" :cy="CUT.top - 1" r="1.8" class="solid" />
      <circle :cx="MID + 4" :cy="CUT.top + 3" r="1.5" class="solid" />
    </template>
    <path v-if="bead === 'worm-tracks'" :d="`M${MID - 6} ${CUT.top + 5} q6 -7 11 -6`" class="thick" />
    <path v-if="bead === 'not-fused'" :d="`M${MID - 10} ${CUT.top + 1.5} h20`" class="thick" />
    <template v-if="bead === 'spattered'">
      <circle :cx="MID - 22" :cy="CUT.top - 2" r="2" class="solid" />
      <circle :cx="MID + 24" :cy="CUT.top - 2.4" r="2.4" class="solid" />
    </template>
  </svg>
</template>

<style scoped>
.sketch {
  display: block;
  width: 100%;
  max-width: 120px;
}
.line,
.thin,
.thick,
.faint {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.thin {
  stroke-width: 1;
}
.thick {
  stroke-width: 3;
}
.faint {
  stroke-width: 1;
  stroke-dasharray: 3 3;
}
.solid {
  fill: currentColor;
}
.soft {
  fill-opacity: 0.22;
}
</style>
