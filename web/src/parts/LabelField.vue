<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { problemText, readLabel } from '@pepper-knot/core'
import { usePageKeys } from './keys.ts'

/** What does the box say? Read at once; a refusal gives its reason and the likely meaning. */
const text = defineModel<string>({ required: true })
/** `named`: the text is the name of a wire that no label describes. */
const props = withDefaults(defineProps<{ hideRead?: boolean; named?: boolean }>(), {
  hideRead: false,
  named: false,
})
defineEmits<{ enter: [] }>()
const { t } = useI18n()
const field = ref<{ focus: () => void }>()

const label = computed(() => (text.value.trim() === '' || props.named ? undefined : readLabel(text.value)))
const problem = computed(() => (label.value && !label.value.ok ? label.value.problems[0] : undefined))
function take() {
  const { suggestion, instead } = problem.value ?? {}
  if (suggestion === undefined) return
  // The rest of the box, its size and weight, stays as typed.
  const at = instead === undefined ? -1 : text.value.toUpperCase().indexOf(instead.toUpperCase())
  text.value =
    at < 0 ? suggestion : text.value.slice(0, at) + suggestion + text.value.slice(at + instead!.length)
}
usePageKeys({
  '/': (event) => {
    event.preventDefault()
    field.value?.focus()
  },
})
</script>

<template>
  <div>
    <v-text-field
      ref="field"
      v-model="text"
      :label="t('label.ask')"
      :placeholder="t('label.example')"
      :error-messages="problem ? [problemText(problem)] : []"
      :hint="label?.ok && label.value.wire.unread.includes('diameter') ? t('label.noSize') : ''"
      persistent-hint
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      maxlength="500"
      @keydown.enter="$emit('enter')"
    />
    <v-btn v-if="problem?.suggestion" class="mt" @click="take">{{
      t('label.meant', { text: problem.suggestion })
    }}</v-btn>
  </div>
</template>

<style scoped>
.mt {
  margin-top: 8px;
}
</style>
