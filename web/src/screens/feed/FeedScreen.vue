<script setup lang="ts">
import { sentences } from '../../parts/sentences.ts'
import MoreFold from '../../parts/MoreFold.vue'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { useDraft } from '../../composables/useDraft.ts'
import { seenOnly, type Station } from '@pepper-knot/core/machine'
import { knownMarks, ownMark } from '@pepper-knot/core/record'
import {
  cheapestWayOpen,
  feedSetupOf,
  firstMark,
  pressureWindow,
  weakestPlace,
  windowCentreN,
  type FeedSetup,
} from '@pepper-knot/core/trouble'
import { asItStands, isSized, readLabel } from '@pepper-knot/core/wire'
import LabelField from '../../parts/LabelField.vue'
import WorkTabs from '../../parts/WorkTabs.vue'
import { useMachines } from '../../stores/machines.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'
import ChancesPanel from './ChancesPanel.vue'
import FeedControls from './FeedControls.vue'
import CureList from './CureList.vue'
import ForceLine from './ForceLine.vue'
import WindowBand from './WindowBand.vue'
import WirePanels from './WirePanels.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
const { t } = useI18n()
const settings = useSettings()
const machineStore = useMachines()
const shop = useShop()
const machineId = useDraft('feed.machineId', machineStore.list[0]?.id)
const label = useDraft('feed.label', '')
// From a changeover: its own machine and its own wire.
const route = useRoute()
if (typeof route.query.machine === 'string' && machineStore.byId(route.query.machine)) {
  machineId.value = route.query.machine
  label.value = typeof route.query.wire === 'string' ? route.query.wire.slice(0, 500) : ''
}
const machine = computed(() => machineStore.byId(machineId.value ?? ''))
const machines = computed(() => machineStore.list.map((m) => ({ value: m.id, title: seen(m.name) })))
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
    ? words.feedSentence(
        setup.value,
        window_.value,
        cheapestWayOpen(setup.value, settings.all.practice.labourPerHour),
        settings.units,
      )
    : '',
)
const marks = computed(() => (machine.value ? knownMarks(shop.digest, machine.value) : []))
const first = computed(() =>
  machine.value && window_.value
    ? words.firstMarkSentence(
        firstMark(
          marks.value,
          window_.value,
          machine.value.scale,
          wire.value ? ownMark(machine.value, wire.value) : undefined,
        ),
      )
    : '',
)
</script>

<template>
  <div class="screen feed">
    <WorkTabs />
    <header>
      <h1>{{ t('nav.feed') }}</h1>
      <div v-if="answer" class="answer" role="status">
        <p v-for="sentence in sentences(answer)" :key="sentence">{{ sentence }}</p>
      </div>
    </header>
    <div class="choose">
      <v-select
        v-model="machineId"
        :label="t('feed.machine')"
        :items="machines"
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
            stations: [...new Set(from.assumed)].map((s) => words.STATION_SHORT[s as Station]).join(', '),
          })
        }}
      </p>
      <ForceLine :setup="setup" :window="window_" :roll-force-n="rollForceN" />
      <WindowBand :window="window_" :roll-force-n="rollForceN" />
      <FeedControls v-model="setup" v-model:roll-force-n="rollForceN" :window="window_" :machine="machine" />
      <div class="cols">
        <div>
          <p class="weak">
            {{ t('feed.weakest') }} <b>{{ words.WEAK_NAMES[weakestPlace(setup, window_)] }}</b>
          </p>
          <CureList :setup="setup" @take="setup = { ...$event }" />
        </div>
        <MoreFold :title="t('feed.chances')">
          <ChancesPanel :setup="setup" :roll-force-n="rollForceN" />
        </MoreFold>
      </div>
      <MoreFold :title="t('feed.schools')">
        <p>{{ words.schoolsSentence(window_, settings.units) }}</p>
        <p>{{ first }}</p>
      </MoreFold>
      <MoreFold :title="t('feed.more')">
        <WirePanels :setup="setup" />
        <p class="muted">{{ t('feed.origin') }}</p>
      </MoreFold>
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
.weak {
  margin-bottom: 12px;
}
.cols {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 24px 48px;
}
@media (max-width: 900px) {
  .choose,
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
