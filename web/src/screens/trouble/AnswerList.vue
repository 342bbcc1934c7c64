<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { checkRow, type Cause, type Checked } from '@pepper-knot/core/trouble'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What was looked at, in order; any of it can be taken back. */
defineProps<{ checks: readonly Checked[]; cured: readonly Cause[]; fixed?: boolean }>()
defineEmits<{ takeBack: [index: number]; again: [index: number] }>()
const { t } = useI18n()
const PLAIN = ['here', 'not-here', 'cannot']
const said = ({ id, outcome }: Checked) =>
  !PLAIN.includes(outcome)
    ? words.outcomeText(id, outcome)
    : checkRow(id).isTry && outcome !== 'cannot'
      ? t(outcome === 'here' ? 'trouble.better' : 'trouble.notBetter')
      : t(`trouble.outcome.${outcome as 'here'}`)
</script>

<template>
  <section v-if="checks.length || cured.length" :aria-label="t('trouble.answered')">
    <h2>{{ t('trouble.answered') }}</h2>
    <ol data-part="answered">
      <li v-for="(check, i) in checks" :key="i">
        <span
          >{{ words.checkName(check.id) }}: <b>{{ said(check) }}</b></span
        >
        <v-btn
          v-if="!fixed"
          size="small"
          variant="text"
          :aria-label="t('trouble.takeBack', { name: words.checkName(check.id) })"
          @click="$emit('takeBack', i)"
          >×</v-btn
        >
      </li>
      <li v-for="(cause, i) in cured" :key="cause">
        <span>{{ t('trouble.inVain', { cause: words.causeName(cause) }) }}</span>
        <v-btn
          v-if="!fixed"
          size="small"
          variant="text"
          :aria-label="t('trouble.takeBack', { name: words.causeName(cause) })"
          @click="$emit('again', i)"
          >×</v-btn
        >
      </li>
    </ol>
    <v-btn v-if="checks.length && !fixed" variant="text" @click="$emit('takeBack', checks.length - 1)">{{
      t('trouble.undo')
    }}</v-btn>
  </section>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  border-top: 1px solid var(--rule);
  min-height: 44px;
}
</style>
