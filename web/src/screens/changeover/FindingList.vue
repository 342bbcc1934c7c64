<script setup lang="ts">
import { computed } from 'vue'
import { RANKS, ranked, rankOf, type StationFinding, type Station } from '@pepper-knot/core/machine'
import { useI18n } from 'vue-i18n'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What asks for something, by what comes of leaving it. */
/** `told`: what is not read is said above already. */
const props = defineProps<{ findings: readonly StationFinding[]; told?: boolean }>()
const emit = defineEmits<{ open: [Station] }>()
const { t } = useI18n()
const settings = useSettings()
const groups = computed(() => {
  // What nobody looked at is counted once: the plan reads it first.
  const all = ranked(props.findings).filter((f) => f.verdict !== 'unknown')
  return RANKS.map((rank) => ({ rank, list: all.filter((f) => rankOf(f) === rank) })).filter(
    (g) => g.list.length > 0,
  )
})
const unread = computed(
  () => (props.told ? [] : props.findings).filter((f) => f.verdict === 'unknown').length,
)
</script>

<template>
  <section v-if="groups.length || unread" class="ranked" :aria-label="t('match.ranked')">
    <div v-for="group in groups" :key="group.rank">
      <h3>{{ words.RANK_NAMES[group.rank] }}</h3>
      <ul>
        <li v-for="finding in group.list" :key="finding.station">
          <button type="button" @click="emit('open', finding.station)">
            <b>{{ words.STATION_NAMES[finding.station] }}</b>
            <span class="muted">{{ t(`verdict.${finding.verdict}`) }}</span>
            <span class="then">{{ words.findingConsequence(finding, settings.units) }}</span>
          </button>
        </li>
      </ul>
    </div>
    <p v-if="unread" class="muted">{{ t('match.unreadFirst', { n: unread }) }}</p>
  </section>
</template>

<style scoped>
.ranked {
  display: grid;
  gap: 14px;
  margin-top: 20px;
}
button {
  display: grid;
  grid-template-columns: 11em 5em 1fr;
  gap: 2px 14px;
  width: 100%;
  min-height: 44px;
  align-items: center;
  border: 0;
  border-top: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
@media (max-width: 700px) {
  button {
    grid-template-columns: 1fr auto;
    padding: 6px 0;
  }
  .then {
    grid-column: 1 / -1;
  }
}
</style>
