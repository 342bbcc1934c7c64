<script setup lang="ts">
import { refDebounced, useMediaQuery } from '@vueuse/core'
import {
  computed,
  defineAsyncComponent,
  nextTick,
  onBeforeUnmount,
  ref,
  watch,
  type ComponentPublicInstance,
} from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { useRouter } from 'vue-router'
import { type Part } from '@pepper-knot/core/machine'
import { formatMass } from '@pepper-knot/core/trade'
import { readLabel } from '@pepper-knot/core/wire'
import LabelField from '../../parts/LabelField.vue'
import MoreFold from '../../parts/MoreFold.vue'
import { useRows } from '../../parts/rows.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useParts } from '../../stores/parts.ts'
import { useRuns } from '../../stores/runs.ts'
import { useDialIns } from '../../stores/dialIns.ts'
import { useTroubles } from '../../stores/troubles.ts'
import BenchMachine from './BenchMachine.vue'
import OpenRuns from './OpenRuns.vue'
import ReadinessBoard from './ReadinessBoard.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
/** What is under way, what can be run, the machines and the shelf. */
const { t } = useI18n()
const router = useRouter()
const machineStore = useMachines()
const partStore = useParts()
const settings = useSettings()
const runStore = useRuns()
const label = useDraft('bench.label', '')
/** What stands in the field; the page goes by it when the hand rests. */
const typed = ref(label.value)
const REST_MS = 150
watch(refDebounced(typed, REST_MS), (said) => (label.value = said))
watch(label, (said) => (typed.value = said))
// Whoever goes on before the hand has rested takes it along.
onBeforeUnmount(() => (label.value = typed.value))
const finding = ref(false)
/** On a phone, and where there is one machine, the machines come first and the board is behind a touch. */
const narrow = useMediaQuery('(max-width: 700px)')
const boardLast = computed(() => narrow.value || machineStore.list.length === 1)
const JobFinder = defineAsyncComponent(() => import('./JobFinder.vue'))

const wires = computed(() =>
  partStore.list.filter((p): p is Extract<Part, { kind: 'wire' }> => p.kind === 'wire' && p.count > 0),
)
const chosen = computed(() => {
  const read = label.value.trim() ? readLabel(label.value) : undefined
  // A solid wire of unknown metal cannot go on: it is asked for first.
  return read?.ok && read.value.wire.open !== 'solid' ? read.value.wire : undefined
})

const {
  top: topMachine,
  rows: machines,
  before: above,
  after: below,
  measure: measureMachine,
} = useRows(() => machineStore.list, 260, 1)
const { top: topWire, rows: spools, before, after, measure: measureWire } = useRows(() => wires.value, 45)

/** More machines than this are chosen by their own row. */
const FEW_MACHINES = 8
/** The box's wire in the shop's own habit, with its mass; what stands on the box beside it where that differs. */
function nameOf(wire: Extract<Part, { kind: 'wire' }>): string {
  const read = wire.byHand ? undefined : readLabel(wire.label)
  if (!read?.ok) return wire.label
  const { spool } = read.value
  const mass = wire.massKg ?? spool.massKg
  return [
    words.wireName(read.value.wire, settings.units),
    ...(mass ? [formatMass(mass, settings.units)] : []),
  ].join(' ')
}
const shelf = computed(() =>
  spools.value.map(({ item: wire, index }) => ({ wire, index, name: nameOf(wire) })),
)
/** A spool of the shelf that no label describes is chosen by its name. */
const hand = computed(() => wires.value.find((w) => w.byHand && w.label === label.value)?.byHand)

function start(machineId: string, wire = label.value, byHand = hand.value) {
  const run = runStore.start(machineId, 'change', { label: wire, ...(byHand && { byHand }) })
  void router.push(`/change/${run.id}`)
}
/** Enter in the label's field goes to the machines it may go on. */
const offers = ref<HTMLElement>()
async function toMachines() {
  label.value = typed.value
  await nextTick()
  offers.value?.querySelector<HTMLElement>('button')?.focus()
}
const troubles = useTroubles()
const trouble = (machineId: string) => void router.push(`/trouble/${troubles.start(machineId).id}`)
const dialIns = useDialIns()
const dialIn = (machineId: string) => void router.push(`/change/${dialIns.start(machineId).id}/dial-in`)
/** The wire that is on stays: only what is wrong for it is mended. */
function putRight(machineId: string) {
  const run = runStore.start(machineId, 'put-right', { stage: 'match', job: {} })
  void router.push(`/change/${run.id}`)
}
</script>

<template>
  <div class="body">
    <LabelField v-model="typed" class="ask" :named="hand !== undefined" @enter="toMachines" />
    <div v-if="chosen" class="note">
      <p role="status">{{ t('bench.chooseMachine', { wire: words.wireName(chosen, settings.units) }) }}</p>
      <div ref="offers" class="row">
        <button
          v-for="machine in machineStore.list.slice(0, FEW_MACHINES)"
          :key="machine.id"
          type="button"
          class="go"
          @click="start(machine.id)"
        >
          {{ seen(machine.name) }}
        </button>
      </div>
    </div>
    <details class="which" @toggle="finding ||= ($event.target as HTMLDetailsElement).open">
      <summary>{{ t('bench.finder') }}</summary>
      <JobFinder v-if="finding" :chosen="label" @choose="label = $event" />
    </details>
    <OpenRuns />
    <ReadinessBoard v-if="machineStore.list.length && !boardLast" class="board" @start="start" />
    <div class="cols">
      <section :aria-label="t('bench.machines')">
        <div :ref="(el) => void (topMachine = el as HTMLElement)" :style="{ height: `${above}px` }"></div>
        <BenchMachine
          v-for="{ item: machine, index } in machines"
          :key="machine.id"
          :ref="(row) => measureMachine(row as ComponentPublicInstance | null)"
          :data-index="index"
          :machine="machine"
          :offer="(chosen && words.wireName(chosen, settings.units)) ?? (hand && label) ?? undefined"
          @start="start(machine.id)"
          @put-right="putRight(machine.id)"
          @dial-in="dialIn(machine.id)"
          @trouble="trouble(machine.id)"
        />
        <div :style="{ height: `${below}px` }"></div>
        <div v-if="machineStore.list.length === 0" class="empty">
          <h2>{{ t('bench.noMachines') }}</h2>
          <p>{{ t('bench.noMachinesText') }}</p>
          <v-btn to="/store/machines?add=1" variant="flat" color="primary">{{ t('store.addMachine') }}</v-btn>
        </div>
      </section>
      <MoreFold v-if="machineStore.list.length && boardLast" :title="t('board.title')">
        <ReadinessBoard @start="start" />
      </MoreFold>
      <aside class="shelf" :aria-label="t('bench.shelf')">
        <h2>{{ t('bench.shelf') }}</h2>
        <ul
          :ref="(el) => void (topWire = el as HTMLElement)"
          :style="{ paddingTop: `${before}px`, paddingBottom: `${after}px` }"
        >
          <li
            v-for="{ wire, index, name } in shelf"
            :key="wire.id"
            :ref="(row) => measureWire(row as Element | null)"
            :data-index="index"
          >
            <button
              type="button"
              :class="{ on: label === wire.label }"
              :aria-pressed="label === wire.label"
              @click="label = label === wire.label ? '' : wire.label"
            >
              <b :title="wire.label">
                {{ name
                }}<span v-if="name !== wire.label" class="visually-hidden">, {{ seen(wire.label) }}</span>
              </b>
              <span v-if="wire.count > 1" class="muted tabular">× {{ wire.count }}</span>
            </button>
            <div v-if="label === wire.label && machineStore.list.length" class="next" data-part="next">
              <span>{{ t('bench.putOn') }}</span>
              <v-btn
                v-for="machine in machineStore.list.slice(0, FEW_MACHINES)"
                :key="machine.id"
                size="small"
                :aria-label="t('bench.putOnNamed', { machine: machine.name })"
                @click="start(machine.id)"
                >{{ seen(machine.name) }}</v-btn
              >
            </div>
          </li>
        </ul>
        <p v-if="wires.length === 0" class="muted">{{ t('bench.noWires') }}</p>
      </aside>
    </div>
  </div>
</template>

<style scoped>
/* Laid out by the screen: the field beside its heading, the rest below. */
.body {
  display: contents;
}
.body > * {
  grid-column: 1 / -1;
}
.body > .ask {
  grid-area: 1 / 2;
}
.board {
  margin-bottom: 26px;
}
.body > .note {
  margin-top: 12px;
}
/* Many at once with every label that is read: the browser's own are drawn soonest. */
.go {
  min-height: 44px;
  padding: 0 14px;
  border: 2px solid var(--ink);
  background: none;
  color: inherit;
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}
.which {
  border-bottom: 1px solid var(--rule);
  margin-bottom: 18px;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 32px;
}
.shelf {
  border-top: 1px solid var(--rule);
  padding-top: 14px;
}
.shelf h2 {
  font-size: 1.1rem;
}
.shelf ul {
  margin-top: 10px;
}
.shelf button {
  width: 100%;
  min-height: 44px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  padding: 6px 10px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 0.95rem;
  text-align: left;
  cursor: pointer;
}
.shelf button.on {
  background: var(--ink);
  color: var(--ground);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 8px 10px 12px;
  border-bottom: 1px solid var(--rule);
}
.shelf .next :deep(button) {
  width: auto;
  border: 2px solid var(--ink);
}
.empty {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 32px 0;
}
@media (max-width: 1080px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 700px) {
  .body > .ask {
    grid-area: auto;
    grid-column: 1 / -1;
    margin: 14px 0 18px;
  }
}
</style>
