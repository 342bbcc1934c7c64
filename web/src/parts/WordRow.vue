<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** Words of this part of the page that are not everybody's: each explains itself at a touch. */
const props = defineProps<{ ids: readonly string[] }>()
const { t } = useI18n()
const found = computed(() => props.ids.map(words.wordOf))
const open = ref<string>()
const shown = computed(() => found.value.find((w) => w.id === open.value))
const toggle = (id: string) => (open.value = open.value === id ? undefined : id)
</script>

<template>
  <div class="words no-print" role="group" :aria-label="t('words.here')">
    <button
      v-for="word in found"
      :key="word.id"
      type="button"
      :aria-expanded="open === word.id"
      @click="toggle(word.id)"
    >
      {{ word.term }}
    </button>
    <p v-if="shown" class="says" role="status">{{ shown.says }}</p>
  </div>
</template>

<style scoped>
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
}
button {
  min-height: 44px;
  border: 0;
  padding: 0 2px;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 0.95rem;
  text-decoration: underline dotted 2px;
  text-underline-offset: 4px;
  cursor: pointer;
}
.says {
  flex: 1 1 100%;
  border-left: 4px solid var(--copper-soft);
  padding: 4px 12px;
  max-width: 72ch;
}
</style>
