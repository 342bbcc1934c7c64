<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { apart, shownVersion, withField, type Content, type Version } from '@pepper-knot/core/ledger'
import { type Key } from '@pepper-knot/core/record'
import { useShop } from '../stores/shop.ts'
import { useSettings } from '../stores/settings.ts'
import DialogBox from './DialogBox.vue'
import PickTable from './PickTable.vue'
import { useApart } from '../composables/useApart.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** A record that was changed in two places: both side by side, field by field, and a person picks. */
const props = defineProps<{ keys: readonly Key[] }>()
const emit = defineEmits<{ close: [] }>()
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()
const key = computed(() => props.keys[0])
const { versions, rows, lines, name } = useApart(() => key.value)
const here = computed(() => versions.value[0]?.content ?? null)
const there = computed(() => versions.value[1]?.content ?? null)
const pathOf = (path: readonly string[]) => path.join('.')
const picks = ref<Record<string, 'a' | 'b'>>({})
watch(key, () => (picks.value = {}))
const whole = computed(() => rows.value.some((row) => row.path.length === 0))
const picked = (path: readonly string[]) => picks.value[pathOf(path)] ?? 'a'
const pickAll = (side: 'a' | 'b') =>
  (picks.value = Object.fromEntries(rows.value.map((row) => [pathOf(row.path), side])))
const when = (version: Version | undefined) =>
  version === undefined ? '' : d(new Date(version.at), { dateStyle: 'medium', timeStyle: 'medium' })

const done = (one: Key) => {
  const kept = shop.kept(one)
  const said = kept && shownVersion(kept)
  return t('pick.done', { what: words.recordText(one, said?.content ?? said?.was ?? null, settings.units) })
}
async function keep() {
  let content: Content | null = here.value
  if (whole.value) content = picked([]) === 'a' ? here.value : there.value
  else
    for (const row of rows.value)
      if (picked(row.path) === 'b' && content) content = withField(content, row.path, row.b)
  await shop.settle(key.value!, content, done(key.value!))
  if (props.keys.length === 0) emit('close')
}
/** All that is left, one way. */
async function keepAll(side: 'a' | 'b') {
  for (const one of [...props.keys]) {
    const kept = shop.kept(one)
    if (!kept) continue
    const shown = shownVersion(kept)
    const other = apart(kept).find((v) => v !== shown)
    await shop.settle(one, side === 'a' || !other ? shown.content : other.content, done(one))
  }
  emit('close')
}
</script>

<template>
  <DialogBox :label="t('pick.title')" :max-width="860" @close="$emit('close')">
    <h2>{{ t('pick.title') }}</h2>
    <p>{{ t('pick.text') }}</p>
    <template v-if="key && versions.length > 1">
      <h3>{{ name }}</h3>
      <PickTable
        v-model="picks"
        :rows="lines"
        :heads="{ a: t('pick.here'), b: t('pick.there') }"
        :under="{ a: when(versions[0]), b: when(versions[1]) }"
      />
      <div class="row">
        <v-btn variant="flat" color="primary" @click="keep">{{ t('pick.keep') }}</v-btn>
        <v-btn v-if="rows.length > 1" @click="pickAll('a')">{{ t('pick.allHere') }}</v-btn>
        <v-btn v-if="rows.length > 1" @click="pickAll('b')">{{ t('pick.allThere') }}</v-btn>
      </div>
      <div v-if="keys.length > 1" class="row">
        <span class="muted">{{ t('pick.left', keys.length) }}</span>
        <v-btn @click="keepAll('a')">{{ t('pick.everyHere') }}</v-btn>
        <v-btn @click="keepAll('b')">{{ t('pick.everyThere') }}</v-btn>
      </div>
    </template>
    <p v-else>{{ t('pick.none') }}</p>
    <div class="row">
      <v-btn @click="$emit('close')">{{ t('app.close') }}</v-btn>
    </div>
  </DialogBox>
</template>
