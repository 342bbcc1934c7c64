<script setup lang="ts">
import Cropper from 'cropperjs'
import 'cropperjs/dist/cropper.css'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'

/** A piece of a picture, drawn by hand or by the arrow keys: what stands beside it is not read. */
const props = defineProps<{ picture: string; alt: string }>()
const emit = defineEmits<{ piece: [piece: Blob]; close: [] }>()
const { t } = useI18n()
const image = ref<HTMLImageElement>()
const field = ref<HTMLElement>()
let cropper: Cropper | undefined
onMounted(() => {
  cropper = new Cropper(image.value!, {
    viewMode: 1,
    autoCropArea: 0.9,
    // The browser has turned it already; asking its file anew is not allowed here.
    checkOrientation: false,
    zoomable: false,
    movable: false,
    rotatable: false,
    background: false,
  })
  field.value?.focus()
})
onBeforeUnmount(() => cropper?.destroy())
/** Of the picture’s width, a press of a key. */
const STEP = 0.02
const WAYS: Partial<Record<string, [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** Arrow keys move the piece, with Shift its lower right corner. */
function key(event: KeyboardEvent) {
  const way = WAYS[event.key]
  if (!way || !cropper) return
  event.preventDefault()
  const by = cropper.getContainerData().width * STEP
  const { left, top, width, height } = cropper.getCropBoxData()
  const [x, y] = [way[0] * by, way[1] * by]
  cropper.setCropBoxData(
    event.shiftKey
      ? { left, top, width: Math.max(by, width + x), height: Math.max(by, height + y) }
      : { left: left + x, top: top + y, width, height },
  )
}
function read() {
  cropper?.getCroppedCanvas().toBlob((piece) => piece && emit('piece', piece), 'image/png')
}
</script>

<template>
  <div class="crop">
    <p id="crop-keys">{{ t('photo.cropText') }}</p>
    <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -->
    <div
      ref="field"
      class="field"
      tabindex="0"
      role="group"
      :aria-label="alt"
      aria-describedby="crop-keys"
      @keydown="key"
    >
      <img ref="image" :src="props.picture" :alt="alt" />
    </div>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="read">{{ t('photo.cropRead') }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('app.cancel') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.crop {
  display: grid;
  gap: 12px;
}
.field {
  max-height: 50vh;
}
.field img {
  display: block;
  max-width: 100%;
  max-height: 50vh;
}
.field :deep(.cropper-view-box) {
  outline: 3px solid var(--copper);
}
.field :deep(.cropper-point) {
  background: var(--copper);
  width: 16px;
  height: 16px;
  opacity: 1;
}
.field :deep(:is(.cropper-line, .cropper-dashed, .cropper-center)) {
  display: none;
}
.field :deep(.cropper-modal) {
  background: #221e1b;
}
</style>
