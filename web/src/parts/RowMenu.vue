<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import type { RowAct } from './rowMenu.ts'

/**
 * What can be done with a row, behind its one button; a list has one such menu, and it opens at the row’s button, at once:
 * a press on what is still growing would miss.
 */
defineProps<{ label: string; acts: readonly RowAct[] }>()
/** The button it was opened by; nothing while it is closed. */
const at = defineModel<HTMLElement | undefined>('at', { required: true })
const list = ref<{ $el: HTMLElement }>()
watch(at, (button, before) => {
  if (button) void nextTick(() => list.value?.$el.querySelector<HTMLElement>('[role=menuitem]')?.focus())
  else before?.focus()
})
function choose({ act }: RowAct) {
  at.value = undefined
  // Once the button has the focus again: what opens next gives it back there.
  void nextTick(act)
}
</script>

<template>
  <v-menu
    :model-value="at !== undefined"
    :target="at"
    location="bottom end"
    :transition="false"
    @update:model-value="!$event && (at = undefined)"
  >
    <v-list ref="list" role="menu" :aria-label="label" class="menu">
      <v-list-item
        v-for="one in acts"
        :key="one.title"
        role="menuitem"
        :title="one.title"
        @click="choose(one)"
      />
    </v-list>
  </v-menu>
</template>
