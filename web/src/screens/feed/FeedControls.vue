<script setup lang="ts">
import { sentences } from '../../parts/sentences.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { GUN_KINDS, type Machine } from '@pepper-knot/core/machine'
import {
  formatForce,
  formatLength,
  formatTorque,
  GROOVE_PROFILES,
  LINER_MATERIALS,
} from '@pepper-knot/core/trade'
import {
  brakeFigures,
  brakeWindow,
  spoolHoldsKg,
  type FeedSetup,
  type PressureWindow,
} from '@pepper-knot/core/trouble'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'
import BrakeDrawing from './BrakeDrawing.vue'
import LeadDrawing from './LeadDrawing.vue'
import LinerDrawing from './LinerDrawing.vue'
import RollDrawing from './RollDrawing.vue'
import SlideRow from './SlideRow.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What can be moved at the feed bench, each looking like what it is. */
const setup = defineModel<FeedSetup>({ required: true })
const rollForceN = defineModel<number>('rollForceN', { required: true })
const props = defineProps<{ window: PressureWindow; machine: Machine | undefined }>()
const { t } = useI18n()
const settings = useSettings()

const brake = computed(() => {
  const { spool, family, wireKg, speedMPerMin } = setup.value
  return brakeWindow(spool, family, wireKg, speedMPerMin, rollForceN.value * props.window.gripPerN)
})
/** Threading goes at the machine's full speed where that is known. */
const THREADING_M_PER_MIN = 20
const runOn = computed(() => {
  const { spool, family, wireKg, brakeNm, speedMPerMin } = setup.value
  const threading = props.machine?.wireSpeedMPerMin?.max ?? THREADING_M_PER_MIN
  return words.brakeFigureText(
    brakeFigures(spool, family, wireKg, brakeNm, speedMPerMin, threading),
    settings.units,
  )
})
const MOST_FORCE = 1200
/** The slider runs evenly in ratio: a light touch for soft wire, long strides for steel. */
const press = computed({
  get: () => Math.log(rollForceN.value / 5) / Math.log(MOST_FORCE / 5),
  set: (share: number) => (rollForceN.value = Math.round(5 * (MOST_FORCE / 5) ** share)),
})
const turn = computed({
  get: () => Math.log(setup.value.brakeNm / 0.02) / Math.log(200),
  set: (share: number) => {
    setup.value = { ...setup.value, brakeNm: Number((0.02 * 200 ** share).toPrecision(2)) }
  },
})
const set = (change: Partial<FeedSetup>) => {
  setup.value = { ...setup.value, ...change }
}

/** The tip as one choice: roomy, holding an oval wire, worn, blocked, or stamped for a thinner wire. */
const TIPS = ['good', 'tight', 'worn', 'blocked', 'too-small'] as const
const tip = computed(() =>
  setup.value.tip !== undefined && setup.value.tip !== 'good'
    ? setup.value.tip
    : setup.value.tightTip
      ? 'tight'
      : 'good',
)
const setTip = (value: (typeof TIPS)[number]) =>
  set({ tightTip: value === 'tight', tip: value === 'tight' ? 'good' : value })
</script>

<template>
  <div class="all">
    <div class="controls">
      <SlideRow
        v-model="press"
        :label="t('feed.arm')"
        :said="formatForce(rollForceN, settings.units)"
        :min="0"
        :max="1"
        :step="0.01"
      >
        <RollDrawing show="arm" :press-share="press" :gap-mm="setup.gapMm" />
      </SlideRow>
      <SlideRow
        :model-value="setup.bendDegrees"
        :label="t('feed.bends')"
        :said="`${t('feed.bendsAre', { n: setup.bendDegrees })}, ${t('feed.loopsAre', setup.loops)}`"
        :min="0"
        :max="540"
        :step="15"
        @update:model-value="set({ bendDegrees: $event })"
      >
        <LeadDrawing :bend-degrees="setup.bendDegrees" :loops="setup.loops" />
        <template #more>
          <div class="row">
            <v-btn size="small" :disabled="setup.loops === 0" @click="set({ loops: setup.loops - 1 })">{{
              t('feed.lessLoop')
            }}</v-btn>
            <v-btn size="small" :disabled="setup.loops >= 4" @click="set({ loops: setup.loops + 1 })">{{
              t('feed.moreLoop')
            }}</v-btn>
          </div>
        </template>
      </SlideRow>
      <SlideRow
        :model-value="setup.gapMm"
        :label="t('feed.gap')"
        :said="formatLength(setup.gapMm, settings.units)"
        :min="0.5"
        :max="40"
        :step="0.5"
        @update:model-value="set({ gapMm: $event })"
      >
        <RollDrawing show="gap" :press-share="press" :gap-mm="setup.gapMm" />
      </SlideRow>
      <SlideRow
        v-model="turn"
        :label="t('feed.brake')"
        :said="formatTorque(setup.brakeNm, settings.units)"
        :min="0"
        :max="1"
        :step="0.01"
      >
        <BrakeDrawing
          :share="turn"
          :fill="Math.min(1, setup.wireKg / spoolHoldsKg(setup.spool, setup.family))"
        />
        <template #more>
          <p class="said">{{ words.brakeSentence(setup.brakeNm, brake, settings.units) }}</p>
          <p v-for="sentence in sentences(runOn)" :key="sentence" class="said">{{ sentence }}</p>
        </template>
      </SlideRow>
    </div>
    <div class="controls">
      <div class="picks">
        <LinerDrawing :setup="setup" />
        <ChoiceRow
          :model-value="setup.liner"
          :ask="t('feed.liner')"
          :choices="LINER_MATERIALS.map((value) => ({ value, title: words.LINER_NAMES[value]! }))"
          @update:model-value="$event && set({ liner: $event, linerBoreMm: undefined })"
        />
        <ChoiceRow
          :model-value="setup.linerState"
          :ask="t('feed.linerState')"
          :choices="
            (['clean', 'dirty', 'kinked'] as const).map((value) => ({
              value,
              title: t(`feed.states.${value}`),
            }))
          "
          @update:model-value="$event && set({ linerState: $event })"
        />
      </div>
      <div class="picks">
        <ChoiceRow
          :model-value="setup.gun"
          :ask="t('feed.gun')"
          :choices="GUN_KINDS.map((value) => ({ value, title: words.GUN_NAMES[value]! }))"
          @update:model-value="$event && set({ gun: $event })"
        />
        <QuantityField
          kind="lead"
          :label="t('feed.leadLength')"
          :units="settings.units"
          :min="0.3"
          :max="30"
          :model-value="setup.leadM"
          @update:model-value="$event !== undefined && set({ leadM: $event })"
        />
        <ChoiceRow
          :model-value="setup.profile"
          :ask="t('feed.rolls')"
          :choices="GROOVE_PROFILES.map((value) => ({ value, title: words.PROFILE_NAMES[value]! }))"
          @update:model-value="$event && set({ profile: $event })"
        />
        <ChoiceRow
          :model-value="tip"
          :ask="t('feed.tip')"
          :choices="TIPS.map((value) => ({ value, title: t(`feed.tips.${value}`) }))"
          @update:model-value="$event && setTip($event)"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.all {
  display: grid;
  gap: 18px;
}
.controls {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  gap: 18px 32px;
}
.picks {
  display: grid;
  gap: 14px;
  align-content: start;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.said {
  font-size: 0.95rem;
}
</style>
