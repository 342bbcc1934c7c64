<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** Where the liner ends: up to the rolls, at the diffuser’s seat, or cut short of its mark at the collet. */
defineProps<{ end: 'rolls' | 'seat' | 'mark' }>()
const { t } = useI18n()
</script>

<template>
  <figure>
    <svg viewBox="0 0 240 110" role="presentation">
      <template v-if="end === 'rolls'">
        <path class="metal" d="M0 50A70 70 0 0 0 60 0H0Z" />
        <path class="metal" d="M0 60A70 70 0 0 1 60 110H0Z" />
        <rect class="liner" x="62" y="42" width="178" height="26" />
        <path class="gap" d="M46 84V98M62 84V98M46 91H62" />
      </template>
      <template v-else-if="end === 'seat'">
        <path class="metal" d="M0 30H120V20H170V90H120V80H0Z" />
        <rect class="liner" x="0" y="42" width="150" height="26" />
        <path class="metal" d="M172 44H236V66H172Z" />
        <path class="gap" d="M150 94V104M170 94V104M150 99H170" />
      </template>
      <template v-else>
        <path class="metal" d="M0 26H70V84H0Z" />
        <rect class="liner" x="0" y="42" width="240" height="26" />
        <path class="mark" d="M72 34V76" />
        <path class="cut" d="M92 30V80" />
        <path class="gap" d="M72 92V104M92 92V104M72 98H92" />
      </template>
      <path class="wire" d="M0 55H240" />
    </svg>
    <figcaption>{{ t(`picture.linerEnd.${end}`) }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.metal {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.liner {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.wire {
  stroke: var(--copper);
  stroke-width: 6;
}
.mark {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 4 3;
}
.cut {
  stroke: var(--paprika);
  stroke-width: 4;
}
.gap {
  stroke: var(--slate);
  stroke-width: 2;
  fill: none;
}
</style>
