<script setup lang="ts">
import type { Unkept } from '../stores/page.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { exportShop } from '../storage/exportShop.ts'
import { useShop } from '../stores/shop.ts'
import { useMachines } from '../stores/machines.ts'
import { useParts } from '../stores/parts.ts'
import { useRuns } from '../stores/runs.ts'
import { useSettings } from '../stores/settings.ts'
import PickDialog from './PickDialog.vue'
import { useApart } from '../composables/useApart.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** What could not be kept is said on every page. */
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const partStore = useParts()
const runStore = useRuns()
const FAILED = ['failed', 'full', 'no-answer', 'cleared', 'newer'] as const
const failed = computed(() => FAILED.find((state) => state === shop.saveState))
/** The first of what two devices say otherwise, in words of things. */
const { lines: apartLines, name: apartName } = useApart(() => shop.apart[0])
const reload = () => window.location.reload()
const picking = ref(false)
const read = ref(false)
/** What the user calls the record that could not be kept. */
function nameOf({ where, id }: Unkept): string {
  if (where === 'machines') return machineStore.byId(id ?? '')?.name ?? t('shop.lists.machines')
  const part = where === 'store' ? partStore.list.find((p) => p.id === id) : undefined
  if (part) return words.partText(part.kind, part, settings.units)
  return where === 'runs'
    ? (runStore.byId(id ?? '')?.label ?? t('shop.lists.runs'))
    : t(`save.where.${where}`)
}
</script>

<template>
  <div v-if="failed" class="note note--stop no-print" role="alert">
    <p>{{ t(`save.why.${failed}`) }}</p>
    <div class="row">
      <v-btn
        v-if="failed === 'failed' || failed === 'full'"
        variant="flat"
        color="primary"
        @click="shop.save()"
        >{{ t('save.again') }}</v-btn
      >
      <v-btn v-if="failed === 'cleared'" variant="flat" color="primary" @click="shop.writeAnew()">{{
        t('save.writeAnew')
      }}</v-btn>
      <v-btn v-if="failed === 'newer'" variant="flat" color="primary" @click="reload">{{
        t('save.reload')
      }}</v-btn>
      <v-btn @click="exportShop(shop)">{{ t('sign.export') }}</v-btn>
    </div>
  </div>
  <div v-else-if="shop.unkept.length" class="note note--stop no-print" role="alert">
    <p>{{ t('save.unkept') }}</p>
    <ul>
      <li v-for="one in shop.unkept.slice(0, 5)" :key="one.where + one.id">
        {{ nameOf(one) }}: {{ one.problems[0] && words.problemLine(one.problems[0]) }}
      </li>
    </ul>
  </div>
  <div v-if="shop.apart.length" class="note note--stop no-print" role="status">
    <p>
      <template v-if="apartLines[0]">
        {{
          t('save.apartIn', {
            what: apartName,
            field: apartLines[0].label,
            here: apartLines[0].a,
            there: apartLines[0].b,
          })
        }}
      </template>
      {{ t('save.apart', shop.apart.length) }}
    </p>
    <div class="row">
      <v-btn variant="flat" color="primary" @click="picking = true">{{ t('save.pick') }}</v-btn>
    </div>
  </div>
  <PickDialog v-if="picking && shop.apart.length" :keys="shop.apart" @close="picking = false" />
  <div v-if="shop.oldTab" class="note no-print" role="status">
    <p>{{ t('save.oldTab') }}</p>
    <div class="row">
      <v-btn variant="text" @click="shop.oldTab = false">{{ t('app.close') }}</v-btn>
    </div>
  </div>
  <div v-if="shop.clockBack" class="note no-print" role="status">
    <p>{{ t('save.clockBack') }}</p>
  </div>
  <div v-if="shop.openedWithout && !read" class="note no-print" role="status">
    <p>{{ t('save.without', shop.openedWithout) }}</p>
    <div class="row">
      <v-btn to="/shop#laid-aside" @click="read = true">{{ t('save.toAside') }}</v-btn>
      <v-btn variant="text" @click="read = true">{{ t('app.close') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.note {
  position: sticky;
  top: 0;
  z-index: 5;
  display: grid;
  gap: 8px;
}
</style>
