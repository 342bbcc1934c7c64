<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { partSchema, type Part } from '@pepper-knot/core/machine'
import { typedNumber, say, validate } from '@pepper-knot/core/trade'
import { readLabel, SPOOL_TYPES } from '@pepper-knot/core/wire'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import DialogBox from '../../parts/DialogBox.vue'
import FieldRows from '../../parts/FieldRows.vue'
import LabelField from '../../parts/LabelField.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { PART_FIELDS } from '../../parts/stationFields.ts'
import { useSettings } from '../../stores/settings.ts'
import { formKind, kindWords, type EditedPart, type FormKind } from './partKinds.ts'
import { useWords } from '../../composables/useWords.ts'

type SpoolType = (typeof SPOOL_TYPES)[number]

const words = useWords()
const props = defineProps<{ part: EditedPart; kinds: readonly FormKind[] }>()
const emit = defineEmits<{ save: [Part]; close: [] }>()
const { t } = useI18n()
const settings = useSettings()

const {
  id,
  count: startCount,
  kind: _kind,
  drawer: startDrawer,
  note: startNote,
  part: _piece,
  fresh,
  label: startLabel,
  massKg: startMass,
  spoolType: startSpool,
  lowAt: startLow,
  leadDays: startDays,
  price: startPrice,
  ...rest
} = props.part
const kind = ref<FormKind>(formKind(props.part))
const values = ref<Record<string, unknown>>({ ...rest })
const count = ref(String(startCount))
const drawer = ref(String(startDrawer ?? ''))
const dry = computed(() => values.value.storedDry as boolean | undefined)
const rusty = ref(String(rest.rustyTurns ?? ''))
const note = ref(String(startNote ?? ''))
const lowAt = ref(String(startLow ?? ''))
const leadDays = ref(String(startDays ?? ''))
const price = ref(String(startPrice ?? ''))
const label = ref(String(startLabel ?? ''))
const massKg = ref(startMass as number | undefined)
const spoolType = ref((startSpool as SpoolType | undefined) ?? null)
const problems = ref<string[]>([])
const rows = computed(() => PART_FIELDS[kind.value] ?? [])

function chooseKind(next: FormKind) {
  kind.value = next
  values.value = {}
}
function save() {
  const missing = rows.value.filter((row) => row.must && values.value[row.key] === undefined)
  if (missing.length)
    return void (problems.value = missing.map((row) => t('field.needed', { name: t(`fields.${row.key}`) })))
  // A wire that no label describes keeps its name.
  const byName =
    kind.value === 'wire' && values.value.byHand !== undefined && label.value.trim() === startLabel
  const read = kind.value === 'wire' && !byName ? readLabel(label.value) : undefined
  if (read && !read.ok) return void (problems.value = read.problems.map(words.problemText))
  if (read?.ok && read.value.wire.open === 'solid')
    return void (problems.value = [words.problemText(say('label.kindNeeded'))])
  const wire = read?.ok
    ? {
        label: label.value.trim(),
        massKg: massKg.value ?? read.value.spool.massKg ?? undefined,
        spoolType: spoolType.value ?? read.value.spool.type ?? undefined,
      }
    : byName
      ? { label: startLabel, massKg: massKg.value, spoolType: spoolType.value ?? undefined }
      : {}
  const whole = {
    ...JSON.parse(JSON.stringify(values.value)),
    ...(kind.value === 'wire' && !byName && { byHand: undefined }),
    ...wire,
    ...(kind.value === 'wire' && {
      rustyTurns: rusty.value.trim() ? typedNumber(rusty.value) : undefined,
    }),
    ...kindWords(kind.value),
    id,
    count: typedNumber(count.value),
    ...(drawer.value.trim() && { drawer: drawer.value.trim() }),
    ...(note.value.trim() && { note: note.value.trim() }),
    ...(lowAt.value.trim() && { lowAt: typedNumber(lowAt.value) }),
    ...(leadDays.value.trim() && { leadDays: typedNumber(leadDays.value) }),
    ...(price.value.trim() && { price: typedNumber(price.value) }),
  }
  const part = validate(partSchema, JSON.parse(JSON.stringify(whole)))
  if (!part.ok) return void (problems.value = part.problems.map(words.problemLine))
  emit('save', part.value)
}
</script>

<template>
  <DialogBox
    v-slot="{ close }"
    :label="t(kind === 'wire' ? 'store.addWire' : 'store.addPart')"
    @close="$emit('close')"
  >
    <h2>{{ t(fresh ? (kind === 'wire' ? 'store.addWire' : 'store.addPart') : 'store.edit') }}</h2>
    <v-select
      v-if="kinds.length > 1"
      :label="t('store.kind')"
      :items="kinds.map((value) => ({ value, title: t(`kinds.${value}`) }))"
      :model-value="kind"
      :disabled="!fresh"
      @update:model-value="chooseKind($event)"
    />
    <template v-if="kind === 'wire'">
      <LabelField v-model="label" />
      <div class="rows">
        <QuantityField
          v-model="massKg"
          kind="mass"
          :label="t('store.mass')"
          :units="settings.units"
          :hint="t('store.massHint')"
        />
        <v-select v-model="spoolType" :label="t('store.spoolType')" :items="[...SPOOL_TYPES]" clearable />
        <v-text-field
          :model-value="values.opened ?? ''"
          type="date"
          :label="t('spool.opened')"
          @update:model-value="values.opened = $event || undefined"
        />
        <v-text-field v-model="rusty" :label="t('spool.rusty')" inputmode="numeric" />
      </div>
      <ChoiceRow
        :model-value="dry"
        :ask="t('spool.storedDry')"
        optional
        :choices="[
          { value: true, title: t('spool.yes') },
          { value: false, title: t('spool.no') },
        ]"
        @update:model-value="values.storedDry = $event"
      />
    </template>
    <FieldRows v-else v-model="values" :rows="rows" />
    <div class="rows">
      <v-text-field v-model="count" :label="t('store.count')" inputmode="numeric" />
      <v-text-field v-model="drawer" :label="t('store.drawer')" maxlength="60" />
      <v-text-field v-model="lowAt" :label="t('store.lowAt')" inputmode="numeric" />
      <v-text-field v-model="leadDays" :label="t('store.leadDays')" inputmode="numeric" />
      <v-text-field v-model="price" :label="t('store.price')" inputmode="decimal" />
      <v-text-field v-model="note" :label="t('store.note')" maxlength="200" />
    </div>
    <p v-for="problem in problems" :key="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="save">{{ t('app.save') }}</v-btn>
      <v-btn @click="close">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>
