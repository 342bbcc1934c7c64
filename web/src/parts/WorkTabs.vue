<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** The two pages where something is worked out. */
const { t } = useI18n()
</script>

<template>
  <nav class="tabs no-print" :aria-label="t('nav.work')">
    <router-link
      v-for="page in ['feed', 'desk']"
      :key="page"
      :to="`/${page}`"
      :class="{ on: $route.name === page }"
      >{{ t(`nav.${page}`) }}</router-link
    >
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 16px;
}
a {
  min-height: 44px;
  padding: 0 18px;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  border-bottom: 4px solid transparent;
}
.on {
  font-weight: 750;
  border-bottom-color: var(--copper);
}
</style>
