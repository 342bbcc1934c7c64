<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatMinutes } from '@pepper-knot/core/trade'
import { checkRow, CHECKS, type Check, type Checked, type Trouble } from '@pepper-knot/core/trouble'
import LookPicture from './LookPicture.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** One look at a time, as a step is shown: where, what first, how, what to look for; and its three answers. */
const props = defineProps<{ trouble: Trouble; busy: boolean }>()
const emit = defineEmits<{ answer: [check: Check, outcome: Checked['outcome']] }>()
const { t } = useI18n()
const next = computed(() => props.trouble.next!)
const look = computed(() => words.CHECK_WORDS[next.value.check])
const isTry = computed(() => checkRow(next.value.check).isTry ?? false)
const mends = computed(() => checkRow(next.value.check).mends ?? false)
const hazards = computed(() => words.lookHazards(next.value))
const outcomes = computed(() => {
  const { check } = next.value
  const ways = checkRow(check).shownAs
  return [
    ...(ways.length > 1
      ? ways.map((outcome, i) => ({ outcome, name: words.outcomeText(check, outcome), key: String(i + 1) }))
      : [{ outcome: 'here' as const, name: t(isTry.value ? 'trouble.better' : 'trouble.here'), key: 'h' }]),
    {
      outcome: 'not-here' as const,
      name: t((ways.length > 1 ? mends.value : isTry.value) ? 'trouble.notBetter' : 'trouble.notHere'),
      key: 'n',
    },
    { outcome: 'cannot' as const, name: t('trouble.cannot'), key: 'c' },
  ]
})
const which = ref<Check | null>(null)
const looks = CHECKS.map((value) => ({ value, title: words.checkName(value) })).sort((a, b) =>
  a.title.localeCompare(b.title),
)
const volunteered = computed<Checked['outcome'][]>(() => [
  ...(which.value ? checkRow(which.value).shownAs : (['here'] as const)),
  'not-here',
])
function volunteer(outcome: Checked['outcome']) {
  if (which.value) emit('answer', which.value, outcome)
  which.value = null
}
</script>

<template>
  <article class="look" data-part="look">
    <header class="head tabular">
      <b class="place" data-part="place">{{ words.PLACE_NAMES[next.place] }}</b>
      <span>{{ t('trouble.next') }}</span>
      <span class="muted">{{ formatMinutes(next.minutes) }}</span>
    </header>
    <h1 tabindex="-1" data-part="say">{{ look.name }}</h1>
    <ul v-if="hazards.length" class="hazards" data-part="hazards" :aria-label="t('run.hazards')">
      <li v-for="hazard in hazards" :key="hazard">{{ hazard }}</li>
    </ul>
    <p v-if="next.switchOn" class="first">
      <b>{{ words.SWITCH_ON_AGAIN }}</b>
    </p>
    <p v-if="words.lookPutBack(next)" class="first" data-part="put-back">{{ words.lookPutBack(next) }}</p>
    <p v-if="words.lookFirst(next)" class="first" data-part="first">{{ words.lookFirst(next) }}</p>
    <div class="how">
      <div class="words">
        <p>{{ look.how }}</p>
        <p data-part="look-for">
          <b>{{ t('trouble.lookFor') }}:</b> {{ look.lookFor }}
        </p>
        <p class="muted why">
          {{
            t('trouble.why', {
              percent: `${Math.round(next.settles * 100)} %`,
              minutes: formatMinutes(next.minutes),
            })
          }}
        </p>
      </div>
      <LookPicture :check="next.check" :trouble="trouble" />
    </div>
    <details class="other">
      <summary>{{ t('trouble.volunteer') }}</summary>
      <div class="row">
        <v-select v-model="which" :label="t('trouble.which')" :items="looks" hide-details clearable />
        <v-btn v-for="o in volunteered" :key="o" :disabled="!which" @click="volunteer(o)">{{
          which ? words.outcomeText(which, o) : t(`trouble.outcome.${o as 'here'}`)
        }}</v-btn>
      </div>
    </details>
    <div
      class="answers"
      :class="{ four: outcomes.length > 3 }"
      data-part="answers"
      role="group"
      :aria-label="look.name"
    >
      <v-btn
        v-for="o in outcomes"
        :key="o.outcome"
        size="x-large"
        :variant="o.outcome === 'cannot' ? 'text' : 'flat'"
        :color="o.outcome === 'not-here' || o.outcome === 'cannot' ? undefined : 'primary'"
        :class="{ not: o.outcome === 'not-here' }"
        :disabled="busy"
        :aria-keyshortcuts="o.key"
        @click="emit('answer', next.check, o.outcome)"
        >{{ o.name }}</v-btn
      >
    </div>
  </article>
</template>

<style scoped>
.look {
  display: grid;
  gap: 14px;
  align-content: start;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
.place {
  background: var(--ink);
  color: var(--ground);
  padding: 2px 12px;
}
h1 {
  font-size: clamp(1.5rem, 3vw, 2.4rem);
  outline: none;
}
.hazards {
  border-left: 6px solid var(--paprika);
  background: var(--sheet);
  padding: 8px 14px;
  font-weight: 650;
  display: grid;
  gap: 4px;
}
.first,
.words {
  font-size: 1.15rem;
  max-width: 60ch;
}
.words {
  display: grid;
  gap: 10px;
  align-content: start;
}
.why {
  font-size: 1rem;
}
.how {
  display: grid;
  gap: 16px;
  grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
}
.other summary {
  min-height: 44px;
  cursor: pointer;
}
.other .row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.other .v-select {
  min-width: min(280px, 100%);
}
.answers {
  position: sticky;
  bottom: var(--below);
  display: grid;
  grid-template-columns: 2fr 2fr 1fr;
  gap: 8px;
  background: var(--ground);
  padding: 10px 0;
  z-index: 2;
}
.answers.four {
  grid-template-columns: repeat(auto-fit, minmax(112px, 1fr));
}
.answers :deep(.v-btn) {
  min-height: 68px;
}
.answers :deep(.v-btn__content) {
  white-space: normal;
}
.answers .not {
  background: var(--sheet);
  color: var(--ink);
  border: 2px solid var(--ink);
}
@media (max-width: 700px) {
  .answers {
    grid-template-columns: 1fr 1fr auto;
  }
  .answers.four {
    grid-template-columns: 1fr 1fr;
  }
  .answers :deep(.v-btn) {
    padding-inline: 8px;
    min-width: 0;
  }
}
</style>
