<script setup lang="ts">
import { useEventListener, usePreferredDark } from '@vueuse/core'
import { computed, defineAsyncComponent, nextTick, onScopeDispose, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import NavRail from './parts/NavRail.vue'
import { viewChanged, watchHands } from './parts/handsUp.ts'
import { usePageKeys } from './parts/keys.ts'
import { idle } from './composables/idle.ts'
import { keepHere, newer } from './composables/useOffline.ts'
import { pageTitle } from './composables/usePageTitle.ts'
import { useShop } from './stores/shop.ts'
import { useSettings } from './stores/settings.ts'

/** What most pages never show comes when it is needed. */
const KeysDialog = defineAsyncComponent(() => import('./parts/KeysDialog.vue'))
const SaveNotice = defineAsyncComponent(() => import('./parts/SaveNotice.vue'))
const TakeBackDialog = defineAsyncComponent(() => import('./parts/TakeBackDialog.vue'))
const ToldNotice = defineAsyncComponent(() => import('./parts/ToldNotice.vue'))
const WelcomePanel = defineAsyncComponent(() => import('./parts/WelcomePanel.vue'))

const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const theme = useTheme()
const prefersDark = usePreferredDark()
const keysOpen = ref(false)

const dark = computed(() =>
  settings.all.theme === 'system' ? prefersDark.value : settings.all.theme === 'dark',
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
  u: () => settings.toggleUnits(),
  '?': () => (keysOpen.value = true),
})

const route = useRoute()
const router = useRouter()
const title = computed(() => {
  const name = String(route.name ?? 'bench')
  const place = pageTitle.value || t(`nav.${name}`)
  return `${place} · Pepper Knot`
})
watch(title, (said) => (document.title = said), { immediate: true })
/** Frames a heading is waited for: a stage may fetch its code first. */
const MOST_FRAMES = 120
/** Where somebody types or chooses already. */
const BUSY = 'main :is(input, textarea, [contenteditable]), .v-overlay *'
/** Whoever came by a key or listens begins at the heading of where they came; a hand that was faster is left alone. */
async function arrive(frames = 0): Promise<void> {
  await nextTick()
  if (document.activeElement?.matches(BUSY)) return
  const heading = document.querySelector<HTMLElement>('main h1')
  if (!heading) {
    if (frames < MOST_FRAMES) requestAnimationFrame(() => void arrive(frames + 1))
    return
  }
  heading.tabIndex = -1
  heading.focus({ preventScroll: true })
}
const arrived = ref('')
onScopeDispose(watchHands())
onScopeDispose(
  router.afterEach((to, from) => {
    if (to.path !== from.path) viewChanged()
    if (!from.name || shop.phase !== 'ready' || to.path === from.path) return
    // An address that names its stage a moment later is the same place.
    const same = to.name === from.name && to.params.id === from.params.id && !from.params.stage
    if (!same || !to.params.stage) void arrive()
    void nextTick(() => (arrived.value = title.value))
  }),
)

// What is not written yet is lost with the page: leaving asks first.
useEventListener(window, 'beforeunload', (event) => {
  if (shop.saveState !== 'saved') event.preventDefault()
})
/** A part of the program could not be fetched: the server is gone, or has a newer build. */
const stale = ref(false)
useEventListener(window, 'vite:preloadError', () => (stale.value = true))
onScopeDispose(
  router.onError((error: unknown) => {
    if (error instanceof TypeError || /import|fetch/i.test(String(error))) stale.value = true
  }),
)
async function loadAnew() {
  await shop.save()
  location.reload()
}
/** In the middle of a run nothing is taken: it is offered when the sheet is left. */
const onSheet = computed(() => route.name === 'change' && route.params.stage === 'swap')
async function takeNewer() {
  await shop.save()
  await newer.value?.()
}
/** Something of the shop could not be kept, or was opened without. */
const trouble = computed(
  () =>
    (shop.saveState !== 'saved' && shop.saveState !== 'saving') ||
    shop.unkept.length > 0 ||
    shop.apart.length > 0 ||
    shop.clockBack ||
    shop.oldTab ||
    shop.openedWithout > 0,
)

void shop.load()
// Once the page is quiet, the rest of the program comes.
const stopWaiting = watch(
  () => shop.phase,
  async (phase) => {
    if (phase !== 'ready') return
    stopWaiting()
    await idle()
    const { loadAhead } = await import('./composables/loadAhead.ts')
    void keepHere()
    void loadAhead()
  },
)
</script>

<template>
  <v-app>
    <a class="skip" href="#main">{{ t('app.skip') }}</a>
    <NavRail v-if="shop.phase === 'ready'" @keys="keysOpen = true" />
    <main id="main" class="main" :class="{ 'main--bare': shop.phase !== 'ready' }" tabindex="-1">
      <div v-if="stale" class="note note--stop stale" role="alert" data-part="stale">
        <p>{{ t('app.stale') }}</p>
        <v-btn variant="flat" color="primary" @click="loadAnew">{{ t('app.loadAnew') }}</v-btn>
      </div>
      <div v-if="newer && !onSheet" class="note stale" role="status" data-part="newer">
        <p>{{ t('app.newer') }}</p>
        <v-btn variant="flat" color="primary" @click="takeNewer">{{ t('app.takeNewer') }}</v-btn>
        <v-btn @click="newer = undefined">{{ t('app.later') }}</v-btn>
      </div>
      <SaveNotice v-if="trouble" />
      <router-view v-if="shop.phase === 'ready'" />
      <p v-else-if="shop.phase === 'loading'" class="screen" role="status">{{ t('app.loading') }}</p>
      <WelcomePanel v-else />
    </main>
    <p class="visually-hidden" aria-live="polite" data-part="arrived">{{ arrived }}</p>
    <KeysDialog v-if="keysOpen" v-model="keysOpen" />
    <ToldNotice v-if="shop.told" />
    <TakeBackDialog v-if="shop.takingBack" />
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
.stale {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
  margin: 12px 28px;
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
