<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { asideTexts, removeAside, type AsideText } from '../../storage/aside.ts'
import { download } from '../../storage/download.ts'

/** What could not be read, or stood where a shop was begun anew: kept until somebody saves or removes it. */
const { t } = useI18n()
const route = useRoute()
const section = ref<HTMLElement>()
const texts = ref<AsideText[]>([])
const failed = ref(false)
const removing = ref('')
async function look() {
  try {
    texts.value = await asideTexts()
    failed.value = false
  } catch {
    failed.value = true
  }
}
onMounted(async () => {
  await look()
  show()
})
/** The notice of what was laid aside leads here. */
function show() {
  if (route.hash === '#laid-aside') section.value?.scrollIntoView()
}
watch(() => route.hash, show)
async function remove(key: string) {
  removing.value = ''
  try {
    await removeAside(key)
  } finally {
    await look()
  }
}
const kilobytes = (text: string) => Math.max(1, Math.round(text.length / 1000))
</script>

<template>
  <section v-if="texts.length || failed" ref="section" :aria-label="t('aside.title')">
    <h2>{{ t('aside.title') }}</h2>
    <p class="muted">{{ t(failed ? 'aside.failed' : 'aside.text') }}</p>
    <ul>
      <li v-for="one in texts" :key="one.key" class="row">
        <span class="tabular"
          >{{ new Date(one.at).toLocaleString() }}, {{ t('aside.size', { n: kilobytes(one.text) }) }}</span
        >
        <v-btn @click="download(`laid-aside-${one.at.slice(0, 10)}.json`, one.text)">{{
          t('aside.save')
        }}</v-btn>
        <v-btn v-if="removing !== one.key" variant="text" @click="removing = one.key">{{
          t('aside.remove')
        }}</v-btn>
        <template v-else>
          <span class="problem">{{ t('aside.sure') }}</span>
          <v-btn @click="remove(one.key)">{{ t('aside.remove') }}</v-btn>
          <v-btn variant="text" @click="removing = ''">{{ t('app.cancel') }}</v-btn>
        </template>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 14px;
}
li {
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
</style>
