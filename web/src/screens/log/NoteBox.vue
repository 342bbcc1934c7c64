<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { LOG_NOTES } from '@pepper-knot/core/record'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import CountField from '../../parts/CountField.vue'
import DialogBox from '../../parts/DialogBox.vue'
import PhotoAdd from '../../parts/PhotoAdd.vue'
import PhotoStrip from '../../parts/PhotoStrip.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { refused } from '../../parts/refused.ts'
import { useLog, type LogNote } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import { seen } from '../../messages/seen.ts'
import { recordKinds } from '../store/partKinds.ts'

/** A note for the log, or one that is corrected: what it is about, on which machine, in whose words. */
const props = defineProps<{ note?: LogNote | undefined; machineId?: string | undefined }>()
const emit = defineEmits<{ close: [] }>()
const { t } = useI18n()
const log = useLog()
const machines = useMachines()
const what = ref<LogNote['what'] | undefined>(props.note?.what ?? 'note')
const on = ref(props.machineId ?? null)
const text = ref(props.note?.text ?? '')
/** As many as the record takes. */
const MOST_PHOTOS = 12
const photos = ref<string[]>([...(props.note?.photos ?? [])])
const tried = ref(false)
const settings = useSettings()
const parts = useParts()
const kg = ref(props.note?.kg)
const arcHours = ref(props.note?.arcHours)
const part = ref(props.note?.part ?? null)
const cost = ref(props.note?.cost)
const isSpool = computed(() => what.value === 'spool-opened' || what.value === 'spool-emptied')
const isPart = computed(() => what.value === 'part-fitted' || what.value === 'part-scrapped')
const isBought = computed(() => isSpool.value || isPart.value || what.value === 'cylinder-changed')
const form = ref<HTMLElement>()
const machineOn = computed(() => (on.value ? machines.byId(on.value) : undefined))
/** What is on its hub, when a spool is written about. */
watch(
  [what, machineOn],
  ([now, machine]) => {
    if (props.note || !isSpool.value) return
    const spool = machine?.fitted.spool
    if (kg.value === undefined && now && typeof spool === 'object' && spool !== null && 'wireKg' in spool)
      kg.value = spool.wireKg
  },
  { immediate: true },
)
/** A price that every such part of the store has. */
watch(part, (kind) => {
  const prices = new Set(
    parts.list.flatMap((p) => (p.kind === kind && p.price !== undefined ? [p.price] : [])),
  )
  if (!props.note && kind && prices.size === 1) cost.value = [...prices][0]
})
/** What belongs to what it is about; the rest is nothing. */
const figures = computed(() => ({
  kg: isSpool.value ? kg.value : undefined,
  arcHours: what.value === 'arc-hours' ? arcHours.value : undefined,
  part: (isPart.value && part.value) || undefined,
  cost: isBought.value ? cost.value : undefined,
}))
/** A note says something, a photo shows it; anything else is said by what it is. */
const empty = computed(
  () =>
    (what.value === 'note' && !text.value.trim() && photos.value.length === 0) ||
    (what.value === 'photo' && photos.value.length === 0),
)
const unread = computed(() => what.value === 'arc-hours' && arcHours.value === undefined)
function save() {
  tried.value = true
  if (empty.value || unread.value || !what.value || refused(form.value)) return
  if (props.note)
    log.correct(props.note, { text: text.value.trim(), ...figures.value }, photos.value, t('log.corrected'))
  else {
    const machine = machineOn.value
    const wire = machine?.fitted.wire
    log.add(
      {
        what: what.value,
        text: text.value.trim(),
        ...figures.value,
        ...(photos.value.length && { photos: photos.value }),
        ...(machine && { machineId: machine.id, machine: machine.name }),
        ...(wire && 'label' in wire && { label: wire.label }),
      },
      t('log.written'),
    )
  }
  emit('close')
}
</script>

<template>
  <DialogBox v-slot="{ close }" :label="t(note ? 'log.correct' : 'log.write')" @close="$emit('close')">
    <h2>{{ t(note ? 'log.correct' : 'log.write') }}</h2>
    <template v-if="!note">
      <ChoiceRow
        v-model="what"
        :ask="t('log.what')"
        :choices="LOG_NOTES.map((value) => ({ value, title: t(`log.kinds.${value}`) }))"
      />
      <v-select
        v-if="machines.list.length"
        v-model="on"
        clearable
        :label="t('log.machine')"
        :items="machines.list.map((m) => ({ value: m.id, title: seen(m.name) }))"
      />
    </template>
    <div v-if="isBought || what === 'arc-hours'" ref="form" class="rows">
      <CountField v-if="what === 'arc-hours'" v-model="arcHours" :label="t('log.arcHours')" :max="1000000" />
      <v-select
        v-if="isPart"
        v-model="part"
        clearable
        :label="t('log.part')"
        :items="recordKinds.map((value) => ({ value, title: t(`kinds.${value}`) }))"
      />
      <QuantityField
        v-if="isSpool"
        v-model="kg"
        kind="mass"
        :label="t(what === 'spool-emptied' ? 'log.kgThrough' : 'log.kgOn')"
        :units="settings.units"
      />
      <CountField v-if="isBought" v-model="cost" :label="t('log.cost')" :max="1000000" />
    </div>
    <v-textarea v-model="text" :label="t('log.text')" rows="3" maxlength="2000" />
    <PhotoStrip
      v-if="photos.length"
      :ids="photos"
      removable
      @remove="(id) => (photos = photos.filter((other) => other !== id))"
    />
    <PhotoAdd :disabled="photos.length >= MOST_PHOTOS" @photo="(id) => photos.push(id)" />
    <v-text-field
      v-model="log.by"
      :label="t('log.by')"
      :hint="t('log.byHint')"
      persistent-hint
      maxlength="40"
    />
    <p v-if="tried && empty" class="problem" role="alert">{{ t('log.empty') }}</p>
    <p v-if="tried && unread" class="problem" role="alert">{{ t('log.unread') }}</p>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="save">{{ t('app.save') }}</v-btn>
      <v-btn @click="close">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>
