<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { useShop } from '../stores/shop.ts'

/** What was just removed or replaced, said once, with the way back. */
const { t } = useI18n()
const shop = useShop()
// On a phone the foot of the screen is where the thumb works.
const narrow = useMediaQuery('(max-width: 700px)')
</script>

<template>
  <v-snackbar
    :model-value="shop.told !== null"
    :location="narrow ? 'top' : 'bottom'"
    color="primary"
    @update:model-value="shop.told = null"
  >
    <span role="status">{{ shop.told?.label }}</span>
    <template #actions>
      <v-btn variant="text" @click="shop.undo(shop.told?.id)">{{ t('app.undo') }}</v-btn>
    </template>
  </v-snackbar>
</template>
