<script setup lang="ts">
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { downloadBlob } from '../storage/download.ts'
import { photoOf } from '../storage/photos.ts'
import DialogBox from './DialogBox.vue'

/** The pictures of an entry, small, each opened by a touch; what another device took is counted. */
const props = defineProps<{ ids: readonly string[]; removable?: boolean }>()
const emit = defineEmits<{ remove: [id: string] }>()
const { t } = useI18n()
interface Shown {
  id: string
  url: string
  photo: Blob
}
const shown = shallowRef<Shown[]>([])
const missing = ref(0)
const large = shallowRef<Shown>()
const forget = (list: readonly Shown[]) => list.forEach(({ url }) => URL.revokeObjectURL(url))
let asked = 0
watch(
  () => [...props.ids],
  async (ids) => {
    const mine = ++asked
    const had = new Map(shown.value.map((one) => [one.id, one]))
    const list: Shown[] = []
    for (const id of ids) {
      const there = had.get(id)
      if (there) {
        list.push(there)
        continue
      }
      const photo = await photoOf(id).catch(() => undefined)
      if (photo) list.push({ id, photo, url: URL.createObjectURL(photo) })
    }
    if (mine !== asked) return forget(list.filter(({ id }) => !had.has(id)))
    forget(shown.value.filter(({ id }) => !ids.includes(id)))
    shown.value = list
    missing.value = ids.length - list.length
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  asked++
  forget(shown.value)
})
</script>

<template>
  <div class="strip">
    <span v-for="(one, i) in shown" :key="one.id" class="one">
      <button
        type="button"
        class="thumb"
        :aria-label="t('photos.one', { n: i + 1, of: shown.length })"
        @click="large = one"
      >
        <img :src="one.url" alt="" />
      </button>
      <v-btn
        v-if="removable"
        size="small"
        :aria-label="t('photos.removeOne', { n: i + 1 })"
        @click="emit('remove', one.id)"
        >{{ t('store.remove') }}</v-btn
      >
    </span>
    <span v-if="missing" class="muted">{{ t('photos.elsewhere', missing) }}</span>
    <DialogBox
      v-if="large"
      v-slot="{ close }"
      :label="t('photos.title')"
      :max-width="1100"
      @close="large = undefined"
    >
      <h2>{{ t('photos.title') }}</h2>
      <img class="large" :src="large.url" :alt="t('photos.title')" />
      <div class="row">
        <v-btn variant="flat" color="primary" @click="close">{{ t('app.close') }}</v-btn>
        <v-btn @click="downloadBlob(`photo-${large.id.slice(0, 8)}.jpg`, large.photo)">{{
          t('photos.save')
        }}</v-btn>
      </div>
    </DialogBox>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.one {
  display: inline-grid;
  gap: 4px;
}
.thumb {
  padding: 0;
  border: 1px solid var(--muted);
  background: none;
  cursor: pointer;
  width: 88px;
  height: 88px;
}
.thumb img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.large {
  max-width: 100%;
  max-height: 65vh;
  object-fit: contain;
  justify-self: start;
}
</style>
