<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatMass, formatSpeed } from '@pepper-knot/core/trade'
import { useDraft } from '../../composables/useDraft.ts'
import { useWords } from '../../composables/useWords.ts'
import MoreFold from '../../parts/MoreFold.vue'
import PhotoStrip from '../../parts/PhotoStrip.vue'
import RowMenu from '../../parts/RowMenu.vue'
import { useRowMenu } from '../../parts/rowMenu.ts'
import { useRows } from '../../parts/rows.ts'
import { sweepPhotos } from '../../storage/photos.ts'
import { exportCsv } from '../../storage/csv.ts'
import { seen } from '../../messages/seen.ts'
import { useLog, type LogNote } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'
import { useLogRows, type LogRow } from './logRows.ts'
import NoteBox from './NoteBox.vue'

/** What was done, the latest first: by a machine and a wire in two touches, or by any word. */
const words = useWords()
const { t, d } = useI18n()
const shop = useShop()
const log = useLog()
const machines = useMachines()
const settings = useSettings()
onMounted(() => {
  void shop.loadPast()
  void sweepPhotos(log.photos).catch(console.warn)
})
const rows = useLogRows()
const LogCharts = defineAsyncComponent(() => import('./LogCharts.vue'))

const find = useDraft('log.find', '')
const machine = useDraft<string | undefined>('log.machine', undefined)
const wire = useDraft<string | undefined>('log.wire', undefined)
const month = (at: string) => d(new Date(at), { month: 'long', year: 'numeric' })
const onMachine = computed(() =>
  machine.value ? rows.value.filter((row) => row.machine === machine.value) : rows.value,
)
const found = computed(() => {
  const list = wire.value ? onMachine.value.filter((row) => row.wire === wire.value) : onMachine.value
  if (!find.value?.trim()) return list
  const texts = list.map((row) =>
    [
      row.title,
      row.wire,
      ...row.says,
      row.by,
      month(row.at),
      row.line?.label,
      row.line?.wire && words.familyCalled(row.line.wire.family as never),
    ]
      .filter(Boolean)
      .join(' '),
  )
  return words.findAmong(find.value, texts).map((at) => list[at]!)
})
/** As many names as stand in a line or two. */
const MOST_NAMES = 12
const namesOf = (list: readonly LogRow[], key: 'machine' | 'wire') =>
  [...new Set(list.map((row) => row[key]).filter(Boolean))].slice(0, MOST_NAMES)
const machineNames = computed(() => {
  const there = new Set(namesOf(rows.value, 'machine'))
  const standing = machines.list.map(({ name }) => name).filter((name) => there.has(name))
  return [...new Set([...standing, ...there])]
})
const wireNames = computed(() => namesOf(onMachine.value, 'wire'))
const groups = computed(() =>
  [
    { which: 'machine' as const, names: machineNames.value, chosen: machine.value },
    { which: 'wire' as const, names: wireNames.value, chosen: wire.value },
  ].filter(({ which, names, chosen }) => names.length > 1 || (which === 'wire' && chosen)),
)
function choose(which: 'machine' | 'wire', name: string) {
  const to = which === 'machine' ? machine : wire
  to.value = to.value === name ? undefined : name
  if (which === 'machine' && wire.value && !wireNames.value.includes(wire.value)) wire.value = undefined
}
const { top, rows: lines, before, after, measure } = useRows(() => found.value, 74)

const writing = ref(false)
const correcting = shallowRef<LogNote>()
const { menuAt, openMenu, acts } = useRowMenu<LogNote>((note) => [
  { title: t('log.correct'), act: () => (correcting.value = note) },
  { title: t('store.remove'), act: () => log.remove(note.id, t('log.removed')) },
])
/** Everyone who is named in an entry, or in what one said before. */
const names = computed(() =>
  [
    ...new Set([
      ...shop.past.flatMap(({ by }) => by ?? []),
      ...log.notes.flatMap(({ by, was }) =>
        [by, ...(was ?? []).map((old) => old.by)].flatMap((b) => b ?? []),
      ),
    ]),
  ].sort(),
)
const forget = (name: string) =>
  log.forget(
    name,
    shop.past.flatMap((line) => (line.by === name ? [line.id] : [])),
    t('log.forgot', { by: name }),
  )
function csv() {
  const { units } = settings
  const speed = (row: LogRow) => {
    const metres = row.line?.ran?.wireSpeedMPerMin
    return metres === undefined ? '' : Number.parseFloat(formatSpeed(metres, units))
  }
  const head = [
    'at',
    'machine',
    'what',
    'wire',
    'volts',
    units === 'metric' ? 'speedMetric' : 'speedInch',
    'minutes',
    'planned',
    'by',
    'part',
    units === 'metric' ? 'massMetric' : 'massInch',
    'arcHours',
    'cost',
    'says',
  ]
  exportCsv(
    'log',
    head.map((key) => t(`log.head.${key}`)),
    found.value.map((row) => [
      row.at.slice(0, 16).replace('T', ' '),
      row.machine,
      row.note ? t(`log.kinds.${row.note.what}`) : t(`log.jobs.${row.line!.kind}`),
      row.wire,
      row.line?.ran?.voltageV ?? '',
      speed(row),
      row.line?.minutes ?? '',
      row.line?.planned ?? '',
      row.by,
      row.note?.part ? t(`kinds.${row.note.part}`) : '',
      row.note?.kg === undefined ? '' : Number.parseFloat(formatMass(row.note.kg, units)),
      row.note?.arcHours ?? '',
      row.note?.cost ?? '',
      row.note?.text ?? row.says.join('; '),
    ]),
  )
}
</script>

<template>
  <div class="screen log">
    <h1>{{ t('nav.log') }}</h1>
    <div class="row">
      <v-text-field
        v-model="find"
        class="find"
        type="search"
        :label="t('log.find')"
        :placeholder="t('log.findHint')"
        maxlength="200"
        clearable
        hide-details
      />
      <v-btn variant="flat" color="primary" @click="writing = true">{{ t('log.write') }}</v-btn>
      <v-btn v-if="shop.pastWhole && found.length" variant="text" @click="csv">{{ t('log.csv') }}</v-btn>
    </div>
    <div
      v-for="group in groups"
      :key="group.which"
      class="chips"
      role="group"
      :aria-label="t(`log.${group.which}Ask`)"
    >
      <button
        v-for="name in group.names"
        :key="name"
        type="button"
        :aria-pressed="group.chosen === name"
        @click="choose(group.which, name)"
      >
        {{ name }}
      </button>
    </div>
    <p class="muted" role="status">
      {{
        !shop.pastWhole
          ? t('log.reading')
          : found.length
            ? t('log.count', found.length)
            : t(rows.length ? 'log.noneFound' : 'log.none')
      }}
    </p>
    <ul
      v-if="found.length"
      :ref="(el) => void (top = el as HTMLElement)"
      class="entries"
      :style="{ paddingTop: `${before}px`, paddingBottom: `${after}px` }"
    >
      <li
        v-for="{ item: row, index } in lines"
        :key="row.id"
        :ref="(el) => measure(el as Element | null)"
        :data-index="index"
        :aria-setsize="found.length"
        :aria-posinset="index + 1"
      >
        <div class="head">
          <router-link v-if="row.path" :to="row.path">{{ row.title }}</router-link>
          <b v-else>{{ row.title }}</b>
          <span class="tabular">{{ row.wire }}</span>
          <span class="muted tabular when"
            >{{ d(new Date(row.at), { dateStyle: 'medium', timeStyle: 'short' })
            }}{{ row.by ? `, ${row.by}` : '' }}</span
          >
          <button
            v-if="row.note"
            type="button"
            class="dots"
            aria-haspopup="menu"
            :aria-label="t('store.rowMenu', { name: row.title })"
            @click="openMenu($event, row.note)"
          >
            ⋯
          </button>
        </div>
        <p v-if="row.says.length" class="tabular says">{{ row.says.join(' · ') }}</p>
        <PhotoStrip v-if="row.note?.photos?.length" :ids="row.note.photos" />
        <details v-if="row.before?.length">
          <summary>{{ t('log.before') }}</summary>
          <p v-for="old in row.before" :key="old.at" class="muted">
            {{ d(new Date(old.at), { dateStyle: 'medium', timeStyle: 'short' }) }}: {{ old.says }}
          </p>
        </details>
      </li>
    </ul>
    <MoreFold v-if="rows.length" :title="t('log.charts.title')">
      <LogCharts :lines="shop.past" :notes="log.notes" />
    </MoreFold>
    <MoreFold v-if="shop.pastWhole && names.length" :title="t('log.names')">
      <p class="muted">{{ t('log.namesText') }}</p>
      <div class="row">
        <v-btn v-for="name in names" :key="name" @click="forget(name)">{{
          t('log.forget', { by: seen(name) })
        }}</v-btn>
      </div>
    </MoreFold>
    <RowMenu v-model:at="menuAt" :label="t('log.more')" :acts="acts" />
    <NoteBox
      v-if="writing"
      :machine-id="machines.list.find((m) => m.name === machine)?.id"
      @close="writing = false"
    />
    <NoteBox v-if="correcting" :note="correcting" @close="correcting = undefined" />
  </div>
</template>

<style scoped>
.log {
  display: grid;
  gap: 14px;
  align-content: start;
}
.find {
  flex: 1 1 240px;
  max-width: 480px;
}
.entries li {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: center;
  min-height: 44px;
}
.head a,
.head b {
  font-weight: 700;
}
.head b::first-letter {
  text-transform: uppercase;
}
.when {
  margin-left: auto;
}
.dots {
  min-width: 44px;
  min-height: 44px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.says {
  white-space: pre-line;
  overflow-wrap: anywhere;
}
</style>
