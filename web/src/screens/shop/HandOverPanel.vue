<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import HandCode from '../../parts/HandCode.vue'
import MoreFold from '../../parts/MoreFold.vue'
import ShareBox from '../../parts/ShareBox.vue'
import { shopFile } from '../../storage/exportShop.ts'
import { takeOver, tookOver } from '../../storage/handover.ts'
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

const sharing = ref(false)
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
const code = ref('')
const isCode = computed(() => /^\d{6}$/.test(code.value.replace(/\s/g, '')))
const take = () =>
  work(async () => {
    const typed = code.value.replace(/\s/g, '')
    const file = await takeOver(typed)
    emit('file', file, () => void tookOver(typed))
    code.value = ''
  })
</script>

<template>
  <section :aria-label="t('handover.title')">
    <MoreFold :title="t('handover.title')" :open="asked">
      <div class="cols">
        <div>
          <h3>{{ t('handover.give') }}</h3>
          <p>{{ t('handover.giveText') }}</p>
          <HandCode :file="() => shopFile(shop)">
            <v-btn @click="sharing = true">{{ t('share.some') }}</v-btn>
          </HandCode>
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
    <ShareBox v-if="sharing" @close="sharing = false" />
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
