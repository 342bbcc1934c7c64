<script setup lang="ts">
import MoreFold from '../../parts/MoreFold.vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { ownMinutes, settingsSchema } from '@pepper-knot/core/record'
import { typedNumber, practiceSchema, SCHOOL_IDS, type School } from '@pepper-knot/core/trade'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import QuantityField from '../../parts/QuantityField.vue'
import SchoolChoices from '../../parts/SchoolChoices.vue'
import { useShop } from '../../stores/shop.ts'
import { useSettings } from '../../stores/settings.ts'

/** The shop's own way: schools, people, money, lead days. */
const { t, locale } = useI18n()
const settings = useSettings()
const shop = useShop()
const practice = computed(() => settings.all.practice)
const put = (change: object) => {
  const next = practiceSchema.safeParse({ ...practice.value, ...change })
  if (next.success) settings.set({ practice: next.data })
}
const choose = (school: School, value: string | undefined) => put({ [school]: value })

const notMoney = (text: string) => {
  const value = typedNumber(text)
  return value === undefined || (value >= 0 && value <= 10_000) || t('field.range', { min: 0, max: 10_000 })
}
const setMoney = (key: 'labourPerHour' | 'wirePerKg', text: string) => {
  const value = typedNumber(text)
  if (value === undefined && key === 'labourPerHour') return
  if (value === undefined || (value >= 0 && value <= 10_000)) put({ [key]: value })
}
const days = (text: string) => {
  const next = settingsSchema.safeParse({ ...settings.all, leadDays: typedNumber(text) })
  if (next.success) settings.set({ leadDays: next.data.leadDays })
}
const notDays = (text: string) =>
  settingsSchema.shape.leadDays.safeParse(typedNumber(text)).success || t('field.range', { min: 0, max: 365 })
/** The same every time: a field is not drawn anew for them. */
const [moneyRules, daysRules] = [[notMoney], [notDays]]
const people = computed(() => [
  { value: 1 as const, title: t('this.one') },
  { value: 2 as const, title: t('this.two') },
])
/** Every currency the browser knows, by name. */
const names = new Intl.DisplayNames(locale.value, { type: 'currency' })
const currencies = Intl.supportedValuesOf('currency').map((value) => ({
  value,
  title: `${names.of(value)} (${value})`,
}))
const own = computed(() => Object.keys(ownMinutes(shop.digest.times)).length)
</script>

<template>
  <section class="practice" :aria-label="t('shop.practice')">
    <MoreFold :title="t('shop.practice')">
      <p class="muted">{{ t('shop.practiceText') }}</p>
      <SchoolChoices :schools="SCHOOL_IDS" :practice="practice" @choose="choose" />
    </MoreFold>
    <h2>{{ t('shop.money') }}</h2>
    <div class="rows">
      <v-text-field
        :label="t('shop.labour')"
        inputmode="decimal"
        :model-value="String(practice.labourPerHour)"
        :rules="moneyRules"
        @update:model-value="setMoney('labourPerHour', $event)"
      />
      <v-text-field
        :label="t('shop.wireCost')"
        inputmode="decimal"
        :model-value="practice.wirePerKg === undefined ? '' : String(practice.wirePerKg)"
        :rules="moneyRules"
        @update:model-value="setMoney('wirePerKg', $event)"
      />
      <v-autocomplete
        :label="t('shop.currency')"
        :items="currencies"
        :model-value="settings.all.currency ?? null"
        clearable
        @update:model-value="settings.set({ currency: $event ?? undefined })"
      />
      <v-text-field
        :label="t('shop.leadDays')"
        inputmode="numeric"
        :model-value="String(settings.all.leadDays)"
        :rules="daysRules"
        @update:model-value="days"
      />
      <QuantityField
        v-if="practice.flowSetting === 'fixed'"
        kind="flow"
        :label="t('shop.fixedFlow')"
        :units="settings.units"
        :min="3"
        :max="40"
        :model-value="practice.fixedFlowLPerMin"
        @update:model-value="$event !== undefined && put({ fixedFlowLPerMin: $event })"
      />
    </div>
    <ChoiceRow
      :model-value="practice.people"
      :ask="t('shop.people')"
      :choices="people"
      @update:model-value="$event && put({ people: $event })"
    />
    <p class="muted">{{ own ? t('shop.ownMinutes', { n: own }) : t('shop.noOwnMinutes') }}</p>
  </section>
</template>

<style scoped>
.practice {
  display: grid;
  gap: 14px;
}
.rows {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
</style>
