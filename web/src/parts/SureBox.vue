<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import DialogBox from './DialogBox.vue'

/** Asked before something is discarded or taken off: what it is, what comes of it, and the way out first. */
defineProps<{ title: string; text: string; take: string }>()
const emit = defineEmits<{ take: []; close: [] }>()
const { t } = useI18n()
</script>

<template>
  <DialogBox :label="title" :max-width="520" @close="emit('close')">
    <h2>{{ title }}</h2>
    <p>{{ text }}</p>
    <div class="row">
      <v-btn autofocus @click="emit('close')">{{ t('app.cancel') }}</v-btn>
      <v-btn variant="flat" color="primary" @click="emit('take')">{{ take }}</v-btn>
    </div>
  </DialogBox>
</template>
