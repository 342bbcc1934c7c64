<script setup lang="ts">
import type { Run, Settings } from '@pepper-knot/core/record'
import type { School } from '@pepper-knot/core/trade'
import SchoolChoice from './SchoolChoice.vue'

type Practice = Settings['practice']
type PracticeOverrides = NonNullable<Run['practice']>

/** Where good welders differ. Each is a part of its own, so that choosing one draws that one anew. */
const props = defineProps<{
  schools: readonly School[]
  practice: Practice
  /** Given where one change may do otherwise than the shop. */
  overrides?: PracticeOverrides
}>()
const emit = defineEmits<{ choose: [School, string | undefined] }>()
const pick = (school: School, value: string) =>
  emit('choose', school, props.overrides && value === props.practice[school] ? undefined : value)
</script>

<template>
  <div class="schools">
    <SchoolChoice
      v-for="school in schools"
      :key="school"
      :school="school"
      :chosen="overrides?.[school] ?? practice[school]"
      :shops="overrides && practice[school]"
      @choose="pick"
    />
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
