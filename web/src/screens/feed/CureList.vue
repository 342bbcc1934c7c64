<script setup lang="ts">
import { useMoney } from '../../composables/useMoney.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatMinutes } from '@pepper-knot/core/trade'
import { cures, type FeedSetup } from '@pepper-knot/core/trouble'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What each possible change does to the window, the cheapest that opens it first; one touch tries it here. */
const props = defineProps<{ setup: FeedSetup }>()
const emit = defineEmits<{ take: [FeedSetup] }>()
const { t } = useI18n()
const say = useMoney()
const settings = useSettings()
const list = computed(() => cures(props.setup, settings.all.practice.labourPerHour))
const ratio = (n: number) => (n >= 10 ? Math.round(n) : Math.round(n * 10) / 10)
</script>

<template>
  <section :aria-label="t('feed.cures')">
    <h2>{{ t('feed.cures') }}</h2>
    <p v-if="list.length === 0" class="muted">{{ t('feed.noCures') }}</p>
    <ul>
      <li v-for="cure in list" :key="cure.id">
        <div>
          <b>{{ words.CURE_NAMES[cure.id] }}</b>
          <span class="muted tabular">
            {{ formatMinutes(cure.minutes)
            }}{{ cure.money ? `, ${t('feed.parts', { money: say(cure.money, 2) })}` : '' }}
          </span>
          <span class="tabular">{{
            cure.pressure.opens
              ? t('feed.becomes', { ratio: ratio(cure.pressure.ratio) })
              : t('feed.staysShut')
          }}</span>
        </div>
        <v-btn
          size="small"
          :aria-label="t('feed.tryNamed', { what: words.CURE_NAMES[cure.id] })"
          @click="emit('take', cure.setup)"
          >{{ t('feed.try') }}</v-btn
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
li div {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}
</style>
