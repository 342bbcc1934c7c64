<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { STATIONS } from '@pepper-knot/core/machine'
import {
  isRun,
  passedMark,
  startOf,
  metalFor,
  partsAgain,
  wireAgain,
  type Run,
} from '@pepper-knot/core/record'
import { exportShop } from '../../storage/exportShop.ts'
import { signOffId } from '../../storage/head.ts'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useRuns, type RunChange } from '../../stores/runs.ts'
import { useSettings } from '../../stores/settings.ts'
import MarkField from './MarkField.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
const { run, title, set, change } = useRun()
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()
const partStore = useParts()
const outcome = computed(() => run.value.outcome)

const setup = computed(() => {
  if (!outcome.value) return []
  const { pressureMark } = run.value
  const end = { ...outcome.value.end, ...(pressureMark != null && { rollPressure: { mark: pressureMark } }) }
  const kept = (station: string) => outcome.value!.findings.some((f) => f.station === station && f.kept)
  return STATIONS.filter((s) => s !== 'supply').map((station) => ({
    station,
    text: `${words.fittedShort(station, end, settings.units)}${kept(station) ? ` (${t('sign.kept')})` : ''}`,
  }))
})
/** The settings it was signed off with, else those to start from. */
const ranAt = computed(() => {
  if (outcome.value?.ran) return words.ranWellSentence(outcome.value.ran, settings.units)
  const start = outcome.value && startOf(outcome.value)
  return start ? words.startSentence(start, settings.units) : ''
})
const print = () => window.print()

/** The sign-off can be taken back for as long as what it ended is kept. */
const canUndo = ref(false)
watch(
  () => run.value.id,
  async (id) => (canUndo.value = await shop.canUndo(signOffId(id))),
  { immediate: true },
)
/** Done again on the same machine: the same wire, job and schools, with what the store has now. */
const machineStore = useMachines()
const runStore = useRuns()
const router = useRouter()
const here = computed(() => machineStore.byId(run.value.machineId) !== undefined)
const canRepeat = computed(() => here.value && run.value.kind !== 'convert' && run.value.label !== '')
function repeat() {
  const again = plainRun()
  const { machineId, label, job, practice } = again
  const byHand = isRun(again, 'change') ? again.byHand : undefined
  begin(machineId, label, byHand, { job, ...(practice && { practice }), stage: 'decide' })
}
/** Back as it was: the wire that was on, and the parts that came off where the store still has them. */
const canReverse = computed(
  () => here.value && run.value.kind !== 'convert' && outcome.value?.before.wire != null,
)
function reverse() {
  const { machineId, job } = plainRun()
  const { wire, label, byHand } = wireAgain(outcome.value!.before.wire!)
  const use = partsAgain(outcome.value!.before, partStore.list)
  begin(machineId, label, byHand, {
    job: { ...job, ...(wire && metalFor(wire, job) && { material: metalFor(wire, job) }) },
    ...(Object.keys(use).length && { use }),
    stage: 'decide',
  })
}
const plainRun = (): Run => JSON.parse(JSON.stringify(run.value)) as Run
function begin(machineId: string, label: string, byHand: Run<'change'>['byHand'], more: RunChange) {
  const fresh = runStore.start(machineId, 'change', { label, ...more, ...(byHand && { byHand }) })
  void router.push(`/change/${fresh.id}`)
}
/** What was written can be mended without taking the change back. */
const mending = ref(false)
const note = ref('')
let before: number | null | undefined
function mend() {
  note.value = run.value.note ?? ''
  before = run.value.pressureMark
  mending.value = true
}
/** The mark field writes as it is typed in. */
function leave() {
  if (run.value.pressureMark !== before) set({ pressureMark: before })
  mending.value = false
}
function mended() {
  const text = note.value.trim() || undefined
  shop.undoable(t('sign.mended'), () =>
    change((run) => {
      const { mark: _mark, ...rest } = run.outcome!
      return { ...run, note: text, outcome: { ...rest, ...passedMark(run) } }
    }),
  )
  mending.value = false
}
/** Waits that somebody ended, and why. */
const ended = computed(() => run.value.waits?.filter((w) => w.reason !== undefined) ?? [])
</script>

<template>
  <div class="screen card">
    <header>
      <h1>{{ title }}</h1>
      <p class="muted tabular">
        {{
          t('sign.signedAt', {
            at: d(new Date(run.signedOffAt!), { dateStyle: 'medium', timeStyle: 'short' }),
          })
        }}<template v-if="run.minutesTaken !== undefined"
          >, {{ t('sign.took', { n: Math.round(run.minutesTaken) }) }}</template
        >{{ run.by ? `, ${seen(run.by)}` : '' }}
      </p>
    </header>
    <p v-if="outcome?.stopped" class="note note--stop">
      <b>{{ t('stop.card') }}</b>
    </p>
    <p v-for="wait in ended" :key="wait.step">{{ t('wait.ended', { reason: wait.reason }) }}</p>
    <dl class="tabular">
      <template v-for="row in setup" :key="row.station">
        <dt>{{ words.STATION_NAMES[row.station] }}</dt>
        <dd>{{ row.text }}</dd>
      </template>
    </dl>
    <p v-if="ranAt" class="tabular">{{ ranAt }}</p>
    <template v-for="list in ['used', 'returned', 'scrapped'] as const" :key="list">
      <section v-if="outcome?.[list].length">
        <h2>{{ t(`sign.${list}`) }}</h2>
        <ul>
          <li v-for="(part, i) in outcome[list]" :key="i">
            {{ words.partText(part.kind, part, settings.units) }}
          </li>
        </ul>
      </section>
    </template>
    <p v-if="run.note && !mending" class="written">{{ seen(run.note ?? '') }}</p>
    <section v-if="mending" class="mend no-print" :aria-label="t('sign.mend')">
      <MarkField />
      <v-textarea v-model="note" :label="t('sign.note')" rows="3" maxlength="20000" />
      <div class="row">
        <v-btn variant="flat" color="primary" @click="mended">{{ t('sign.mendSave') }}</v-btn>
        <v-btn @click="leave">{{ t('app.cancel') }}</v-btn>
      </div>
    </section>
    <div class="row no-print">
      <v-btn variant="flat" color="primary" @click="exportShop(shop)">{{ t('sign.export') }}</v-btn>
      <v-btn @click="print">{{ t('sign.print') }}</v-btn>
      <v-btn v-if="here" :to="`/card/${run.machineId}`">{{ t('card.title') }}</v-btn>
      <v-btn v-if="!mending" @click="mend">{{ t('sign.mend') }}</v-btn>
      <v-btn v-if="canUndo" @click="shop.undo(signOffId(run.id))">{{ t('sign.undo') }}</v-btn>
      <v-btn v-if="canRepeat" @click="repeat">{{ t('sign.repeat') }}</v-btn>
      <v-btn v-if="canReverse" @click="reverse">{{ t('sign.reverse') }}</v-btn>
      <v-btn to="/">{{ t('nav.bench') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.card {
  max-width: 720px;
  display: grid;
  gap: 20px;
}
.written {
  white-space: pre-line;
  overflow-wrap: anywhere;
}
.mend {
  display: grid;
  gap: 14px;
}
h2 {
  font-size: 1.1rem;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  border-top: 3px solid var(--ink);
}
dt,
dd {
  margin: 0;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
}
dt {
  padding-right: 32px;
  color: var(--muted);
}
dd {
  font-weight: 700;
}
@media print {
  .no-print {
    display: none;
  }
}
</style>
