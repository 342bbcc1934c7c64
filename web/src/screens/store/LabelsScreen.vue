<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useWords } from '../../composables/useWords.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'

/** A label for every drawer: its name large, what lies in it below; as many on a sheet of paper as go on it. */
const words = useWords()
const { t } = useI18n()
const parts = useParts()
const settings = useSettings()
const drawers = computed(() => {
  const found = new Map<string, string[]>()
  for (const part of parts.list) {
    const drawer = part.drawer?.trim()
    if (!drawer) continue
    const lines = found.get(drawer) ?? []
    lines.push(words.partText(part.kind, part, settings.units))
    found.set(drawer, lines)
  }
  // Drawer 2 before drawer 10.
  const order = new Intl.Collator(undefined, { numeric: true })
  return [...found].sort(([a], [b]) => order.compare(a, b)).map(([name, lines]) => ({ name, lines }))
})
const homeless = computed(() => parts.list.filter((part) => !part.drawer?.trim()).length)
const print = () => window.print()
</script>

<template>
  <div class="screen">
    <h1 class="no-print">{{ t('nav.labels') }}</h1>
    <div class="row no-print">
      <v-btn v-if="drawers.length" variant="flat" color="primary" @click="print">{{
        t('labels.print')
      }}</v-btn>
      <v-btn :to="{ name: 'store', params: { list: 'parts' } }">{{ t('labels.back') }}</v-btn>
    </div>
    <p v-if="drawers.length === 0">{{ t('labels.none') }}</p>
    <p v-if="homeless" class="muted no-print">{{ t('labels.homeless', homeless) }}</p>
    <ul class="labels">
      <li v-for="drawer in drawers" :key="drawer.name">
        <h2>{{ drawer.name }}</h2>
        <p v-for="(line, i) in drawer.lines" :key="i">{{ line }}</p>
      </li>
    </ul>
  </div>
</template>

<style scoped>
h1 {
  margin-bottom: 14px;
}
.labels {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(78mm, 100%), 1fr));
  gap: 4mm;
  margin-top: 20px;
}
.labels li {
  border: 1px dashed var(--muted);
  padding: 4mm 5mm;
  break-inside: avoid;
  overflow-wrap: anywhere;
  background: var(--sheet);
}
.labels h2 {
  font-size: 9mm;
  line-height: 1.1;
  font-weight: 800;
}
.labels p {
  margin: 1mm 0 0;
  font-size: 1rem;
  font-weight: 600;
}
</style>
