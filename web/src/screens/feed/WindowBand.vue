<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatForce } from '@pepper-knot/core/trade'
import { type PressureWindow } from '@pepper-knot/core/trouble'
import { useSettings } from '../../stores/settings.ts'

/** Slip, safe, fold and crush on one axis of roll force, and the mark where the arm stands. */
const props = defineProps<{ window: PressureWindow; rollForceN: number }>()
const { t } = useI18n()
const settings = useSettings()

const ends = computed(() => {
  const all = [props.window.lowN, props.window.crushN, props.window.foldN, props.rollForceN].filter(
    (n) => n > 0,
  )
  return [Math.min(...all) / 1.8, Math.max(...all) * 1.4] as const
})
/** A pressure twice as hard is as far again, wherever it begins. */
const at = (n: number) => {
  const [low, high] = ends.value
  return Math.min(100, (100 * Math.log(Math.max(n, low) / low)) / Math.log(high / low))
}
const say = (n: number) => formatForce(n, settings.units)
/** A zone too narrow for its word is left to its neighbour. */
const NARROW = 10
const zones = computed(() => {
  const { lowN, highN, upper, crushN, foldN } = props.window
  const [least, most] = [at(Math.min(lowN, highN)), at(Math.max(lowN, highN))]
  const then = at(upper === 'crush' ? foldN : crushN)
  const split = then - most > NARROW && 100 - then > NARROW
  return [
    { id: 'slip', from: 0, to: least },
    { id: highN > lowN ? 'safe' : 'shut', from: least, to: most },
    { id: upper, from: most, to: split ? then : 100 },
    ...(split ? [{ id: upper === 'crush' ? 'crush-birdnest' : 'birdnest-crush', from: then, to: 100 }] : []),
  ]
})
const standing = computed(() => {
  const { lowN, crushN, foldN } = props.window
  const n = props.rollForceN
  return n < lowN ? 'slip' : n > crushN ? 'crush' : n > foldN ? 'birdnest' : 'safe'
})
</script>

<template>
  <section class="band" :aria-label="t('feed.band.label')">
    <p class="visually-hidden">
      {{
        t('feed.band.told', {
          low: say(window.lowN),
          high: say(window.highN),
          now: say(rollForceN),
          where: t(`feed.band.${standing}`),
        })
      }}
    </p>
    <div class="zones" aria-hidden="true">
      <div
        v-for="zone in zones"
        :key="zone.id"
        :class="['zone', zone.id]"
        :style="{ left: `${zone.from}%`, width: `${zone.to - zone.from}%` }"
      >
        <span v-if="zone.to - zone.from > NARROW">{{ t(`feed.band.${zone.id}`) }}</span>
      </div>
      <div class="mark" :style="{ left: `${at(rollForceN)}%` }">
        <b class="tabular">{{ say(rollForceN) }}</b>
      </div>
    </div>
    <div class="ticks tabular" aria-hidden="true">
      <span :style="{ left: `${at(window.lowN)}%` }">{{ say(window.lowN) }}</span>
      <span
        v-if="Math.abs(at(window.highN) - at(window.lowN)) > 9"
        :style="{ left: `${at(window.highN)}%` }"
        >{{ say(window.highN) }}</span
      >
    </div>
  </section>
</template>

<style scoped>
.band {
  padding-top: 34px;
}
.zones {
  position: relative;
  height: 54px;
  border: 2px solid var(--ink);
}
.zone {
  position: absolute;
  inset-block: 0;
  display: flex;
  align-items: center;
  padding-left: 10px;
  overflow: hidden;
  font-weight: 650;
  white-space: nowrap;
}
.slip {
  color: var(--muted);
}
.safe {
  background: var(--copper-soft);
  color: #221e1b;
  border-inline: 2px solid var(--ink);
}
.shut {
  background: repeating-linear-gradient(45deg, transparent 0 6px, var(--rule) 6px 12px);
}
.crush,
.birdnest,
.crush-birdnest,
.birdnest-crush {
  color: var(--paprika);
}
.crush-birdnest,
.birdnest-crush {
  border-left: 1px dashed var(--paprika);
}
.mark {
  position: absolute;
  top: -32px;
  bottom: -8px;
  width: 0;
  border-left: 4px solid var(--ink);
}
.mark b {
  position: absolute;
  top: -4px;
  left: 6px;
  white-space: nowrap;
  background: var(--ground);
  padding: 0 4px;
}
.ticks {
  position: relative;
  height: 26px;
  color: var(--muted);
}
.ticks span {
  position: absolute;
  top: 4px;
  transform: translateX(-50%);
  white-space: nowrap;
}
</style>
