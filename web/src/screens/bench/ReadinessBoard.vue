<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { type ReadinessCell, type ReadinessRow, type WireByHand } from '@pepper-knot/core/wire'
import LookBox from './LookBox.vue'
import { useRows } from '../../parts/rows.ts'
import { useReadiness } from '../../stores/readiness.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
/** Wires down, machines across: what runs now, and what it would take. */
const emit = defineEmits<{ start: [machineId: string, label: string, byHand?: WireByHand] }>()
const { t } = useI18n()
const settings = useSettings()
const machineStore = useMachines()
const ready = useReadiness()
onBeforeUnmount(ready.show())

const machines = computed(() => machineStore.list)
const rows = computed(() => ready.rows ?? [])
const FEW = 6
const all = ref(false)
const shown = computed(() => (all.value ? rows.value : rows.value.slice(0, FEW)))

/** So many machines are all drawn; of more, those in view. */
const FEW_MACHINES = 16
const COLUMN_PX = 124
const scroller = ref<HTMLElement>()
const sideways = useVirtualizer(
  computed(() => ({
    count: machines.value.length > FEW_MACHINES ? machines.value.length : 0,
    getScrollElement: () => scroller.value ?? null,
    estimateSize: () => COLUMN_PX,
    horizontal: true,
    overscan: 1,
  })),
)
const columns = computed(() =>
  machines.value.length > FEW_MACHINES
    ? sideways.value.getVirtualItems().flatMap(({ index }) => {
        const machine = machines.value[index]
        return machine ? [{ machine, index }] : []
      })
    : machines.value.map((machine, index) => ({ machine, index })),
)
/** Room of the columns that are not drawn, px. */
const room = computed(() => {
  const items = sideways.value.getVirtualItems()
  if (machines.value.length <= FEW_MACHINES || !items.length) return { left: 0, right: 0 }
  return { left: items[0]!.start, right: sideways.value.getTotalSize() - items.at(-1)!.end }
})
const { top, rows: drawn, before, after, measure } = useRows(() => shown.value, 58)
watch(
  () => [drawn.value.map(({ item }) => item.key), columns.value.map(({ machine }) => machine.id)] as const,
  ([keys, ids], old) => {
    if (old && String(keys) === String(old[0]) && String(ids) === String(old[1])) return
    ready.want(keys, ids)
  },
  { immediate: true },
)
const minutes = (cell: ReadinessCell) => ready.minutesOf(cell.row, cell.machineId)
const name = (row: ReadinessRow) =>
  row.wire.classification
    ? words.wireName(row.wire, settings.units)
    : row.label || words.partText('wire', { ...row.byHand }, settings.units)
const told = (row: ReadinessRow, cell: ReadinessCell) =>
  words.cellSentence(
    cell,
    { wire: name(row), machine: machineStore.byId(cell.machineId)?.name ?? '' },
    minutes(cell),
    settings.units,
  )

/** The cell that is looked at. */
const looked = ref<{ row: ReadinessRow; cell: ReadinessCell } | null>(null)
function begin() {
  const { row, cell } = looked.value!
  looked.value = null
  emit('start', cell.machineId, row.byHand ? name(row) : row.label, row.byHand)
}

/** The board is one stop of the Tab key: the cell that was last on, else the first that is drawn. */
const last = ref('')
const stop = computed(() => {
  const there = drawn.value.flatMap(({ item, index: r }) =>
    columns.value.flatMap(({ machine, index: m }) =>
      ready.cellOf(item.key, machine.id) ? [`${r},${m}`] : [],
    ),
  )
  return there.includes(last.value) ? last.value : there[0]
})
/** Arrows walk over the cells as over a sheet; Home and End go to the ends of a row. */
function walk(event: KeyboardEvent) {
  const from = (event.target as HTMLElement).closest<HTMLElement>('[data-at]')
  if (!from) return
  const [row, column] = from.dataset.at!.split(',').map(Number) as [number, number]
  const at = {
    ArrowUp: [row - 1, column],
    ArrowDown: [row + 1, column],
    ArrowLeft: [row, column - 1],
    ArrowRight: [row, column + 1],
    Home: [row, 0],
    End: [row, machines.value.length - 1],
  }[event.key]
  if (!at) return
  const next = (event.currentTarget as HTMLElement).querySelector<HTMLElement>(`[data-at="${at.join()}"]`)
  if (!next) return
  event.preventDefault()
  event.stopPropagation()
  next.focus()
}
</script>

<template>
  <section class="board" :aria-label="t('board.title')">
    <header class="row over">
      <h2>{{ t('board.title') }}</h2>
      <span class="muted" role="status">{{ ready.state === 'working' ? t('board.working') : '' }}</span>
    </header>
    <p v-if="ready.state === 'failed'" class="note note--stop" role="alert">
      {{ t('board.failed', { problem: ready.problem }) }}
      <v-btn variant="text" @click="ready.again()">{{ t('board.again') }}</v-btn>
    </p>
    <p v-else-if="ready.rows && rows.length === 0" class="muted">{{ t('board.empty') }}</p>
    <!-- Until its cells are there the keys can reach nothing in it, and it must be scrolled all the same. -->
    <div
      v-else-if="rows.length"
      ref="scroller"
      class="scroll"
      role="group"
      :aria-label="t('board.title')"
      :tabindex="ready.state === 'done' ? undefined : 0"
    >
      <table
        :class="{ wide: machines.length > FEW_MACHINES }"
        :aria-rowcount="rows.length + 1"
        :aria-colcount="machines.length + 1"
        @keydown="walk"
      >
        <thead>
          <tr>
            <th scope="col">{{ t('board.wire') }}</th>
            <td v-if="room.left" aria-hidden="true" :style="{ minWidth: `${room.left}px` }"></td>
            <th
              v-for="{ machine, index } in columns"
              :key="machine.id"
              scope="col"
              :aria-colindex="index + 2"
            >
              {{ seen(machine.name) }}
            </th>
            <td v-if="room.right" aria-hidden="true" :style="{ minWidth: `${room.right}px` }"></td>
          </tr>
        </thead>
        <tbody :ref="(el) => void (top = el as HTMLElement)">
          <tr v-if="before" aria-hidden="true" :style="{ height: `${before}px` }"></tr>
          <tr
            v-for="{ item: row, index: r } in drawn"
            :key="row.key"
            :ref="(el) => measure(el as Element | null)"
            :data-index="r"
            :aria-rowindex="r + 2"
          >
            <th scope="row" class="tabular">
              {{ name(row) }}
              <span v-if="row.count !== 1" class="muted">{{
                row.count
                  ? t('board.onShelf', { n: row.count })
                  : t('board.onlyOn', { names: row.on.slice(0, 3).join(', ') })
              }}</span>
            </th>
            <td v-if="room.left" aria-hidden="true"></td>
            <td v-for="{ machine, index: m } in columns" :key="machine.id">
              <template v-for="cell in [ready.cellOf(row.key, machine.id)]" :key="cell?.state">
                <button
                  v-if="cell"
                  type="button"
                  :class="['cell', cell.state]"
                  :data-at="`${r},${m}`"
                  :tabindex="stop === `${r},${m}` ? 0 : -1"
                  :aria-label="told(row, cell)"
                  :title="told(row, cell)"
                  @focus="last = `${r},${m}`"
                  @click="looked = { row, cell }"
                >
                  <b class="tabular">{{ words.cellWords(cell, minutes(cell)).state }}</b>
                  <span>{{ words.cellWords(cell, minutes(cell)).detail }}</span>
                </button>
                <span v-else class="cell muted" aria-hidden="true">…</span>
              </template>
            </td>
            <td v-if="room.right" aria-hidden="true"></td>
          </tr>
          <tr v-if="after" aria-hidden="true" :style="{ height: `${after}px` }"></tr>
        </tbody>
      </table>
    </div>
    <LookBox
      v-if="looked"
      :row="looked.row"
      :cell="looked.cell"
      :name="name(looked.row)"
      :minutes="minutes(looked.cell)"
      @close="looked = null"
      @start="begin"
    />
    <v-btn v-if="rows.length > FEW" variant="text" :aria-expanded="all" @click="all = !all">{{
      all ? t('board.fewer') : t('board.more', rows.length - FEW)
    }}</v-btn>
  </section>
</template>

<style scoped>
.over {
  margin-bottom: 6px;
}
.scroll {
  position: relative;
  scroll-padding-left: 160px;
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  border-bottom: 1px solid var(--rule);
  padding: 0;
  vertical-align: top;
}
/* The button fills its cell, however tall its neighbours are. */
td {
  height: 1px;
}
/* Many machines: every column as wide as it was counted, its first one in sight. */
.wide {
  table-layout: fixed;
  width: max-content;
}
.wide th,
.wide td {
  width: 124px;
  max-width: 124px;
  overflow: hidden;
  overflow-wrap: anywhere;
}
.wide :is(tbody, thead) th:first-child {
  position: sticky;
  left: 0;
  width: 150px;
  background: var(--ground);
  z-index: 1;
}
thead th {
  padding: 4px 12px;
  font-weight: 700;
}
thead th:first-child {
  padding-left: 0;
}
tbody th {
  padding: 6px 12px 6px 0;
  font-weight: 650;
  min-width: 150px;
}
tbody th span {
  display: block;
  font-weight: 400;
  font-size: 0.9rem;
}
.cell {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  width: 100%;
  height: 100%;
  min-width: 108px;
  /* Two lines and a half: what a cell says seldom moves what stands below. */
  min-height: 57px;
  padding: 5px 8px;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  line-height: 1.25;
  text-align: left;
  cursor: pointer;
}
.cell span {
  font-size: 0.9rem;
  color: var(--muted);
}
.cell:hover {
  background: var(--sheet);
}
.loaded {
  border-left-color: var(--copper);
  background: var(--sheet);
}
.ready {
  border-left-color: var(--copper-soft);
}
.missing b {
  color: var(--paprika);
}
.cannot b {
  color: var(--muted);
  font-weight: 500;
}
@media (max-width: 700px) {
  tbody th {
    position: sticky;
    left: 0;
    background: var(--ground);
    min-width: 118px;
    max-width: 118px;
    overflow-wrap: anywhere;
  }
  .cell {
    min-width: 92px;
  }
}
</style>
