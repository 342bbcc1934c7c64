<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import DialogBox from '../../parts/DialogBox.vue'

/** A step that waits: the time left, and a way to end it by hand that writes the reason down. */
const props = defineProps<{ left: number }>()
const emit = defineEmits<{ end: [reason: string] }>()
const { t } = useI18n()
const REASONS = ['manual', 'measured', 'unplugged', 'other'] as const
const asking = ref(false)
const why = ref<(typeof REASONS)[number]>()
const other = ref('')
const reason = computed(() =>
  why.value === 'other' ? other.value.trim() : why.value ? t(`wait.reasons.${why.value}`) : '',
)
const clock = computed(() => `${Math.floor(props.left / 60)}:${String(props.left % 60).padStart(2, '0')}`)
const ask = () => (asking.value = true)
defineExpose({ ask })
function take() {
  if (!reason.value) return
  asking.value = false
  emit('end', reason.value)
}
</script>

<template>
  <div class="wait" data-part="wait">
    <p class="left tabular" role="timer" aria-live="off">{{ t('wait.left', { time: clock }) }}</p>
    <v-btn class="end" @click="ask">{{ t('wait.end') }}</v-btn>
    <DialogBox v-if="asking" :label="t('wait.title')" @close="asking = false">
      <h2>{{ t('wait.title') }}</h2>
      <ChoiceRow
        v-model="why"
        :ask="t('wait.title')"
        :choices="REASONS.map((value) => ({ value, title: t(`wait.reasons.${value}`) }))"
      />
      <v-text-field v-if="why === 'other'" v-model="other" :label="t('wait.say')" maxlength="200" />
      <div class="row">
        <v-btn variant="flat" color="primary" :disabled="!reason" @click="take">{{ t('wait.take') }}</v-btn>
        <v-btn @click="asking = false">{{ t('app.cancel') }}</v-btn>
      </div>
    </DialogBox>
  </div>
</template>

<style scoped>
.wait {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  border: 3px solid var(--slate);
  padding: 6px 16px;
  min-height: 84px;
}
.left {
  font-size: 1.5rem;
  font-weight: 750;
}
.end {
  min-height: 64px !important;
  margin-left: auto;
}
</style>
