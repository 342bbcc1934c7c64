<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { LEAVES, machineSchema, POLARITY_CHANGES, type Machine } from '@pepper-knot/core/machine'
import { typedNumber, validate } from '@pepper-knot/core/trade'
import { readLabel, SPOOL_TYPES } from '@pepper-knot/core/wire'
import DialogBox from '../../parts/DialogBox.vue'
import WordRow from '../../parts/WordRow.vue'
import MachineOutput from './MachineOutput.vue'
import PressureChart from './PressureChart.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** The machine itself: what it takes and how it is worked. What is fitted is read station by station. */
const props = defineProps<{ machine: Machine; fresh: boolean }>()
const emit = defineEmits<{ save: [Machine]; close: [] }>()
const { t } = useI18n()

const form = ref(JSON.parse(JSON.stringify(props.machine)) as Machine)
const old = props.machine.fitted.wire
const wireLabel = ref(old && 'label' in old ? old.label : '')
const loaded = ref<'wire' | 'empty' | 'unread'>(
  old === null ? 'empty' : old === undefined ? 'unread' : 'wire',
)
const problems = ref<string[]>([])
const wireProblem = computed(() => {
  if (loaded.value !== 'wire' || wireLabel.value.trim() === '') return []
  const label = readLabel(wireLabel.value)
  return label.ok ? [] : [words.problemText(label.problems[0]!)]
})
const byHandKept = computed(() => old && !('label' in old) && wireLabel.value.trim() === '')
const items = (values: readonly string[], group: string) =>
  values.map((value) => ({ value, title: t(`${group}.${value}`) }))
const YES = [
  { value: true, title: t('field.yes') },
  { value: false, title: t('field.no') },
]

function save() {
  const next = JSON.parse(JSON.stringify(form.value)) as Record<string, unknown> & {
    fitted: Record<string, unknown>
  }
  if (loaded.value === 'empty') next.fitted.wire = null
  else if (loaded.value === 'unread') delete next.fitted.wire
  else if (!byHandKept.value) next.fitted.wire = { label: wireLabel.value }
  const read = validate(machineSchema, next)
  if (
    wireProblem.value.length ||
    (loaded.value === 'wire' && !byHandKept.value && wireLabel.value.trim() === '')
  )
    return void (problems.value = [t('store.wireNeeded')])
  if (!String(next.name ?? '').trim()) return void (problems.value = [t('store.nameNeeded')])
  if (!read.ok) return void (problems.value = read.problems.map(words.problemLine))
  emit('save', read.value)
}
</script>

<template>
  <DialogBox
    v-slot="{ close }"
    :label="t(fresh ? 'store.addMachine' : 'store.edit')"
    :max-width="760"
    @close="$emit('close')"
  >
    <h2>{{ fresh ? t('store.addMachine') : t('store.editNamed', { name: machine.name }) }}</h2>
    <p v-if="fresh" class="muted">{{ t('store.machineHint') }}</p>
    <div class="rows">
      <v-text-field v-model="form.name" :label="t('store.name')" maxlength="100" data-first />
      <v-text-field v-model="form.note" :label="t('store.note')" maxlength="200" />
      <v-select
        v-model="loaded"
        :label="t('store.loaded')"
        :items="items(['wire', 'empty', 'unread'], 'store.load')"
      />
      <v-text-field
        v-if="loaded === 'wire'"
        v-model="wireLabel"
        :label="t('label.ask')"
        :error-messages="wireProblem"
      />
      <v-select
        v-model="form.polarityChange"
        :label="t('store.polarityChange')"
        :items="items(POLARITY_CHANGES, 'store.by')"
        clearable
      />
      <v-select v-model="form.gasGear" :label="t('store.gasGear')" :items="YES" clearable />
      <v-select
        v-model="form.spools"
        :label="t('store.spools')"
        :items="[...SPOOL_TYPES]"
        multiple
        clearable
      />
      <v-select
        v-model="form.wireEntry"
        :label="t('store.wireEntry')"
        :items="items(LEAVES, 'store.entry')"
        clearable
      />
      <v-select
        v-model="form.workingGroove"
        :label="t('store.workingGroove')"
        :items="items(['inner', 'outer', 'turn', 'depth'], 'store.groove')"
        clearable
      />
      <v-text-field
        :model-value="form.dischargeMinutes ?? ''"
        :label="t('store.discharge')"
        :hint="t('store.dischargeHint')"
        persistent-hint
        inputmode="decimal"
        @update:model-value="form.dischargeMinutes = typedNumber($event)"
      />
      <v-select v-model="form.jogButton" :label="t('store.jogButton')" :items="YES" clearable />
      <v-select
        v-model="form.hubLocator"
        :label="t('store.hubLocator')"
        :items="items(['pin', 'tab', 'none'], 'store.locator')"
        clearable
      />
      <v-select
        v-model="form.reverseThreads"
        :label="t('store.reverseThreads')"
        :items="items(['spoolRetainer', 'rollRetainer', 'gunRollRetainer'], 'store.thread')"
        multiple
        clearable
      />
    </div>
    <WordRow :ids="['hub-locator', 'spool-types', 'basket', 'retainer', 'groove', 'studs']" />
    <PressureChart v-model="form" />
    <MachineOutput v-model="form" />
    <p v-for="problem in problems" :key="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="save">{{ t('app.save') }}</v-btn>
      <v-btn @click="close">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>
