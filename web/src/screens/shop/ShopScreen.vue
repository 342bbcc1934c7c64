<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  problemLine,
  compareShops,
  HEAT_CONVENTIONS,
  HEAT_NAMES,
  readShopFile,
  shopOf,
  type Difference,
  type Problem,
  type Shop,
} from '@pepper-knot/core'
import { exportShop } from '../../storage/exportShop.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'
import AsidePanel from './AsidePanel.vue'
import PracticePanel from './PracticePanel.vue'

const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const problems = ref<Problem[]>([])
const incoming = ref<{ shop: Shop; differences: Difference[] } | null>(null)
/** A shop has a name: while the field is empty the last one stays. */
const name = ref(shop.shop.name)
function setName(text: string | null) {
  name.value = text ?? ''
  if (name.value.trim() !== '') shop.shop.name = name.value.trim().slice(0, 100)
}
watch(
  () => shop.shop.name,
  (now) => {
    if (name.value.trim() !== now) name.value = now
  },
)
const asking = ref<'demo' | 'empty' | null>(null)

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  incoming.value = null
  const read = readShopFile(await file.text())
  problems.value = read.ok ? [] : read.problems
  if (!read.ok) return
  const next = shopOf(read.value)
  incoming.value = { shop: next, differences: compareShops(shop.shop, next) }
}
function apply() {
  shop.replaceAll(t('shop.imported'), incoming.value!.shop)
  incoming.value = null
}
async function startOver() {
  const what = asking.value
  asking.value = null
  if (what === 'demo') {
    const { demoShop } = await import('@pepper-knot/core/demo')
    shop.replaceAll(t('shop.replaced'), {
      ...demoShop(new Date().toISOString()),
      settings: settings.all,
      runs: [],
    })
  } else if (what === 'empty')
    shop.replaceAll(t('shop.replaced'), {
      name: 'My shop',
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
    <section class="rows" :aria-label="t('shop.settings')">
      <v-text-field
        :model-value="name"
        :label="t('shop.name')"
        :error-messages="name.trim() === '' ? [t('shop.nameNeeded')] : []"
        maxlength="100"
        @update:model-value="setName"
      />
      <v-select
        v-model="settings.all.units"
        :label="t('shop.units')"
        :items="[
          { value: 'metric', title: t('units.metric') },
          { value: 'inch', title: t('units.inch') },
        ]"
      />
      <v-select
        v-model="settings.all.theme"
        :label="t('shop.theme')"
        :items="['system', 'light', 'dark'].map((value) => ({ value, title: t(`shop.themes.${value}`) }))"
      />
      <v-select
        v-model="settings.all.heatConvention"
        :label="t('shop.heat')"
        :items="HEAT_CONVENTIONS.map((value) => ({ value, title: HEAT_NAMES[value] }))"
      />
      <v-checkbox v-model="settings.all.readAloud" :label="t('shop.readAloud')" />
    </section>
    <PracticePanel />
    <section :aria-label="t('shop.data')">
      <h2>{{ t('shop.data') }}</h2>
      <p class="muted">{{ t('shop.dataText') }}</p>
      <div class="row">
        <v-btn variant="flat" color="primary" @click="exportShop(shop.shop)">{{ t('sign.export') }}</v-btn>
        <label class="file">
          <span>{{ t('shop.import') }}</span>
          <input type="file" accept=".json,application/json" @change="choose" />
        </label>
      </div>
      <div v-if="problems.length" class="note note--stop" role="alert">
        <b>{{ t('shop.refused') }}</b>
        <p v-for="problem in problems.slice(0, 8)" :key="problemLine(problem)">
          {{ problemLine(problem) }}
        </p>
      </div>
      <div v-if="incoming" class="note" role="status">
        <b>{{ t('shop.wouldChange', { name: incoming.shop.name }) }}</b>
        <ul>
          <li v-for="row in incoming.differences" :key="row.what">
            {{ t(`shop.lists.${row.what}`) }}:
            {{ t('shop.difference', { added: row.added, changed: row.changed, removed: row.removed }) }}
          </li>
        </ul>
        <div class="row">
          <v-btn variant="flat" color="primary" @click="apply">{{ t('shop.apply') }}</v-btn>
          <v-btn @click="incoming = null">{{ t('app.cancel') }}</v-btn>
        </div>
      </div>
      <div class="row">
        <v-btn @click="asking = 'demo'">{{ t('shop.toDemo') }}</v-btn>
        <v-btn @click="asking = 'empty'">{{ t('shop.toEmpty') }}</v-btn>
        <v-btn v-if="shop.undoStack.length" @click="shop.undo()">{{
          t('shop.undoLast', { what: shop.undoStack[shop.undoStack.length - 1]!.label })
        }}</v-btn>
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
    <AsidePanel />
    <section :aria-label="t('shop.cautions')">
      <h2>{{ t('shop.cautions') }}</h2>
      <p class="caution">{{ t('app.defer') }}</p>
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
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 16px;
  align-items: start;
}
.file {
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 16px;
  border: 2px solid currentcolor;
  font-weight: 650;
  cursor: pointer;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.file:focus-within {
  outline: 3px solid var(--copper);
  outline-offset: 2px;
}
.caution {
  max-width: 75ch;
}
</style>
