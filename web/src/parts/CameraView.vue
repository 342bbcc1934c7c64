<script setup lang="ts">
import { useUserMedia } from '@vueuse/core'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** What the device’s camera sees: a picture of it by a touch, or a code as soon as one is in sight. */
const props = defineProps<{ code?: boolean }>()
const emit = defineEmits<{ picture: [picture: Blob]; found: [text: string]; close: [] }>()
const { t } = useI18n()
const { stream, start, stop } = useUserMedia({
  constraints: { video: { facingMode: 'environment', width: { ideal: 1920 } }, audio: false },
})
const video = ref<HTMLVideoElement>()
const state = ref<'asking' | 'on' | 'refused' | 'none' | 'failed'>('asking')
/** Between two looks for a code, ms: a slow phone has to breathe. */
const LOOK_MS = 200
let gone = false
onBeforeUnmount(() => {
  gone = true
  stop()
})
onMounted(() => begin())
async function begin() {
  state.value = 'asking'
  try {
    await start()
    if (gone) return stop()
    state.value = 'on'
  } catch (error) {
    const { name } = error as Error
    state.value = name === 'NotAllowedError' ? 'refused' : name === 'NotFoundError' ? 'none' : 'failed'
  }
}
watch([video, stream], async ([at, from]) => {
  if (!at || !from) return
  at.srcObject = from
  // A camera that is pulled out, or taken by another program.
  from.getVideoTracks()[0]?.addEventListener('ended', () => (state.value = 'failed'))
  await at.play().catch(() => undefined)
  if (props.code) void lookForCode()
})
function drawn(): HTMLCanvasElement | undefined {
  const at = video.value
  if (!at?.videoWidth) return undefined
  const canvas = document.createElement('canvas')
  canvas.width = at.videoWidth
  canvas.height = at.videoHeight
  canvas.getContext('2d', { willReadFrequently: true })!.drawImage(at, 0, 0)
  return canvas
}
async function lookForCode() {
  const { codeOn } = await import('../storage/photo.ts')
  while (!gone && state.value === 'on') {
    const canvas = drawn()
    const text = canvas && (await codeOn(canvas))
    if (gone) return
    if (text) return emit('found', text)
    await new Promise((done) => setTimeout(done, LOOK_MS))
  }
}
function take() {
  drawn()?.toBlob((picture) => picture && emit('picture', picture), 'image/jpeg', 0.92)
}
</script>

<template>
  <div class="camera">
    <p v-if="state === 'asking'" role="status">{{ t('camera.asking') }}</p>
    <p v-else-if="state !== 'on'" class="problem" role="alert">{{ t(`camera.${state}`) }}</p>
    <video v-show="state === 'on'" ref="video" muted playsinline :aria-label="t('camera.sees')" />
    <p v-if="state === 'on' && code" role="status">{{ t('camera.looking') }}</p>
    <div class="row">
      <v-btn v-if="state === 'on' && !code" variant="flat" color="primary" @click="take">{{
        t('camera.take')
      }}</v-btn>
      <v-btn v-if="state === 'failed' || state === 'refused'" @click="begin">{{ t('camera.again') }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('camera.close') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.camera {
  display: grid;
  gap: 12px;
}
video {
  width: 100%;
  max-height: 50vh;
  background: #000;
  object-fit: contain;
}
</style>
