<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { gasDesignation, parseMixture, shortMixture } from '@pepper-knot/core/arc'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** A gas as shops write it: 80/20, argon, CO2, 98/2 O2, 90 He 7.5 Ar 2.5 CO2. */
defineProps<{ label: string }>()
const model = defineModel<Record<string, number> | undefined>({ required: true })
const { t } = useI18n()
const text = ref(model.value ? shortMixture(model.value) : '')
const read = computed(() => (text.value.trim() === '' ? undefined : parseMixture(text.value)))
let mine = model.value
watch(read, (r) => (model.value = mine = r?.ok ? r.value : undefined))
// Set from outside, by another machine or wire: say it.
watch(model, (now) => {
  if (now === mine) return
  mine = now
  text.value = now ? shortMixture(now) : ''
})
</script>

<template>
  <v-text-field
    v-model="text"
    :label="label"
    :hint="
      read?.ok
        ? `${Object.entries(read.value)
            .map(([gas, percent]) => `${percent} % ${gas}`)
            .join(', ')}: ${gasDesignation(read.value)}`
        : t('field.mixtureHint')
    "
    persistent-hint
    :error-messages="read && !read.ok ? [words.problemText(read.problems[0]!)] : []"
  />
</template>
