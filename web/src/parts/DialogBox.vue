<script setup lang="ts">
/** The one dialog of the house: a heading inside, its parts in a column, Escape and the page behind close it. */
withDefaults(defineProps<{ label: string; open?: boolean; maxWidth?: number }>(), {
  open: true,
  maxWidth: 680,
})
defineEmits<{ close: [] }>()
</script>

<template>
  <v-dialog
    :model-value="open"
    :max-width="maxWidth"
    :aria-label="label"
    @update:model-value="!$event && $emit('close')"
  >
    <v-card v-if="open" class="box">
      <slot />
    </v-card>
  </v-dialog>
</template>

<style scoped>
.box {
  padding: 24px;
  display: grid;
  gap: 18px;
}
.box :deep(.rows) {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
@media (max-width: 700px) {
  .box {
    padding: 16px;
  }
}
</style>
