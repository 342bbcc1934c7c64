<script setup lang="ts">
import LegalNote from '../../parts/LegalNote.vue'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { HEAT_CONVENTIONS } from '@pepper-knot/core/arc'
import { exportShop, lastExport, OLD_COPY_DAYS } from '../../storage/exportShop.ts'
import { askToPersist, isPersisted, type Persisted } from '../../storage/persist.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'
import AsidePanel from './AsidePanel.vue'
import CsvOptions from './CsvOptions.vue'
import HandOverPanel from './HandOverPanel.vue'
import ImportPanel from './ImportPanel.vue'
import PhotosPanel from './PhotosPanel.vue'
import PracticePanel from './PracticePanel.vue'
import ShopName from './ShopName.vue'
import TakenBackPanel from './TakenBackPanel.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()
const { host } = location
const plain = !window.isSecureContext
const persisted = ref<Persisted>('unknown')
onMounted(async () => (persisted.value = await isPersisted()))
const ask = async () => (persisted.value = await askToPersist())
const photosPanel = ref<InstanceType<typeof PhotosPanel>>()
const importing = ref<InstanceType<typeof ImportPanel>>()
/** The last copy of everything, and whether it is old: said where the next one is made. */
const copied = ref(lastExport())
const copyDays = computed(() =>
  copied.value ? Math.floor((Date.now() - copied.value.getTime()) / 86_400_000) : undefined,
)
const somethingToLose = computed(() => shop.digest.signed > 0)
const copyOld = computed(() => somethingToLose.value && (copyDays.value ?? OLD_COPY_DAYS) >= OLD_COPY_DAYS)
const copySaid = computed(() =>
  copyDays.value === undefined
    ? t('shop.neverCopied')
    : t('shop.copied', { day: d(copied.value!, { dateStyle: 'medium' }) }),
)
async function keepCopy() {
  await exportShop(shop)
  copied.value = lastExport()
}
const asking = ref<'demo' | 'empty' | null>(null)

async function startOver() {
  const what = asking.value
  asking.value = null
  if (what === 'demo') {
    const { demoShop } = await import('@pepper-knot/core/demo')
    await shop.replaceAll(t('shop.replaced'), {
      ...demoShop(new Date().toISOString()),
      settings: settings.all,
      runs: [],
    })
  } else if (what === 'empty')
    await shop.replaceAll(t('shop.replaced'), {
      name: t('shop.unnamed'),
      settings: settings.all,
      machines: [],
      store: [],
      runs: [],
    })
}
</script>

<template>
  <div class="screen shop">
    <h1>{{ t('nav.shop') }}</h1>
    <section :aria-label="t('shop.data')">
      <h2>{{ t('shop.data') }}</h2>
      <p class="muted">{{ t('shop.dataText') }}</p>
      <p class="muted">{{ t('shop.address', { host }) }}</p>
      <p v-if="plain">{{ t('app.plainHttp') }}</p>
      <ImportPanel ref="importing" @photos="photosPanel?.look()">
        <v-btn variant="flat" color="primary" @click="keepCopy">{{ t('sign.export') }}</v-btn>
      </ImportPanel>
      <p :class="copyOld ? 'problem' : 'muted'">{{ copySaid }}</p>
      <PhotosPanel ref="photosPanel" />
      <p v-if="persisted !== 'unknown'">
        {{ t(persisted ? 'shop.persisted' : 'shop.notPersisted') }}
        <v-btn v-if="!persisted" class="ask" @click="ask">{{ t('shop.persist') }}</v-btn>
      </p>
      <p v-else class="muted">{{ t('shop.cannotPersist') }}</p>
      <div class="row">
        <v-btn @click="asking = 'demo'">{{ t('shop.toDemo') }}</v-btn>
        <v-btn @click="asking = 'empty'">{{ t('shop.toEmpty') }}</v-btn>
      </div>
      <div v-if="asking" class="note note--stop" role="alert">
        <p>{{ t('shop.sure') }}</p>
        <div class="row">
          <v-btn variant="flat" color="primary" @click="startOver">{{
            t(asking === 'demo' ? 'shop.toDemo' : 'shop.toEmpty')
          }}</v-btn>
          <v-btn @click="asking = null">{{ t('app.cancel') }}</v-btn>
        </div>
      </div>
    </section>
    <HandOverPanel @file="(file, done) => importing?.look(file, done)" />
    <section class="rows" :aria-label="t('shop.settings')">
      <ShopName />
      <v-select
        :model-value="settings.all.units"
        :label="t('shop.units')"
        :items="[
          { value: 'metric', title: t('units.metric') },
          { value: 'inch', title: t('units.inch') },
        ]"
        @update:model-value="settings.set({ units: $event })"
      />
      <v-select
        :model-value="settings.all.theme"
        :label="t('shop.theme')"
        :items="['system', 'light', 'dark'].map((value) => ({ value, title: t(`shop.themes.${value}`) }))"
        @update:model-value="settings.set({ theme: $event })"
      />
      <v-select
        :model-value="settings.all.heatConvention"
        :label="t('shop.heat')"
        :items="HEAT_CONVENTIONS.map((value) => ({ value, title: words.HEAT_NAMES[value] }))"
        @update:model-value="settings.set({ heatConvention: $event })"
      />
      <v-checkbox
        :model-value="settings.all.readAloud"
        :label="t('shop.readAloud')"
        @update:model-value="settings.set({ readAloud: $event === true })"
      />
      <v-checkbox
        :model-value="settings.all.singleKeys !== false"
        :label="t('shop.singleKeys')"
        @update:model-value="settings.set({ singleKeys: $event === true })"
      />
    </section>
    <TakenBackPanel />
    <PracticePanel />
    <CsvOptions />
    <AsidePanel />
    <section :aria-label="t('shop.cautions')">
      <h2>{{ t('shop.cautions') }}</h2>
      <LegalNote />
    </section>
  </div>
</template>

<style scoped>
.shop {
  display: grid;
  gap: 28px;
}
section {
  display: grid;
  gap: 14px;
}
.rows {
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
.ask {
  margin-left: 8px;
}
</style>
