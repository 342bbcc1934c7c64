<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** One everyday question: its answer in a line first, what it was worked out from under it. */
defineProps<{ ask: string; answer: string; note?: string; open?: boolean }>()
const { t } = useI18n()
</script>

<template>
  <section class="desk" :aria-label="ask">
    <h2>{{ ask }}</h2>
    <p class="answer tabular" role="status">{{ answer }}</p>
    <details :open="open">
      <summary>{{ t('desk.from') }}</summary>
      <div class="inside">
        <p v-if="note" class="muted">{{ note }}</p>
        <div class="fields"><slot /></div>
        <slot name="more" />
      </div>
    </details>
  </section>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
  border-top: 4px solid var(--copper);
  padding-top: 12px;
}
.desk summary {
  min-height: 44px;
  cursor: pointer;
  align-content: center;
}
.inside {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}
.answer {
  font-size: 1.2rem;
  font-weight: 650;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr));
  gap: 12px;
  align-items: start;
}
.fields :deep(fieldset) {
  grid-column: 1 / -1;
}
</style>
