<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatMass } from '@pepper-knot/core/trade'
import { readWire, shelfWire } from '@pepper-knot/core/machine'
import { isSameWire, type SizedWire } from '@pepper-knot/core/wire'
import { useDraft } from '../../composables/useDraft.ts'
import { seen } from '../../messages/seen.ts'
import QuantityField from '../../parts/QuantityField.vue'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'

/** Whether what is on the machines and on the shelf is enough for so much weld. */
const props = defineProps<{ wire: SizedWire; kgPerM: number }>()
const { t } = useI18n()
const settings = useSettings()
const machines = useMachines()
const parts = useParts()
const length = useDraft<number | undefined>('desk.weld.length', undefined)
const needs = computed(() => (length.value ? length.value * props.kgPerM : undefined))
const mass = (kg: number) => formatMass(kg, settings.units)
/** Each spool by where it is; what nobody weighed is not said to be enough. */
const spools = computed(() => {
  const on = machines.list.flatMap(({ id, name, fitted }) => {
    const read = fitted.wire && readWire(fitted.wire, '')
    if (!read?.ok || !isSameWire(read.value.wire, props.wire)) return []
    return [{ id, where: t('desk.spoolOn', { machine: seen(name) }), kg: fitted.spool?.wireKg }]
  })
  const shelf = parts.list.flatMap((part) => {
    if (part.kind !== 'wire' || part.count === 0) return []
    const read = shelfWire(part)
    if (!read.ok || !isSameWire(read.value.wire, props.wire)) return []
    const { label, massKg, count, drawer } = part
    const kg = massKg ?? read.value.spool.massKg ?? undefined
    const where = t('desk.spoolIn', { label: seen(label), drawer: seen(drawer ?? t('gather.noDrawer')) })
    return [{ id: part.id ?? label, where: count > 1 ? `${where} × ${count}` : where, kg }]
  })
  return [...on, ...shelf].map(({ kg, ...one }) => {
    const lacks = kg === undefined || needs.value === undefined ? undefined : needs.value - kg
    return {
      ...one,
      short: lacks !== undefined && lacks > 0,
      says:
        kg === undefined
          ? t('desk.spoolUnknown')
          : lacks === undefined
            ? mass(kg)
            : t(lacks > 0 ? 'desk.spoolShort' : 'desk.spoolEnough', {
                kg: mass(kg),
                lacks: mass(Math.max(0, lacks)),
              }),
    }
  })
})
</script>

<template>
  <section :aria-label="t('desk.enough')">
    <QuantityField
      v-model="length"
      kind="lead"
      :label="t('desk.weldLength')"
      :units="settings.units"
      :max="10000"
    />
    <p v-if="needs !== undefined" class="tabular" role="status">
      <b>{{ t('desk.needs', { kg: mass(needs) }) }}</b>
    </p>
    <ul v-if="needs !== undefined" class="tabular">
      <li v-for="one in spools" :key="one.id">
        {{ one.where }}: <b :class="{ problem: one.short }">{{ one.says }}</b>
      </li>
      <li v-if="spools.length === 0">{{ t('desk.noSpool') }}</li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
  max-width: 640px;
}
</style>
