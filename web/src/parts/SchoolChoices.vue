<script setup lang="ts">
import type { Settings } from '@pepper-knot/core/record'
import type { Run } from '@pepper-knot/core/record'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { schoolOptions, type School } from '@pepper-knot/core/trade'
import { useSettings } from '../stores/settings.ts'
import { useWords } from '../composables/useWords.ts'

type Practice = Settings['practice']
type PracticeOverrides = NonNullable<Run['practice']>

const words = useWords()
/** Where good welders differ: each question, its choices, and what speaks for the one that stands. */
const props = defineProps<{
  schools: readonly School[]
  practice: Practice
  /** Given where one change may do otherwise than the shop. */
  overrides?: PracticeOverrides
}>()
const emit = defineEmits<{ choose: [School, string | undefined] }>()
const { t } = useI18n()
const settings = useSettings()

const rows = computed(() =>
  props.schools.map((school) => {
    const said = words.schoolWords(school, settings.units)
    const chosen = props.overrides?.[school] ?? props.practice[school]
    const [usual] = schoolOptions(school)
    return {
      school,
      question: said.question,
      chosen,
      because: said.options[chosen]?.because ?? '',
      items: schoolOptions(school).map((value) => ({
        value,
        title:
          (said.options[value]?.name ?? value) +
          (props.overrides
            ? value === props.practice[school]
              ? ` (${t('schools.shops')})`
              : ''
            : value === usual
              ? ` (${t('schools.default')})`
              : ''),
      })),
    }
  }),
)
const pick = (school: School, value: string) =>
  emit('choose', school, props.overrides && value === props.practice[school] ? undefined : value)
</script>

<template>
  <div class="schools">
    <div v-for="row in rows" :key="row.school" class="school">
      <v-select
        :label="row.question"
        :items="row.items"
        :model-value="row.chosen"
        :hint="row.because"
        persistent-hint
        @update:model-value="pick(row.school, $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.schools {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(290px, 100%), 1fr));
  gap: 18px 24px;
  align-items: start;
}
</style>
