<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Cause, type Symptom } from '@pepper-knot/core/trouble'
import ManyRow from '../../parts/ManyRow.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** After the cure the same is asked again: gone, still there, or partly. */
const props = defineProps<{ cause: Cause; symptoms: readonly Symptom[] }>()
const emit = defineEmits<{ gone: [left: Symptom[]]; stays: [] }>()
const { t } = useI18n()
const left = ref<readonly Symptom[]>([])
const several = computed(() => props.symptoms.length > 1)
</script>

<template>
  <article class="gone" data-part="gone">
    <p class="muted">{{ words.causeName(cause) }}</p>
    <h1 tabindex="-1" data-part="say">{{ t('trouble.gone') }}</h1>
    <p>{{ t('trouble.goneText') }}</p>
    <ul v-if="!several">
      <li v-for="s in symptoms" :key="s">{{ words.symptomName(s) }}</li>
    </ul>
    <ManyRow
      v-else
      v-model="left"
      :ask="t('trouble.someLeft')"
      :choices="symptoms.map((value) => ({ value, title: words.symptomName(value) }))"
    />
    <div class="row act">
      <v-btn
        variant="flat"
        color="primary"
        size="x-large"
        :disabled="left.length === symptoms.length"
        @click="emit('gone', [...left])"
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
</style>
