<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useI18n } from 'vue-i18n'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { seen } from '../../messages/seen.ts'

/** The shop's name at once; what stands on it comes with its own code. */
const painted = () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
const BenchBody = defineAsyncComponent(() => painted().then(() => import('./BenchBody.vue')))
const { t } = useI18n()
const shop = useShop()
const machineStore = useMachines()
const partStore = useParts()
const spools = computed(() => partStore.list.filter((p) => p.kind === 'wire' && p.count > 0).length)
</script>

<template>
  <div class="screen">
    <header>
      <h1>{{ seen(shop.shop.name) }}</h1>
      <p class="muted">
        {{ t('bench.machineCount', machineStore.list.length) }}, {{ t('bench.wireCount', spools) }}
      </p>
    </header>
    <BenchBody />
  </div>
</template>

<style scoped>
.screen {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 480px);
  column-gap: 24px;
  align-content: start;
}
header {
  margin-bottom: 16px;
}
@media (max-width: 700px) {
  header {
    grid-column: 1 / -1;
    margin-bottom: 0;
  }
}
</style>
