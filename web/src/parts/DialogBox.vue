<script setup lang="ts">
import { nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/**
 * The one dialog of the house: a heading inside, its parts in a column, Escape and the page behind close it. What was
 * typed in it is not dropped unasked; a part that closes it by `close` of the slot asks too. The field marked
 * `data-first` is begun in, unless a hand was faster: what is typed must never land in another field.
 */
const props = withDefaults(defineProps<{ label: string; open?: boolean; maxWidth?: number }>(), {
  open: true,
  maxWidth: 680,
})
const emit = defineEmits<{ close: [] }>()
const { t } = useI18n()
const touched = ref(false)
const asking = ref(false)
/** Where the keys were before it opened: they go back there, or to the heading where that is gone. */
let from: Element | null = null
function giveBack() {
  const before = from
  void nextTick(() => {
    if (document.activeElement !== document.body && document.activeElement !== null) return
    const to = before?.isConnected ? before : document.querySelector('main h1')
    if (!(to instanceof HTMLElement)) return
    if (to.matches('h1')) to.tabIndex = -1
    to.focus({ preventScroll: true })
  })
}
// Opened again, it begins anew.
watch(
  () => props.open,
  (open, was) => {
    touched.value = asking.value = false
    if (open) from = document.activeElement
    else if (was) giveBack()
  },
  { immediate: true },
)
onBeforeUnmount(() => props.open && giveBack())
/** What is refused is brought into sight: an answer under the fold is none. */
function showRefusal(event: Event) {
  if (!(event.target as HTMLElement).closest('.v-btn--variant-flat')) return
  void nextTick(() => {
    const said = box.value?.$el.querySelector<HTMLElement>('.problem[role=alert], .v-input--error')
    said?.scrollIntoView({ block: 'nearest' })
    said?.querySelector('input')?.focus()
  })
}
const keep = ref<{ $el: HTMLElement }>()
function close() {
  if (!touched.value || asking.value) return emit('close')
  asking.value = true
  void nextTick(() => keep.value?.$el.focus())
}
const box = ref<{ $el: HTMLElement }>()
function beginInFirst() {
  const card = box.value?.$el
  if (document.activeElement?.matches('input, textarea, [role="combobox"]')) return
  card?.querySelector<HTMLElement>('[data-first] input, input[data-first]')?.focus()
}
</script>

<template>
  <v-dialog
    :model-value="open"
    :max-width="maxWidth"
    :aria-label="label"
    @update:model-value="!$event && close()"
    @after-enter="beginInFirst"
  >
    <!-- A card that hears presses is no link: nothing of it spreads under the finger. -->
    <v-card
      v-if="open"
      ref="box"
      class="box"
      :link="false"
      @input.capture="touched = true"
      @click="showRefusal"
    >
      <slot :close="close" />
      <div v-if="asking" class="note note--stop" role="alertdialog" :aria-label="t('app.typed')">
        <p>{{ t('app.typed') }}</p>
        <div class="row">
          <v-btn ref="keep" variant="flat" color="primary" @click="asking = false">{{
            t('app.keepTyping')
          }}</v-btn>
          <v-btn @click="$emit('close')">{{ t('app.dropTyped') }}</v-btn>
        </div>
      </div>
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
