<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { isGood, type Try } from '@pepper-knot/core/arc'
import { type DialInPlan } from '@pepper-knot/core/wire'
import { useSettings } from '../../../stores/settings.ts'
import { useWords } from '../../../composables/useWords.ts'

const words = useWords()
/** The notebook: every try in order, the last one first to take back. */
defineProps<{ tries: readonly Try[]; dialIn: DialInPlan }>()
defineEmits<{ back: [] }>()
const { t } = useI18n()
const settings = useSettings()
</script>

<template>
  <section>
    <h2>{{ t('dialIn.tries') }}</h2>
    <p v-if="tries.length === 0" class="muted">{{ t('dialIn.noTries') }}</p>
    <template v-else>
      <table class="tabular">
        <thead>
          <tr>
            <th scope="col">{{ t('dialIn.cols.n') }}</th>
            <th scope="col">{{ t('dialIn.cols.set') }}</th>
            <th scope="col">{{ t('dialIn.cols.weld') }}</th>
            <th scope="col">{{ t('dialIn.cols.showed') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(made, i) in tries" :key="i" :class="{ good: isGood(made) }">
            <th scope="row">{{ i + 1 }}</th>
            <td>{{ words.settingsWords(made, dialIn, settings.units) }}</td>
            <td>{{ words.WELD_NAMES[made.weld] }}</td>
            <td>
              {{ words.trySaid(made)
              }}<span v-if="made.simulated" class="muted"> ({{ t('dialIn.sim.mark') }})</span>
            </td>
          </tr>
        </tbody>
      </table>
      <v-btn class="back" @click="$emit('back')">{{ t('dialIn.undoLast') }}</v-btn>
    </template>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  margin-top: 8px;
}
th,
td {
  text-align: left;
  padding: 7px 12px 7px 0;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
  vertical-align: top;
}
thead th {
  color: var(--muted);
  border-bottom: 2px solid var(--ink);
}
.good td {
  font-weight: 700;
}
.back {
  margin-top: 12px;
}
</style>
