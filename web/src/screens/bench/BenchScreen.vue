<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { useShop } from '../../stores/shop.ts'
import { seen } from '../../messages/seen.ts'

/** The shop's name at once; what stands on it comes with its own code. */
const painted = () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
const BenchBody = defineAsyncComponent(() => painted().then(() => import('./BenchBody.vue')))
const shop = useShop()
</script>

<template>
  <div class="screen">
    <header>
      <h1>{{ seen(shop.shop.name) }}</h1>
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
