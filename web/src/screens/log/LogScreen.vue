<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { runPath } from '../../composables/useRunNames.ts'
import { useDraft } from '../../composables/useDraft.ts'
import MoreFold from '../../parts/MoreFold.vue'
import PhotoStrip from '../../parts/PhotoStrip.vue'
import RowMenu from '../../parts/RowMenu.vue'
import { useRowMenu } from '../../parts/rowMenu.ts'
import { useRows } from '../../parts/rows.ts'
import { sweepPhotos } from '../../storage/photos.ts'
import { csvOptions } from '../../storage/csv.ts'
import { download } from '../../storage/download.ts'
import { seen } from '../../messages/seen.ts'
import { useLog, type LogNote } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { useShop } from '../../stores/shop.ts'
import type { LogRow } from './logRows.ts'
import NoteBox from './NoteBox.vue'
import { useLogFinder } from './useLogFinder.ts'

/** What was done, the latest first: by a machine and a wire in two touches, or by any word. */
const { t, d } = useI18n()
const shop = useShop()
const log = useLog()
const machines = useMachines()
onMounted(() => {
  void shop.loadPast()
  void sweepPhotos(log.photos).catch(console.warn)
})
const LogCharts = defineAsyncComponent(() => import('./LogCharts.vue'))

const find = useDraft('log.find', '')
const machine = useDraft<string | undefined>('log.machine', undefined)
const wire = useDraft<string | undefined>('log.wire', undefined)
const { now, older, state, edition, want, again, whole } = useLogFinder(() => ({
  find: find.value,
  machine: machine.value,
  wire: wire.value,
}))
const machineNames = computed(() => {
  const there = new Set(now.value.machines)
  const standing = machines.list.map(({ name }) => seen(name)).filter((name) => there.has(name))
  return [...new Set([...standing, ...there])]
})
const groups = computed(() =>
  [
    { which: 'machine' as const, names: machineNames.value, chosen: machine.value },
    { which: 'wire' as const, names: now.value.wires, chosen: wire.value },
  ].filter(({ which, names, chosen }) => names.length > 1 || (which === 'wire' && chosen)),
)
function choose(which: 'machine' | 'wire', name: string) {
  const to = which === 'machine' ? machine : wire
  to.value = to.value === name ? undefined : name
}
// A wire that the machine never ran is not looked for on it, once all that it ran is known.
watch(
  () => now.value.wires,
  (wires) => {
    if (state.value === 'whole' && machine.value && wire.value && !wires.includes(wire.value))
      wire.value = undefined
  },
)
const { top, rows: lines, span, before, after, measure } = useRows<LogRow>(() => now.value.rows, 74)
watch([span, () => now.value.rows], ([[from, to]]) => void want(from, to), { flush: 'post' })

const writing = ref(false)
const correcting = shallowRef<LogNote>()
const { menuAt, openMenu, acts } = useRowMenu<LogNote>((note) => [
  { title: t('log.correct'), act: () => (correcting.value = note) },
  { title: t('store.remove'), act: () => log.remove(note.id, t('log.removed')) },
])
/** Everyone who is named in an entry, or in what one said before. */
const names = shallowRef<readonly string[]>([])
watch([edition, state], async () => (names.value = (await whole()?.names()) ?? []))
const forget = async (name: string) =>
  log.forget(name, (await whole()?.jobsBy(name)) ?? [], t('log.forgot', { by: name }))
const addUp = async (months: readonly string[]) => whole()?.figures([...months])
async function csv() {
  const text = await whole()?.csv(csvOptions())
  if (text !== undefined) download('log.csv', text, 'text/csv')
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
      <v-btn v-if="state === 'whole' && now.total" variant="text" @click="csv">{{ t('log.csv') }}</v-btn>
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
        state === 'reading'
          ? t('log.reading')
          : now.total
            ? t('log.count', now.total)
            : t(now.all ? 'log.noneFound' : 'log.none')
      }}
    </p>
    <div v-if="state === 'failed'" class="note note--stop" role="alert">
      <p>{{ t('log.failed') }}</p>
      <v-btn @click="again">{{ t('log.again') }}</v-btn>
    </div>
    <ul
      v-if="now.total"
      :ref="(el) => void (top = el as HTMLElement)"
      class="entries"
      :style="{ paddingTop: `${before}px`, paddingBottom: `${after}px` }"
    >
      <li
        v-for="{ item: row, index } in lines"
        :key="row.id"
        :ref="(el) => measure(el as Element | null)"
        :data-index="index"
        :aria-setsize="now.total"
        :aria-posinset="index + 1"
      >
        <div class="head">
          <router-link v-if="row.line" :to="runPath(row.line)">{{ row.title }}</router-link>
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
    <div v-if="state === 'whole' && now.total > now.rows.length" class="row">
      <v-btn @click="older">{{ t('log.older') }}</v-btn>
      <span class="muted">{{ t('log.shown', { shown: now.rows.length, of: now.total }) }}</span>
    </div>
    <MoreFold v-if="now.all && state !== 'failed'" :title="t('log.charts.title')">
      <LogCharts v-if="state === 'whole'" :add-up="addUp" :stamp="edition" />
    </MoreFold>
    <MoreFold v-if="names.length" :title="t('log.names')">
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
