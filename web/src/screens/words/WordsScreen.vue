<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { useRoute } from 'vue-router'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** The words of the trade, found by whatever somebody else calls them. */
const { t } = useI18n()
const route = useRoute()
const asked = useDraft('words.asked', String(route.query.word ?? '').slice(0, 200))
const found = computed(() => words.findWords(asked.value))
</script>

<template>
  <div class="screen words">
    <h1>{{ t('nav.words') }}</h1>
    <v-text-field v-model="asked" :label="t('words.search')" maxlength="200" clearable type="search" />
    <p v-if="found.length === 0" role="status">{{ t('words.none') }}</p>
    <dl>
      <div v-for="word in found" :key="word.id" class="word">
        <dt>{{ word.term }}</dt>
        <dd>
          {{ word.says }}
          <span v-if="word.also.length" class="muted">{{
            t('words.also', { words: word.also.join(', ') })
          }}</span>
        </dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.words {
  display: grid;
  gap: 16px;
}
.word {
  display: grid;
  grid-template-columns: minmax(0, 14rem) minmax(0, 1fr);
  gap: 4px 24px;
  border-top: 1px solid var(--rule);
  padding: 10px 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
  max-width: 72ch;
}
@media (max-width: 700px) {
  .word {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
