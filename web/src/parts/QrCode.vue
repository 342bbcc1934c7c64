<script setup lang="ts">
import QRCode from 'qrcode'
import { computed } from 'vue'

/** A text as a code to be photographed: always dark on white. */
const props = defineProps<{ text: string; label: string }>()
const ALPHANUMERIC = /^[0-9A-Z $%*+\-./:]+$/
const code = computed(() => {
  const mode = ALPHANUMERIC.test(props.text) ? 'alphanumeric' : 'byte'
  const { modules } = QRCode.create([{ data: props.text, mode } as QRCode.QRCodeSegment], {
    errorCorrectionLevel: 'M',
  })
  let path = ''
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++) if (modules.get(y, x)) path += `M${x} ${y}h1v1h-1z`
  return { size: modules.size, path }
})
</script>

<template>
  <svg
    :viewBox="`-4 -4 ${code.size + 8} ${code.size + 8}`"
    role="img"
    :aria-label="label"
    shape-rendering="crispEdges"
  >
    <rect x="-4" y="-4" :width="code.size + 8" :height="code.size + 8" fill="#fff" />
    <path :d="code.path" fill="#000" />
  </svg>
</template>
