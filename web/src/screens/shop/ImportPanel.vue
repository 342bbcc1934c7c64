<script setup lang="ts">
import { proxy, wrap, type Remote } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { IMPORTS, type Difference } from '@pepper-knot/core/ledger'
import { type Problem } from '@pepper-knot/core/trade'
import FileButton from '../../parts/FileButton.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { seen } from '../../messages/seen.ts'
import { download } from '../../storage/download.ts'
import { useLog } from '../../stores/log.ts'
import { newId, useShop } from '../../stores/shop.ts'
import type { FileWorker, LookedAt } from '../../workers/file.worker.ts'
import { useWords } from '../../composables/useWords.ts'

type ImportHow = (typeof IMPORTS)[number]

const words = useWords()
/** A file is read whole, what it would change is shown, and then all of it goes in or nothing. */
const { t, d } = useI18n()
const shop = useShop()
const state = ref<'none' | 'reading' | 'shown' | 'writing'>('none')
const share = ref(0)
const problems = ref<Problem[]>([])
const failed = ref(false)
const full = ref(false)
const looked = shallowRef<LookedAt>()
const how = ref<ImportHow>('merge')
const rows = shallowRef<Difference[]>([])
/** The difference that stands there is that of the other way. */
const comparing = ref(false)
watch(how, async (now) => {
  if (state.value !== 'shown' || !worker) return
  comparing.value = true
  const found = await worker.differences(now).catch(() => undefined)
  if (how.value !== now) return
  comparing.value = false
  if (found) rows.value = found
  else failed.value = true
})
const nothing = computed(() => rows.value.every((r) => r.added + r.changed + r.removed + r.apart === 0))

let raw: Worker | undefined
let worker: Remote<FileWorker> | undefined
function start() {
  if (worker) return worker
  raw = new Worker(new URL('../../workers/file.worker.ts', import.meta.url), { type: 'module' })
  raw.onerror = () => {
    failed.value = true
    state.value = 'none'
  }
  return (worker = wrap<FileWorker>(raw))
}
onScopeDispose(() => raw?.terminate())

let after: (() => void) | undefined
const emit = defineEmits<{ photos: [] }>()
const log = useLog()
const spoiled = ref(false)
/** Pictures that found no room. */
const notKept = ref(0)
let photos = new Map<string, Blob>()
/** A zip is a file with its pictures. @returns nothing where it cannot be read */
async function unpacked(file: Blob): Promise<Blob | undefined> {
  photos = new Map()
  const { isZip, unzipShop } = await import('../../storage/photoZip.ts')
  if (!(await isZip(file))) return file
  const whole = await unzipShop(file)
  photos = whole?.photos ?? photos
  return whole?.shop
}
/** Those that an entry names now, and that are not here yet. */
async function keepPhotos() {
  if (photos.size === 0) return
  const { photoIds, putPhoto } = await import('../../storage/photos.ts')
  const there = new Set(await photoIds())
  for (const [id, photo] of photos) {
    if (!log.photos.has(id) || there.has(id)) continue
    await putPhoto(id, photo).catch(() => notKept.value++)
  }
  photos = new Map()
  emit('photos')
}
/** What was handed over is looked at like a file. @param then what is said once it was taken in */
async function look(file: Blob, then?: () => void) {
  if (state.value !== 'none' && state.value !== 'shown') return
  after = then
  problems.value = []
  failed.value = false
  full.value = false
  looked.value = undefined
  share.value = 0
  how.value = 'merge'
  comparing.value = false
  state.value = 'reading'
  spoiled.value = false
  notKept.value = 0
  // Its code comes while the rest is written and unpacked.
  const reader = start()
  try {
    await shop.save()
    const json = await unpacked(file)
    if (!json) {
      spoiled.value = true
      state.value = 'none'
      return
    }
    const read = await reader.look(
      json,
      t('shop.unnamed'),
      proxy((done) => void (share.value = done)),
    )
    if (!read) return
    if (read.ok) {
      looked.value = read.value
      rows.value = read.value.differences
    } else problems.value = read.problems
    state.value = read.ok ? 'shown' : 'none'
  } catch {
    failed.value = true
    state.value = 'none'
  }
}
function stop() {
  void worker?.stop()
  looked.value = undefined
  state.value = 'none'
}
async function apply() {
  state.value = 'writing'
  const id = newId()
  const label = t('shop.imported')
  try {
    await start().write(how.value, label, id)
    await shop.shownAnew({ label, id })
    await keepPhotos()
    after?.()
  } catch (error) {
    failed.value = true
    full.value = error instanceof Error && error.name === 'QuotaExceededError'
  }
  looked.value = undefined
  state.value = 'none'
}
defineExpose({ look })
const saveAside = () => download('not-read.json', JSON.stringify(looked.value!.aside, null, 2))
</script>

<template>
  <div class="import">
    <div class="row">
      <slot />
      <FileButton
        :label="t('shop.import')"
        accept=".json,.zip,application/json,application/zip"
        :disabled="state !== 'none'"
        @file="look($event)"
      />
    </div>
    <div v-if="state === 'reading' || state === 'writing'" class="note row" role="status">
      <span>{{ t(state === 'reading' ? 'shop.reading' : 'shop.writing') }}</span>
      <progress v-if="state === 'reading'" :value="share" max="1" :aria-label="t('shop.reading')" />
      <v-btn v-if="state === 'reading'" @click="stop">{{ t('shop.stop') }}</v-btn>
    </div>
    <div v-if="problems.length" class="note note--stop" role="alert">
      <b>{{ t('shop.refused') }}</b>
      <p v-for="problem in problems.slice(0, 8)" :key="words.problemLine(problem)">
        {{ words.problemLine(problem) }}
      </p>
    </div>
    <div v-if="spoiled" class="note note--stop" role="alert">
      <p>{{ t('photos.spoiled') }}</p>
    </div>
    <p v-if="notKept" class="problem" role="alert">{{ t('photos.notKept', notKept) }}</p>
    <div v-if="failed" class="note note--stop" role="alert">
      <p>{{ t(full ? 'shop.importFull' : 'shop.importFailed') }}</p>
    </div>
    <div v-if="state === 'shown' && looked" class="note" role="status">
      <b>{{ t(looked.part ? 'shop.fromPart' : 'shop.fromFile', { name: seen(looked.name ?? '?') }) }}</b>
      <p v-if="looked.savedAt" class="muted">
        {{
          t('shop.savedAt', { at: d(new Date(looked.savedAt), { dateStyle: 'medium', timeStyle: 'short' }) })
        }}
      </p>
      <ChoiceRow
        v-if="!looked.part"
        :model-value="how"
        :ask="t('shop.how')"
        :choices="IMPORTS.map((value) => ({ value, title: t(`shop.hows.${value}`) }))"
        @update:model-value="how = $event ?? how"
      />
      <p>{{ t(looked.part ? 'shop.partText' : `shop.howText.${how}`) }}</p>
      <p v-if="comparing" class="muted">{{ t('shop.comparing') }}</p>
      <p v-else-if="nothing">{{ t(how === 'merge' ? 'shop.noDifference' : 'shop.sameAlready') }}</p>
      <ul v-else>
        <li v-for="row in rows" :key="row.what">
          {{ t(`shop.lists.${row.what}`) }}:
          {{ t('shop.difference', { added: row.added, changed: row.changed, removed: row.removed }) }}
          <b v-if="row.apart" class="problem">{{ t('shop.toPick', row.apart) }}</b>
        </li>
      </ul>
      <p v-if="looked.aside.length" class="problem">
        {{ t('shop.leftOut', looked.aside.length) }}
        <v-btn size="small" @click="saveAside">{{ t('aside.save') }}</v-btn>
      </p>
      <div class="row">
        <v-btn v-if="!nothing" variant="flat" color="primary" :disabled="comparing" @click="apply">{{
          t('shop.apply')
        }}</v-btn>
        <v-btn @click="stop">{{ t(nothing ? 'app.close' : 'app.cancel') }}</v-btn>
      </div>
    </div>
  </div>
</template>

<style scoped>
.import {
  display: grid;
  gap: 14px;
  justify-items: start;
}
.note {
  width: 100%;
}
progress {
  width: 200px;
  accent-color: var(--copper);
}
</style>
