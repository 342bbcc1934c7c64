<script setup lang="ts">
import { runPath } from '../../composables/useRunNames.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { useMachines } from '../../stores/machines.ts'
import { useRuns } from '../../stores/runs.ts'
import { useShop } from '../../stores/shop.ts'
import { seen } from '../../messages/seen.ts'
import { useRows } from '../../parts/rows.ts'
import MachineChoice from '../../parts/MachineChoice.vue'
import AllOrders from './AllOrders.vue'
import OpenRuns from '../bench/OpenRuns.vue'

const { t, d } = useI18n()
const router = useRouter()
const machineStore = useMachines()
const runStore = useRuns()
const shop = useShop()
// The latest signed-off ones are read when somebody looks at them, while the rest is drawn; the log has all of them.
void shop.loadPast()
const past = computed(() => shop.past)
const { top, rows: lines, before, after, measure } = useRows(() => past.value, 45)
const start = (machineId: string) => void router.push(`/change/${runStore.start(machineId, 'change', {}).id}`)
</script>

<template>
  <div class="screen">
    <h1>{{ t('nav.changes') }}</h1>
    <OpenRuns class="gap" />
    <AllOrders class="gap" />
    <h2 class="gap">{{ t('changes.start') }}</h2>
    <div class="row">
      <MachineChoice @choose="start" />
      <v-btn
        v-if="machineStore.list.length === 0"
        to="/store/machines?add=1"
        variant="flat"
        color="primary"
        >{{ t('store.addMachine') }}</v-btn
      >
    </div>
    <h2 class="gap">{{ t('changes.past') }}</h2>
    <p v-if="past.length === 0" class="muted">{{ t('changes.none') }}</p>
    <ul
      :ref="(el) => void (top = el as HTMLElement)"
      class="past"
      :style="{ paddingTop: `${before}px`, paddingBottom: `${after}px` }"
    >
      <li
        v-for="{ item: run, index } in lines"
        :key="run.id"
        :ref="(row) => measure(row as Element | null)"
        :data-index="index"
        :aria-setsize="past.length"
        :aria-posinset="index + 1"
      >
        <router-link :to="runPath(run)">{{
          run.kind === 'cure'
            ? `${t('trouble.short', { machine: run.machine ?? '?' })}${run.label && `, ${seen(run.label)}`}`
            : t('change.title', { machine: run.machine ?? '?', wire: run.label })
        }}</router-link>
        <span class="muted tabular"
          >{{ d(new Date(run.at), { dateStyle: 'medium', timeStyle: 'short' })
          }}<template v-if="run.mark !== undefined"
            >, {{ t('sign.markIs', { mark: run.mark }) }}</template
          ></span
        >
      </li>
    </ul>
    <router-link v-if="past.length && shop.digest.signed > past.length" to="/log">{{
      t('changes.all')
    }}</router-link>
  </div>
</template>

<style scoped>
.gap {
  margin: 20px 0 12px;
}
.past li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  border-top: 1px solid var(--rule);
  padding: 10px 0;
}
</style>
