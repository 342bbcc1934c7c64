<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import MoreFold from '../../parts/MoreFold.vue'
import { csvOptions, keepCsvOptions } from '../../storage/csv.ts'

/** How this device writes CSV files, for the program that opens them. */
const { t } = useI18n()
const options = ref(csvOptions())
watch(options, keepCsvOptions, { deep: true })
const SEPARATORS = [',', ';', '\t'] as const
const names = { ',': 'comma', ';': 'semicolon', '\t': 'tab' } as const
</script>

<template>
  <section :aria-label="t('csvOut.title')">
    <MoreFold :title="t('csvOut.title')">
      <div class="rows">
        <v-select
          v-model="options.separator"
          :label="t('csvOut.separator')"
          :items="SEPARATORS.map((value) => ({ value, title: t(`csvOut.${names[value]}`) }))"
        />
        <v-select
          v-model="options.decimal"
          :label="t('csvOut.decimal')"
          :items="[
            { value: '.', title: t('csvOut.point') },
            { value: ',', title: t('csvOut.comma') },
          ]"
        />
        <v-checkbox v-model="options.bom" :label="t('csvOut.bom')" />
      </div>
    </MoreFold>
  </section>
</template>

<style scoped>
.rows {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
</style>
