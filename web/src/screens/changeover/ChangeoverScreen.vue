<script setup lang="ts">
import type { Run } from '@pepper-knot/core/record'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { dropList } from '@pepper-knot/core/jobs'
import { isPlanCurrent, STAGES } from '@pepper-knot/core/record'
import { useRouter } from 'vue-router'
import { usePageTitle } from '../../composables/usePageTitle.ts'
import { provideRun } from '../../composables/useRun.ts'
import { stagesOf } from '../../composables/useRunNames.ts'
import { useRuns } from '../../stores/runs.ts'
import { useShop } from '../../stores/shop.ts'
import { useWriteDown } from '../../stores/writeDown.ts'
import ConversionRun from './ConversionRun.vue'
import DecideStage from './DecideStage.vue'
import FeedStage from './FeedStage.vue'
import GatherStage from './GatherStage.vue'
import MatchStage from './MatchStage.vue'
import SignedOff from './SignedOff.vue'
import SignOffStage from './SignOffStage.vue'
import StalePlan from './StalePlan.vue'
import SwapStage from './SwapStage.vue'
import { useWords } from '../../composables/useWords.ts'

type Stage = Run['stage']

const words = useWords()
// The charting library comes only with the stage that draws.
const DialInStage = defineAsyncComponent(() => import('./dialin/DialInStage.vue'))

const props = defineProps<{ id: string; stage?: string }>()
const router = useRouter()
const { t } = useI18n()
const shop = useShop()
const runStore = useRuns()

const { run, machine, read: plan, title } = provideRun(() => props.id)
// A signed-off change is read when it is looked at.
const looking = ref(true)
watch(
  [() => props.id, () => shop.rebuilt] as const,
  async ([id]) => {
    looking.value = true
    await shop.loadRun(id).catch(() => undefined)
    looking.value = false
  },
  { immediate: true },
)

/** Its list is of an earlier version: it is planned again from where the machine stands. */
const stale = computed(() => run.value?.planned !== undefined && !isPlanCurrent(run.value.planned))
const writeDown = useWriteDown()
function planAgain() {
  const { id, kind } = run.value!
  shop.undoable(t('stale.told'), () => {
    writeDown(id)
    runStore.change(id, (run) => dropList(run, kind === 'convert' ? 'gather' : 'match'))
  })
}
const stages = computed(() => (run.value && stagesOf(run.value)) ?? STAGES)
const sound = computed(() => plan.value.plan !== undefined && plan.value.plan.problems.length === 0)
const reached = computed<Record<Stage, boolean>>(() => ({
  decide: run.value?.frozen === undefined && stages.value.includes('decide'),
  match: plan.value.plan !== undefined,
  gather: sound.value,
  swap: run.value?.frozen !== undefined,
  feed: run.value?.frozen !== undefined && sound.value,
  // The wire that is on is dialled in with no list before it.
  'dial-in':
    (run.value?.frozen !== undefined || run.value?.kind === 'put-right') &&
    sound.value &&
    stages.value.includes('dial-in') &&
    !run.value!.stopped,
  'sign-off':
    run.value?.frozen !== undefined &&
    sound.value &&
    plan.value.plan!.steps.every((s) => run.value!.done.includes(s.id)),
}))
const saved = computed(() => shop.saveState === 'saved' || shop.saveState === 'saving')
// What no longer holds (a machine edited, a wire taken) leads back to where it is decided.
const near = (...wanted: (Stage | '' | undefined)[]): Stage =>
  wanted.find((s): s is Stage => Boolean(s) && reached.value[s as Stage]) ??
  (run.value?.frozen ? 'swap' : plan.value.plan || !stages.value.includes('decide') ? 'match' : 'decide')
/** A change of wire under way: what is signed off, or work on the machine, has a page of its own. */
const staged = computed(
  () => run.value && !run.value.signedOffAt && stagesOf(run.value) && !stale.value && machine.value,
)
/** The address says which stage is in view; without one it is where the run was left. */
const stage = computed<Stage>(() =>
  staged.value ? near(props.stage as Stage | '', run.value?.stage) : 'decide',
)
const go = (to: Stage, how: 'push' | 'replace' = 'push') => {
  if (!run.value || !reached.value[to]) return
  if (run.value.stage !== to) runStore.set(props.id, { stage: to })
  if (props.stage !== to) void router[how]({ name: 'change', params: { id: props.id, stage: to } })
}
// An address without a stage, or with one that is not reached yet, becomes the one in view.
watch(
  [stage, () => props.stage, staged, looking] as const,
  ([now, asked, there, reading]) => {
    if (there && !reading && asked !== now) go(now, 'replace')
    else if (there && run.value!.stage !== now) runStore.set(props.id, { stage: now })
  },
  { immediate: true },
)
// The sheet has begun, here or in another window, or a planning anew was taken back: what came before it is over.
watch(
  () => run.value?.frozen !== undefined,
  (begun, was) => {
    const before = props.stage === 'decide' || props.stage === 'match' || props.stage === 'gather'
    if (staged.value && before && begun && was === false) go('swap')
  },
)
// A trouble has a page of its own.
watch(
  () => run.value?.kind === 'cure',
  (trouble) => trouble && void router.replace({ name: 'trouble', params: { id: props.id } }),
  { immediate: true },
)
usePageTitle(() =>
  run.value && machine.value
    ? run.value.signedOffAt || run.value.kind === 'convert'
      ? title.value
      : `${t(`stage.${stage.value}`)}: ${title.value}`
    : '',
)
</script>

<template>
  <p v-if="looking && (!run || !machine)" class="screen" role="status">{{ t('app.loading') }}</p>
  <div v-else-if="!run || !machine" class="screen">
    <h1>{{ t('change.lost') }}</h1>
    <p>{{ t('change.lostText') }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" to="/shop?hand=1">{{ t('change.fetch') }}</v-btn>
      <v-btn to="/change">{{ t('nav.changes') }}</v-btn>
    </div>
  </div>
  <SignedOff v-else-if="run.signedOffAt" />
  <StalePlan v-else-if="stale" :run="run" @again="planAgain" />
  <ConversionRun v-else-if="run.kind === 'convert'" />
  <div v-else>
    <nav class="stages" :aria-label="t('change.stages')">
      <button
        v-for="s in stages"
        :key="s"
        type="button"
        :class="{ on: s === stage }"
        :aria-current="s === stage ? 'step' : undefined"
        :disabled="!reached[s] && s !== stage"
        @click="go(s)"
      >
        {{ t(`stage.${s}`) }}
      </button>
      <router-link class="exit" to="/">{{ t('change.exit') }}</router-link>
      <span class="saved" role="status" :class="saved ? 'quiet' : 'problem'">{{
        t(`save.${shop.saveState}`)
      }}</span>
    </nav>
    <DecideStage v-if="stage === 'decide'" @next="go('match')" />
    <MatchStage
      v-else-if="stage === 'match' && plan.plan"
      @next="go(run.frozen ? 'swap' : 'gather')"
      @back="go('decide')"
    />
    <GatherStage v-else-if="stage === 'gather' && plan.plan" @next="go('swap')" />
    <SwapStage
      v-else-if="stage === 'swap' && plan.plan"
      :plan="plan.plan"
      @next="go('sign-off')"
      @dial-in="go('dial-in')"
      @stage="go"
    />
    <FeedStage v-else-if="stage === 'feed' && plan.plan" @back="go('swap')" />
    <DialInStage
      v-else-if="stage === 'dial-in' && plan.plan"
      :finished="reached['sign-off']"
      @next="go('sign-off')"
      @back="go(run.frozen ? 'swap' : 'match')"
    />
    <SignOffStage v-else-if="plan.plan" @dial-in="go('dial-in')" />
    <div v-else class="screen">
      <p v-for="problem in plan.problems" :key="words.problemLine(problem)" class="problem" role="alert">
        {{ words.problemLine(problem) }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.stages {
  /* What only listens stands in it, and widens nothing. */
  position: relative;
  display: flex;
  align-items: stretch;
  border-bottom: 1px solid var(--rule);
  height: var(--above);
  padding: 0 28px;
  overflow-x: auto;
}
.stages button {
  border: 0;
  border-bottom: 4px solid transparent;
  border-top: 4px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  padding: 0 18px;
  min-height: 50px;
  cursor: pointer;
  white-space: nowrap;
}
.stages button:disabled {
  color: var(--muted);
  cursor: default;
}
.stages .on {
  font-weight: 750;
  border-bottom-color: var(--copper);
}
.exit {
  display: none;
}
.saved {
  margin-left: auto;
  align-self: center;
  color: var(--muted);
  padding-left: 16px;
}
@media (max-width: 700px) {
  .stages {
    padding: 0 4px;
  }
  .stages button {
    padding: 0 11px;
  }
  .saved {
    padding: 0 8px;
    font-size: 0.9rem;
  }
  .quiet {
    position: absolute;
    clip-path: inset(50%);
  }
}
</style>
