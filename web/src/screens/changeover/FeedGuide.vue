<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { knownMarks, ownMark, PRESSURE_RESULTS } from '@pepper-knot/core/record'
import { FAMILY_SHEETS, formatForce } from '@pepper-knot/core/trade'
import {
  brakeWindow,
  coefficientsOf,
  curlPushN,
  feedSetupOf,
  firstMark,
  pressureWindow,
  windowCentreN,
} from '@pepper-knot/core/trouble'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import CurlSection from '../../parts/sections/CurlSection.vue'
import SwingSection from '../../parts/sections/SwingSection.vue'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'
import MarkField from './MarkField.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What the mechanics say while spool, wire and pressure are seen to; a piece of it at a step, or all. */
const props = defineProps<{
  show: 'brake' | 'thread' | 'pressure' | 'all'
}>()
const { run, plan, set } = useRun()
const { t } = useI18n()
const settings = useSettings()
const shop = useShop()
const has = (piece: 'brake' | 'thread' | 'pressure') => props.show === 'all' || props.show === piece

const wire = computed(() => plan.value.context.wire)
const machine = computed(() => plan.value.context.machine)
/** The machine as the plan leaves it. */
const setup = computed(() => {
  const { supply: _supply, ...fitted } = plan.value.proof?.end ?? {}
  return feedSetupOf(machine.value, fitted, wire.value).setup
})
const window_ = computed(() => pressureWindow(setup.value))
const brake = computed(() => {
  const { spool, family, wireKg, speedMPerMin } = setup.value
  const grip = windowCentreN(window_.value) * window_.value.gripPerN
  return words.brakePullSentence(
    spool,
    brakeWindow(spool, family, wireKg, speedMPerMin, grip),
    settings.units,
  )
})
const all = computed(() => props.show === 'all')
/** While the wire is fed through; aluminium slowly, whatever the shop does otherwise. */
const watchFor = computed(() => {
  const { soft } = FAMILY_SHEETS[wire.value.family]
  return words.feedWatch(soft, soft ? 'slow' : plan.value.context.practice.threadingSpeed)
})
const test = computed(() => words.pressureTestWords(plan.value.context.practice.pressureTest, settings.units))
const first = computed(() =>
  words.firstMarkSentence(
    firstMark(
      knownMarks(shop.digest, machine.value),
      window_.value,
      machine.value.scale,
      ownMark(machine.value, wire.value),
    ),
  ),
)
/** What the loop on the wood proves. */
const LOOP_MM = 50
const curl = computed(() =>
  plan.value.context.practice.pressureTest === 'curl'
    ? t('feed.stage.curl', {
        force: formatForce(
          curlPushN(coefficientsOf(setup.value).yieldMPa.value, setup.value.exactMm, LOOP_MM),
          settings.units,
        ),
        need: formatForce(window_.value.pushN, settings.units),
      })
    : '',
)
const force = (n: number) => formatForce(n, settings.units)
</script>

<template>
  <div class="guide" data-part="guide">
    <section v-if="has('brake')" :aria-label="t('feed.stage.brake')">
      <template v-if="all">
        <h2>{{ t('feed.stage.brake') }}</h2>
        <SwingSection />
      </template>
      <p>{{ brake }}</p>
    </section>
    <section v-if="has('thread')" :aria-label="t('feed.stage.watch')">
      <h2>{{ t('feed.stage.watch') }}</h2>
      <ul>
        <li v-for="line in watchFor" :key="line">{{ line }}</li>
      </ul>
    </section>
    <section v-if="has('pressure')" :aria-label="t('feed.stage.test')">
      <template v-if="all">
        <h2>{{ t('feed.stage.test') }}</h2>
        <p class="care">{{ t('feed.stage.care') }}</p>
        <CurlSection :school="plan.context.practice.pressureTest" />
        <p>{{ test.how }}</p>
      </template>
      <p>{{ first }}</p>
      <MarkField v-if="all" />
      <ChoiceRow
        :model-value="run.pressureResult"
        :ask="t('feed.stage.result')"
        optional
        :choices="PRESSURE_RESULTS.map((value) => ({ value, title: t(`feed.stage.results.${value}`) }))"
        @update:model-value="set({ pressureResult: $event ?? undefined })"
      />
      <details>
        <summary>{{ t('feed.stage.more') }}</summary>
        <dl>
          <template v-for="outcome in test.outcomes" :key="outcome.see">
            <dt>{{ outcome.see }}</dt>
            <dd>{{ outcome.means }}</dd>
          </template>
        </dl>
        <p v-if="window_.opens" class="muted tabular">
          {{
            t('feed.stage.figure', {
              low: force(window_.lowN),
              high: force(window_.highN),
              upper: t(`feed.stage.upper.${window_.upper}`),
            })
          }}
        </p>
        <p v-if="curl" class="muted">{{ curl }}</p>
      </details>
    </section>
  </div>
</template>

<style scoped>
h2 {
  font-size: 1.1rem;
}
.guide {
  display: grid;
  gap: 20px;
}
section {
  display: grid;
  gap: 8px;
  border-left: 4px solid var(--copper-soft);
  padding-left: 14px;
  max-width: 76ch;
}
.care {
  font-weight: 650;
}
li::before {
  content: '· ';
}
dl {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 6px 20px;
  margin: 0;
}
dt {
  font-weight: 650;
}
dd {
  margin: 0;
}
@media (max-width: 700px) {
  dl {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
  dd {
    padding-bottom: 8px;
  }
}
</style>
