<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { pressureRowSchema, type Machine } from '@pepper-knot/core/machine'
import { FAMILIES, typedNumber } from '@pepper-knot/core/trade'
import { TRADE_SIZES } from '@pepper-knot/core/wire'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

type PressureRow = NonNullable<Machine['pressureChart']>[number]

const words = useWords()
/** The pressure chart printed in a machine, typed in line by line: a mark by kind and size of wire. */
const machine = defineModel<Machine>({ required: true })
const { t } = useI18n()
const settings = useSettings()
const family = ref<PressureRow['family']>(FAMILIES[0])
const sizeMm = ref<number>()
const mark = ref('')
const bad = ref(false)
const size = (mm: number) => words.sizeName(mm, settings.units)
const line = (row: PressureRow) => `${words.FAMILY_NAMES[row.family]} ${size(row.sizeMm)}: ${row.mark}`

function add() {
  const row = pressureRowSchema.safeParse({
    family: family.value,
    sizeMm: sizeMm.value,
    mark: typedNumber(mark.value),
  })
  bad.value = !row.success
  if (!row.success) return
  const others = (machine.value.pressureChart ?? []).filter(
    (r) => r.family !== row.data.family || r.sizeMm !== row.data.sizeMm,
  )
  machine.value.pressureChart = [...others, row.data].slice(-100)
  mark.value = ''
}
function remove(row: PressureRow) {
  const rest = machine.value.pressureChart!.filter((r) => r !== row)
  machine.value.pressureChart = rest.length ? rest : undefined
}
</script>

<template>
  <details>
    <summary>{{ t('store.pressureChart') }}</summary>
    <p class="muted">{{ t('store.pressureChartText') }}</p>
    <ul>
      <li v-for="row in machine.pressureChart ?? []" :key="line(row)" class="row tabular">
        {{ line(row) }}
        <v-btn
          size="small"
          variant="text"
          :aria-label="t('store.pressureRemove', { line: line(row) })"
          @click="remove(row)"
          >{{ t('store.remove') }}</v-btn
        >
      </li>
    </ul>
    <div class="rows">
      <v-select
        v-model="family"
        :label="t('decide.family')"
        :items="FAMILIES.map((value) => ({ value, title: words.FAMILY_NAMES[value] }))"
      />
      <v-select
        v-model="sizeMm"
        :label="t('decide.size')"
        :items="TRADE_SIZES.map(({ mm }) => ({ value: mm, title: size(mm) }))"
      />
      <v-text-field
        v-model="mark"
        :label="t('store.pressureMark')"
        inputmode="decimal"
        :error-messages="bad ? [t('store.pressureBad')] : []"
        @keydown.enter.prevent="add"
      />
      <v-btn size="large" @click="add">{{ t('store.pressureAdd') }}</v-btn>
    </div>
  </details>
</template>
