<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { notUnderstood, readLabel } from '@pepper-knot/core/wire'
import { useSettings } from '../stores/settings.ts'
import { usePageKeys } from './keys.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/**
 * What does the box say? Read at once and said back; a refusal gives its reason and the likely meaning, and a kind
 * that the box left open is asked for.
 */
const text = defineModel<string>({ required: true })
/** `named`: the text is the name of a wire that no label describes. */
const props = withDefaults(defineProps<{ hideRead?: boolean; named?: boolean }>(), {
  hideRead: false,
  named: false,
})
defineEmits<{ enter: [] }>()
const { t } = useI18n()
const settings = useSettings()
/** The box photographed instead of typed. */
const PhotoBox = defineAsyncComponent(() => import('./PhotoBox.vue'))
const photo = ref(false)
function takePhoto(read: string) {
  text.value = read
  photo.value = false
}
const field = ref<{ focus: () => void }>()

const label = computed(() => (text.value.trim() === '' || props.named ? undefined : readLabel(text.value)))
const read = computed(() => (label.value?.ok ? label.value.value : undefined))
const openKind = computed(() => read.value?.wire.open)
/** Slips that were mended and words of the shop are said; what every such wire is, is said elsewhere. */
const MENDED = ['short-form', 'shop-words', 'letters-mended', 'hyphen-added', 'kind-unknown', 'metal-unknown']
const notes = computed(() =>
  (read.value?.wire.notes ?? [])
    .filter((note) => MENDED.includes(note))
    .map((note) => words.cautionText({ station: 'spool', rule: `note-${note}`, facts: {} }, settings.units)),
)
const leftOver = computed(() => (read.value ? notUnderstood(read.value).join(' ') : ''))
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
      :error-messages="problem ? [words.problemText(problem)] : []"
      :hint="label?.ok && label.value.wire.unread.includes('diameter') ? t('label.noSize') : ''"
      persistent-hint
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      maxlength="500"
      @keydown.enter.prevent="$emit('enter')"
    >
      <template #append-inner>
        <button type="button" class="photo" :aria-label="t('photo.title')" @click.stop="photo = true">
          <svg viewBox="0 0 28 28" aria-hidden="true">
            <path d="M4 9h5l2-3h6l2 3h5v13H4zM14 12a4 4 0 1 0 .1 0" />
          </svg>
        </button>
      </template>
    </v-text-field>
    <PhotoBox v-if="photo" @take="takePhoto" @close="photo = false" />
    <p v-if="read" class="read" role="status">
      {{ t('label.read', { what: words.labelText(read, settings.units) }) }}
    </p>
    <p v-for="note in hideRead ? [] : notes" :key="note" class="muted small">{{ note }}</p>
    <p v-if="leftOver && !hideRead" class="muted small">
      {{ t('asks.notUnderstood', { words: leftOver }) }}
    </p>
    <div v-if="openKind" class="kinds" role="group" :aria-label="t('label.whichKind')">
      <span>{{ t('label.whichKind') }}</span>
      <v-btn
        v-for="kind in words.KIND_WORDS[openKind]"
        :key="kind"
        @click="text = words.withKind(text, kind)"
        >{{ kind }}</v-btn
      >
    </div>
    <v-btn v-if="problem?.suggestion" class="mt" @click="take">{{
      t('label.meant', { text: problem.suggestion })
    }}</v-btn>
  </div>
</template>

<style scoped>
.photo {
  width: 44px;
  height: 44px;
  padding: 8px;
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
}
.photo svg {
  width: 28px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
}
.read {
  margin: 4px 0 0;
  font-weight: 600;
  overflow-wrap: anywhere;
}
.small {
  margin: 2px 0 0;
  font-size: 0.9rem;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 8px;
}
.mt {
  margin-top: 8px;
}
</style>
