<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatForce, formatLead } from '@pepper-knot/core/trade'
import {
  coefficientsOf,
  forceAlong,
  geometryOf,
  type FeedSetup,
  type PressureWindow,
} from '@pepper-knot/core/trouble'
import { useSettings } from '../../stores/settings.ts'

/** The wire from spool to tip, as high over the line as the force in it. */
const props = defineProps<{ setup: FeedSetup; window: PressureWindow; rollForceN: number }>()
const { t } = useI18n()
const settings = useSettings()

const W = 1000
const [SPOOL, ROLLS, GUIDE, TIP] = [70, 220, 270, 940]
const BASE = 190
const lead = computed(() => {
  const g = geometryOf(props.setup)
  const c = coefficientsOf(props.setup)
  return forceAlong(
    c.tipDragN.value,
    c.linerDragNPerM.value * g.boreFactor,
    g.lengthM,
    g.bendRad + c.strayBendRad.value,
    c.linerFriction.value,
  )
})
const grip = computed(() => props.rollForceN * props.window.gripPerN)
// The push fills the drawing; what the rolls could hold beyond it stands at its top.
const top = computed(() => 1.5 * Math.max(props.window.pushN, props.window.dragN, 5))
const y = (n: number) => BASE - (150 * Math.min(n, top.value * 1.05)) / (top.value * 1.05)
const x = (share: number) => GUIDE + (TIP - GUIDE) * share
const share = computed(() =>
  props.setup.gun === 'push-pull' ? props.window.pushN / lead.value[0]!.forceN : 1,
)
const area = computed(() => {
  const points = lead.value.map((p, i, all) => `${x(i / (all.length - 1))} ${y(p.forceN * share.value)}`)
  return `M${GUIDE} ${BASE}L${points.join('L')}L${TIP} ${BASE}Z`
})
const force = (n: number) => formatForce(n, settings.units)
const labels = computed(() => [
  {
    x: (SPOOL + ROLLS) / 2,
    y: y(props.window.dragN) - 8,
    text: t('feed.line.drag', { force: force(props.window.dragN) }),
  },
  {
    x: GUIDE + 8,
    y: y(props.window.pushN) - 8,
    text: t('feed.line.push', { force: force(props.window.pushN) }),
    start: true,
  },
  {
    x: TIP,
    y: y(lead.value.at(-1)!.forceN) - 8,
    text: t('feed.line.tip', { force: force(lead.value.at(-1)!.forceN) }),
    end: true,
  },
])
</script>

<template>
  <figure class="force">
    <svg
      :viewBox="`0 0 ${W} 240`"
      role="img"
      :aria-label="
        t('feed.line.label', {
          drag: force(window.dragN),
          push: force(window.pushN),
          grip: force(grip),
          fold: force(window.birdnestN),
        })
      "
    >
      <path :d="`M${SPOOL} ${BASE}V${y(window.dragN)}H${ROLLS}V${BASE}Z`" class="pull" />
      <path :d="area" class="push" />
      <!-- What the rolls can give, and where the wire would fold. -->
      <path :d="`M${ROLLS - 26} ${y(grip)}H${GUIDE + 60}`" class="grip" />
      <path
        v-if="window.birdnestN <= top * 1.05"
        :d="`M${ROLLS} ${y(window.birdnestN)}H${GUIDE + 60}`"
        class="fold"
      />
      <path :d="`M${SPOOL} ${BASE}H${TIP + 30}`" class="line" />
      <circle :cx="SPOOL" :cy="BASE" r="26" class="spool" />
      <circle :cx="SPOOL" :cy="BASE" r="8" class="hub" />
      <circle :cx="ROLLS" :cy="BASE - 13" r="12" class="roll" />
      <circle :cx="ROLLS" :cy="BASE + 13" r="12" class="roll" />
      <rect :x="GUIDE - 6" :y="BASE - 8" width="26" height="16" class="roll" />
      <path :d="`M${TIP} ${BASE - 9}h22l8 9l-8 9h-22z`" class="roll" />
      <text
        v-for="label in labels"
        :key="label.text"
        :x="label.x"
        :y="label.y"
        :text-anchor="label.start ? 'start' : label.end ? 'end' : 'middle'"
      >
        {{ label.text }}
      </text>
      <text :x="GUIDE + 66" :y="y(grip) + 5">{{ t('feed.line.grip', { force: force(grip) }) }}</text>
      <text v-if="window.birdnestN <= top * 1.05" :x="GUIDE + 66" :y="y(window.birdnestN) + 5">
        {{ t('feed.line.fold', { force: force(window.birdnestN) }) }}
      </text>
      <text :x="SPOOL" y="228" text-anchor="middle" class="place">{{ t('feed.line.spool') }}</text>
      <text :x="ROLLS" y="228" text-anchor="middle" class="place">{{ t('feed.line.rolls') }}</text>
      <text :x="(GUIDE + TIP) / 2" y="228" text-anchor="middle" class="place">
        {{ t('feed.line.lead', { length: formatLead(setup.leadM, settings.units) }) }}
      </text>
      <text :x="TIP" y="228" text-anchor="middle" class="place">{{ t('feed.line.tipPlace') }}</text>
    </svg>
  </figure>
</template>

<style scoped>
.force {
  margin: 0;
}
svg {
  width: 100%;
  display: block;
  font-size: 17px;
}
.push,
.pull {
  fill: var(--copper-soft);
  fill-opacity: 0.55;
}
.line {
  stroke: var(--copper);
  stroke-width: 5;
  fill: none;
}
.grip {
  stroke: var(--ink);
  stroke-width: 3;
}
.fold {
  stroke: var(--paprika);
  stroke-width: 3;
  stroke-dasharray: 9 5;
}
.spool {
  fill: var(--copper-soft);
  stroke: var(--ink);
  stroke-width: 2;
}
.hub {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 2;
}
.roll {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
text {
  fill: var(--ink);
}
.place {
  fill: var(--muted);
}
@media (max-width: 700px) {
  svg {
    font-size: 34px;
  }
}
</style>
