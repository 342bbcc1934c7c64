<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { download } from '../storage/download.ts'
import { useShop } from '../stores/shop.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
const { t } = useI18n()
const shop = useShop()
const router = useRouter()
const { host } = location
const plain = !window.isSecureContext
/** An empty shop first: the file is looked at where every file is. */
function withFile() {
  shop.openEmpty()
  void router.push('/shop')
}
/** Six figures from another device, typed where they always are. */
function withCode() {
  shop.openEmpty()
  void router.push('/shop?hand=1')
}
</script>

<template>
  <div class="screen narrow">
    <svg class="knot" viewBox="0 0 48 30" aria-hidden="true">
      <path d="M3 24C12 24 15 6 24 6s9 14 0 14-9-14 0-14 12 18 21 18" />
    </svg>
    <template v-if="shop.phase === 'welcome'">
      <h1>{{ t('welcome.title') }}</h1>
      <p>{{ t('welcome.text') }}</p>
      <div class="row">
        <v-btn variant="flat" color="primary" size="large" @click="shop.openEmpty()">{{
          t('welcome.own')
        }}</v-btn>
        <v-btn size="large" @click="shop.openDemo()">{{ t('welcome.demo') }}</v-btn>
        <v-btn size="large" @click="withFile">{{ t('welcome.file') }}</v-btn>
        <v-btn size="large" @click="withCode">{{ t('welcome.code') }}</v-btn>
      </div>
      <p class="muted">{{ t('welcome.address', { host }) }}</p>
      <p v-if="plain" class="muted">{{ t('app.plainHttp') }}</p>
    </template>
    <template v-else>
      <h1>{{ t(`welcome.${shop.phase}`) }}</h1>
      <p v-for="problem in shop.problems.slice(0, 5)" :key="words.problemLine(problem)" class="problem">
        {{ words.problemLine(problem) }}
      </p>
      <p>{{ t(`welcome.${shop.phase}Text`) }}</p>
      <div class="row">
        <v-btn
          v-if="shop.unreadableText"
          variant="flat"
          color="primary"
          @click="download('unreadable.pepperknot.json', shop.unreadableText)"
          >{{ t('welcome.keep') }}</v-btn
        >
        <v-btn v-else variant="flat" color="primary" @click="shop.load()">{{ t('welcome.again') }}</v-btn>
        <v-btn @click="shop.openBeside()">{{ t('welcome.own') }}</v-btn>
      </div>
      <p class="muted">{{ t('welcome.besideText') }}</p>
    </template>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 680px;
  display: grid;
  gap: 20px;
  padding-top: 10vh;
}
.knot {
  width: 96px;
  fill: none;
  stroke: var(--copper);
  stroke-width: 3;
  stroke-linecap: round;
}
</style>
