<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { useShop } from '../stores/shop.ts'

/** What was just removed or replaced, said once, with the way back. */
const { t } = useI18n()
const shop = useShop()
// On a phone the foot of the screen is where the thumb works; on the sheet of a job it is where Done is.
const narrow = useMediaQuery('(max-width: 700px)')
const route = useRoute()
const top = computed(() => narrow.value || /^\/(?:change|trouble)\//.test(route.path))
</script>

<template>
  <v-snackbar
    :model-value="shop.told !== null"
    :location="top ? 'top' : 'bottom'"
    color="primary"
    @update:model-value="shop.told = null"
  >
    <span role="status">{{ shop.told?.label }}</span>
    <template #actions>
      <v-btn variant="text" @click="shop.undo(shop.told?.id)">{{ t('app.undo') }}</v-btn>
    </template>
  </v-snackbar>
</template>
