<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { handOver } from '../storage/handover.ts'

/** A file handed to the server, which says six figures for it; they are shown for as long as they hold. */
const props = defineProps<{ file: () => Promise<Blob>; disabled?: boolean; main?: boolean }>()
const { t } = useI18n()
const given = ref<{ code: string; until: number }>()
/** Shown above what it was asked by, and brought into sight. */
const shown = ref<HTMLElement>()
const now = ref(Date.now())
const { resume } = useIntervalFn(() => (now.value = Date.now()), 1000, { immediate: false })
const left = computed(() => {
  const ms = (given.value?.until ?? 0) - now.value
  return ms > 0 ? `${Math.floor(ms / 60_000)}:${String(Math.floor(ms / 1000) % 60).padStart(2, '0')}` : ''
})
const busy = ref(false)
const problem = ref('')
async function give() {
  busy.value = true
  problem.value = ''
  given.value = undefined
  try {
    const { code, until } = await handOver(await props.file())
    given.value = { code, until: Date.parse(until) }
    now.value = Date.now()
    resume()
    await nextTick()
    shown.value?.scrollIntoView({ block: 'nearest' })
  } catch (error) {
    problem.value = (error instanceof Error && error.message) || t('handover.notReached')
  }
  busy.value = false
}
</script>

<template>
  <div class="hand">
    <div v-if="given && left" ref="shown" class="hand">
      <p role="status" class="code tabular" data-part="code">
        {{ given.code.slice(0, 3) }} {{ given.code.slice(3) }} <span class="muted">{{ left }}</span>
      </p>
      <p>{{ t('handover.then') }}</p>
    </div>
    <div class="row">
      <v-btn
        :disabled="busy || disabled"
        :variant="main ? 'flat' : undefined"
        :color="main ? 'primary' : undefined"
        @click="give"
        >{{ t('handover.giveIt') }}</v-btn
      >
      <slot />
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.hand {
  display: grid;
  gap: 10px;
}
.code {
  font-size: 2.4rem;
  font-weight: 800;
  letter-spacing: 0.06em;
}
.code span {
  font-size: 1.1rem;
  font-weight: 500;
}
</style>
