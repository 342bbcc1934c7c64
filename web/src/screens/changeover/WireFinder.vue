<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { type Machine } from '@pepper-knot/core/machine'
import { type Run } from '@pepper-knot/core/record'
import { formatLength } from '@pepper-knot/core/trade'
import { sizeForThickness, suggestWires, tradeLabel } from '@pepper-knot/core/wire'
import { useMetals } from '../../stores/metals.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Wires that suit the job, and the whole catalogue by its use. */
const props = defineProps<{
  job: Run['job']
  chosen: string
  machine?: Machine | undefined
  open?: boolean
}>()
const emit = defineEmits<{ choose: [label: string] }>()
const { t } = useI18n()
const settings = useSettings()
const parts = useParts()
const metals = useMetals()
const text = useDraft('finder.text', '')

const suits = computed(() =>
  props.job.material && props.job.thicknessMm
    ? suggestWires({
        ...props.job,
        material: props.job.material,
        thicknessMm: props.job.thicknessMm,
        metals: metals.named(props.job),
        machine: props.machine,
        store: parts.list,
      })
    : undefined,
)
const found = computed(() => (text.value.trim() === '' ? [] : words.searchCatalogue(text.value)))
const labelOf = (classification: string, mm: number) =>
  `${classification} ${tradeLabel(mm, settings.units)}${settings.units === 'metric' ? ' mm' : ''}`
type CatalogueEntry = ReturnType<typeof words.searchCatalogue>[number]
const sizeOf = (entry: CatalogueEntry) => sizeForThickness(entry, props.job.thicknessMm ?? 3)
const rangeOf = (entry: CatalogueEntry) =>
  t('decide.usual', {
    from: formatLength(entry.thicknessMm[0], settings.units),
    to: formatLength(entry.thicknessMm[1], settings.units),
    sizes: entry.diametersMm.map((mm) => tradeLabel(mm, settings.units)).join(' · '),
  })
</script>

<template>
  <component :is="open ? 'div' : 'details'" class="finder">
    <summary v-if="!open">{{ t('decide.finder') }}</summary>
    <h2>
      {{ suits?.metal ? t('decide.forMetal', { metal: words.metalName(suits.metal) }) : t('decide.suits') }}
    </h2>
    <p v-if="!suits" class="muted">{{ t('decide.suitsNeed') }}</p>
    <p v-else-if="suits.wires.length === 0 && !suits.noWire" class="muted" role="status">
      {{ t('decide.noneSuits') }}
    </p>
    <p v-else-if="suits.shelter" role="status">{{ t('decide.shelter') }}</p>
    <ol v-if="suits">
      <li v-for="s in suits.wires" :key="s.classification">
        <b v-if="s.diameterMm === null">{{ s.classification }}</b>
        <button
          v-else
          type="button"
          :aria-pressed="chosen === labelOf(s.classification, s.diameterMm)"
          @click="emit('choose', labelOf(s.classification, s.diameterMm))"
        >
          {{ labelOf(s.classification, s.diameterMm) }}
        </button>
        <p>
          {{ words.reasonText(s.reason) }}
          <span v-if="s.diameterMm === null">{{ words.unreadText(s.classification) }}</span>
          <span v-if="s.inStore">{{ t('decide.inStore') }}</span>
          <span v-if="s.costs.length" class="muted">{{
            t('decide.costs', { costs: s.costs.map(words.costText).join('; ') })
          }}</span>
        </p>
      </li>
    </ol>
    <ul v-if="suits" class="says">
      <li v-for="line in words.suggestSays(suits, settings.units)" :key="line">{{ line }}</li>
      <li v-for="{ wires, why } in words.suggestNever(suits)" :key="why" class="muted">
        {{ t('decide.never', { wires: wires.join(', '), why }) }}
      </li>
    </ul>
    <v-text-field
      v-model="text"
      :label="t('decide.search')"
      :placeholder="t('decide.searchHint')"
      clearable
      autocomplete="off"
      maxlength="80"
    />
    <p v-if="text.trim()" class="muted" role="status">
      {{ found.length ? t('decide.found', { n: found.length }) : t('decide.noneFound') }}
    </p>
    <ul>
      <li v-for="entry in found" :key="entry.classification">
        <button type="button" @click="emit('choose', labelOf(entry.classification, sizeOf(entry)))">
          {{ labelOf(entry.classification, sizeOf(entry)) }}
        </button>
        <p>
          {{ words.useText(entry.classification) }} <span class="muted tabular">{{ rangeOf(entry) }}</span>
        </p>
      </li>
    </ul>
  </component>
</template>

<style scoped>
.finder:is(details) {
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
ul.says {
  list-style: none;
  max-height: none;
  gap: 6px;
  font-size: 0.95rem;
}
.says li {
  display: block;
}
.finder[open] {
  padding-bottom: 14px;
}
h2 {
  font-size: 1rem;
}
ol,
ul {
  list-style: none;
  margin: 8px 0 14px;
  padding: 0;
  display: grid;
  gap: 8px;
}
ul {
  max-height: 320px;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: minmax(150px, auto) minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}
button {
  min-height: 44px;
  padding: 4px 12px;
  border: 1px solid var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}
button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--ground);
}
@media (max-width: 480px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
}
</style>
