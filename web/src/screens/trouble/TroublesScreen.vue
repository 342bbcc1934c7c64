<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { shopFinds } from '@pepper-knot/core/record'
import OpenRuns from '../bench/OpenRuns.vue'
import { useMachines } from '../../stores/machines.ts'
import { useShop } from '../../stores/shop.ts'
import { useTroubles } from '../../stores/troubles.ts'
import { useWords } from '../../composables/useWords.ts'
import MachineChoice from '../../parts/MachineChoice.vue'

const words = useWords()
/** Where a trouble begins: which machine, what is open, and what was at fault here before. */
const { t } = useI18n()
const router = useRouter()
const shop = useShop()
const machineStore = useMachines()
const troubles = useTroubles()
const start = (machineId: string) => void router.push(`/trouble/${troubles.start(machineId).id}`)
const finds = computed(() => [...shopFinds(shop.digest)].sort((a, b) => b.count - a.count))
</script>

<template>
  <div class="screen all">
    <h1>{{ t('nav.troubles') }}</h1>
    <OpenRuns troubles />
    <section>
      <h2>{{ t('trouble.choose') }}</h2>
      <div class="machines">
        <MachineChoice @choose="start" />
      </div>
      <template v-if="machineStore.list.length === 0">
        <p>{{ t('trouble.noMachines') }}</p>
        <v-btn to="/store/machines?add=1" variant="flat" color="primary">{{ t('store.addMachine') }}</v-btn>
      </template>
    </section>
    <section>
      <h2>{{ t('trouble.finds') }}</h2>
      <p v-if="finds.length === 0" class="muted">{{ t('trouble.findsNone') }}</p>
      <ul v-else class="finds">
        <li v-for="find in finds" :key="find.cause">
          <b>{{ words.causeName(find.cause) }}</b>
          <span class="muted tabular">{{ t('trouble.times', find.count) }}</span>
        </li>
      </ul>
    </section>
    <p class="muted">{{ t('trouble.caution') }}</p>
  </div>
</template>

<style scoped>
.all {
  display: grid;
  gap: 22px;
}
section {
  display: grid;
  gap: 10px;
}
.machines {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(180px, 100%), 1fr));
  gap: 10px;
}
.machines :deep(.v-btn) {
  min-height: 64px;
}
.finds li {
  display: flex;
  gap: 14px;
  justify-content: space-between;
  max-width: 40rem;
  padding: 8px 0;
  border-top: 1px solid var(--rule);
}
</style>
