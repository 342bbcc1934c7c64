<script setup lang="ts">
/** A button that takes a file, or a picture where it asks for the camera; the same file can be chosen again. */
defineProps<{ label: string; accept: string; camera?: boolean; disabled?: boolean }>()
const emit = defineEmits<{ file: [file: File] }>()
function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) emit('file', file)
}
</script>

<template>
  <label class="file">
    <span>{{ label }}</span>
    <input
      type="file"
      :accept="accept"
      :capture="camera ? 'environment' : undefined"
      :disabled="disabled"
      @change="choose"
    />
  </label>
</template>

<style scoped>
.file {
  position: relative;
  display: inline-flex;
  align-items: center;
  justify-self: start;
  min-height: 48px;
  padding: 0 16px;
  border: 2px solid currentcolor;
  font-weight: 650;
  cursor: pointer;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.file:focus-within {
  outline: 3px solid var(--copper);
  outline-offset: 2px;
}
</style>
