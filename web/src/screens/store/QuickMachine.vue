<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { type Mixture } from '@pepper-knot/core/arc'
import {
  MACHINE_BUILDS,
  POLARITY_CHANGES,
  quickMachine,
  cylindersFor,
  type Machine,
} from '@pepper-knot/core/machine'
import { formatLead } from '@pepper-knot/core/trade'
import { isSized, readLabel, TRADE_SIZES, tradeLabel } from '@pepper-knot/core/wire'
import DialogBox from '../../parts/DialogBox.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LabelField from '../../parts/LabelField.vue'
import { newId } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

type MachineBuild = (typeof MACHINE_BUILDS)[number]

const words = useWords()
/** A few questions, most of them one touch. What follows from the answers is assumed, and marked so. */
const emit = defineEmits<{ save: [machine: Machine, change: boolean]; close: [] }>()
const { t } = useI18n()
const settings = useSettings()
const machineStore = useMachines()

const suggested = () => {
  let n = machineStore.list.length + 1
  while (machineStore.list.some((m) => m.name === t('quick.nameOf', { n }))) n++
  return t('quick.nameOf', { n })
}
const name = ref(suggested())
const build = ref<MachineBuild>()
const loaded = ref<'wire' | 'empty' | 'unread'>()
const label = useDraft('machine.quick.label', '')
const polarity = ref<(typeof POLARITY_CHANGES)[number]>()
const gas = ref<boolean>()
const gun = useDraft<string | undefined>('machine.quick.gun', undefined)

/** Circuits that machines are plugged into. */
const CIRCUITS = {
  '120': { voltageV: 120, phases: 1 },
  '230': { voltageV: 230, phases: 1 },
  '400': { voltageV: 400, phases: 3 },
  '480': { voltageV: 480, phases: 3 },
} as const
const circuit = ref<keyof typeof CIRCUITS>()
const cylinder = useDraft<number | undefined>('machine.quick.cylinder', undefined)

const GUNS = {
  'push-3': { kind: 'push', lengthM: 3 },
  'push-4': { kind: 'push', lengthM: 4 },
  'push-pull': { kind: 'push-pull', lengthM: 8 },
  'spool-gun': { kind: 'spool-gun', lengthM: undefined },
} as const
const gunName = (id: keyof typeof GUNS) =>
  t(`quick.guns.${id}`, { length: formatLead(GUNS[id].lengthM ?? 0, settings.units) })

/** The wires most shops run. common practice */
const USUAL = ['ER70S-6', 'E71T-11', 'E71T-1M', 'E70C-6M', 'ER308LSi', 'ER5356', 'ER4043', 'ERCuSi-A']
const SIZES = [0.6, 0.8, 0.9, 1.0, 1.2, 1.6]
const usual = useDraft<string | undefined>('machine.quick.usual', undefined)
const size = useDraft<number | undefined>('machine.quick.size', undefined)
function take() {
  if (!usual.value) return
  const mm = TRADE_SIZES.find((s) => s.mm === size.value)
  label.value = `${usual.value}${mm ? ` ${tradeLabel(mm.mm, settings.units)}` : ''}`
}
const wire = computed(() => (label.value.trim() ? readLabel(label.value) : undefined))
const sized = computed(() =>
  wire.value?.ok && isSized(wire.value.value.wire) ? wire.value.value.wire : undefined,
)
/** What stands on a cylinder of such a wire; none is assumed where it was asked and answered. */
const cylinders = computed<(Mixture | null)[]>(() => [...cylindersFor(sized.value), null])
const problems = computed(() => [
  ...(name.value.trim() ? [] : [t('store.nameNeeded')]),
  ...(loaded.value === 'wire' && !sized.value ? [t('store.wireNeeded')] : []),
])
const tried = ref(false)
/** @param change a changeover on it begins at once */
function save(change = false) {
  tried.value = true
  if (problems.value.length) return
  const machine = quickMachine(
    {
      name: name.value.trim().slice(0, 100),
      build: build.value,
      wire: loaded.value === 'empty' ? null : sized.value && { label: label.value, read: sized.value },
      polarityChange: polarity.value,
      supply: circuit.value ? CIRCUITS[circuit.value] : undefined,
      cylinder: gas.value === true ? cylinders.value[cylinder.value ?? -1] : undefined,
      gasGear: gas.value,
      gun: gun.value ? GUNS[gun.value as keyof typeof GUNS] : undefined,
    },
    newId(),
  )
  emit('save', JSON.parse(JSON.stringify(machine)) as Machine, change)
}
</script>

<template>
  <DialogBox v-slot="{ close }" :label="t('store.addMachine')" :max-width="720" @close="$emit('close')">
    <h2>{{ t('store.addMachine') }}</h2>
    <p class="muted">{{ t('quick.text') }}</p>
    <v-text-field
      v-model="name"
      :label="t('quick.name')"
      maxlength="100"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <ChoiceRow
      v-model="build"
      :ask="t('quick.build')"
      :choices="MACHINE_BUILDS.map((value) => ({ value, title: t(`quick.builds.${value}`) }))"
    />
    <ChoiceRow
      v-model="loaded"
      :ask="t('quick.wire')"
      :choices="
        (['wire', 'empty', 'unread'] as const).map((value) => ({ value, title: t(`store.load.${value}`) }))
      "
    />
    <div v-if="loaded === 'wire'" class="wire">
      <LabelField v-model="label" />
      <ChoiceRow
        v-model="usual"
        :ask="t('quick.orUsual')"
        optional
        :choices="USUAL.map((value) => ({ value, title: value }))"
        @update:model-value="take"
      />
      <ChoiceRow
        v-if="usual"
        v-model="size"
        :ask="t('decide.size')"
        :choices="SIZES.map((value) => ({ value, title: tradeLabel(value, settings.units) }))"
        @update:model-value="take"
      />
    </div>
    <ChoiceRow
      v-model="polarity"
      :ask="t('store.polarityChange')"
      :choices="POLARITY_CHANGES.map((value) => ({ value, title: t(`store.by.${value}`) }))"
    />
    <ChoiceRow
      v-model="gas"
      :ask="t('quick.gas')"
      :choices="[
        { value: true, title: t('field.yes') },
        { value: false, title: t('quick.noGas') },
      ]"
    />
    <ChoiceRow
      v-if="gas === true"
      v-model="cylinder"
      :ask="t('quick.cylinder')"
      :choices="
        cylinders.map((mixture, value) => ({
          value,
          title: mixture ? words.mixtureText(mixture) : t('quick.noCylinder'),
        }))
      "
    />
    <ChoiceRow
      v-model="circuit"
      :ask="t('quick.circuit')"
      optional
      :choices="
        (Object.keys(CIRCUITS) as (keyof typeof CIRCUITS)[]).map((value) => ({
          value,
          title: t(`quick.circuits.${value}`),
        }))
      "
    />
    <ChoiceRow
      v-model="gun"
      :ask="t('quick.gun')"
      optional
      :choices="
        (Object.keys(GUNS) as (keyof typeof GUNS)[]).map((value) => ({ value, title: gunName(value) }))
      "
    />
    <template v-if="tried">
      <p v-for="problem in problems" :key="problem" class="problem" role="alert">{{ problem }}</p>
    </template>
    <div class="row foot">
      <v-btn variant="flat" color="primary" @click="save()">{{ t('quick.add') }}</v-btn>
      <v-btn @click="save(true)">{{ t('quick.addAndChange') }}</v-btn>
      <v-btn @click="close">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>

<style scoped>
.wire {
  display: grid;
  gap: 12px;
  border-left: 4px solid var(--copper);
  padding-left: 16px;
}
.foot {
  position: sticky;
  bottom: -24px;
  background: var(--sheet);
  padding: 10px 0;
}
</style>
