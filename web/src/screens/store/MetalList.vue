<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { ownMetalSchema } from '@pepper-knot/core/machine'
import { QUANTITIES } from '@pepper-knot/core/trade'
import { readLabel } from '@pepper-knot/core/wire'
import MetalField from '../../parts/MetalField.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { seen } from '../../messages/seen.ts'
import { useMetals, type OwnMetal } from '../../stores/metals.ts'
import { useSettings } from '../../stores/settings.ts'
import { newId } from '../../stores/shop.ts'

/** Metals that no table has, or that this shop welds its own way. */
const { t } = useI18n()
const settings = useSettings()
const metals = useMetals()

type Form = Omit<OwnMetal, 'wires' | 'like' | 'preheatC' | 'interpassC'> & {
  wires: string
  like: string | undefined
  preheatC: number | undefined
  interpassC: number | undefined
}
const form = ref<Form>()
const problem = ref('')
const listOf = (typed: string) =>
  typed
    .split(/[,;\n]+/)
    .map((wire) => wire.trim())
    .filter(Boolean)
/** A wire that is no label is kept as it is typed, and said. */
const unread = computed(() => listOf(form.value?.wires ?? '').filter((wire) => !readLabel(wire).ok))
const degrees = (c: number) => QUANTITIES.temperature.say(c, settings.units)
const says = ({ like, wires, preheatC, interpassC }: OwnMetal) =>
  [
    wires.join(', '),
    like && t('store.metalIsLike', { like }),
    preheatC !== undefined && t('store.metalWarm', { c: degrees(preheatC) }),
    interpassC !== undefined && t('store.metalMost', { c: degrees(interpassC) }),
  ]
    .filter(Boolean)
    .join(' · ')

function open(metal?: OwnMetal) {
  problem.value = ''
  form.value = metal
    ? { like: undefined, preheatC: undefined, interpassC: undefined, ...metal, wires: metal.wires.join(', ') }
    : {
        id: newId(),
        name: '',
        like: undefined,
        wires: '',
        preheatC: undefined,
        interpassC: undefined,
        note: '',
      }
}
function save() {
  const { id, like, wires, note, ...rest } = form.value!
  const said = {
    ...rest,
    wires: listOf(wires),
    ...(like && { like }),
    ...(note?.trim() && { note: note.trim() }),
  }
  const read = ownMetalSchema.safeParse(said)
  const twin = metals.read(rest.name)
  if (!rest.name.trim()) problem.value = t('store.metalNeedsName')
  else if (twin && twin.id !== id) problem.value = t('store.metalTwice', { name: seen(twin.name) })
  else if (said.wires.length === 0) problem.value = t('store.metalNeedsWire')
  else if (!read.success) problem.value = t('store.metalTooLong')
  else {
    metals.put({ ...read.data, id }, t('store.metalSaved', { name: read.data.name }))
    form.value = undefined
  }
}
</script>

<template>
  <div class="metals">
    <p class="muted">{{ t('store.metalsText') }}</p>
    <ul v-if="metals.list.length">
      <li v-for="metal in metals.list" :key="metal.id">
        <div>
          <strong>{{ seen(metal.name) }}</strong>
          <p class="muted">{{ seen(says(metal)) }}</p>
          <p v-if="metal.note" class="muted">{{ seen(metal.note) }}</p>
        </div>
        <v-btn variant="text" :aria-label="t('store.metalEdit', { name: metal.name })" @click="open(metal)">{{
          t('store.edit')
        }}</v-btn>
        <v-btn
          variant="text"
          :aria-label="t('store.metalRemove', { name: metal.name })"
          @click="metals.remove(metal.id, t('store.metalRemoved', { name: metal.name }))"
          >{{ t('store.remove') }}</v-btn
        >
      </li>
    </ul>
    <p v-else-if="!form">{{ t('store.noMetals') }}</p>
    <form v-if="form" @submit.prevent="save" @input="problem = ''">
      <v-text-field
        v-model="form.name"
        :label="t('store.metalName')"
        :hint="t('store.metalNameHint')"
        persistent-hint
        maxlength="60"
        autofocus
      />
      <v-text-field
        v-model="form.wires"
        :label="t('store.metalWires')"
        :hint="
          unread.length ? t('store.metalUnread', { wires: unread.join(', ') }) : t('store.metalWiresHint')
        "
        persistent-hint
        maxlength="300"
        spellcheck="false"
      />
      <MetalField v-model="form.like" tables :label="t('store.metalLike')" :hint="t('store.metalLikeHint')" />
      <QuantityField
        v-model="form.preheatC"
        kind="temperature"
        optional
        :label="t('store.metalPreheat')"
        :units="settings.units"
        :max="500"
      />
      <QuantityField
        v-model="form.interpassC"
        kind="temperature"
        optional
        :label="t('store.metalInterpass')"
        :units="settings.units"
        :min="20"
        :max="500"
      />
      <v-text-field v-model="form.note" :label="t('store.note')" maxlength="300" />
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn type="submit" color="primary">{{ t('store.metalSave') }}</v-btn>
        <v-btn variant="text" @click="form = undefined">{{ t('store.metalCancel') }}</v-btn>
      </div>
    </form>
    <v-btn v-else @click="open()">{{ t('store.metalAdd') }}</v-btn>
  </div>
</template>

<style scoped>
.metals {
  display: grid;
  gap: 16px;
  max-width: 760px;
  justify-items: start;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  width: 100%;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
  overflow-wrap: anywhere;
}
li p {
  margin: 2px 0 0;
}
form {
  display: grid;
  gap: 14px;
  width: 100%;
}
</style>
