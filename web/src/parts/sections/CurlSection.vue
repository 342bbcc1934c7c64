<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** The pressure test seen from the side: gun, wood at about 45°, and what the wire does. The loop is to the wood’s scale. */
defineProps<{ school: string }>()
const { t } = useI18n()
const CURLS = [
  { key: 'slips', wire: 'M62 30L104 62' },
  { key: 'right', wire: 'M62 30L104 62C128 80 128 112 100 112C74 112 74 78 98 76' },
  {
    key: 'tight',
    wire: 'M62 30L104 62C114 70 114 82 104 82C96 82 96 70 104 70C112 72 110 92 98 90C90 88 92 78 100 78',
  },
] as const
</script>

<template>
  <div class="curls">
    <figure v-for="curl in school === 'curl' ? CURLS : CURLS.slice(0, 1)" :key="curl.key">
      <svg viewBox="0 0 150 124" role="presentation">
        <path class="metal" d="M0 -6L46 20L40 32L-6 6Z" />
        <path class="metal" d="M46 20L60 27L57 34L40 32Z" />
        <path class="wood" d="M150 20V112L92 74L118 20Z" />
        <path class="grain" d="M128 30L112 78M140 34L124 88" />
        <path class="wire" :d="curl.wire" fill="none" />
      </svg>
      <figcaption v-if="school === 'curl'">
        {{ t(`picture.curl.${curl.key}`) }}
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.curls {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(120px, 30%), 1fr));
  gap: 10px;
}
figure {
  margin: 0;
}
.metal {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.wood {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.grain {
  stroke: var(--rule);
  stroke-width: 2;
}
.wire {
  fill: none !important;
  stroke: var(--copper);
  stroke-width: 4;
  stroke-linecap: round;
}
</style>
