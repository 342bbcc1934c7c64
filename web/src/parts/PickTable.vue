<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** Two of each side by side, and a person picks line by line. */
export interface PickRow {
  id: string
  label: string
  a: string
  b: string
}
defineProps<{ rows: readonly PickRow[]; heads: { a: string; b: string }; under?: { a: string; b: string } }>()
/** What was picked, by line; `a` where nothing was. */
const model = defineModel<Record<string, 'a' | 'b'>>({ required: true })
const { t } = useI18n()
const SIDES = ['a', 'b'] as const
const picked = (id: string) => model.value[id] ?? 'a'
const pick = (id: string, side: 'a' | 'b') => (model.value = { ...model.value, [id]: side })
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">{{ t('pick.field') }}</th>
        <th v-for="side in SIDES" :key="side" scope="col">
          {{ heads[side] }}
          <span v-if="under" class="muted tabular">{{ under[side] }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id">
        <th scope="row">{{ row.label }}</th>
        <td v-for="side in SIDES" :key="side">
          <label :class="{ on: picked(row.id) === side }">
            <input
              type="radio"
              :name="row.id"
              :checked="picked(row.id) === side"
              @change="pick(row.id, side)"
            />
            <span>{{ row[side] }}</span>
          </label>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: middle;
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--rule);
  overflow-wrap: anywhere;
}
thead span {
  display: block;
}
tbody th::first-letter {
  text-transform: uppercase;
}
label {
  display: flex;
  gap: 10px;
  min-height: 44px;
  align-items: center;
  cursor: pointer;
}
label.on span {
  font-weight: 700;
}
input {
  width: 22px;
  height: 22px;
  flex: none;
  accent-color: var(--copper);
}
@media (max-width: 700px) {
  tr {
    display: grid;
    grid-template-columns: 1fr 1fr;
    border-bottom: 1px solid var(--rule);
  }
  th,
  td {
    border: 0;
  }
  tbody th {
    grid-column: 1 / -1;
    padding-bottom: 0;
  }
  thead th:first-child {
    display: none;
  }
}
</style>
