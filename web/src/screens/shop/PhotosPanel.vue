<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { exportWithPhotos } from '../../storage/exportShop.ts'
import { dropPhotos, photosHere, type PhotoSize } from '../../storage/photos.ts'
import { useShop } from '../../stores/shop.ts'

/** The pictures of the log: how many and how much, taken along in a file, cleared. Nothing where there is none. */
const { t, n } = useI18n()
const shop = useShop()
const here = shallowRef<PhotoSize[]>([])
const sure = ref(false)
const look = async () => (here.value = await photosHere().catch(() => []))
onMounted(look)
defineExpose({ look })
/** Never none: each takes some room. */
const megabytes = computed(() => Math.max(0.1, here.value.reduce((sum, { bytes }) => sum + bytes, 0) / 1e6))
async function clear() {
  await dropPhotos(here.value.map(({ id }) => id))
  sure.value = false
  await look()
}
</script>

<template>
  <div v-if="here.length" class="photos">
    <p>
      {{
        t('photos.here', { n: here.length, size: n(megabytes, { maximumFractionDigits: 1 }) }, here.length)
      }}
    </p>
    <p class="muted">{{ t('photos.text') }}</p>
    <div class="row">
      <v-btn @click="exportWithPhotos(shop)">{{ t('photos.export') }}</v-btn>
      <v-btn @click="sure = true">{{ t('photos.clear') }}</v-btn>
    </div>
    <div v-if="sure" class="note note--stop" role="alert">
      <p>{{ t('photos.sure') }}</p>
      <div class="row">
        <v-btn variant="flat" color="primary" @click="clear">{{ t('photos.clear') }}</v-btn>
        <v-btn @click="sure = false">{{ t('app.cancel') }}</v-btn>
      </div>
    </div>
  </div>
</template>

<style scoped>
.photos {
  display: grid;
  gap: 10px;
  justify-items: start;
}
</style>
