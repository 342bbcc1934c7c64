<script setup lang="ts">
/** The hub with its nut: it turns as the brake is turned; the wire lies as thick as the spool is full. */
defineProps<{ share: number; fill: number }>()
</script>

<template>
  <svg viewBox="0 0 280 96">
    <circle cx="140" cy="48" r="45" class="flange" />
    <circle cx="140" cy="48" :r="18 + 24 * fill" class="wire" />
    <circle cx="140" cy="48" r="17" class="hub" />
    <g :transform="`translate(140 48) rotate(${share * 300})`">
      <path d="M0 -10L8.7 -5V5L0 10L-8.7 5V-5Z" class="nut" />
      <path d="M0 0V-16" class="mark" />
    </g>
    <path d="M182 70C210 88 240 60 270 60" class="off" />
  </svg>
</template>

<style scoped>
.flange {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.wire {
  fill: var(--copper-soft);
}
.hub {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.nut {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 2;
}
.mark {
  stroke: var(--ink);
  stroke-width: 3;
}
.off {
  fill: none;
  stroke: var(--copper);
  stroke-width: 4;
}
</style>
