<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { goodTry } from '@pepper-knot/core/arc'
import { jobOf, settleJob, signOff } from '@pepper-knot/core/jobs'
import { askToPersist } from '../../storage/persist.ts'
import { standingMarks } from '../../parts/marks.ts'
import WireLine from '../../parts/WireLine.vue'
import { signOffId } from '../../storage/head.ts'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useLog } from '../../stores/log.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import { settleWords } from './settleWords.ts'
import PhotoAdd from '../../parts/PhotoAdd.vue'
import PhotoStrip from '../../parts/PhotoStrip.vue'
import MarkField from './MarkField.vue'
import RanAt from './RanAt.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
const { run, plan, title, set, change } = useRun()
defineEmits<{ dialIn: [] }>()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const log = useLog()
/** Those of a real machine. */
const tries = computed(() => (run.value.tries ?? []).filter((made) => !made.simulated))
const ranWell = computed(() => {
  const kept = goodTry(tries.value)
  return kept && words.ranWellSentence(kept, settings.units)
})
// Saved at every touch, like everything else of the run.
const note = computed({
  get: () => run.value.note ?? '',
  set: (text) => set({ note: text }),
})

/** What was photographed of this job is in the log at once. */
const photos = computed(() =>
  log.notes.flatMap((note) => (note.runId === run.value.id ? (note.photos ?? []) : [])),
)
const addPhoto = (id: string) =>
  log.add(
    {
      what: 'photo',
      text: '',
      runId: run.value.id,
      machineId: run.value.machineId,
      machine: machineStore.byId(run.value.machineId)?.name,
      label: run.value.label,
      photos: [id],
    },
    t('photos.added'),
  )

const signedAt = new Date().toISOString()
/** The shop as it will be: shown before it is written. */
const settled = computed(() =>
  settleJob(
    jobOf(run.value)!,
    machineStore.recorded(run.value.machineId) ?? plan.value.context.machine,
    partStore.list,
    signedAt,
    settleWords(t, settings.units),
  ),
)
/** Said once more before it is signed: what does not fit, and was left so. */
const kept = computed(() =>
  plan.value.findings.flatMap((f) => (f.kept ? [words.STATION_NAMES[f.station]] : [])),
)
const left = computed(() => words.openEndNames(settled.value.machine.standing))
const marks = computed(() => standingMarks(settled.value.machine, undefined, settings.units))

/** Volts and wire speed typed here are a good bead like one that was dialled in. */
const ranAt = ref<InstanceType<typeof RanAt>>()
const asked = ref(false)
const half = computed(() => asked.value && ranAt.value?.half)
function sign() {
  asked.value = true
  if (half.value) return
  const made = ranAt.value?.made
  if (made) set({ tries: [...(run.value.tries ?? []), made].slice(-200) })
  const done = settled.value
  const { machine, store } = done
  const job = jobOf(run.value)!
  shop.undoable(
    t('sign.done', { machine: machine.name }),
    () => {
      machineStore.record(JSON.parse(JSON.stringify(machine)))
      partStore.lay(store)
      const at = new Date().toISOString()
      change(() => ({ ...signOff(job, done, at), ...(log.signed && { by: log.signed }) }))
    },
    signOffId(run.value.id),
  )
  // Now there is something to lose.
  void askToPersist()
}
</script>

<template>
  <div class="screen sign">
    <h1>{{ t('sign.title') }}</h1>
    <p class="muted">{{ title }}</p>
    <WireLine :marks="marks" :label="t('sign.nowFitted')" :leaves="settled.machine.wireEntry" />
    <p v-if="left.length" class="note note--stop" data-part="left">
      <b>{{ t('bench.leftOpen') }}</b> {{ left.join(', ') }}
    </p>
    <div class="cols">
      <section>
        <h2>{{ t('sign.written') }}</h2>
        <p v-if="ranWell" class="tabular">
          <b>{{ ranWell }}</b> {{ t('sign.tries', tries.length) }}
        </p>
        <template v-else-if="run.kind !== 'put-right' && !run.stopped">
          <p v-if="plan.start" class="tabular">{{ words.startSentence(plan.start, settings.units) }}</p>
          <RanAt ref="ranAt" />
          <p>
            {{ t('sign.noTries') }}
            <v-btn class="to-dial" @click="$emit('dialIn')">{{ t('stage.dial-in') }}</v-btn>
          </p>
        </template>
        <MarkField class="gap" />
        <v-textarea v-model="note" class="gap" :label="t('sign.note')" rows="3" maxlength="2000" />
        <PhotoStrip v-if="photos.length" class="gap" :ids="photos" />
        <PhotoAdd class="gap" @photo="addPhoto" />
        <v-text-field
          v-model="log.by"
          class="gap"
          :label="t('log.by')"
          :hint="t('log.byHint')"
          maxlength="40"
        />
      </section>
      <section>
        <h2>{{ t('sign.used') }}</h2>
        <ul>
          <li v-for="part in settled.used" :key="part.id">
            {{ words.partText(part.kind, part, settings.units) }}
          </li>
        </ul>
        <p v-if="settled.used.length === 0" class="muted">{{ t('sign.nothing') }}</p>
        <h2 class="gap">{{ t('sign.returned') }}</h2>
        <ul>
          <li v-for="(part, i) in settled.returned" :key="i">
            {{ words.partText(part.kind, part, settings.units) }}
          </li>
        </ul>
        <p v-if="settled.returned.length === 0" class="muted">{{ t('sign.nothing') }}</p>
        <template v-if="settled.scrapped.length">
          <h2 class="gap">{{ t('sign.scrapped') }}</h2>
          <ul>
            <li v-for="(part, i) in settled.scrapped" :key="i">
              {{ words.partText(part.kind, part, settings.units) }}
            </li>
          </ul>
        </template>
      </section>
    </div>
    <p v-if="kept.length" data-part="kept">
      <b>{{ t('sign.keptTitle') }}:</b> {{ kept.join(', ') }}
    </p>
    <div class="row foot" data-part="foot">
      <p v-if="half" class="problem" role="alert">{{ t('sign.half') }}</p>
      <v-btn variant="flat" color="primary" size="x-large" @click="sign">{{ t('sign.sign') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.sign {
  display: grid;
  gap: 16px;
}
.cols {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px 48px;
}
.gap {
  margin-top: 14px;
}
.to-dial {
  margin-left: 8px;
}
li {
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
h2 {
  font-size: 1.1rem;
  padding-bottom: 6px;
}
@media (max-width: 700px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
