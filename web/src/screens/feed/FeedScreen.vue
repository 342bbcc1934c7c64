<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  brakeSentence,
  brakeWindow,
  cheapestWayOpen,
  feedSentence,
  feedSetupOf,
  firstMark,
  firstMarkSentence,
  formatForce,
  formatLength,
  formatTorque,
  goodMarks,
  isSized,
  LINER_MATERIALS,
  LINER_NAMES,
  pressureWindow,
  PROFILE_NAMES,
  GROOVE_PROFILES,
  readLabel,
  schoolsSentence,
  seenOnly,
  spoolHoldsKg,
  STATION_NAMES,
  windowCentreN,
  type FeedSetup,
  type Station,
} from '@pepper-knot/core'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LabelField from '../../parts/LabelField.vue'
import { asItStands } from '../../stores/bench.ts'
import { useShop } from '../../stores/shop.ts'
import BrakeDrawing from './BrakeDrawing.vue'
import ChancesPanel from './ChancesPanel.vue'
import CureList from './CureList.vue'
import ForceLine from './ForceLine.vue'
import LeadDrawing from './LeadDrawing.vue'
import RollDrawing from './RollDrawing.vue'
import SlideRow from './SlideRow.vue'
import WindowBand from './WindowBand.vue'
import WirePanels from './WirePanels.vue'

const { t } = useI18n()
const shop = useShop()
const machineId = ref(shop.shop.machines[0]?.id)
const machine = computed(() => shop.machine(machineId.value ?? ''))
const label = ref('')
const typed = computed(() => (label.value.trim() ? readLabel(label.value) : undefined))
const loaded = computed(() => machine.value && asItStands(machine.value).wire)
const wire = computed(() => {
  const read = typed.value?.ok ? typed.value.value.wire : loaded.value
  return read && isSized(read) ? read : undefined
})
const fitted = computed(() => (machine.value ? seenOnly(machine.value).fitted : {}))
const from = computed(() => wire.value && feedSetupOf(machine.value ?? {}, fitted.value, wire.value))

const setup = ref<FeedSetup>()
const rollForceN = ref(80)
function reset() {
  if (!from.value) return void (setup.value = undefined)
  setup.value = { ...from.value.setup }
  const w = pressureWindow(from.value.setup)
  rollForceN.value = Math.round(w.opens ? windowCentreN(w) : w.lowN)
}
watch([machineId, () => wire.value?.classification, () => wire.value?.diameterMm], reset, { immediate: true })

const window_ = computed(() => setup.value && pressureWindow(setup.value))
const answer = computed(() =>
  setup.value && window_.value
    ? feedSentence(
        setup.value,
        window_.value,
        cheapestWayOpen(setup.value, shop.settings.practice.labourPerHour),
        shop.units,
      )
    : '',
)
const brake = computed(() => {
  if (!setup.value || !window_.value) return undefined
  const { spool, family, wireKg, speedMPerMin } = setup.value
  return brakeWindow(spool, family, wireKg, speedMPerMin, rollForceN.value * window_.value.gripPerN)
})
const first = computed(() =>
  machine.value && window_.value
    ? firstMarkSentence(
        firstMark(goodMarks(shop.shop.runs, machine.value.id), window_.value, machine.value.scale),
      )
    : '',
)
const MOST_FORCE = 1200
/** The slider runs evenly in ratio: a light touch for soft wire, long strides for steel. */
const press = computed({
  get: () => Math.log(rollForceN.value / 5) / Math.log(MOST_FORCE / 5),
  set: (share: number) => (rollForceN.value = Math.round(5 * (MOST_FORCE / 5) ** share)),
})
const turn = computed({
  get: () => Math.log((setup.value?.brakeNm ?? 0.02) / 0.02) / Math.log(200),
  set: (share: number) => {
    if (setup.value) setup.value = { ...setup.value, brakeNm: Number((0.02 * 200 ** share).toPrecision(2)) }
  },
})
const set = (change: Partial<FeedSetup>) => {
  if (setup.value) setup.value = { ...setup.value, ...change }
}
</script>

<template>
  <div class="screen feed">
    <header>
      <h1>{{ t('nav.feed') }}</h1>
      <p v-if="answer" class="answer" role="status">{{ answer }}</p>
    </header>
    <div class="choose">
      <v-select
        v-model="machineId"
        :label="t('feed.machine')"
        :items="shop.shop.machines.map((m) => ({ value: m.id, title: m.name }))"
        :no-data-text="t('bench.noMachines')"
      />
      <LabelField v-model="label" />
      <v-btn v-if="setup" @click="reset">{{ t('feed.reset') }}</v-btn>
    </div>
    <p v-if="!setup" class="note">{{ t('feed.needWire') }}</p>
    <template v-if="setup && window_">
      <p v-if="from?.assumed.length" class="muted">
        {{
          t('feed.assumed', {
            stations: [...new Set(from.assumed)]
              .map((s) => STATION_NAMES[s as Station].toLowerCase())
              .join(', '),
          })
        }}
      </p>
      <ForceLine :setup="setup" :window="window_" :roll-force-n="rollForceN" />
      <WindowBand :window="window_" :roll-force-n="rollForceN" />
      <div class="controls">
        <SlideRow
          v-model="press"
          :label="t('feed.arm')"
          :said="formatForce(rollForceN, shop.units)"
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
              <v-btn size="small" :disabled="setup.loops === 0" @click="set({ loops: setup!.loops - 1 })">{{
                t('feed.lessLoop')
              }}</v-btn>
              <v-btn size="small" :disabled="setup.loops >= 4" @click="set({ loops: setup!.loops + 1 })">{{
                t('feed.moreLoop')
              }}</v-btn>
            </div>
          </template>
        </SlideRow>
        <SlideRow
          :model-value="setup.gapMm"
          :label="t('feed.gap')"
          :said="formatLength(setup.gapMm, shop.units)"
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
          :said="formatTorque(setup.brakeNm, shop.units)"
          :min="0"
          :max="1"
          :step="0.01"
        >
          <BrakeDrawing
            :share="turn"
            :fill="Math.min(1, setup.wireKg / spoolHoldsKg(setup.spool, setup.family))"
          />
          <template #more>
            <p v-if="brake" class="said">{{ brakeSentence(setup.brakeNm, brake, shop.units) }}</p>
          </template>
        </SlideRow>
      </div>
      <div class="controls">
        <div class="picks">
          <ChoiceRow
            :model-value="setup.liner"
            :ask="t('feed.liner')"
            :choices="LINER_MATERIALS.map((value) => ({ value, title: LINER_NAMES[value]! }))"
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
            :model-value="setup.profile"
            :ask="t('feed.rolls')"
            :choices="GROOVE_PROFILES.map((value) => ({ value, title: PROFILE_NAMES[value]! }))"
            @update:model-value="$event && set({ profile: $event })"
          />
          <ChoiceRow
            :model-value="setup.tightTip"
            :ask="t('feed.tip')"
            :choices="[
              { value: false, title: t('feed.tipFree') },
              { value: true, title: t('feed.tipTight') },
            ]"
            @update:model-value="set({ tightTip: $event ?? false })"
          />
        </div>
      </div>
      <div class="cols">
        <CureList :setup="setup" @take="setup = { ...$event }" />
        <ChancesPanel :setup="setup" :roll-force-n="rollForceN" />
      </div>
      <section class="schools" :aria-label="t('feed.schools')">
        <h2>{{ t('feed.schools') }}</h2>
        <p>{{ schoolsSentence(window_, shop.units) }}</p>
        <p>{{ first }}</p>
      </section>
      <WirePanels :setup="setup" />
      <p class="muted">{{ t('feed.origin') }}</p>
    </template>
  </div>
</template>

<style scoped>
.feed {
  display: grid;
  gap: 18px;
}
.answer {
  font-size: 1.25rem;
  max-width: 75ch;
  margin-top: 6px;
}
.choose {
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr) auto;
  gap: 16px;
  align-items: start;
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
.cols {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 24px 48px;
}
.schools {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule);
  padding-top: 14px;
  max-width: 80ch;
}
@media (max-width: 900px) {
  .choose,
  .cols {
    grid-template-columns: 1fr;
  }
}
</style>
