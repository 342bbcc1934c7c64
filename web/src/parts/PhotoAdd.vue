<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { keepPhoto, NoRoom } from '../storage/photos.ts'
import FileButton from './FileButton.vue'

/** A picture by camera or file, kept on this device once it is chosen; where it cannot be, that is said and nothing lost. */
defineProps<{ disabled?: boolean }>()
const emit = defineEmits<{ photo: [id: string] }>()
const { t } = useI18n()
const state = ref<'none' | 'keeping' | 'full' | 'failed'>('none')
async function keep(file: File) {
  state.value = 'keeping'
  try {
    const id = await keepPhoto(file)
    state.value = 'none'
    emit('photo', id)
  } catch (error) {
    if (!(error instanceof NoRoom)) console.warn(error)
    state.value = error instanceof NoRoom ? 'full' : 'failed'
  }
}
</script>

<template>
  <div class="add">
    <FileButton
      :label="t('photos.add')"
      accept="image/*"
      :disabled="disabled || state === 'keeping'"
      @file="keep"
    />
    <p v-if="state === 'keeping'" class="muted" role="status">{{ t('photos.keeping') }}</p>
    <p v-else-if="state !== 'none'" class="problem" role="alert">{{ t(`photos.${state}`) }}</p>
  </div>
</template>

<style scoped>
.add {
  display: grid;
  gap: 6px;
  justify-items: start;
}
</style>
