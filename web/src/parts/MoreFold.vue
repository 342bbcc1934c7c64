<script setup lang="ts">
import { ref } from 'vue'

/** What is not needed at first: its name, and the rest behind a touch. */
const props = defineProps<{ title: string; open?: boolean }>()
/** Drawn once it was opened. */
const seen = ref(props.open)
</script>

<template>
  <details class="fold" :open="open" @toggle="seen ||= ($event.target as HTMLDetailsElement).open">
    <summary>
      <h2>{{ title }}</h2>
    </summary>
    <div v-if="seen" class="inside"><slot /></div>
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  cursor: pointer;
  align-content: center;
}
summary h2 {
  display: inline;
  font-size: 1.15rem;
}
.inside {
  display: grid;
  gap: 14px;
  padding-top: 10px;
  grid-template-columns: minmax(0, 1fr);
}
</style>
