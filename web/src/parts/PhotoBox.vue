<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { notUnderstood, readLabel } from '@pepper-knot/core/wire'
import { useWords } from '../composables/useWords.ts'
import { readPhoto } from '../storage/photo.ts'
import { useSettings } from '../stores/settings.ts'
import DialogBox from './DialogBox.vue'
import FileButton from './FileButton.vue'

/** The box photographed: its letters read here, shown beside the picture to be mended, and taken once it is right. */
const emit = defineEmits<{ take: [text: string]; close: [] }>()
const words = useWords()
const { t } = useI18n()
const settings = useSettings()
const picture = ref('')
const text = ref('')
const share = ref(0)
const state = ref<'none' | 'reading' | 'read' | 'failed' | 'late'>('none')
let ending = new AbortController()
const forget = () => picture.value && URL.revokeObjectURL(picture.value)
onBeforeUnmount(() => {
  ending.abort()
  forget()
})
async function choose(file: File) {
  forget()
  picture.value = URL.createObjectURL(file)
  ending.abort()
  ending = new AbortController()
  const { signal } = ending
  state.value = 'reading'
  share.value = 0
  try {
    const read = await readPhoto(file, (done) => (share.value = done), signal)
    if (signal.aborted) return
    text.value = read
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
/** Only what was understood is taken: the rest of a box is another’s. */
function take() {
  const rest = new Set(left.value)
  emit(
    'take',
    text.value
      .split(/\s+/)
      .filter((word) => !rest.has(word.toUpperCase()))
      .join(' ')
      .slice(0, 500),
  )
}
</script>

<template>
  <DialogBox :label="t('photo.title')" :max-width="760" @close="$emit('close')">
    <h2>{{ t('photo.title') }}</h2>
    <p v-if="state === 'none'">{{ t('photo.text') }}</p>
    <FileButton
      :label="t(state === 'none' ? 'photo.take' : 'photo.again')"
      accept="image/*"
      camera
      @file="choose"
    />
    <img v-if="picture" :src="picture" :alt="t('photo.picture')" class="picture" />
    <div v-if="state === 'reading'" class="row" role="status">
      <span>{{ t('photo.reading') }}</span>
      <progress :value="share" max="1" :aria-label="t('photo.reading')" />
      <v-btn @click="stop">{{ t('photo.stop') }}</v-btn>
    </div>
    <p v-if="state === 'failed' || state === 'late'" class="problem" role="alert">
      {{ t(`photo.${state}`) }}
    </p>
    <template v-if="state === 'read'">
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
      <p v-if="said" class="said" role="status">{{ t('label.read', { what: said }) }}</p>
      <p v-if="left.length" class="muted">{{ t('asks.notUnderstood', { words: left.join(' ') }) }}</p>
      <p>{{ t('photo.compare') }}</p>
    </template>
    <div class="row">
      <v-btn v-if="label?.ok && state === 'read'" variant="flat" color="primary" @click="take">{{
        t('photo.use')
      }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
.picture {
  max-width: 100%;
  max-height: 40vh;
  object-fit: contain;
  justify-self: start;
}
.said {
  font-weight: 650;
}
</style>
