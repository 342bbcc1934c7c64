<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useMachines } from '../../stores/machines.ts'
import { useRunNames } from '../../composables/useRunNames.ts'
import { useRuns } from '../../stores/runs.ts'

/** Changeovers that were begun and not signed off: a dead battery loses nothing. */
const { t } = useI18n()
const machineStore = useMachines()
const runStore = useRuns()
const nameOf = useRunNames()
const name = (machineId: string) => machineStore.byId(machineId)?.name ?? '?'
</script>

<template>
  <section v-if="runStore.open.length" class="open" :aria-label="t('bench.open')">
    <div v-for="run in runStore.open" :key="run.id" class="run">
      <router-link :to="`/change/${run.id}`">
        <b>{{ t('bench.resume') }}</b>
        {{ nameOf(run) }}
      </router-link>
      <span class="muted"
        >{{ t(`stage.${run.stage}`)
        }}{{ run.done.length ? `, ${t('run.doneCount', { n: run.done.length })}` : '' }}</span
      >
      <v-btn
        variant="text"
        size="small"
        :aria-label="t('change.dropNamed', { machine: name(run.machineId) })"
        @click="runStore.remove(run.id, t('change.dropped'))"
        >{{ t('change.drop') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
.open {
  border: 2px solid var(--copper);
  background: var(--sheet);
  padding: 4px 16px;
  margin-bottom: 16px;
}
.run {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}
.run a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  gap: 8px;
}
</style>
