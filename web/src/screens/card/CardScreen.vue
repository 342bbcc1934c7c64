<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import LegalNote from '../../parts/LegalNote.vue'
import QrCode from '../../parts/QrCode.vue'
import MachineChoice from '../../parts/MachineChoice.vue'
import { downloadBlob, fileStem } from '../../storage/download.ts'
import { setupCode } from '../../storage/setupCode.ts'
import { useMachines } from '../../stores/machines.ts'
import { useCard } from './useCard.ts'
import ReadCard from './ReadCard.vue'

/** One page for a machine’s door: its wire, what is fitted, four figures to be read from afar, and a code that holds it. */
const props = defineProps<{ id?: string }>()
const { t, d } = useI18n()
const router = useRouter()
const machines = useMachines()
const machine = computed(() => (props.id ? machines.byId(props.id) : undefined))
const view = useCard(() => machine.value)
const code = computed(() => view.value && setupCode(view.value.card))
const { copy, copied, isSupported } = useClipboard({ legacy: true })
const print = () => window.print()
const failed = ref(false)
async function pdf() {
  failed.value = false
  try {
    const { cardPdf } = await import('./cardPdf.ts')
    const blob = await cardPdf(view.value!, code.value!, {
      title: t('card.of', { machine: view.value!.machine }),
      date: t('card.date', { at: written.value }),
      on: view.value!.metal && t('card.on', { metal: view.value!.metal }),
      care: ['first', 'power', 'air'].map((line) => t(`app.care.${line}`)),
    })
    downloadBlob(`${fileStem(view.value!.machine)}-setup.pdf`, blob)
  } catch (error) {
    console.error(error)
    failed.value = true
  }
}
const written = computed(() => d(new Date(), { dateStyle: 'medium' }))
const go = (id: string) => void router.push(`/card/${id}`)
</script>

<template>
  <div class="screen">
    <template v-if="view">
      <article class="door" data-part="card">
        <header>
          <h1>{{ view.machine }}</h1>
          <p class="wire tabular">{{ view.wire }}</p>
          <p class="muted">
            {{ t('card.date', { at: written })
            }}<template v-if="view.metal">. {{ t('card.on', { metal: view.metal }) }}</template>
          </p>
        </header>
        <dl class="figures tabular">
          <div v-for="figure in view.figures" :key="figure.name">
            <dt>{{ figure.name }}</dt>
            <dd :class="{ unknown: !figure.known }">{{ figure.value }}</dd>
          </div>
        </dl>
        <div class="under">
          <dl class="stations tabular" :aria-label="t('card.stations')">
            <template v-for="row in view.stations" :key="row.name">
              <dt>{{ row.name }}</dt>
              <dd>{{ row.text }}</dd>
            </template>
          </dl>
          <figure v-if="code" class="code">
            <QrCode :text="code" :label="t('card.code')" />
            <figcaption class="muted no-print">{{ t('card.codeText') }}</figcaption>
          </figure>
        </div>
        <LegalNote />
      </article>
      <div class="row no-print acts">
        <v-btn variant="flat" color="primary" @click="print">{{ t('card.print') }}</v-btn>
        <v-btn @click="pdf">{{ t('card.pdf') }}</v-btn>
        <v-btn v-if="isSupported" @click="copy(code!)">{{ t(copied ? 'card.copied' : 'card.copy') }}</v-btn>
      </div>
      <p v-if="failed" class="problem" role="alert">{{ t('card.pdfFailed') }}</p>
    </template>
    <template v-else>
      <h1>{{ t('card.title') }}</h1>
      <p v-if="id" class="problem">{{ t('card.none') }}</p>
      <h2>{{ t('card.ask') }}</h2>
      <div class="row"><MachineChoice @choose="go" /></div>
    </template>
    <ReadCard class="no-print read" :machine-id="id" />
  </div>
</template>

<style scoped>
.door {
  max-width: 860px;
  display: grid;
  gap: 18px;
  border: 2px solid var(--ink);
  padding: 20px 24px;
  background: var(--sheet);
}
h1 {
  font-size: 2rem;
}
.wire {
  font-size: 1.6rem;
  font-weight: 750;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: 10px 32px;
  margin: 0;
}
.figures dt {
  color: var(--muted);
}
.figures dd {
  margin: 0;
  /* Capital letters 10 mm high: read at two metres. */
  font-size: 14mm;
  line-height: 1.05;
  font-weight: 800;
  overflow-wrap: anywhere;
}
.figures .unknown {
  font-size: 1.4rem;
  font-weight: 500;
  color: var(--muted);
}
.under {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 24px;
  align-items: start;
}
.stations {
  display: grid;
  grid-template-columns: auto 1fr;
  margin: 0;
}
.stations :is(dt, dd) {
  margin: 0;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.stations dt {
  color: var(--muted);
  padding-right: 20px;
}
.stations dd {
  font-weight: 700;
}
.code {
  margin: 0;
}
.code svg {
  width: 100%;
}
.acts {
  margin-top: 16px;
}
.read {
  margin-top: 28px;
}
@media (max-width: 700px) {
  .under {
    grid-template-columns: minmax(0, 1fr);
  }
  .figures dd {
    font-size: 2.2rem;
  }
}
@media print {
  .no-print {
    display: none !important;
  }
  .door {
    border: 0;
    padding: 0;
  }
  .figures dd {
    font-size: 14mm;
  }
}
</style>
