<script setup lang="ts">
import { useMoney } from '../../composables/useMoney.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { wirePricePerKg } from '@pepper-knot/core/jobs'
import { formatCut, formatLead, formatLength, formatMass } from '@pepper-knot/core/trade'
import { kgFromThickness, linerTrim, spoolHoldsKg, wireLeft, type FeedSetup } from '@pepper-knot/core/trouble'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'

type TrimKind = Parameters<typeof linerTrim>[0]

/** Wire left on the spool, by weight or by how thick it lies; and where a liner is cut. */
const props = defineProps<{ setup: FeedSetup }>()
const { t } = useI18n()
const say = useMoney()
const settings = useSettings()

const thickness = useDraft<number | undefined>('feed.wire.thickness', undefined)
const kg = useDraft<number | undefined>('feed.wire.kg', undefined)
const known = computed(() =>
  thickness.value !== undefined
    ? kgFromThickness(props.setup.spool, props.setup.family, thickness.value)
    : (kg.value ?? props.setup.wireKg),
)
const price = computed(() => wirePricePerKg(props.setup.family, settings.all.practice.wirePerKg))
const left = computed(() =>
  wireLeft(props.setup.family, props.setup.exactMm, known.value, props.setup.speedMPerMin, price.value),
)
const kind = ref<TrimKind>('collet')
const gun = ref<number | undefined>(props.setup.leadM)
const offset = ref<number | undefined>(12)
const trim = computed(() =>
  gun.value && offset.value !== undefined ? linerTrim(kind.value, gun.value * 1000, offset.value) : undefined,
)
const long = (mm: number) => formatCut(mm, settings.units)
</script>

<template>
  <div class="panels">
    <section :aria-label="t('feed.left')">
      <h2>{{ t('feed.left') }}</h2>
      <div class="pair">
        <QuantityField
          v-model="kg"
          kind="mass"
          :label="t('feed.byWeight')"
          :units="settings.units"
          :max="1000"
        />
        <QuantityField
          v-model="thickness"
          kind="length"
          :label="t('feed.byThickness')"
          :units="settings.units"
          :max="500"
        />
      </div>
      <p class="tabular">
        {{
          t('feed.leftIs', {
            mass: formatMass(known, settings.units),
            length: formatLead(Number(left.metres.toPrecision(3)), settings.units),
            minutes: Math.round(left.minutes),
            money: say(left.money, 2),
          })
        }}
      </p>
      <p class="muted">
        {{
          t('feed.full', {
            spool: setup.spool,
            mass: formatMass(spoolHoldsKg(setup.spool, setup.family), settings.units),
          })
        }}
      </p>
    </section>
    <section :aria-label="t('feed.trim')">
      <h2>{{ t('feed.trim') }}</h2>
      <ChoiceRow
        :model-value="kind"
        :ask="t('feed.trimKind')"
        :choices="
          (['collet', 'gun-end', 'long'] as const).map((value) => ({
            value,
            title: t(`feed.trims.${value}`),
          }))
        "
        @update:model-value="$event && (kind = $event)"
      />
      <div class="pair">
        <QuantityField
          v-model="gun"
          kind="lead"
          :label="t('feed.gunLength')"
          :units="settings.units"
          :max="100"
        />
        <QuantityField
          v-model="offset"
          kind="length"
          :label="t(`feed.offsets.${kind}`)"
          :units="settings.units"
          :max="500"
        />
      </div>
      <p v-if="trim" class="tabular">
        <template v-if="trim.markMm !== null">{{ t('feed.markAt', { at: long(trim.markMm) }) }} </template>
        {{ t('feed.cutAt', { at: long(trim.cutMm), low: long(trim.lowMm), high: long(trim.highMm) }) }}
      </p>
      <p class="muted">{{ t('feed.trimCare', { room: formatLength(1.5, settings.units) }) }}</p>
    </section>
  </div>
</template>

<style scoped>
.panels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: 24px 40px;
}
section {
  display: grid;
  gap: 12px;
  align-content: start;
  border-top: 1px solid var(--rule);
  padding-top: 14px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
