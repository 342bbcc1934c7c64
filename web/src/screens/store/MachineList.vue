<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { confirmSeen, STATIONS, type Machine, type Station, type ChartRow } from '@pepper-knot/core/machine'
import ChartPanel from '../../parts/ChartPanel.vue'
import StationEditor from '../../parts/StationEditor.vue'
import RowMenu from '../../parts/RowMenu.vue'
import ShareBox from '../../parts/ShareBox.vue'
import { useRowMenu } from '../../parts/rowMenu.ts'
import { useRows } from '../../parts/rows.ts'
import { useDraft } from '../../composables/useDraft.ts'
import { exportCsv } from '../../storage/csv.ts'
import { newId, useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useRuns } from '../../stores/runs.ts'
import { useSettings } from '../../stores/settings.ts'
import ConversionButtons from './ConversionButtons.vue'
import MachineEditor from './MachineEditor.vue'
import QuickMachine from './QuickMachine.vue'
import UpkeepPanel from './UpkeepPanel.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const runStore = useRuns()
const editing = ref<Machine | null>(null)
const open = ref<string | null>(null)
const station = ref<{ machine: Machine; station: Station } | null>(null)

const wireOf = (machine: Machine) => {
  const { wire } = machine.fitted
  return wire === null
    ? t('bench.emptyMachine')
    : !wire
      ? t('bench.wireUnread')
      : 'label' in wire
        ? wire.label
        : words.FAMILY_NAMES[wire.family]
}
/** A line a machine, a column a station. */
const csv = () =>
  exportCsv(
    'machines',
    [t('csv.machine'), t('csv.wire'), ...STATIONS.map((s) => words.STATION_NAMES[s]), t('csv.note')],
    machineStore.list.map((m) => [
      m.name,
      wireOf(m),
      ...STATIONS.map((s) => words.fittedShort(s, { ...m.fitted, supply: m.supply }, settings.units)),
      m.note ?? '',
    ]),
  )
/** Whoever comes to add one stands before the questions at once. */
const route = useRoute()
const router = useRouter()
const adding = ref(route.query.add !== undefined)
const { top, rows: lines, before, after, measure } = useRows(() => machineStore.list, 90, 3)
const addByForm = () => (editing.value = { id: newId(), name: '', fitted: {} })
const isNew = (machine: Machine) => !machineStore.byId(machine.id)
function save(machine: Machine) {
  const fresh = isNew(machine)
  machineStore.put(machine)
  editing.value = null
  if (fresh) open.value = machine.id
}
function saveQuick(machine: Machine, change: boolean) {
  machineStore.put(machine)
  adding.value = false
  if (!change) return
  // What was typed on the Bench before there was a machine is the wire it is changed to.
  const label = benchLabel.value.trim()
  void router.push(`/change/${runStore.start(machine.id, 'change', label ? { label } : {}).id}`)
}
const benchLabel = useDraft('bench.label', '')
const confirm = (machine: Machine) =>
  shop.undoable(t('quick.confirmed', { name: machine.name }), () => machineStore.put(confirmSeen(machine)))
/** What can be done with the machine whose menu is open. */
const sharing = ref<string>()
const { menuAt, menuOf, openMenu, acts } = useRowMenu<Machine>((machine) => [
  { title: t('store.edit'), act: () => (editing.value = machine) },
  { title: t('share.named'), act: () => (sharing.value = machine.id) },
  { title: t('card.title'), act: () => void router.push(`/card/${machine.id}`) },
  {
    title: t('store.remove'),
    act: () => machineStore.remove(machine.id, t('store.removed', { name: machine.name })),
  },
])
const setChart = (machine: Machine, chart: ChartRow[], said: string) =>
  shop.undoable(said, () => machineStore.put({ ...machine, chart }))
function saveStation(machine: Machine) {
  machineStore.put(machine)
  station.value = null
}
</script>

<template>
  <div>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="adding = true">{{ t('store.addMachine') }}</v-btn>
      <v-btn variant="text" @click="addByForm">{{ t('quick.byForm') }}</v-btn>
      <v-btn v-if="machineStore.list.length" variant="text" @click="csv">{{ t('store.csv') }}</v-btn>
    </div>
    <p v-if="machineStore.list.length === 0" class="muted gap">{{ t('bench.noMachinesText') }}</p>
    <div :ref="(el) => void (top = el as HTMLElement)" :style="{ height: `${before}px` }"></div>
    <article
      v-for="{ item: machine, index } in lines"
      :key="machine.id"
      :ref="(row) => measure(row as Element | null)"
      class="machine"
      :data-index="index"
    >
      <header class="row">
        <h2>{{ seen(machine.name) }}</h2>
        <span class="muted grow">{{ seen(machine.note ?? '') }}</span>
        <b class="tabular">{{ wireOf(machine) }}</b>
        <v-btn
          :aria-expanded="open === machine.id"
          :aria-label="t('store.fittedOn', { name: machine.name })"
          @click="open = open === machine.id ? null : machine.id"
          >{{ t('store.fitted') }}</v-btn
        >
        <v-btn
          aria-haspopup="menu"
          :aria-label="t('store.rowMenu', { name: machine.name })"
          @click="openMenu($event, machine)"
          >⋯</v-btn
        >
      </header>
      <p v-if="machine.assumed?.length" class="row assumed">
        <span>{{ t('quick.assumed', machine.assumed.length) }}</span>
        <v-btn
          size="small"
          :aria-label="t('quick.confirmOn', { name: machine.name })"
          @click="confirm(machine)"
          >{{ t('quick.confirm') }}</v-btn
        >
      </p>
      <ConversionButtons v-if="open === machine.id" :machine="machine" />
      <ChartPanel
        v-if="open === machine.id"
        :rows="machine.chart ?? []"
        :name="machine.name"
        :text="t('chart.machineText')"
        @change="(rows, said) => setChart(machine, rows, said)"
      />
      <UpkeepPanel v-if="open === machine.id" :machine="machine" />
      <ul v-if="open === machine.id" class="stations">
        <li v-for="s in STATIONS" :key="s">
          <button type="button" @click="station = { machine, station: s }">
            <span class="muted">{{ words.STATION_NAMES[s] }}</span>
            <b class="tabular"
              >{{ words.fittedShort(s, { ...machine.fitted, supply: machine.supply }, settings.units)
              }}{{ machine.assumed?.includes(s) ? '?' : '' }}</b
            >
          </button>
        </li>
      </ul>
    </article>
    <div :style="{ height: `${after}px` }"></div>
    <RowMenu v-model:at="menuAt" :label="menuOf?.name ?? ''" :acts="acts" />
    <ShareBox v-if="sharing" :chosen="[{ list: 'machines', id: sharing }]" @close="sharing = undefined" />
    <QuickMachine v-if="adding" @save="saveQuick" @close="adding = false" />
    <MachineEditor
      v-if="editing"
      :machine="editing"
      :fresh="isNew(editing)"
      @save="save"
      @close="editing = null"
    />
    <StationEditor
      v-if="station"
      :machine="station.machine"
      :station="station.station"
      @save="saveStation"
      @close="station = null"
    />
  </div>
</template>

<style scoped>
.gap {
  margin-top: 16px;
}
.machine {
  border-top: 1px solid var(--rule);
  padding: 14px 0;
  margin-top: 14px;
}
.grow {
  flex: 1;
}
.assumed {
  margin-top: 6px;
}
.stations {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(230px, 100%), 1fr));
  gap: 0 24px;
  margin-top: 10px;
}
.stations button {
  width: 100%;
  min-height: 44px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
</style>
