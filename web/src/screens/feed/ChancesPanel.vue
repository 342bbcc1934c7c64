<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatForce } from '@pepper-knot/core/trade'
import { coefficientsOf, type FeedSetup } from '@pepper-knot/core/trouble'
import { useFeedChances } from '../../stores/feedChances.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** How sure it is: chances at the pressure set, bands, and which unknown to find out first. */
const props = defineProps<{ setup: FeedSetup; rollForceN: number }>()
const { t } = useI18n()
const settings = useSettings()
const { chances, progress, state, ask, stop } = useFeedChances(
  computed(() => ({ setup: props.setup, rollForceN: props.rollForceN })),
)
/** No more figures than a chance out of rough ranges has. */
const percent = (share: number) =>
  share < 0.01
    ? t('feed.under', { n: 1 })
    : share > 0.99
      ? t('feed.over', { n: 99 })
      : `${Math.round(share * 100)} %`
const force = (n: number) => formatForce(n, settings.units)
const rows = computed(() =>
  chances.value
    ? ([
        ['slip', chances.value.slip],
        ['birdnest', chances.value.birdnest],
        ['crush', chances.value.crush],
      ] as const)
    : [],
)
const most = computed(() => chances.value?.tornado.slice(0, 5) ?? [])
const span = computed(() => Math.max(0.01, ...most.value.map((r) => Math.abs(Math.log(r.atHigh / r.atLow)))))
const origin = (name: (typeof most.value)[number]['coefficient']) =>
  words.sourceText(coefficientsOf(props.setup)[name].source)
</script>

<template>
  <section :aria-label="t('feed.chances')">
    <p v-if="state === 'failed'" class="problem" role="alert">{{ t('feed.chancesFailed') }}</p>
    <p v-else-if="state === 'working'" class="row muted" role="status">
      <progress :value="progress" max="1" :aria-label="t('feed.working')" />
      <v-btn size="small" variant="text" @click="stop">{{ t('feed.stop') }}</v-btn>
    </p>
    <p v-else-if="state === 'stopped'" class="row">
      {{ t('feed.stopped') }} <v-btn size="small" @click="ask">{{ t('feed.goOn') }}</v-btn>
    </p>
    <template v-if="chances">
      <dl class="tabular">
        <template v-for="[name, share] in rows" :key="name">
          <dt>{{ t(`feed.chance.${name}`) }}</dt>
          <dd>{{ percent(share) }}</dd>
        </template>
        <dt>{{ t('feed.chance.opens') }}</dt>
        <dd>{{ percent(chances.opens) }}</dd>
      </dl>
      <p class="muted tabular">
        {{
          t('feed.bandOf', {
            low: force(chances.low[0]),
            lowTo: force(chances.low[2]),
            high: force(chances.high[0]),
            highTo: force(chances.high[2]),
          })
        }}
      </p>
      <h3>{{ t('feed.first') }}</h3>
      <ul>
        <li v-for="row in most" :key="row.coefficient">
          <span>{{ words.COEFFICIENT_NAMES[row.coefficient] }}</span>
          <span
            class="bar"
            :style="{ width: `${(100 * Math.abs(Math.log(row.atHigh / row.atLow))) / span}%` }"
          />
          <span class="muted small">{{ origin(row.coefficient) }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 16px;
  margin: 8px 0;
}
dd {
  margin: 0;
  font-weight: 650;
}
progress {
  accent-color: var(--copper);
}
h3 {
  margin-top: 12px;
}
li {
  padding: 4px 0;
}
.bar {
  display: block;
  height: 6px;
  background: var(--copper);
  min-width: 2px;
}
.small {
  font-size: 0.85rem;
}
</style>
