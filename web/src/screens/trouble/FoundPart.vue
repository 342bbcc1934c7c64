<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { type Run } from '@pepper-knot/core/record'
import { formatMinutes } from '@pepper-knot/core/trade'
import { cureRow, isMended, type CurePlan, type Told, type Trouble } from '@pepper-knot/core/trouble'
import { useDialIns } from '../../stores/dialIns.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** The cause, how sure one is of it, and what helps: a list of its own, a knob, the hand, or somebody else. */
const props = defineProps<{
  trouble: Trouble
  cure: CurePlan | null
  origin: Run | undefined
  told: Pick<Told, 'checks'>
  machineId?: string | undefined
}>()
const router = useRouter()
const dialIns = useDialIns()
const emit = defineEmits<{ begin: []; did: []; notIt: [] }>()
const { t } = useI18n()
const settings = useSettings()
const cause = computed(() => props.trouble.found!.cause)
const row = computed(() => cureRow(cause.value))
const missing = computed(() =>
  (props.cure?.gather ?? [])
    .filter((line) => !line.have)
    .map((line) => words.partText(line.kind, line.spec, settings.units, line.piece)),
)
/** The try that showed it has mended it: what is left is to see. */
const mended = computed(() => isMended(props.told, cause.value))
/** Work on the machine that no list was made for: the steps still to come do it. */
const comes = computed(() => row.value.kind === 'work' && !props.cure && props.origin !== undefined)
</script>

<template>
  <article class="found" data-part="found">
    <p class="muted">{{ t('trouble.found') }}</p>
    <h1 tabindex="-1" data-part="say">{{ words.causeName(cause) }}</h1>
    <p class="why">{{ words.foundWhy(trouble, settings.units) }}</p>
    <section>
      <h2>{{ t('trouble.cure') }}</h2>
      <p class="why">{{ words.causeCure(cause, trouble.checks) }}</p>
      <p v-if="mended">{{ t('trouble.mended') }}</p>
      <p v-if="comes">{{ t('trouble.inRun') }}</p>
      <template v-if="cure">
        <p>
          {{ t('trouble.cureList', { n: cure.steps.length, minutes: formatMinutes(cure.minutes!) }) }}
        </p>
        <p v-if="missing.length" class="problem">{{ t('trouble.missing', { parts: missing.join('; ') }) }}</p>
        <details>
          <summary>{{ t('run.wholeTitle') }}</summary>
          <ol>
            <li v-for="step in cure.steps" :key="step.id">{{ words.stepTitle(step, settings.units) }}</li>
          </ol>
        </details>
      </template>
    </section>
    <div class="row act">
      <v-btn v-if="mended || !cure" variant="flat" color="primary" size="x-large" @click="emit('did')">{{
        t('trouble.did')
      }}</v-btn>
      <v-btn
        v-if="cure"
        :variant="mended ? 'outlined' : 'flat'"
        :color="mended ? undefined : 'primary'"
        size="x-large"
        @click="emit('begin')"
        >{{ t('trouble.begin') }}</v-btn
      >
      <v-btn
        v-if="row.kind === 'knob' && origin"
        size="x-large"
        variant="outlined"
        :to="`/change/${origin.id}/dial-in`"
        >{{ t('trouble.toDialIn') }}</v-btn
      >
      <v-btn
        v-else-if="row.kind === 'knob' && machineId"
        size="x-large"
        variant="outlined"
        @click="router.push(`/change/${dialIns.start(machineId).id}/dial-in`)"
        >{{ t('trouble.toDialIn') }}</v-btn
      >
      <v-btn v-if="cause === 'push-too-long'" size="x-large" variant="outlined" to="/store/machines">{{
        t('trouble.toStore')
      }}</v-btn>
      <v-btn size="x-large" variant="text" @click="emit('notIt')">{{ t('trouble.notIt') }}</v-btn>
    </div>
  </article>
</template>

<style scoped>
.found,
section {
  display: grid;
  gap: 12px;
  align-content: start;
}
h1 {
  font-size: clamp(1.5rem, 3vw, 2.4rem);
  outline: none;
}
.why {
  font-size: 1.15rem;
  max-width: 60ch;
}
summary {
  min-height: 44px;
  cursor: pointer;
}
ol li {
  padding: 5px 0;
  border-top: 1px solid var(--rule);
}
.act {
  position: sticky;
  bottom: var(--below);
  background: var(--ground);
  padding: 10px 0;
}
</style>
