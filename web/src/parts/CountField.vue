<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** A number without a unit of its own: days, hours, months. Empty is not known. */
const props = defineProps<{ label: string; max: number }>()
const model = defineModel<number | undefined>({ required: true })
const { t } = useI18n()
const text = ref(model.value === undefined ? '' : String(model.value))
const problem = ref('')
let mine = model.value
watch(text, (typed) => {
  const said = typed.trim().replace(',', '.')
  const value = Number(said)
  const good = said !== '' && Number.isFinite(value) && value >= 0 && value <= props.max
  problem.value = said === '' || good ? '' : t('trouble.count', { max: props.max })
  mine = good ? value : undefined
  model.value = mine
})
// Set from outside.
watch(model, (value) => {
  if (value === mine) return
  mine = value
  text.value = value === undefined ? '' : String(value)
})
</script>

<template>
  <v-text-field
    v-model="text"
    :label="label"
    inputmode="decimal"
    maxlength="12"
    :error-messages="problem ? [problem] : []"
  />
</template>
