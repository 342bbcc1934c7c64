<script setup lang="ts">
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { byLooking, TRADE_SIZES, tradeLabel, type WireByHand } from '@pepper-knot/core/wire'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

type Looked = Parameters<typeof byLooking>[0]

const words = useWords()
/** A wire whose box is lost: what can be found by looking, and what stays unknown. */
const props = defineProps<{ last: string | undefined }>()
const emit = defineEmits<{ choose: [wire: WireByHand] }>()
const { t } = useI18n()
const settings = useSettings()
const looked = reactive<Looked>({})
const LOOKS = {
  end: ['solid', 'powder'],
  magnet: ['sticks', 'does-not'],
  colour: ['copper-skin', 'grey', 'white', 'gold'],
  bend: ['stays-soft', 'springs-back'],
} as const
const found = computed(() => byLooking(looked))
const some = computed(() => Object.values(looked).some((v) => v !== undefined))
</script>

<template>
  <div class="look">
    <p>{{ t('lost.text') }}</p>
    <p v-if="props.last">{{ t('lost.last', { wire: props.last }) }}</p>
    <ChoiceRow
      v-for="(answers, look) in LOOKS"
      :key="look"
      v-model="looked[look]"
      :ask="t(`lost.${look}.ask`)"
      optional
      :choices="answers.map((value) => ({ value, title: t(`lost.${look}.${value}`) }))"
    />
    <div class="pairs">
      <v-select
        v-model="looked.tipMm"
        clearable
        :label="t('lost.tip')"
        :items="TRADE_SIZES.map((s) => ({ value: s.mm, title: tradeLabel(s.mm, settings.units) }))"
      />
      <QuantityField
        v-model="looked.tenTurnsMm"
        optional
        kind="thickness"
        :units="settings.units"
        :label="t('lost.turns')"
      />
    </div>
    <div v-if="some" role="status" class="note">
      <p v-if="found.kinds.length === 0" class="problem">{{ t('lost.contradicts') }}</p>
      <template v-else>
        <p>
          <b>{{ t('lost.kinds') }}</b> {{ found.kinds.map((k) => words.FAMILY_NAMES[k]).join(', ') }}
        </p>
        <p>
          <b>{{ t('lost.sizes') }}</b>
          {{
            found.sizesMm.length
              ? found.sizesMm.map((mm) => tradeLabel(mm, settings.units)).join(', ')
              : t('lost.noSize')
          }}
        </p>
        <p v-for="what in found.open" :key="what">{{ t(`lost.open.${what}`) }}</p>
      </template>
    </div>
    <v-btn v-if="found.wire" variant="flat" color="primary" @click="emit('choose', found.wire)">{{
      t('lost.take')
    }}</v-btn>
  </div>
</template>

<style scoped>
.look {
  display: grid;
  gap: 14px;
}
.pairs {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  gap: 14px;
}
</style>
