<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { mixedGroovesText, readMixedGrooves } from '@pepper-knot/core/machine'
import { typedNumber } from '@pepper-knot/core/trade'
import { readDiameter, readStampMm, tradeLabel } from '@pepper-knot/core/wire'
import { useSettings } from '../stores/settings.ts'
import MixtureField from './MixtureField.vue'
import QuantityField from './QuantityField.vue'
import { fieldName, type FieldRow } from './stationFields.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** A form from rows: one place for how every part is typed in. */
defineProps<{ rows: FieldRow[] }>()
const values = defineModel<Record<string, unknown>>({ required: true })
const { t, te } = useI18n()
const settings = useSettings()

function set(key: string, value: unknown) {
  const next = { ...values.value }
  if (value === undefined || value === null || value === '' || (Array.isArray(value) && value.length === 0))
    delete next[key]
  else next[key] = value
  values.value = next
}
const numberOf = (key: string) => values.value[key] as number | undefined
const mixtureOf = (key: string) => values.value[key] as Record<string, number> | undefined
const stampsOf = (key: string) => (values.value[key] as string[] | undefined) ?? []
const name = (row: FieldRow) => fieldName(row.key, te, t) + (row.must ? '' : ` ${t('field.optional')}`)
/** What is no number stays as typed. */
const number = (text: string) => {
  const value = typedNumber(text)
  return value === undefined || Number.isFinite(value) ? value : text
}
const stampProblem = (text: unknown) => {
  if (typeof text !== 'string' || text === '') return []
  const stamp = readStampMm(text)
  return stamp.ok ? [] : [words.problemText(stamp.problems[0]!)]
}
/** A wire size is typed in either system and kept as its trade size in mm; what cannot be read stays as typed. */
const sizeOf = (key: string) => {
  const kept = values.value[key]
  return typeof kept === 'number' ? tradeLabel(kept, settings.units) : String(kept ?? '')
}
const setSize = (key: string, text: string) => {
  const size = readDiameter(text)
  set(key, size.ok ? size.value.diameterMm : text.trim())
}
const sizeProblem = (key: string) =>
  typeof values.value[key] === 'string' ? stampProblem(values.value[key]) : []
/** Grooves that differ carry their own profile and state; others are sizes alone. */
function setGrooves(text: string) {
  const { grooveProfiles: _p, grooveConditions: _c, activeProfile: _a, ...rest } = values.value
  const mixed = readMixedGrooves(text)
  values.value = mixed
    ? { ...rest, ...(mixed.grooveProfiles && { profile: mixed.grooveProfiles[0] }), ...mixed }
    : rest
  if (!mixed) set('grooves', list(text))
}
const list = (text: string) => text.split(/[\s;]+/).filter(Boolean)
const QUANTITIES = { lead: 'lead', length: 'length', flow: 'flow', mass: 'mass' } as const
const isQuantity = (as: FieldRow['as']): as is keyof typeof QUANTITIES => as in QUANTITIES
</script>

<template>
  <div class="rows">
    <template v-for="row in rows" :key="row.key">
      <v-select
        v-if="row.as === 'choice'"
        :label="name(row)"
        :items="row.choices ? [...row.choices] : []"
        :model-value="values[row.key] ?? null"
        :clearable="!row.must"
        @update:model-value="set(row.key, $event)"
      />
      <v-select
        v-else-if="row.as === 'yes'"
        :label="name(row)"
        :items="[
          { value: true, title: t('field.yes') },
          { value: false, title: t('field.no') },
        ]"
        :model-value="values[row.key] ?? null"
        clearable
        @update:model-value="set(row.key, $event)"
      />
      <QuantityField
        v-else-if="isQuantity(row.as)"
        :kind="QUANTITIES[row.as]"
        :label="name(row)"
        :units="settings.units"
        :model-value="numberOf(row.key)"
        @update:model-value="set(row.key, $event)"
      />
      <MixtureField
        v-else-if="row.as === 'mixture'"
        :label="name(row)"
        :model-value="mixtureOf(row.key)"
        @update:model-value="set(row.key, $event)"
      />
      <v-text-field
        v-else-if="row.as === 'grooves'"
        :label="name(row)"
        :hint="t('field.groovesHint')"
        persistent-hint
        :model-value="mixedGroovesText(values)"
        :error-messages="stampsOf(row.key).flatMap(stampProblem)"
        @change="setGrooves(($event.target as HTMLInputElement).value)"
      />
      <v-text-field
        v-else-if="row.as === 'text'"
        :label="name(row)"
        maxlength="40"
        :model-value="String(values[row.key] ?? '')"
        @update:model-value="set(row.key, $event)"
      />
      <v-text-field
        v-else-if="row.as === 'size'"
        :label="name(row)"
        :model-value="sizeOf(row.key)"
        :error-messages="sizeProblem(row.key)"
        @change="setSize(row.key, ($event.target as HTMLInputElement).value)"
      />
      <v-text-field
        v-else-if="row.as === 'stamp'"
        :label="name(row)"
        :model-value="values[row.key] ?? ''"
        :error-messages="stampProblem(values[row.key])"
        @update:model-value="set(row.key, $event)"
      />
      <v-text-field
        v-else
        :label="name(row)"
        inputmode="decimal"
        :model-value="String(values[row.key] ?? '')"
        @update:model-value="set(row.key, number($event))"
      />
    </template>
  </div>
</template>

<style scoped>
.rows {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
</style>
