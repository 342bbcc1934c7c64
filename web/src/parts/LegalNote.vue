<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** Whose word comes first, in three short lines; the whole behind one. */
const { t } = useI18n()
</script>

<template>
  <div class="legal">
    <p v-for="line in ['first', 'power', 'air'] as const" :key="line">{{ t(`app.care.${line}`) }}</p>
    <details>
      <summary>{{ t('app.care.whole') }}</summary>
      <p data-legal>{{ t('app.defer') }}</p>
    </details>
  </div>
</template>

<style scoped>
.legal {
  max-width: 75ch;
  color: var(--muted);
}
summary {
  min-height: 44px;
  align-content: center;
  cursor: pointer;
}
</style>
