<script setup lang="ts">
import { useI18n } from 'vue-i18n'

const { t } = useI18n()
</script>

<template>
  <div class="screen">
    <h1>{{ t('nowhere.title') }}</h1>
    <p>
      {{ t('nowhere.text') }} <router-link to="/">{{ t('nav.bench') }}</router-link>
    </p>
  </div>
</template>
