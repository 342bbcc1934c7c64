<script setup lang="ts">
import LegalNote from '../../parts/LegalNote.vue'
import TroubleLink from '../../parts/TroubleLink.vue'
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { useRouter } from 'vue-router'
import {
  arcGasOf,
  gasDesignation,
  parseMixture,
  takesGas,
  USUAL_MIXTURES,
  type Mixture,
} from '@pepper-knot/core/arc'
import { shelfWire, type Job } from '@pepper-knot/core/machine'
import { isRun, lastGood, type Run } from '@pepper-knot/core/record'
import { gaugeScaleOf, MATERIALS, POSITIONS } from '@pepper-knot/core/trade'
import { asItStands, isSameWire, isSized, ownSetting, readLabel, startSettings } from '@pepper-knot/core/wire'
import LabelField from '../../parts/LabelField.vue'
import MetalField from '../../parts/MetalField.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useRuns } from '../../stores/runs.ts'
import { useSettings } from '../../stores/settings.ts'
import CircuitPanel from './CircuitPanel.vue'
import CylinderPanel from './CylinderPanel.vue'
import DeskPanel from './DeskPanel.vue'
import FlowPanel from './FlowPanel.vue'
import WorkTabs from '../../parts/WorkTabs.vue'
import SettingsPanel from './SettingsPanel.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
/** Four everyday questions, each answered in a line: settings, flow, cylinder, circuit. */
const { t } = useI18n()
const router = useRouter()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const runStore = useRuns()
const machineId = useDraft('desk.machineId', machineStore.list[0]?.id)
const machines = computed(() => machineStore.list.map((m) => ({ value: m.id, title: seen(m.name) })))
const machine = computed(() => machineStore.byId(machineId.value ?? ''))
const label = useDraft('desk.label', '')
const job = useDraft<Partial<Job>>('desk.job', { material: 'mild-steel', thicknessMm: 3, position: 'flat' })
const loaded = computed(() => machine.value && asItStands(machine.value).wire)
/** The label as it was read; nothing where none was typed or it cannot be. */
const read = computed(() => {
  const typed = label.value.trim() ? readLabel(label.value) : undefined
  return typed?.ok ? typed.value : undefined
})
const wire = computed(() => {
  const found = read.value ? read.value.wire : label.value.trim() ? undefined : loaded.value
  return found && isSized(found) && !found.open ? found : undefined
})
const gas = useDraft<Mixture | undefined>('desk.gas', undefined)
const flow = useDraft('desk.flow', 12)
/** Gas and thickness typed with the wire are used for what they are. */
const besides = computed(() => read.value?.besides)
watch(
  () => besides.value?.thicknessMm,
  (mm) => {
    if (mm !== undefined) job.value.thicknessMm = mm
  },
)
/** The wire's own first gas, until another is typed. */
watch(
  [() => wire.value?.classification, machineId, () => JSON.stringify(besides.value?.gas)],
  () => {
    const own = wire.value?.gas.designations[0]
    const on = machine.value?.fitted.gas
    gas.value =
      besides.value?.gas ??
      (on && wire.value?.gas.designations.includes(gasDesignation(on))
        ? on
        : own
          ? USUAL_MIXTURES[own]?.[0]
          : undefined)
    const metal = wire.value?.joins[0]
    if (metal && !wire.value!.joins.includes(job.value.material!)) job.value.material = metal
  },
  { immediate: true },
)
const arcGas = computed(() => (wire.value?.gas.needed && gas.value ? arcGasOf(gas.value) : null))
const start = computed(() => {
  const { material, thicknessMm, position } = job.value
  if (!wire.value || !material || !thicknessMm) return undefined
  const used = wire.value.gas.needed ? (gas.value ?? null) : null
  const asked = { material, thicknessMm, position }
  const sheet = partStore.list.find((p) => {
    const shelf = p.kind === 'wire' && p.chart?.length ? shelfWire(p) : undefined
    return shelf?.ok && isSameWire(shelf.value.wire, wire.value!)
  })
  const own = ownSetting(
    {
      ranWell: machineId.value
        ? lastGood(shop.digest, machineId.value, wire.value, asked)?.settings
        : undefined,
      machineChart: machine.value?.chart,
      wireSheet: sheet?.kind === 'wire' ? sheet.chart : undefined,
    },
    wire.value,
    asked,
    used,
  )
  return startSettings(wire.value, asked, arcGas.value, machine.value, own)
})
const wrongGas = computed(() => wire.value?.gas.needed && gas.value && !takesGas(wire.value, gas.value))
const answer = computed(() => {
  const s = start.value
  if (!s) return t(wire.value ? 'decide.needThickness' : 'desk.needWire')
  return words.startSentence(s, settings.units)
})
/** Changes under way whose sheet has not begun: metal, thickness and position can be sent to them. */
const open = computed(() => runStore.open.filter((r) => !r.frozen && isRun(r, 'change', 'put-right')))
const named = (r: Run) =>
  t('desk.sendTo', { machine: machineStore.byId(r.machineId)?.name ?? '?', label: r.label || '…' })
function send(r: Run) {
  shop.undoable(t('desk.sent'), () => {
    runStore.change(r.id, (run) => ({ ...run, job: { ...run.job, ...job.value } }))
  })
}
function begin() {
  if (!machineId.value) return
  const asked = { position: 'flat' as const, draughtMPerS: 0, ...job.value }
  const run = runStore.start(machineId.value, 'change', { label: label.value, job: asked })
  void router.push(`/change/${run.id}`)
}
const setGas = (mixture: Mixture | undefined) =>
  (gas.value = mixture ?? (parseMixture('80/20') as { value: Mixture }).value)
</script>

<template>
  <div class="screen desks">
    <WorkTabs />
    <h1>{{ t('desk.title') }}</h1>
    <TroubleLink v-if="machineId" class="trouble" :machine-id="machineId" />
    <div class="col">
      <DeskPanel
        open
        :ask="t('desk.settings')"
        :answer="answer"
        :note="wrongGas ? t('desk.wrongGas') : t('desk.settingsOrigin')"
      >
        <v-select
          v-model="machineId"
          :label="t('feed.machine')"
          :items="machines"
          :no-data-text="t('bench.noMachines')"
        />
        <LabelField v-model="label" />
        <v-select
          v-model="job.material"
          :label="t('decide.metal')"
          :items="MATERIALS.map((value) => ({ value, title: words.MATERIAL_NAMES[value] }))"
        />
        <MetalField
          v-model="job.alloy"
          :label="t('decide.alloy')"
          :hint="t('decide.alloyHint')"
          :material="job.material"
        />
        <QuantityField
          v-model="job.thicknessMm"
          kind="thickness"
          :label="t('decide.thickness')"
          :gauge-scale="gaugeScaleOf(job.material)"
          :units="settings.units"
          :min="0.3"
          :max="200"
        />
        <v-select
          v-model="job.position"
          :label="t('decide.position')"
          :items="POSITIONS.map((value) => ({ value, title: words.POSITION_NAMES[value] }))"
        />
        <template #more>
          <SettingsPanel v-if="start && wire" :start="start" :job="job" :wire="wire" :arc-gas="arcGas" />
          <v-btn v-if="label.trim() && wire && machine" @click="begin">{{
            t('desk.begin', { machine: machine.name })
          }}</v-btn>
          <div v-if="start && open.length" class="row">
            <v-btn v-for="r in open.slice(-3)" :key="r.id" @click="send(r)">{{ named(r) }}</v-btn>
          </div>
        </template>
      </DeskPanel>
      <FlowPanel v-model="flow" :gas="gas" :wire="wire" :start="start" :job="job" @update:gas="setGas" />
    </div>
    <div class="col">
      <CylinderPanel v-model:flow="flow" :gas="gas" />
      <CircuitPanel :start="start" :machine="machine" :wire="wire" :arc-gas="arcGas" />
    </div>
    <LegalNote />
  </div>
</template>

<style scoped>
.trouble {
  grid-column: 1 / -1;
  justify-self: start;
}
.desks {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 20px 40px;
}
.desks > h1,
.desks > p {
  grid-column: 1 / -1;
}
.col {
  display: grid;
  gap: 28px;
  align-content: start;
  min-width: 0;
}
@media (max-width: 1000px) {
  .desks {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
