<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRuns } from '../../stores/runs.ts'
import { useRun } from '../../composables/useRun.ts'
import TroubleLink from '../../parts/TroubleLink.vue'
import { dropList } from '@pepper-knot/core/jobs'
import { isRun, type Run } from '@pepper-knot/core/record'

/** The ways off the present step: the whole list, a safe stop, and planning again. */
withDefaults(
  defineProps<{
    whole: boolean
    /** Folded by station; left out where the list cannot be. */
    folded?: boolean | undefined
  }>(),
  { folded: undefined },
)
const sharing = ref(false)
defineEmits<{ whole: []; fold: []; stop: []; again: [] }>()
const { run, change } = useRun()
const { t } = useI18n()
const ShareBox = defineAsyncComponent(() => import('../../parts/ShareBox.vue'))
/** Who has signed off three changes knows the steps: folding them is offered in words. */
const MASTERED = 3
const runs = useRuns()
const offered = computed(
  () => runs.list.filter((r) => r.kind === 'change' && r.signedOffAt !== undefined).length >= MASTERED,
)
/** The cure that was not begun yet is laid aside. */
function notNow() {
  change((run) => {
    if (run.kind !== 'cure') return run
    const { curing: _curing, ...trouble } = run.trouble
    return { ...(dropList(run) as Run<'cure'>), trouble }
  })
}
</script>

<template>
  <div class="ways no-print">
    <TroubleLink v-if="isRun(run, 'change', 'put-right')" :machine-id="run.machineId" :from="run" />
    <details data-part="ways" :open="whole">
      <summary>{{ t('run.ways') }}</summary>
      <div class="row">
        <v-btn variant="text" :aria-pressed="whole" @click="$emit('whole')">{{
          t(whole ? 'run.oneStep' : 'run.whole')
        }}</v-btn>
        <v-btn
          v-if="folded !== undefined"
          variant="text"
          :aria-pressed="folded"
          data-part="fold"
          @click="$emit('fold')"
          >{{ t(folded ? 'run.unfold' : offered ? 'run.foldOffer' : 'run.fold') }}</v-btn
        >
        <v-btn v-if="run.kind === 'cure' && run.done.length === 0" variant="text" @click="notNow">{{
          t('trouble.notNow')
        }}</v-btn>
        <!-- A cure in the middle of a change is that change's own: it is broken off with it. -->
        <v-btn
          v-if="!run.stopped && !(run.kind === 'cure' && run.trouble.from)"
          variant="text"
          @click="$emit('stop')"
          >{{ t('stop.offer') }}</v-btn
        >
        <v-btn
          v-if="!run.stopped && isRun(run, 'change', 'put-right')"
          variant="text"
          @click="$emit('again')"
          >{{ t('run.planAgain') }}</v-btn
        >
        <v-btn variant="text" @click="sharing = true">{{ t('share.named') }}</v-btn>
      </div>
    </details>
    <ShareBox v-if="sharing" :chosen="[{ list: 'runs', id: run.id }]" @close="sharing = false" />
  </div>
</template>

<style scoped>
.ways {
  margin-top: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}
summary {
  align-content: center;
  cursor: pointer;
  font-weight: 700;
  padding: 0 16px;
}
</style>
