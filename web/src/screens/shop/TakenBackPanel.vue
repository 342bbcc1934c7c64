<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { KEPT_DAYS } from '@pepper-knot/core/ledger'
import { idle } from '../../composables/idle.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'

const words = useWords()
/** What was done and can be taken back, and what was removed and can be put back. */
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()
const when = (at: string) => d(new Date(at), { dateStyle: 'medium', timeStyle: 'short' })
const undos = computed(() => [...shop.undos].reverse())
// Removed runs are read when somebody looks for them.
onMounted(() => void idle(1000).then(() => shop.loadRemoved()))
/** Looked for again at every writing. */
const removed = computed(() => {
  void shop.undos
  void shop.pastChanged
  void shop.saveState
  return [...shop.removed()].sort((a, b) => (a.at < b.at ? 1 : -1)).slice(0, 200)
})
</script>

<template>
  <section v-if="undos.length" :aria-label="t('back.undoTitle')">
    <h2>{{ t('back.undoTitle') }}</h2>
    <p class="muted">{{ t('back.undoText') }}</p>
    <ul>
      <li v-for="undo in undos" :key="undo.id" class="row">
        <span
          ><b>{{ seen(undo.label) }}</b> <span class="muted tabular">{{ when(undo.at) }}</span></span
        >
        <v-btn :aria-label="t('back.undoNamed', { what: undo.label })" @click="shop.undo(undo.id)">{{
          t('app.undo')
        }}</v-btn>
      </li>
    </ul>
  </section>
  <section v-if="removed.length" :aria-label="t('back.removedTitle')">
    <h2>{{ t('back.removedTitle') }}</h2>
    <p class="muted">{{ t('back.removedText', { n: KEPT_DAYS }) }}</p>
    <ul>
      <li v-for="one in removed" :key="one.key" class="row">
        <span
          ><b>{{ words.recordText(one.key, one.was, settings.units) }}</b>
          <span class="muted tabular">{{ when(one.at) }}</span></span
        >
        <v-btn
          :aria-label="t('back.putBackNamed', { what: words.recordText(one.key, one.was, settings.units) })"
          @click="
            shop.putBack(
              one.key,
              t('back.putBackDone', { what: words.recordText(one.key, one.was, settings.units) }),
            )
          "
          >{{ t('back.putBack') }}</v-btn
        >
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
  justify-content: space-between;
}
</style>
