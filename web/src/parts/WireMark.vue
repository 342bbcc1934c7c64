<script setup lang="ts">
import type { Finding } from '@pepper-knot/core/machine'

type Verdict = Finding['verdict']

defineProps<{ verdict: Verdict }>()
</script>

<template>
  <!-- The line runs through a round, makes an open loop, is cut, or is dotted. -->
  <span class="track" :class="`track--${verdict}`" aria-hidden="true">
    <span class="line" />
    <svg viewBox="0 0 44 44">
      <template v-if="verdict === 'fits'">
        <path class="wire" d="M0 22H44" />
        <circle class="round" cx="22" cy="22" r="8" />
      </template>
      <path
        v-else-if="verdict === 'adjust'"
        class="wire loop"
        d="M0 22h8c10 0 22-2 22-11a8 8 0 0 0-16 0c0 9 12 11 22 11h8"
      />
      <template v-else-if="verdict === 'change'">
        <path class="wire" d="M0 22H10M34 22H44" />
        <path class="cut" d="M10 12V32M34 12V32" />
      </template>
      <path v-else class="wire dots" d="M3 22H44" />
    </svg>
    <span class="line" />
  </span>
</template>

<style scoped>
.track {
  display: flex;
  align-items: center;
  height: 44px;
}
.line {
  flex: 1;
  height: 4px;
  background: var(--copper);
}
svg {
  flex: none;
  width: 44px;
  height: 44px;
  fill: none;
}
.wire {
  stroke: var(--copper);
  stroke-width: 4;
}
.loop {
  stroke: var(--slate);
}
.round {
  fill: var(--ink);
}
.cut {
  stroke: var(--paprika);
  stroke-width: 5;
}
.dots {
  stroke: var(--muted);
  stroke-dasharray: 0.1 8;
  stroke-linecap: round;
  stroke-width: 5;
}
</style>
