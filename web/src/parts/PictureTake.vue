<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { useI18n } from 'vue-i18n'
import FileButton from './FileButton.vue'

/** A picture by the camera here, by the phone’s own where a page may not use it, or from a file. */
defineProps<{
  code?: boolean
  disabled?: boolean
  /** There is one already: the next act is another. */
  again?: boolean
}>()
const emit = defineEmits<{ picture: [picture: Blob]; found: [text: string] }>()
const CameraView = defineAsyncComponent(() => import('./CameraView.vue'))
const { t } = useI18n()
/** Over plain http a browser gives a page no camera. */
const has =
  typeof (navigator as { mediaDevices?: Partial<MediaDevices> }).mediaDevices?.getUserMedia === 'function'
/** The camera is on. */
const open = defineModel<boolean>('open', { default: false })
function taken(picture: Blob) {
  open.value = false
  emit('picture', picture)
}
function found(text: string) {
  open.value = false
  emit('found', text)
}
</script>

<template>
  <CameraView v-if="open" :code="code ?? false" @picture="taken" @found="found" @close="open = false" />
  <div v-else class="row">
    <v-btn
      v-if="has"
      :variant="again ? undefined : 'flat'"
      :color="again ? undefined : 'primary'"
      :disabled="disabled"
      @click="open = true"
      >{{ t(code ? 'camera.scan' : 'camera.use') }}</v-btn
    >
    <FileButton
      v-else
      :label="t(code ? 'camera.scan' : 'camera.use')"
      accept="image/*"
      camera
      :disabled="disabled"
      @file="taken"
    />
    <FileButton :label="t('camera.file')" accept="image/*" :disabled="disabled" @file="taken" />
  </div>
</template>
