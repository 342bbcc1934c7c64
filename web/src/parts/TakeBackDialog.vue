<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { fieldText, fieldValueText, recordText, type Clash, type Content } from '@pepper-knot/core'
import { useShop } from '../stores/shop.ts'
import { useSettings } from '../stores/settings.ts'
import DialogBox from './DialogBox.vue'

/** What is to be taken back was changed again since: how it is, how it was, and a person picks. */
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const nameOf = (clash: Clash) => `${clash.key} ${clash.path.join('.')}`
const back = ref<Record<string, boolean>>({})
watch(
  () => shop.takingBack?.id,
  () => (back.value = {}),
)
const text = ({ key, path }: Clash, value: unknown) =>
  path.length === 0
    ? value === null
      ? t('pick.removed')
      : recordText(key, value as Content, settings.units)
    : fieldValueText(path, value, settings.units)
const where = ({ key, path }: Clash) => {
  const record = recordText(key, shop.contentOf(key as never), settings.units)
  return path.length ? `${record}: ${fieldText(path)}` : record
}
const cancel = () => (shop.takingBack = null)
const take = () => shop.takeBackPicked((clash) => back.value[nameOf(clash)] === true)
</script>

<template>
  <DialogBox v-if="shop.takingBack" :label="t('back.clashTitle')" :max-width="860" @close="cancel">
    <h2>{{ t('back.undoNamed', { what: shop.takingBack.label }) }}</h2>
    <p>{{ t('back.clashText') }}</p>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ t('pick.field') }}</th>
          <th scope="col">{{ t('back.asItIs') }}</th>
          <th scope="col">{{ t('back.asItWas') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="clash in shop.takingBack.taken.clashes" :key="nameOf(clash)">
          <th scope="row">{{ where(clash) }}</th>
          <td v-for="was in [false, true]" :key="String(was)">
            <label>
              <input
                type="radio"
                :name="nameOf(clash)"
                :checked="(back[nameOf(clash)] ?? false) === was"
                @change="back[nameOf(clash)] = was"
              />
              <span>{{ text(clash, was ? clash.a : clash.b) }}</span>
            </label>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="take">{{ t('back.takeBack') }}</v-btn>
      <v-btn @click="cancel">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 8px 10px 8px 0;
  border-bottom: 1px solid var(--rule);
  overflow-wrap: anywhere;
}
label {
  display: flex;
  gap: 10px;
  min-height: 44px;
  align-items: center;
  cursor: pointer;
}
input {
  width: 22px;
  height: 22px;
  flex: none;
  accent-color: var(--copper);
}
</style>
