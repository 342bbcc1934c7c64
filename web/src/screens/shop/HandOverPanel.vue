<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import MoreFold from '../../parts/MoreFold.vue'
import { shopFile } from '../../storage/exportShop.ts'
import { handOver, takeOver, tookOver } from '../../storage/handover.ts'
import { fetchInfo } from '../../storage/server.ts'
import { useShop } from '../../stores/shop.ts'

/** Another phone: where it finds this server, and the shop handed to it by a code of six figures. */
const emit = defineEmits<{ file: [file: Blob, done: () => void] }>()
const QrCode = defineAsyncComponent(() => import('../../parts/QrCode.vue'))
const { t } = useI18n()
const shop = useShop()
const addresses = ref<string[]>([])
/** Whoever comes for what is on another device finds its field at once. */
const asked = useRoute().query.hand === '1'
const taking = ref<HTMLElement>()
onMounted(async () => {
  // A page that is come to begins at its top a frame later: after that.
  if (asked)
    requestAnimationFrame(() => requestAnimationFrame(() => taking.value?.querySelector('input')?.focus()))
  addresses.value = (await fetchInfo())?.addresses ?? []
})

const given = ref<{ code: string; until: number }>()
const now = ref(Date.now())
const { pause, resume } = useIntervalFn(() => (now.value = Date.now()), 1000, { immediate: false })
const left = computed(() => {
  const ms = (given.value?.until ?? 0) - now.value
  return ms > 0 ? `${Math.floor(ms / 60_000)}:${String(Math.floor(ms / 1000) % 60).padStart(2, '0')}` : ''
})
const busy = ref(false)
const problem = ref('')
async function work(what: () => Promise<void>) {
  busy.value = true
  problem.value = ''
  try {
    await what()
  } catch (error) {
    problem.value = (error instanceof Error && error.message) || t('handover.notReached')
  }
  busy.value = false
}
const give = () =>
  work(async () => {
    const { code, until } = await handOver(await shopFile(shop))
    given.value = { code, until: Date.parse(until) }
    now.value = Date.now()
    resume()
  })
const code = ref('')
const isCode = computed(() => /^\d{6}$/.test(code.value.replace(/\s/g, '')))
const take = () =>
  work(async () => {
    const typed = code.value.replace(/\s/g, '')
    const file = await takeOver(typed)
    emit('file', file, () => void tookOver(typed))
    code.value = ''
    pause()
  })
</script>

<template>
  <section :aria-label="t('handover.title')">
    <MoreFold :title="t('handover.title')" :open="asked">
      <div class="cols">
        <div>
          <h3>{{ t('handover.give') }}</h3>
          <p>{{ t('handover.giveText') }}</p>
          <v-btn :disabled="busy" @click="give">{{ t('handover.giveIt') }}</v-btn>
          <p v-if="given && left" role="status" class="code tabular" data-part="code">
            {{ given.code.slice(0, 3) }} {{ given.code.slice(3) }} <span class="muted">{{ left }}</span>
          </p>
        </div>
        <div ref="taking">
          <h3>{{ t('handover.take') }}</h3>
          <v-text-field
            v-model="code"
            :label="t('handover.code')"
            inputmode="numeric"
            autocomplete="off"
            maxlength="7"
            @keydown.enter="isCode && take()"
          />
          <v-btn :disabled="busy || !isCode" @click="take">{{ t('handover.takeIt') }}</v-btn>
        </div>
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <template v-if="addresses.length">
        <h3>{{ t('handover.where') }}</h3>
        <p>{{ t('handover.whereText') }}</p>
        <ul class="addresses">
          <li v-for="address in addresses" :key="address">
            <QrCode class="qr" :text="address" :label="address" />
            <b>{{ address }}</b>
          </li>
        </ul>
      </template>
      <p v-else class="muted">{{ t('handover.alone') }}</p>
    </MoreFold>
  </section>
</template>

<style scoped>
.cols {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
  gap: 20px 40px;
}
.cols > div {
  display: grid;
  gap: 10px;
  align-content: start;
  justify-items: start;
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
.addresses {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
}
.addresses li {
  display: grid;
  gap: 6px;
}
.qr {
  width: 180px;
}
</style>
