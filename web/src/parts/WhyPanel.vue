<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { feedFigures, type Changeover } from '@pepper-knot/core/jobs'
import { type StationFinding } from '@pepper-knot/core/machine'
import { useSettings } from '../stores/settings.ts'
import SectionDrawing from './sections/SectionDrawing.vue'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
const props = defineProps<{ finding: StationFinding; plan: Changeover }>()
const { t } = useI18n()
const settings = useSettings()

const units = computed(() => settings.units)
const machine = computed(() => props.plan.context.machine)
const fittedSetup = computed(() => ({ ...machine.value.fitted, supply: machine.value.supply }))
const wireMm = computed(() => props.plan.context.wire.exactMm)
// One scale for both drawings: the wire about 74 units across.
const scale = computed(() => 74 / wireMm.value)
const parts = computed(() =>
  props.plan.gather.filter((line) => line.station === props.finding.station && line.kind !== 'wire'),
)
/** Everything else that is wrong here; the same plan mends it. */
const also = computed(() =>
  (props.finding.also ?? []).map((fault) => words.faultWords(props.finding, fault, units.value)),
)
const consequence = computed(() => words.findingConsequence(props.finding, units.value))
/** What the mechanics make of this station. */
const figure = computed(() => {
  const figures = feedFigures(props.plan.context, props.plan.findings, props.finding.station)
  return figures && words.feedFigureText(figures, units.value)
})
const changes = computed(
  () =>
    props.finding.verdict === 'change' ||
    props.finding.verdict === 'adjust' ||
    props.finding.verdict === 'unknown',
)
const DRAWN = [
  'driveRolls',
  'liner',
  'contactTip',
  'polarity',
  'spool',
  'inletGuide',
  'outletGuide',
  'nozzle',
  'gasFlow',
]
const drawn = computed(() => DRAWN.includes(props.finding.station))
const heading = computed(
  () => `${words.STATION_NAMES[props.finding.station]}: ${t(`verdict.${props.finding.verdict}`)}`,
)
</script>

<template>
  <section class="why" :aria-label="t('why.label', { station: words.STATION_NAMES[finding.station] })">
    <div class="words">
      <h2 class="heading" :class="`heading--${finding.verdict}`">{{ heading }}</h2>
      <p class="pair tabular">
        <span
          >{{ t('why.fitted') }} <b>{{ words.fittedShort(finding.station, fittedSetup, units) }}</b></span
        >
        <span
          >{{ t('why.asked') }} <b>{{ words.wantedShort(finding, units) }}</b></span
        >
      </p>
      <p v-if="finding.kept" class="by-choice">
        <b>{{ t('choice.kept') }}</b>
      </p>
      <p v-if="finding.instead" class="by-choice">
        <b>{{ t('choice.chosen') }}</b>
        <template v-for="fault in words.insteadWords(finding, units)" :key="fault.rule">
          {{ fault.why }} {{ fault.consequence }}</template
        >
      </p>
      <p class="reason">{{ words.findingWhy(finding, units) }}</p>
      <p v-if="consequence">
        <b>{{ t('why.ifLeft') }}</b> {{ consequence }}
      </p>
      <ul v-if="also.length" class="parts" :aria-label="t('why.also')">
        <li v-for="fault in also" :key="fault.rule">
          <b>{{ t('why.also') }}</b> {{ fault.why }}
          <span class="muted">{{ fault.consequence }}</span>
        </li>
      </ul>
      <ul v-if="parts.length" class="parts">
        <li v-for="line in parts" :key="line.kind + (line.piece ?? '')" :class="{ problem: !line.have }">
          <b>{{ line.have ? (line.drawer ?? t('why.inStore')) : t('match.missing') }}:</b>
          {{ words.partText(line.kind, line.spec, units, line.piece) }}
        </li>
      </ul>
      <p v-if="finding.alsoDo.length">
        <b>{{ t('why.alsoDo') }}</b> {{ words.findingAlso(finding, units).join('; ') }}.
      </p>
      <details>
        <summary>{{ t('why.more') }}</summary>
        <p v-if="figure" class="tabular">{{ figure }}</p>
        <p class="muted small">{{ words.findingOrigin(finding.origin) }}</p>
      </details>
      <div class="row"><slot /></div>
    </div>
    <div v-if="drawn" class="drawings">
      <figure v-if="finding.fitted != null">
        <SectionDrawing :finding="finding" :setup="machine.fitted" :wire-mm="wireMm" :scale="scale" />
        <figcaption>
          {{ t('why.fitted') }} <b>{{ words.fittedShort(finding.station, fittedSetup, units) }}</b>
        </figcaption>
      </figure>
      <figure v-if="changes">
        <SectionDrawing :finding="finding" :setup="finding.after" :wire-mm="wireMm" :scale="scale" />
        <figcaption>
          {{ t('why.asked') }} <b>{{ words.wantedShort(finding, units) }}</b>
        </figcaption>
      </figure>
      <p class="muted small">{{ t(`scaleNote.${finding.station}`) }}</p>
    </div>
  </section>
</template>

<style scoped>
.why {
  display: grid;
  grid-template-columns: minmax(300px, 5fr) 7fr;
  gap: 32px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-top: 3px solid var(--ink);
  padding: 24px;
}
.words {
  display: grid;
  gap: 12px;
  align-content: start;
}
.heading--change {
  color: var(--paprika);
}
.heading--adjust {
  color: var(--slate);
}
.pair {
  display: flex;
  gap: 24px;
  flex-wrap: wrap;
}
.reason {
  font-size: 1.12rem;
}
.small {
  font-size: 0.92rem;
}
.drawings {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 28px;
  align-content: start;
}
.drawings > p {
  grid-column: 1 / -1;
}
figure {
  margin: 0;
  text-align: center;
}
figure :deep(svg) {
  width: 100%;
  max-height: 260px;
}
@media (max-width: 900px) {
  .why {
    grid-template-columns: minmax(0, 1fr);
    padding: 16px;
    gap: 16px;
  }
}
</style>
