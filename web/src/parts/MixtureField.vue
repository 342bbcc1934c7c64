<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { gasDesignation, parseMixture, shortMixture } from '@pepper-knot/core'

/** A gas as shops write it: 80/20, argon, CO2, 98/2 O2, 90 He 7.5 Ar 2.5 CO2. */
defineProps<{ label: string }>()
const model = defineModel<Record<string, number> | undefined>({ required: true })
const { t } = useI18n()
const text = ref(model.value ? shortMixture(model.value) : '')
const read = computed(() => (text.value.trim() === '' ? undefined : parseMixture(text.value)))
watch(read, (r) => (model.value = r?.ok ? r.value : undefined))
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
    :error-messages="read && !read.ok ? [read.problems[0]!.message] : []"
  />
</template>
