<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { gatherList } from '@pepper-knot/core/jobs'
import { contextFor, match, obstacles, ranked, seenOnly } from '@pepper-knot/core/machine'
import { type ReadinessCell, type ReadinessRow } from '@pepper-knot/core/wire'
import DialogBox from '../../parts/DialogBox.vue'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { usePromised } from '../../stores/promised.ts'
import { useRunNames } from '../../composables/useRunNames.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** A cell of the board looked at: why not, what is missing, what it asks for. A look leaves nothing behind. */
const props = defineProps<{
  row: ReadinessRow
  cell: ReadinessCell
  name: string
  minutes: number | undefined
}>()
const emit = defineEmits<{ close: []; start: [] }>()
const { t } = useI18n()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const promised = usePromised()
const nameOf = useRunNames()

const machine = computed(() => machineStore.byId(props.cell.machineId)!)
const judge = (store: typeof partStore.list) => {
  const c = contextFor(seenOnly(machine.value), props.row.wire, settings.all.practice, {
    spool: props.row.spool,
    store,
    ...(props.cell.state === 'loaded' && { wireStays: true }),
  })
  const findings = match(c)
  return { c, findings, gather: gatherList(c, findings) }
}
const judged = computed(() => judge(promised.left))
const whole = computed(() => judge(partStore.list))
const problems = computed(() =>
  props.cell.state === 'loaded' ? [] : obstacles(judged.value.c, judged.value.findings),
)
const asks = computed(() => ranked(judged.value.findings))
const missing = computed(() =>
  judged.value.gather
    .filter((line) => !line.have && !line.ifNeeded)
    .map((line) => {
      const there = whole.value.gather.find(
        (l) => l.have && l.station === line.station && l.kind === line.kind,
      )
      const id = there?.storeIndex == null ? undefined : partStore.list[there.storeIndex]?.id
      return {
        text: words.partText(line.kind, line.spec, settings.units, line.piece),
        held: id ? promised.holders(id).map(nameOf) : [],
      }
    }),
)
const title = computed(() => t('look.title', { wire: props.name, machine: machine.value.name }))
</script>

<template>
  <DialogBox :label="title" @close="emit('close')">
    <h2>{{ title }}</h2>
    <p v-if="cell.state !== 'missing'">
      {{ words.cellSentence(cell, { wire: name, machine: machine.name }, minutes, settings.units) }}
    </p>
    <div v-for="problem in problems" :key="problem.rule" class="note note--stop">
      <b class="problem">{{ words.obstacleText(problem, settings.units).message }}</b>
      <p>{{ words.obstacleText(problem, settings.units).wayOut }}</p>
    </div>
    <section v-if="missing.length">
      <h3>{{ t('look.missing') }}</h3>
      <ul>
        <li v-for="line in missing" :key="line.text">
          <b class="problem">{{ line.text }}</b>
          <span v-if="line.held.length" class="muted">{{
            t('gather.heldBy', { runs: line.held.join('; ') })
          }}</span>
        </li>
      </ul>
    </section>
    <section>
      <h3>{{ t('look.asks') }}</h3>
      <p v-if="asks.length === 0">{{ t('look.nothing') }}</p>
      <ul>
        <li v-for="f in asks" :key="f.station">
          <b>{{ words.STATION_NAMES[f.station] }}: {{ t(`verdict.${f.verdict}`) }}</b>
          <span class="muted">{{
            f.verdict === 'unknown' ? '' : words.findingConsequence(f, settings.units)
          }}</span>
        </li>
      </ul>
    </section>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="emit('start')">{{ t('look.start') }}</v-btn>
      <v-btn @click="emit('close')">{{ t('look.close') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
li {
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
li span {
  display: block;
}
</style>
