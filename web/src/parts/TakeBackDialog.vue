<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Clash, type Content } from '@pepper-knot/core/ledger'
import { useShop } from '../stores/shop.ts'
import { useSettings } from '../stores/settings.ts'
import DialogBox from './DialogBox.vue'
import PickTable from './PickTable.vue'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** What is to be taken back was changed again since: how it is, how it was, and a person picks. */
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const nameOf = (clash: Clash) => `${clash.key} ${clash.path.join('.')}`
const picks = ref<Record<string, 'a' | 'b'>>({})
watch(
  () => shop.takingBack?.id,
  () => (picks.value = {}),
)
const text = ({ key, path }: Clash, value: unknown) =>
  path.length === 0
    ? value === null
      ? t('pick.removed')
      : words.recordText(key, value as Content, settings.units)
    : words.fieldValueText(path, value, settings.units)
const where = ({ key, path }: Clash) => {
  const record = words.recordText(key, shop.contentOf(key as never), settings.units)
  return path.length ? `${record}: ${words.fieldText(path)}` : record
}
const lines = computed(() =>
  (shop.takingBack?.taken.clashes ?? []).map((clash) => ({
    id: nameOf(clash),
    label: where(clash),
    a: text(clash, clash.b),
    b: text(clash, clash.a),
  })),
)
const cancel = () => (shop.takingBack = null)
const take = () => shop.takeBackPicked((clash) => picks.value[nameOf(clash)] === 'b')
</script>

<template>
  <DialogBox v-if="shop.takingBack" :label="t('back.clashTitle')" :max-width="860" @close="cancel">
    <h2>{{ t('back.undoNamed', { what: shop.takingBack.label }) }}</h2>
    <p>{{ t('back.clashText') }}</p>
    <PickTable v-model="picks" :rows="lines" :heads="{ a: t('back.asItIs'), b: t('back.asItWas') }" />
    <div class="row">
      <v-btn variant="flat" color="primary" @click="take">{{ t('back.takeBack') }}</v-btn>
      <v-btn @click="cancel">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>
