<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Run } from '@pepper-knot/core/record'
import SureBox from '../../parts/SureBox.vue'
import { useMachines } from '../../stores/machines.ts'
import { runPath, useRunNames } from '../../composables/useRunNames.ts'
import { useRuns } from '../../stores/runs.ts'
import { useShop } from '../../stores/shop.ts'
import { useWriteDown } from '../../stores/writeDown.ts'

/** Changeovers that were begun and not signed off: a dead battery loses nothing. */
const { t } = useI18n()
const machineStore = useMachines()
const runStore = useRuns()
const shop = useShop()
const writeDown = useWriteDown()
const nameOf = useRunNames()
const dropping = shallowRef<Run | null>(null)
/** What its steps have done stays done: the machine is written down as it stands. */
function drop() {
  const { id } = dropping.value!
  shop.undoable(t('change.dropped'), () => {
    writeDown(id)
    runStore.drop(id)
  })
  dropping.value = null
}
/** Only the troubles, where they are asked for. */
const props = defineProps<{ troubles?: boolean }>()
const shown = computed(() => runStore.open.filter((run) => !props.troubles || run.kind === 'cure'))
const name = (machineId: string) => machineStore.byId(machineId)?.name ?? '?'
</script>

<template>
  <section v-if="shown.length" class="open" :aria-label="t('bench.open')">
    <div v-for="run in shown" :key="run.id" class="run">
      <router-link :to="runPath(run)">
        <b>{{ t('bench.resume') }}</b>
        {{ nameOf(run) }}
      </router-link>
      <span class="muted"
        >{{ run.kind === 'cure' ? '' : t(`stage.${run.stage}`)
        }}{{ run.done.length ? `, ${t('run.doneCount', { n: run.done.length })}` : '' }}</span
      >
      <v-btn
        variant="text"
        size="small"
        :aria-label="
          t(run.kind === 'cure' ? 'trouble.dropNamed' : 'change.dropNamed', { machine: name(run.machineId) })
        "
        @click="dropping = run"
        >{{ t('change.drop') }}</v-btn
      >
    </div>
    <SureBox
      v-if="dropping"
      :title="t('sure.drop.title', { machine: name(dropping.machineId) })"
      :text="t('sure.drop.text', dropping.done.length)"
      :take="t('sure.drop.take')"
      @take="drop"
      @close="dropping = null"
    />
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
