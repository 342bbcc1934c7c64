<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { seen } from '../messages/seen.ts'
import { useMachines } from '../stores/machines.ts'

/** One machine of the shop by a touch; of many, by its name out of a list. */
defineEmits<{ choose: [machineId: string] }>()
const { t } = useI18n()
const machines = useMachines()
/** More than these do not stand side by side. */
const FEW = 24
const items = computed(() => machines.list.map(({ id, name }) => ({ value: id, title: seen(name) })))
</script>

<template>
  <template v-if="items.length <= FEW">
    <v-btn v-for="{ value, title } in items" :key="value" size="x-large" @click="$emit('choose', value)">{{
      title
    }}</v-btn>
  </template>
  <v-select
    v-else
    :label="t('store.pickMachine')"
    :items="items"
    :model-value="null"
    hide-details
    @update:model-value="$event && $emit('choose', $event)"
  />
</template>
