<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { seen } from '../messages/seen.ts'
import { exportPart, shopFile } from '../storage/exportShop.ts'
import { useMachines } from '../stores/machines.ts'
import { useParts } from '../stores/parts.ts'
import { useRuns } from '../stores/runs.ts'
import { useShop } from '../stores/shop.ts'
import { useRunNames } from '../composables/useRunNames.ts'
import type { FilePart } from '../workers/file.worker.ts'
import DialogBox from './DialogBox.vue'
import HandCode from './HandCode.vue'

type One = FilePart['chosen'][number]
/** Some of the shop for another device: what is chosen, by code or as a file. */
const props = defineProps<{ chosen?: readonly One[] }>()
defineEmits<{ close: [] }>()
const { t } = useI18n()
const shop = useShop()
const machines = useMachines()
const parts = useParts()
const runs = useRuns()
const runName = useRunNames()
const groups = computed(() =>
  [
    { list: 'machines', things: machines.list.map(({ id, name }) => ({ id, name: seen(name) })) },
    { list: 'runs', things: runs.open.map((run) => ({ id: run.id, name: runName(run) })) },
    {
      list: 'store',
      things: parts.list.flatMap((part) =>
        part.kind === 'wire' && part.id ? [{ id: part.id, name: seen(part.label) }] : [],
      ),
    },
  ].filter(({ things }) => things.length),
)
const keyOf = ({ list, id }: One) => `${list}/${id}`
const ticked = ref(new Set((props.chosen ?? []).map(keyOf)))
/** What went meanwhile is not there to be ticked. */
const taken = computed(() =>
  groups.value.flatMap(({ list, things }) =>
    things.flatMap(({ id, name }) => {
      const one = { list, id } as One
      return ticked.value.has(keyOf(one)) ? [{ ...one, name }] : []
    }),
  ),
)
function tick(one: One, on: boolean) {
  const next = new Set(ticked.value)
  if (on) next.add(keyOf(one))
  else next.delete(keyOf(one))
  ticked.value = next
}
const part = (): FilePart => ({
  of: shop.shop.name,
  chosen: taken.value.map(({ list, id }) => ({ list, id })),
})
const save = () => exportPart(shop, part(), taken.value[0]!.name)
</script>

<template>
  <DialogBox :label="t('share.title')" :max-width="620" @close="$emit('close')">
    <h2>{{ t('share.title') }}</h2>
    <p>{{ t('share.text') }}</p>
    <p v-if="groups.length === 0">{{ t('share.none') }}</p>
    <fieldset v-for="{ list, things } in groups" :key="list">
      <legend>{{ t(`share.lists.${list}`) }}</legend>
      <label v-for="{ id, name } in things" :key="id" class="tick">
        <input
          type="checkbox"
          :checked="ticked.has(`${list}/${id}`)"
          @input.stop
          @change="tick({ list, id } as One, ($event.target as HTMLInputElement).checked)"
        />
        {{ name }}
      </label>
    </fieldset>
    <p v-if="groups.length && taken.length === 0" class="muted">{{ t('share.choose') }}</p>
    <HandCode
      :key="taken.map(keyOf).join()"
      :file="() => shopFile(shop, part())"
      :disabled="!taken.length"
      main
    >
      <v-btn :disabled="!taken.length" @click="save">{{ t('share.save') }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('app.close') }}</v-btn>
    </HandCode>
  </DialogBox>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(220px, 100%), 1fr));
}
legend {
  font-weight: 650;
  padding: 0;
}
</style>
