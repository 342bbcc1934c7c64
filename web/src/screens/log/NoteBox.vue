<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { LOG_NOTES } from '@pepper-knot/core/record'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import DialogBox from '../../parts/DialogBox.vue'
import PhotoAdd from '../../parts/PhotoAdd.vue'
import PhotoStrip from '../../parts/PhotoStrip.vue'
import { useLog, type LogNote } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { seen } from '../../messages/seen.ts'

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
/** A note says something, a photo shows it; anything else is said by what it is. */
const empty = computed(
  () =>
    (what.value === 'note' && !text.value.trim() && photos.value.length === 0) ||
    (what.value === 'photo' && photos.value.length === 0),
)
function save() {
  tried.value = true
  if (empty.value || !what.value) return
  if (props.note) log.correct(props.note, text.value.trim(), photos.value, t('log.corrected'))
  else {
    const machine = on.value ? machines.byId(on.value) : undefined
    const wire = machine?.fitted.wire
    log.add(
      {
        what: what.value,
        text: text.value.trim(),
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
    <div class="row">
      <v-btn variant="flat" color="primary" @click="save">{{ t('app.save') }}</v-btn>
      <v-btn @click="close">{{ t('app.cancel') }}</v-btn>
    </div>
  </DialogBox>
</template>
