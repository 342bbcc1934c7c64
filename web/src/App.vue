<script setup lang="ts">
import { useMediaQuery, usePreferredDark } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useTheme } from 'vuetify'
import KeysDialog from './parts/KeysDialog.vue'
import NavRail from './parts/NavRail.vue'
import SaveNotice from './parts/SaveNotice.vue'
import WelcomePanel from './parts/WelcomePanel.vue'
import { usePageKeys } from './parts/keys.ts'
import { useShop } from './stores/shop.ts'

const { t } = useI18n()
const shop = useShop()
const theme = useTheme()
const prefersDark = usePreferredDark()
const keysOpen = ref(false)
// On a phone the foot of the screen is where the thumb works.
const narrow = useMediaQuery('(max-width: 700px)')

const dark = computed(() =>
  shop.settings.theme === 'system' ? prefersDark.value : shop.settings.theme === 'dark',
)
watch(dark, (isDark) => theme.change(isDark ? 'dark' : 'light'), { immediate: true })
watch(
  dark,
  (isDark) => {
    document.documentElement.classList.toggle('v-theme--dark', isDark)
    document.documentElement.classList.toggle('v-theme--light', !isDark)
  },
  { immediate: true },
)

usePageKeys({
  u: () => (shop.shop.settings.units = shop.units === 'metric' ? 'inch' : 'metric'),
  '?': () => (keysOpen.value = true),
})

void shop.load()
</script>

<template>
  <v-app>
    <a class="skip" href="#main">{{ t('app.skip') }}</a>
    <NavRail v-if="shop.phase === 'ready'" @keys="keysOpen = true" />
    <main id="main" class="main" :class="{ 'main--bare': shop.phase !== 'ready' }" tabindex="-1">
      <SaveNotice />
      <router-view v-if="shop.phase === 'ready'" />
      <p v-else-if="shop.phase === 'loading'" class="screen" role="status">{{ t('app.loading') }}</p>
      <WelcomePanel v-else />
    </main>
    <KeysDialog v-model="keysOpen" />
    <v-snackbar
      :model-value="shop.told !== null"
      :location="narrow ? 'top' : 'bottom'"
      color="primary"
      @update:model-value="shop.told = null"
    >
      <span role="status">{{ shop.told?.label }}</span>
      <template #actions>
        <v-btn variant="text" @click="shop.undo()">{{ t('app.undo') }}</v-btn>
      </template>
    </v-snackbar>
  </v-app>
</template>

<style scoped>
.main {
  margin-left: 84px;
  min-height: 100vh;
  outline: none;
}
.main--bare {
  margin-left: 0;
}
.skip {
  position: absolute;
  left: -999px;
  z-index: 20;
  background: var(--ink);
  color: var(--ground);
  padding: 12px 16px;
}
.skip:focus {
  left: 96px;
  top: 8px;
}
@media (max-width: 700px) {
  .main {
    margin-left: 0;
  }
}
</style>
