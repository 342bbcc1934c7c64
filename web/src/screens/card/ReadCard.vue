<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { STATIONS } from '@pepper-knot/core/machine'
import MoreFold from '../../parts/MoreFold.vue'
import PictureTake from '../../parts/PictureTake.vue'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'
import { readSetupCode } from '../../storage/setupCode.ts'
import { useMachines } from '../../stores/machines.ts'
import { useRuns } from '../../stores/runs.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'

/** The text of a card’s code: what it would change is shown first, and then written down as what is fitted. */
const props = defineProps<{ machineId?: string | undefined }>()
const words = useWords()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machines = useMachines()
const runs = useRuns()
const text = ref('')
const noCode = ref(false)
async function photograph(file: Blob) {
  const { readCode } = await import('../../storage/photo.ts')
  const found = await readCode(file).catch(() => undefined)
  noCode.value = found === undefined
  if (found !== undefined) text.value = found
}
function scanned(found: string) {
  noCode.value = false
  text.value = found
}
const read = computed(() => (text.value.trim() ? readSetupCode(text.value) : undefined))
const card = computed(() => (typeof read.value === 'object' ? read.value : undefined))
const wrong = computed(() => (typeof read.value === 'string' ? read.value : undefined))
/** The machine it was written for, by name; else the one whose card is open. */
const chosen = ref<string>()
const target = computed(() => {
  const named = machines.list.find((m) => m.name === card.value?.machine)
  return machines.byId(chosen.value ?? named?.id ?? props.machineId ?? '')
})
const rows = computed(() => {
  const [now, then] = [target.value?.fitted, card.value?.fitted]
  if (!now || !then) return []
  const said = (s: (typeof STATIONS)[number], fitted: typeof now) =>
    words.fittedShort(s, { ...fitted, supply: target.value!.supply }, settings.units)
  const wireOf = ({ wire }: typeof now) =>
    wire ? ('label' in wire ? seen(wire.label) : words.FAMILY_NAMES[wire.family]) : ''
  const wires = { name: t('asks.wire'), now: wireOf(now), then: wireOf(then) }
  return [
    ...(wires.now === wires.then ? [] : [wires]),
    ...STATIONS.filter((s) => s !== 'supply').flatMap((s) => {
      const [a, b] = [said(s, now), said(s, then)]
      return a === b ? [] : [{ name: words.STATION_NAMES[s], now: a, then: b }]
    }),
  ]
})
const busy = computed(() => target.value && runs.begunOn(target.value.id) !== undefined)
function take() {
  const machine = target.value!
  shop.undoable(t('card.taken', { machine: machine.name }), () =>
    machines.put({ ...machine, fitted: { ...machine.fitted, ...card.value!.fitted } }),
  )
  text.value = ''
}
</script>

<template>
  <section :aria-label="t('card.read')">
    <MoreFold :title="t('card.read')">
      <PictureTake code @picture="photograph" @found="scanned" />
      <p v-if="noCode" class="problem" role="alert">{{ t('photo.noCode') }}</p>
      <v-textarea
        v-model="text"
        :label="t('card.paste')"
        :hint="t('card.pasteHint')"
        persistent-hint
        rows="3"
        maxlength="6000"
        spellcheck="false"
        :error-messages="wrong ? [t(`card.wrong.${wrong}`)] : []"
      />
      <template v-if="card">
        <v-select
          v-model="chosen"
          :label="t('card.takeOn')"
          :items="machines.list.map((m) => ({ value: m.id, title: seen(m.name) }))"
          :placeholder="target && seen(target.name)"
          persistent-placeholder
        />
        <template v-if="target">
          <p v-if="busy" class="problem">{{ t('card.busy', { machine: seen(target.name) }) }}</p>
          <p v-else-if="rows.length === 0" role="status">
            {{ t('card.same', { machine: seen(target.name) }) }}
          </p>
          <template v-else>
            <p>{{ t('card.changes', { machine: seen(target.name) }) }}</p>
            <ul class="tabular">
              <li v-for="row in rows" :key="row.name">
                <b>{{ row.name }}:</b> {{ row.now }} → {{ row.then }}
              </li>
            </ul>
            <p class="muted">{{ t('card.takeText') }}</p>
            <v-btn variant="flat" color="primary" class="take" @click="take">{{ t('card.take') }}</v-btn>
          </template>
        </template>
      </template>
    </MoreFold>
  </section>
</template>

<style scoped>
.take {
  justify-self: start;
}
</style>
