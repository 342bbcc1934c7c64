<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** The brake by hand: how far the spool swings on after the wire stops. */
const { t } = useI18n()
const SWINGS = [
  { key: 'loose', arc: 300, loops: true },
  { key: 'right', arc: 25, loops: false },
  { key: 'tight', arc: 0, loops: false },
] as const
const end = (degrees: number) => {
  const a = ((degrees - 90) * Math.PI) / 180
  return `${(56 + 44 * Math.cos(a)).toFixed(1)} ${(56 + 44 * Math.sin(a)).toFixed(1)}`
}
</script>

<template>
  <div class="swings">
    <figure v-for="swing in SWINGS" :key="swing.key">
      <svg viewBox="0 0 150 112" role="presentation">
        <circle class="metal" cx="56" cy="56" r="36" />
        <circle class="turns" cx="56" cy="56" r="24" />
        <circle class="hub" cx="56" cy="56" r="8" />
        <path
          v-if="swing.arc"
          class="arc"
          :d="`M${end(0)}A44 44 0 ${swing.arc > 180 ? 1 : 0} 1 ${end(swing.arc)}`"
        />
        <path v-else class="arc" d="M48 12H64" />
        <path
          class="out"
          :d="
            swing.loops
              ? 'M56 88C90 88 84 60 108 66C128 72 120 96 106 90C94 84 110 78 150 84'
              : 'M56 88C96 88 108 84 150 84'
          "
        />
      </svg>
      <figcaption>
        {{ t(`picture.swing.${swing.key}`) }}
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.swings {
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
.turns {
  fill: none;
  stroke: var(--copper-soft);
  stroke-width: 14;
}
.hub {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.arc {
  fill: none;
  stroke: var(--slate);
  stroke-width: 4;
  stroke-linecap: round;
}
.out {
  fill: none;
  stroke: var(--copper);
  stroke-width: 4;
}
</style>
