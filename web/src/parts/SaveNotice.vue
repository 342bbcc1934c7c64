<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { exportShop } from '../storage/exportShop.ts'
import { useShop } from '../stores/shop.ts'

/** What could not be kept is said on every page, and leaving it asks first. */
const { t } = useI18n()
const shop = useShop()
useEventListener(window, 'beforeunload', (event) => {
  if (shop.saveState !== 'saved') event.preventDefault()
})
</script>

<template>
  <div v-if="shop.saveState === 'failed'" class="note note--stop no-print" role="alert">
    <p>{{ t('save.failedText') }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="shop.save()">{{ t('save.again') }}</v-btn>
      <v-btn @click="exportShop(shop.shop)">{{ t('sign.export') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.note {
  position: sticky;
  top: 0;
  z-index: 5;
  display: grid;
  gap: 8px;
}
</style>
