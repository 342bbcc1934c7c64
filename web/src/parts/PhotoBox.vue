<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatMass } from '@pepper-knot/core/trade'
import { notUnderstood, readLabel, tradeLabel } from '@pepper-knot/core/wire'
import { useWords } from '../composables/useWords.ts'
import { readPhoto, type PhotoRead } from '../storage/photo.ts'
import { keepPhoto, NoRoom } from '../storage/photos.ts'
import { useLog } from '../stores/log.ts'
import { useSettings } from '../stores/settings.ts'
import DialogBox from './DialogBox.vue'
import PictureTake from './PictureTake.vue'

/**
 * The box photographed: its letters read here and shown where they stand, and what was understood beside it. It is taken
 * once each part of it was compared with the box.
 */
const emit = defineEmits<{ take: [text: string]; close: [] }>()
const PictureCrop = defineAsyncComponent(() => import('./PictureCrop.vue'))
const words = useWords()
const { t } = useI18n()
const settings = useSettings()
const log = useLog()
const taken = shallowRef<Blob>()
const picture = ref('')
const seen = shallowRef<PhotoRead>()
const text = ref('')
const share = ref(0)
const state = ref<'none' | 'reading' | 'read' | 'failed' | 'late' | 'crop'>('none')
const camera = ref(false)
const problem = ref('')
let ending = new AbortController()
const forget = () => picture.value && URL.revokeObjectURL(picture.value)
onBeforeUnmount(() => {
  ending.abort()
  forget()
})
function choose(file: Blob) {
  forget()
  taken.value = file
  picture.value = URL.createObjectURL(file)
  void read(file)
}
/** @param file the picture, or a piece of it */
async function read(file: Blob) {
  ending.abort()
  ending = new AbortController()
  const { signal } = ending
  state.value = 'reading'
  share.value = 0
  problem.value = ''
  try {
    const found = await readPhoto(file, (done) => (share.value = done), signal)
    if (signal.aborted) return
    seen.value = found
    text.value = found.text
    compared.value = new Set()
    state.value = 'read'
  } catch (error) {
    if (signal.aborted) return
    console.warn(error)
    state.value = error instanceof Error && error.message === 'time' ? 'late' : 'failed'
  }
}
function stop() {
  ending.abort()
  state.value = text.value ? 'read' : 'none'
}
const label = computed(() => (text.value.trim() ? readLabel(text.value) : undefined))
const left = computed(() => (label.value?.ok ? notUnderstood(label.value.value) : []))
const said = computed(() => (label.value?.ok ? words.labelText(label.value.value, settings.units) : ''))
/** What was understood, part by part: each is compared with the box for itself. */
const parts = computed(() => {
  if (!label.value?.ok) return []
  const { classification, diameterMm, unread, massKg } = label.value.value.wire
  const size =
    diameterMm === null || unread.includes('diameter')
      ? undefined
      : settings.units === 'metric'
        ? `${tradeLabel(diameterMm, 'metric')} mm`
        : `${tradeLabel(diameterMm, 'inch')} in`
  return [
    { part: 'classification', said: classification ?? undefined },
    { part: 'size', said: size },
    { part: 'mass', said: massKg === null ? undefined : formatMass(massKg, settings.units) },
  ]
})
const compared = ref(new Set<string>())
const keyOf = ({ part, said }: { part: string; said: string | undefined }) => `${part} ${said}`
const open = computed(() => parts.value.filter((one) => one.said && !compared.value.has(keyOf(one))))
function tick(key: string, on: boolean) {
  const next = new Set(compared.value)
  if (on) next.add(key)
  else next.delete(key)
  compared.value = next
  problem.value = ''
}
/** Words of the picture that what was understood stands on. */
const plain = (word: string) => word.replace(/[^A-Za-z0-9./,]/g, '').toUpperCase()
const marked = computed(() => {
  const understood = new Set(
    text.value
      .split(/\s+/)
      .map(plain)
      .filter((word) => word && !left.value.includes(word)),
  )
  return (seen.value?.words ?? []).map((word) => ({ ...word, on: understood.has(plain(word.text)) }))
})
const keep = ref(false)
/** Only what was understood is taken: the rest of a box is another’s. */
async function take() {
  if (open.value.length) {
    problem.value = t('photo.uncompared', {
      parts: open.value.map(({ part }) => t(`photo.parts.${part}`)).join(', '),
    })
    return
  }
  const rest = new Set(left.value)
  const read = text.value
    .split(/\s+/)
    .filter((word) => !rest.has(word.toUpperCase()))
    .join(' ')
    .slice(0, 500)
  if (keep.value && taken.value)
    try {
      const id = await keepPhoto(new File([taken.value], 'box', { type: taken.value.type }))
      log.add({ what: 'photo', text: '', label: read, photos: [id] }, t('photo.kept'))
    } catch (error) {
      if (!(error instanceof NoRoom)) console.warn(error)
      keep.value = false
      problem.value = t(error instanceof NoRoom ? 'photos.full' : 'photos.failed')
      return
    }
  emit('take', read)
}
</script>

<template>
  <DialogBox :label="t('photo.title')" :max-width="860" @close="$emit('close')">
    <h2>{{ t('photo.title') }}</h2>
    <p v-if="state === 'none'">{{ t('photo.text') }}</p>
    <PictureTake
      v-if="state !== 'crop'"
      v-model:open="camera"
      :again="picture !== ''"
      :disabled="state === 'reading'"
      @picture="choose"
    />
    <PictureCrop
      v-if="state === 'crop'"
      :picture="picture"
      :alt="t('photo.picture')"
      @piece="read"
      @close="state = seen ? 'read' : 'none'"
    />
    <div v-else-if="!camera" :class="{ beside: state === 'read' }">
      <div v-if="picture" class="sight">
        <img :src="(state === 'read' && seen?.picture) || picture" :alt="t('photo.picture')" />
        <svg v-if="state === 'read'" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
          <rect
            v-for="(word, i) in marked"
            :key="i"
            :x="word.x"
            :y="word.y"
            :width="word.width"
            :height="word.height"
            :class="{ on: word.on }"
          />
        </svg>
        <template v-if="state === 'read'">
          <span
            v-for="(word, i) in marked"
            v-show="word.on"
            :key="i"
            class="word"
            :style="{ left: `${word.x + word.width}%`, top: `${word.y}%` }"
            aria-hidden="true"
            >{{ word.text }}</span
          >
        </template>
      </div>
      <div v-if="state === 'read'" class="said">
        <v-textarea
          v-model="text"
          :label="t('photo.read')"
          rows="3"
          maxlength="500"
          spellcheck="false"
          :error-messages="
            label && !label.ok && label.problems[0] ? [words.problemText(label.problems[0])] : []
          "
        />
        <p v-if="said" role="status">{{ t('label.read', { what: said }) }}</p>
        <p v-if="left.length" class="muted">{{ t('asks.notUnderstood', { words: left.join(' ') }) }}</p>
        <p v-if="seen?.misread.length" class="problem">
          {{ t('photo.misread', { words: seen.misread.join(', ') }) }}
        </p>
        <fieldset v-if="label?.ok">
          <legend>{{ t('photo.compare') }}</legend>
          <template v-for="one in parts" :key="one.part">
            <label v-if="one.said" class="tick">
              <input
                type="checkbox"
                :checked="compared.has(keyOf(one))"
                @change="tick(keyOf(one), ($event.target as HTMLInputElement).checked)"
              />
              <span
                >{{ t(`photo.parts.${one.part}`) }}: <b>{{ one.said }}</b></span
              >
            </label>
            <p v-else class="muted">{{ t(`photo.missing.${one.part}`) }}</p>
          </template>
        </fieldset>
        <label class="tick">
          <input v-model="keep" type="checkbox" />
          {{ t('photo.keep') }}
        </label>
      </div>
    </div>
    <div v-if="state === 'reading'" class="row" role="status">
      <span>{{ t('photo.reading') }}</span>
      <progress :value="share" max="1" :aria-label="t('photo.reading')" />
      <v-btn @click="stop">{{ t('photo.stop') }}</v-btn>
    </div>
    <p v-if="state === 'failed' || state === 'late'" class="problem" role="alert">
      {{ t(`photo.${state}`) }}
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="!camera && state !== 'crop'" class="row">
      <v-btn v-if="label?.ok && state === 'read'" variant="flat" color="primary" @click="take">{{
        t('photo.use')
      }}</v-btn>
      <v-btn v-if="picture && ['read', 'failed', 'late'].includes(state)" @click="state = 'crop'">{{
        t('photo.crop')
      }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
.sight {
  position: relative;
  justify-self: start;
  width: fit-content;
}
.sight img {
  display: block;
  max-width: 100%;
  max-height: 50vh;
}
.sight svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
rect {
  fill: none;
  stroke: #777;
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
rect.on {
  stroke: var(--copper);
  stroke-width: 3;
}
.word {
  position: absolute;
  background: var(--copper);
  color: #fff;
  font-size: 0.8rem;
  font-weight: 700;
  line-height: 1.2;
  padding: 0 3px;
}
.said {
  display: grid;
  gap: 8px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 650;
  padding: 0;
}
</style>
