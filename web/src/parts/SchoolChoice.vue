<script setup lang="ts">
import { computed, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import { schoolOptions, type School } from '@pepper-knot/core/trade'
import { useSettings } from '../stores/settings.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** One question where good welders differ: its choices, and what speaks for the one that stands. */
const props = defineProps<{
  school: School
  chosen: string
  /** What the shop does, where one change may do otherwise. */
  shops?: string
}>()
const emit = defineEmits<{ choose: [School, string] }>()
const { t } = useI18n()
const settings = useSettings()
const id = useId()
const said = computed(() => words.schoolWords(props.school, settings.units))
const because = computed(() => said.value.options[props.chosen]?.because ?? '')
const marked = computed(() =>
  props.shops === undefined
    ? { value: schoolOptions(props.school)[0], mark: t('schools.default') }
    : { value: props.shops, mark: t('schools.shops') },
)
const items = computed(() =>
  schoolOptions(props.school).map((value) => ({
    value,
    title:
      (said.value.options[value]?.name ?? value) +
      (value === marked.value.value ? ` (${marked.value.mark})` : ''),
  })),
)
</script>

<template>
  <div class="school">
    <label :for="id">{{ said.question }}</label>
    <select
      :id="id"
      :value="chosen"
      :aria-describedby="`${id}-because`"
      @change="emit('choose', school, ($event.target as HTMLSelectElement).value)"
    >
      <option v-for="{ value, title } in items" :key="value" :value="value">{{ title }}</option>
    </select>
    <p :id="`${id}-because`" class="muted">{{ because }}</p>
  </div>
</template>

<style scoped>
.school {
  display: grid;
  gap: 4px;
}
label {
  font-weight: 600;
}
select {
  min-height: 48px;
  width: 100%;
  padding: 8px 10px;
  border: 1px solid var(--muted);
  background: var(--ground);
  color: inherit;
  font: inherit;
}
p {
  font-size: 0.875rem;
}
</style>
