<script setup lang="ts">
import { computed, shallowRef, toRaw, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { putInStore, readPartLines, usualSpares, type Part } from '@pepper-knot/core/machine'
import { isSized, readinessRows, type SizedWire } from '@pepper-knot/core/wire'
import { newId, useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Parts by what is stamped on them, a line each; what cannot be read stays in the field with its reason. */
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const text = useDraft('store.quick.text', '')
const lines = computed(() => readPartLines(text.value))
const good = computed(() => lines.value.flatMap(({ read }) => (read.ok ? [read.value] : [])))
/** Which wires there are, as text: what else is counted or moved leaves the spares as they are. */
const wireKey = computed(() =>
  JSON.stringify([
    machineStore.list.map((m) => m.fitted.wire),
    partStore.list.map((p) => p.kind === 'wire' && p.count > 0 && [p.label, p.byHand, p.massKg]),
  ]),
)
const sized = shallowRef<SizedWire[]>([])
watch(
  wireKey,
  () =>
    (sized.value = readinessRows(toRaw(machineStore.list), toRaw(partStore.list))
      .map((r) => r.wire)
      .filter(isSized)),
  { immediate: true },
)
const spares = computed(() => {
  const wires = sized.value
  const typed = lines.value.map((l) => l.line)
  return usualSpares(wires, settings.units)
    .filter((line) => !typed.includes(line))
    .slice(0, 12)
})
const put = (line: string) =>
  (text.value = text.value.trim() === '' ? line : `${text.value.replace(/\s+$/, '')}\n${line}`)
const name = (part: Part) =>
  `${words.partText(part.kind, part, settings.units)}${part.count === 1 ? '' : ` × ${part.count}`}${part.drawer ? `, ${part.drawer}` : ''}`

function add() {
  const parts = good.value
  const left = lines.value.filter(({ read }) => !read.ok).map(({ line }) => line)
  shop.undoable(t('quick.added', parts.length), () => {
    partStore.lay(
      parts.reduce<readonly Part[]>((store, part) => putInStore([...store], part, newId), partStore.list),
    )
  })
  text.value = left.join('\n')
}
</script>

<template>
  <section class="quick" :aria-label="t('quick.partsTitle')">
    <v-textarea
      v-model="text"
      :label="t('quick.parts')"
      :hint="t('quick.partsHint')"
      persistent-hint
      rows="2"
      auto-grow
      maxlength="4000"
      autocapitalize="off"
      spellcheck="false"
      @keydown.ctrl.enter="good.length && add()"
    />
    <div v-if="spares.length" class="spares">
      <span class="muted">{{ t('quick.spares') }}</span>
      <button v-for="line in spares" :key="line" type="button" @click="put(line)">{{ line }}</button>
    </div>
    <ul v-if="lines.length" class="read" aria-live="polite">
      <li v-for="({ line, read }, i) in lines" :key="i">
        <span v-if="read.ok"
          ><b>{{ name(read.value) }}</b></span
        >
        <span v-else class="problem"
          ><b>{{ line }}</b
          >: {{ words.problemText(read.problems[0]!) }}</span
        >
      </li>
    </ul>
    <v-btn variant="flat" color="primary" :disabled="good.length === 0" @click="add">{{
      t('quick.addParts', good.length)
    }}</v-btn>
  </section>
</template>

<style scoped>
.quick {
  display: grid;
  gap: 10px;
  justify-items: start;
  border-left: 4px solid var(--copper);
  padding: 4px 0 4px 16px;
  margin-bottom: 20px;
}
.quick > :first-child {
  width: 100%;
}
.spares {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.spares button {
  min-height: 44px;
  padding: 2px 12px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.read li {
  padding: 3px 0;
}
</style>
