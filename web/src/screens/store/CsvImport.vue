<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Part } from '@pepper-knot/core/machine'
import { useWords } from '../../composables/useWords.ts'
import DialogBox from '../../parts/DialogBox.vue'
import FileButton from '../../parts/FileButton.vue'
import { readCsv } from '../../storage/csv.ts'
import {
  columnsOf,
  isSameRow,
  PART_FIELDS,
  readParts,
  type Columns,
  type PartField,
} from '../../storage/partsCsv.ts'
import { useParts } from '../../stores/parts.ts'
import { newId, useShop } from '../../stores/shop.ts'

/** A CSV file of parts or wires: its columns matched by name and by hand, what it would change, then all of it or nothing. */
const props = defineProps<{ wires: boolean; nameOf: (part: Part) => string }>()
const emit = defineEmits<{ close: [] }>()
const words = useWords()
const { t } = useI18n()
const shop = useShop()
const partStore = useParts()
/** A file larger than this is no list of parts. */
const MOST_BYTES = 5_000_000
const tooLarge = ref(false)
const file = shallowRef<ReturnType<typeof readCsv>>()
const columns = ref<Columns>({})
const names = Object.fromEntries(
  PART_FIELDS.map((field) => [
    field,
    field === 'part' ? [t('csv.part'), t('csv.wire'), 'part', 'wire', 'label'] : [t(`csv.${field}`), field],
  ]),
) as Record<PartField, string[]>
async function choose(chosen: File) {
  tooLarge.value = chosen.size > MOST_BYTES
  if (tooLarge.value) return
  file.value = readCsv(await chosen.text())
  columns.value = columnsOf(file.value.head, names)
}
const rows = computed(() =>
  file.value && columns.value.part !== undefined
    ? readParts(file.value.rows, columns.value, partStore.list, props.nameOf)
    : [],
)
const read = computed(() => rows.value.flatMap((row) => ('part' in row ? [row] : [])))
const refused = computed(() => rows.value.flatMap((row) => ('part' in row ? [] : [row])))
const added = computed(() => read.value.filter((row) => !row.was))
const changed = computed(() => read.value.filter((row) => row.was && !isSameRow(row)))
const MOST_SHOWN = 20
function take() {
  const by = new Map(changed.value.map(({ part, was }) => [was!.id, { ...part, id: was!.id }]))
  const fresh = added.value.map(({ part }) => ({ ...part, id: newId() }))
  shop.undoable(t('csvIn.done'), () =>
    partStore.lay([...partStore.list.map((part) => by.get(part.id) ?? part), ...fresh]),
  )
  emit('close')
}
</script>

<template>
  <DialogBox :label="t('csvIn.title')" :max-width="860" @close="$emit('close')">
    <h2>{{ t('csvIn.title') }}</h2>
    <p>{{ t('csvIn.text') }}</p>
    <FileButton :label="t('csvIn.choose')" accept=".csv,text/csv,text/plain" @file="choose" />
    <p v-if="tooLarge" class="problem" role="alert">{{ t('csvIn.tooLarge') }}</p>
    <template v-if="file">
      <div class="rows">
        <v-select
          v-for="field in PART_FIELDS"
          :key="field"
          v-model="columns[field]"
          clearable
          :label="t('csvIn.column', { field: t(field === 'part' && wires ? 'csv.wire' : `csv.${field}`) })"
          :items="file.head.map((title, value) => ({ value, title: title || `${value + 1}` }))"
        />
      </div>
      <p v-if="columns.part === undefined" class="problem" role="alert">{{ t('csvIn.noPart') }}</p>
      <template v-else>
        <p role="status">
          {{
            t('csvIn.counts', {
              added: added.length,
              changed: changed.length,
              same: read.length - added.length - changed.length,
            })
          }}
        </p>
        <ul v-if="changed.length + added.length">
          <li v-for="row in [...added, ...changed].slice(0, MOST_SHOWN)" :key="row.row">
            <b>{{ t(row.was ? 'csvIn.changes' : 'csvIn.adds') }}</b> {{ nameOf(row.part)
            }}<template v-if="row.was && row.was.count !== row.part.count"
              >: {{ row.was.count }} → {{ row.part.count }}</template
            ><template v-else-if="!row.was">: {{ row.part.count }}</template>
          </li>
        </ul>
        <section v-if="refused.length" :aria-label="t('csvIn.refused')">
          <b class="problem">{{ t('csvIn.refusedN', refused.length) }}</b>
          <ul>
            <li v-for="row in refused.slice(0, MOST_SHOWN)" :key="row.row">
              {{ t('csvIn.line', { n: row.row }) }} {{ row.text }}
              <span class="muted">{{
                row.twice
                  ? t('csvIn.twice', { n: row.twice })
                  : row.problems[0]
                    ? words.problemText(row.problems[0])
                    : t('csvIn.notRead')
              }}</span>
            </li>
          </ul>
        </section>
      </template>
    </template>
    <div class="row">
      <v-btn v-if="added.length + changed.length" variant="flat" color="primary" @click="take">{{
        t(refused.length ? 'csvIn.takeRest' : 'csvIn.take')
      }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped></style>
