<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { fittedOn, fittedParts, isLow, type ChartRow, type Part } from '@pepper-knot/core/machine'
import { exportCsv } from '../../storage/csv.ts'
import { newId, useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import ChartPanel from '../../parts/ChartPanel.vue'
import DialogBox from '../../parts/DialogBox.vue'
import { useSpoolWords } from '../../parts/spoolWords.ts'
import RowMenu from '../../parts/RowMenu.vue'
import { useRowMenu } from '../../parts/rowMenu.ts'
import { useRows } from '../../parts/rows.ts'
import CsvImport from './CsvImport.vue'
import PartEditor from './PartEditor.vue'
import { formKind, partKinds, type EditedPart } from './partKinds.ts'
import QuickParts from './QuickParts.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
const props = defineProps<{ wires: boolean }>()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const find = useDraft('store.find', '')
const editing = ref<EditedPart | null>(null)

const spoolSays = useSpoolWords()
const name = (part: Part) => words.partText(part.kind, part, settings.units)
const rows = computed(() => {
  const list = partStore.list.filter((p) => (p.kind === 'wire') === props.wires)
  const texts = list.map((p) => `${name(p)} ${p.drawer ?? ''} ${p.note ?? ''}`)
  return words
    .findAmong(find.value ?? '', texts)
    .map((at) => list[at]!)
    .sort((a, b) => a.kind.localeCompare(b.kind))
})
const fitted = computed(() => fittedParts(machineStore.list))
const on = (part: Part) => fittedOn(part, fitted.value)
const low = computed(() => rows.value.filter(isLow).length)
const onlyLow = ref(false)
const shown = computed(() => (onlyLow.value ? rows.value.filter(isLow) : rows.value))
const { top, rows: lines, before, after, measure } = useRows(() => shown.value, 61)
function csv() {
  const head = [
    'id',
    'kind',
    props.wires ? 'wire' : 'part',
    'drawer',
    'count',
    'fitted',
    'lowAt',
    'leadDays',
    'price',
    'note',
  ]
  exportCsv(
    props.wires ? 'wires' : 'parts',
    head.map((key) => t(`csv.${key}`)),
    shown.value.map((p) => [
      p.id ?? '',
      t(`kinds.${formKind(p as EditedPart)}`),
      csvName(p),
      p.drawer ?? '',
      p.count,
      on(p).length,
      p.lowAt ?? '',
      p.leadDays ?? '',
      p.price ?? '',
      p.note ?? '',
    ]),
  )
}
/** A part as the file calls it: a spool by its label. */
const csvName = (part: Part) => (part.kind === 'wire' ? part.label : name(part))
const bringing = ref(false)
const fresh = (): EditedPart => ({
  id: newId(),
  count: 1,
  kind: props.wires ? 'wire' : 'contactTip',
  fresh: true,
})
function save(part: Part) {
  partStore.put(part)
  editing.value = null
}
/** What can be done with the row whose menu is open. */
const { menuAt, menuOf, openMenu, acts } = useRowMenu<Part>((part) => [
  { title: t('store.edit'), act: () => (editing.value = { ...part } as EditedPart) },
  ...(part.kind === 'wire' ? [{ title: t('chart.sheet'), act: () => (sheet.value = part.id) }] : []),
  {
    title: t('store.remove'),
    act: () => partStore.remove(part.id!, t('store.removed', { name: name(part) })),
  },
])
/** The spool whose data sheet is open. */
const sheet = ref<string>()
const sheetPart = computed(() => {
  const part = partStore.list.find((p) => p.id === sheet.value)
  return part?.kind === 'wire' ? part : undefined
})
const setSheet = (chart: ChartRow[], said: string) =>
  shop.undoable(said, () => partStore.put({ ...sheetPart.value!, chart }))
const setCount = (part: Part, by: number) => partStore.put({ ...part, count: Math.max(0, part.count + by) })
</script>

<template>
  <div>
    <QuickParts />
    <div class="row">
      <v-btn @click="editing = fresh()">{{ t(wires ? 'store.addWire' : 'store.addPart') }}</v-btn>
      <v-text-field
        v-model="find"
        class="find"
        :label="t('store.find')"
        type="search"
        clearable
        @click:clear="find = ''"
      />
      <v-btn v-if="rows.length" variant="text" @click="csv">{{ t('store.csv') }}</v-btn>
      <v-btn variant="text" @click="bringing = true">{{ t('csvIn.open') }}</v-btn>
      <v-btn v-if="rows.length" variant="text" :to="{ name: 'labels' }">{{ t('nav.labels') }}</v-btn>
      <v-btn v-if="low" :aria-pressed="onlyLow" @click="onlyLow = !onlyLow">{{
        t('store.toBuy', { n: low })
      }}</v-btn>
    </div>
    <p v-if="rows.length === 0" class="muted gap">{{ t(find ? 'store.noneFound' : 'store.noneYet') }}</p>
    <div v-else class="scroll">
      <table class="table" :aria-rowcount="shown.length + 1">
        <thead>
          <tr>
            <th scope="col">{{ t(wires ? 'store.wire' : 'store.part') }}</th>
            <th scope="col">{{ t('store.drawer') }}</th>
            <th scope="col">{{ t('store.count') }}</th>
            <th scope="col">
              <span class="visually-hidden">{{ t('store.menu') }}</span>
            </th>
          </tr>
        </thead>
        <tbody :ref="(el) => void (top = el as HTMLElement)">
          <tr v-if="before" aria-hidden="true">
            <td colspan="4" class="room" :style="{ height: `${before}px` }"></td>
          </tr>
          <tr
            v-for="{ item: part, index } in lines"
            :key="part.id"
            :ref="(row) => measure(row as Element | null)"
            v-memo="[part, index, settings.units, on(part).join(', ')]"
            :data-index="index"
            :aria-rowindex="index + 2"
          >
            <th scope="row">
              {{ name(part) }}
              <span class="muted"
                >{{ spoolSays(part).join(', ') }}
                {{ 'condition' in part && part.condition ? part.condition : '' }} {{ seen(part.note ?? '') }}
                <template v-if="on(part).length">{{
                  t('store.fittedOnNames', { names: on(part).join(', ') })
                }}</template></span
              >
            </th>
            <td>{{ part.drawer }}</td>
            <td class="count tabular">
              <button
                type="button"
                :aria-label="t('store.less', { name: name(part) })"
                :disabled="part.count === 0"
                @click="setCount(part, -1)"
              >
                −
              </button>
              <b :class="{ problem: part.count === 0 || isLow(part) }"
                >{{ part.count }}{{ isLow(part) ? ` ${t('store.low')}` : '' }}</b
              >
              <button
                type="button"
                :aria-label="t('store.more', { name: name(part) })"
                @click="setCount(part, 1)"
              >
                +
              </button>
            </td>
            <td class="acts">
              <button
                type="button"
                aria-haspopup="menu"
                :aria-label="t('store.rowMenu', { name: name(part) })"
                @click="openMenu($event, part)"
              >
                ⋯
              </button>
            </td>
          </tr>
          <tr v-if="after" aria-hidden="true">
            <td colspan="4" class="room" :style="{ height: `${after}px` }"></td>
          </tr>
        </tbody>
      </table>
    </div>
    <RowMenu v-model:at="menuAt" :label="menuOf ? name(menuOf) : ''" :acts="acts" />
    <DialogBox
      v-if="sheetPart"
      :label="t('chart.sheetOf', { name: name(sheetPart) })"
      @close="sheet = undefined"
    >
      <h2>{{ name(sheetPart) }}</h2>
      <ChartPanel
        :rows="sheetPart.chart ?? []"
        :name="name(sheetPart)"
        :text="t('chart.wireText')"
        @change="setSheet"
      />
      <v-btn @click="sheet = undefined">{{ t('app.close') }}</v-btn>
    </DialogBox>
    <CsvImport v-if="bringing" :wires="wires" :name-of="csvName" @close="bringing = false" />
    <PartEditor
      v-if="editing"
      :part="editing"
      :kinds="wires ? ['wire'] : partKinds"
      @save="save"
      @close="editing = null"
    />
  </div>
</template>

<style scoped>
.find {
  max-width: 320px;
}
.gap {
  margin-top: 16px;
}
.scroll {
  position: relative;
  overflow-x: auto;
  margin-top: 12px;
}
.table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule);
}
thead th {
  color: var(--muted);
  font-weight: 500;
}
tbody th {
  font-weight: 650;
}
tbody th span {
  font-weight: 400;
}
.count {
  white-space: nowrap;
}
.count button {
  width: 44px;
  height: 44px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 1.2rem;
  cursor: pointer;
}
.count b {
  display: inline-block;
  min-width: 2.4em;
  text-align: center;
}
.acts {
  white-space: nowrap;
  text-align: right;
}
.acts button {
  min-width: 44px;
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 0.9rem;
  font-weight: 600;
  cursor: pointer;
}
@media (max-width: 700px) {
  /* Each part becomes a block: name, then drawer and count, then what can be done. */
  thead {
    display: none;
  }
  .table,
  tbody,
  tr {
    display: block;
  }
  tr {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 12px;
    padding: 10px 0;
    border-bottom: 1px solid var(--rule);
  }
  tbody th,
  td {
    border: 0;
    padding: 0;
  }
  tbody th {
    grid-column: 1 / -1;
  }
  .acts {
    grid-column: 1 / -1;
    text-align: left;
  }
  .acts button {
    margin: 0 8px 0 0;
  }
}
.room {
  padding: 0;
  border: 0;
}
</style>
