<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** This cable on that stud. */
defineProps<{ polarity: string; by: string }>()
const { t } = useI18n()
</script>

<template>
  <svg viewBox="0 0 220 160" role="presentation">
    <rect class="metal" x="14" y="14" width="192" height="58" />
    <g
      v-for="stud in [
        { x: 66, sign: '+' },
        { x: 154, sign: '−' },
      ]"
      :key="stud.sign"
    >
      <circle class="stud" :cx="stud.x" cy="43" r="20" />
      <text :x="stud.x" y="52" class="sign">{{ stud.sign }}</text>
    </g>
    <path class="cable cable--gun" :d="`M${polarity === 'DCEP' ? 66 : 154} 63V128`" />
    <path class="cable" :d="`M${polarity === 'DCEP' ? 154 : 66} 63V128`" />
    <text :x="polarity === 'DCEP' ? 66 : 154" y="150" class="label">{{ t('section.gunCable') }}</text>
    <text :x="polarity === 'DCEP' ? 154 : 66" y="150" class="label">{{ t('section.workLead') }}</text>
  </svg>
</template>

<style scoped>
.stud {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 3;
}
.sign {
  font-size: 28px;
  font-weight: 700;
}
text {
  text-anchor: middle;
  fill: var(--ink);
}
.label {
  font-size: 17px;
  font-weight: 650;
}
.cable {
  stroke: var(--muted);
  stroke-width: 8;
}
.cable--gun {
  stroke: var(--copper);
}
</style>
