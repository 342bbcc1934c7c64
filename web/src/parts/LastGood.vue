<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Job } from '@pepper-knot/core/machine'
import { lastGood, type Run } from '@pepper-knot/core/record'
import { formatLength } from '@pepper-knot/core/trade'
import { isSized, type Wire } from '@pepper-knot/core/wire'
import { useWords } from '../composables/useWords.ts'
import { useSettings } from '../stores/settings.ts'
import { useShop } from '../stores/shop.ts'

/** What ran well here with this wire: on such metal, or on the nearest to it, and which that was. */
const props = defineProps<{ machineId: string; wire: Wire | undefined; job: Run['job'] }>()
const words = useWords()
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()
const good = computed(() =>
  props.wire && isSized(props.wire)
    ? lastGood(shop.digest, props.machineId, props.wire, props.job, true)
    : undefined,
)
const said = computed(
  () =>
    good.value &&
    t('dialIn.lastGood', {
      ran: words.ranWellSentence(good.value.settings, settings.units),
      metal: words.MATERIAL_NAMES[good.value.material as Job['material']],
      thickness: formatLength(good.value.thicknessMm, settings.units),
      position: words.POSITION_NAMES[good.value.position as NonNullable<Job['position']>],
      at: d(new Date(good.value.at), { dateStyle: 'medium' }),
    }),
)
</script>

<template>
  <p v-if="said" class="muted tabular" data-part="last-good">{{ said }}</p>
</template>
