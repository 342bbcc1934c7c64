<script setup lang="ts">
import MoreFold from '../../parts/MoreFold.vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import MachineList from './MachineList.vue'
import MetalList from './MetalList.vue'
import { useMachines } from '../../stores/machines.ts'
import PartList from './PartList.vue'
import SetPanel from './SetPanel.vue'

const props = defineProps<{ list?: string }>()
const { t } = useI18n()
const machines = useMachines()
const LISTS = ['machines', 'wires', 'parts', 'metals'] as const
const list = computed(() => LISTS.find((l) => l === props.list) ?? 'machines')
</script>

<template>
  <div class="screen">
    <h1>{{ t('nav.store') }}</h1>
    <nav class="lists" :aria-label="t('store.lists')">
      <router-link
        v-for="l in LISTS"
        :key="l"
        :to="`/store/${l}`"
        :class="{ on: l === list }"
        :aria-current="l === list ? 'page' : undefined"
        >{{ t(`store.${l}`) }}</router-link
      >
    </nav>
    <MachineList v-if="list === 'machines'" />
    <MetalList v-else-if="list === 'metals'" />
    <template v-else>
      <MoreFold v-if="list === 'parts' && machines.list.length" :title="t('set.title')"
        ><SetPanel
      /></MoreFold>
      <PartList :key="list" :wires="list === 'wires'" />
    </template>
  </div>
</template>

<style scoped>
.lists {
  display: flex;
  gap: 8px;
  border-bottom: 1px solid var(--rule);
  margin: 12px 0 16px;
}
.lists a {
  padding: 0 16px;
  min-height: 46px;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  border-bottom: 4px solid transparent;
}
.lists .on {
  font-weight: 750;
  border-bottom-color: var(--copper);
}
</style>
