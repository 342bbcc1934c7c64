<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useShop } from '../../stores/shop.ts'

const { t } = useI18n()
const shop = useShop()
/** A shop has a name: while the field is empty the last one stays. */
const name = ref(shop.shop.name)
function setName(text: string | null) {
  name.value = text ?? ''
  if (name.value.trim() !== '') shop.rename(name.value.trim().slice(0, 100))
}
watch(
  () => shop.shop.name,
  (now) => {
    if (name.value.trim() !== now) name.value = now
  },
)
</script>

<template>
  <v-text-field
    :model-value="name"
    :label="t('shop.name')"
    :error-messages="name.trim() === '' ? [t('shop.nameNeeded')] : []"
    maxlength="100"
    @update:model-value="setName"
  />
</template>
