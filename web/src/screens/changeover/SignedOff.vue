<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  STATION_NAMES,
  STATIONS,
  fittedShort,
  goodTry,
  ranWellSentence,
  startSentence,
} from '@pepper-knot/core'
import { exportShop } from '../../storage/exportShop.ts'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'

const { run, read, title } = useRun()
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()

const setup = computed(() => {
  if (!read.value.plan?.proof) return []
  const { pressureMark } = run.value
  const end = {
    ...read.value.plan.proof.end,
    ...(pressureMark != null && { rollPressure: { mark: pressureMark } }),
  }
  return STATIONS.filter((s) => s !== 'supply').map((station) => ({
    station,
    text: fittedShort(station, end, settings.units),
  }))
})
/** The ranAt it was signed off with, else those to start from. */
const ranAt = computed(() => {
  const kept = goodTry(run.value.tries ?? [])
  if (!kept) return read.value.plan?.start ? startSentence(read.value.plan.start, settings.units) : ''
  return ranWellSentence(kept, settings.units)
})
const print = () => window.print()
</script>

<template>
  <div class="screen card">
    <header>
      <h1>{{ title }}</h1>
      <p class="muted tabular">
        {{
          t('sign.signedAt', {
            at: d(new Date(run.signedOffAt!), { dateStyle: 'medium', timeStyle: 'short' }),
          })
        }}<template v-if="run.minutesTaken !== undefined"
          >, {{ t('sign.took', { n: Math.round(run.minutesTaken) }) }}</template
        >
      </p>
    </header>
    <dl class="tabular">
      <template v-for="row in setup" :key="row.station">
        <dt>{{ STATION_NAMES[row.station] }}</dt>
        <dd>{{ row.text }}</dd>
      </template>
    </dl>
    <p v-if="ranAt" class="tabular">{{ ranAt }}</p>
    <p v-if="run.note">{{ run.note }}</p>
    <div class="row no-print">
      <v-btn variant="flat" color="primary" @click="exportShop(shop.shop)">{{ t('sign.export') }}</v-btn>
      <v-btn @click="print">{{ t('sign.print') }}</v-btn>
      <v-btn to="/">{{ t('nav.bench') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.card {
  max-width: 720px;
  display: grid;
  gap: 20px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  border-top: 3px solid var(--ink);
}
dt,
dd {
  margin: 0;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
}
dt {
  padding-right: 32px;
  color: var(--muted);
}
dd {
  font-weight: 700;
}
@media print {
  .no-print {
    display: none;
  }
}
</style>
