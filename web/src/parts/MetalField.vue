<script setup lang="ts">
import { computed, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Job } from '@pepper-knot/core/machine'
import { metalTyped } from '@pepper-knot/core/wire'
import { useMetals } from '../stores/metals.ts'
import { useWords } from '../composables/useWords.ts'

/** A grade of metal in any usual spelling: said back at once, with the names it may become; kept as typed. */
const grade = defineModel<string>()
const props = defineProps<{
  label: string
  hint: string
  material?: Job['material'] | undefined
  /** Of the tables alone: the shop’s own rows are not asked. */
  tables?: boolean
}>()
const { t } = useI18n()
const words = useWords()
const id = useId()
const metals = useMetals()
const typed = computed(() => metalTyped(grade.value ?? '', props.material))
/** The shop’s own names first. */
const like = computed(() => [...metals.like(grade.value ?? ''), ...typed.value.like])
const said = computed(() => {
  if (!grade.value?.trim()) return props.hint
  if (!props.tables && metals.read(grade.value)) return t('decide.metalOwn')
  return typed.value.id
    ? t('decide.metalRead', { name: words.metalName(typed.value.id) })
    : t('decide.metalUnknown')
})
</script>

<template>
  <div>
    <v-text-field
      :model-value="grade"
      :label="label"
      :hint="said"
      persistent-hint
      maxlength="60"
      autocomplete="off"
      spellcheck="false"
      :list="id"
      @update:model-value="grade = $event?.trim() ? $event : undefined"
    />
    <datalist :id="id">
      <option v-for="name in tables ? typed.like : like" :key="name" :value="name" />
    </datalist>
  </div>
</template>
