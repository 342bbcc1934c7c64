<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { causeName, symptomName, type Cause, type Symptom } from '@pepper-knot/core'

/** After the cure the same is asked again: gone, still there, or partly. */
const props = defineProps<{ cause: Cause; symptoms: readonly Symptom[] }>()
const emit = defineEmits<{ gone: [left: Symptom[]]; stays: [] }>()
const { t } = useI18n()
const left = ref<Symptom[]>([])
const several = computed(() => props.symptoms.length > 1)
const toggle = (s: Symptom) =>
  (left.value = left.value.includes(s) ? left.value.filter((x) => x !== s) : [...left.value, s])
</script>

<template>
  <article class="gone" data-part="gone">
    <p class="muted">{{ causeName(cause) }}</p>
    <h1 tabindex="-1" data-part="say">{{ t('trouble.gone') }}</h1>
    <p>{{ t('trouble.goneText') }}</p>
    <ul v-if="!several">
      <li v-for="s in symptoms" :key="s">{{ symptomName(s) }}</li>
    </ul>
    <fieldset v-else>
      <legend>{{ t('trouble.someLeft') }}</legend>
      <div class="chips">
        <button
          v-for="s in symptoms"
          :key="s"
          type="button"
          :aria-pressed="left.includes(s)"
          @click="toggle(s)"
        >
          {{ symptomName(s) }}
        </button>
      </div>
    </fieldset>
    <div class="row act">
      <v-btn
        variant="flat"
        color="primary"
        size="x-large"
        :disabled="left.length === symptoms.length"
        @click="emit('gone', left)"
        >{{ left.length ? t('trouble.partly') : t('trouble.isGone') }}</v-btn
      >
      <v-btn variant="outlined" size="x-large" @click="emit('stays')">{{ t('trouble.stays') }}</v-btn>
    </div>
  </article>
</template>

<style scoped>
.gone {
  display: grid;
  gap: 14px;
  align-content: start;
}
h1 {
  outline: none;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 6px;
}
.chips button {
  min-height: 48px;
  padding: 6px 14px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.chips button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--ground);
}
</style>
