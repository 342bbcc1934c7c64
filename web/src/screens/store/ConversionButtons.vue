<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { canConvert, CONVERSIONS } from '@pepper-knot/core/jobs'
import { GUN_KINDS, type Machine } from '@pepper-knot/core/machine'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import SureBox from '../../parts/SureBox.vue'
import { useParts } from '../../stores/parts.ts'
import { useRuns } from '../../stores/runs.ts'
import { useWords } from '../../composables/useWords.ts'

type ConversionKind = (typeof CONVERSIONS)[number]

const words = useWords()
/** Work on the machine itself: gas gear in or out, another gun. */
const props = defineProps<{ machine: Machine }>()
const { t } = useI18n()
const router = useRouter()
const partStore = useParts()
const runStore = useRuns()
const kinds = computed(() => CONVERSIONS.filter((kind) => canConvert(props.machine, kind)))
const choosing = ref(false)
const sure = ref(false)

/** A gun of the store tells its length. */
function begin(kind: ConversionKind, type?: (typeof GUN_KINDS)[number]) {
  const stock = partStore.list.find(
    (p) => p.kind === 'gun' && p.part === 'whole' && p.type === type && p.count > 0,
  )
  const lengthM = stock?.kind === 'gun' ? stock.lengthM : undefined
  const run = runStore.start(props.machine.id, 'convert', {
    stage: 'gather',
    conversion: kind,
    ...(type && { gun: { kind: type, ...(lengthM !== undefined && { lengthM }) } }),
  })
  void router.push(`/change/${run.id}`)
}
</script>

<template>
  <div class="work">
    <div class="row">
      <span class="muted">{{ t('convert.offer') }}</span>
      <v-btn
        v-for="kind in kinds"
        :key="kind"
        size="small"
        :aria-expanded="kind === 'fit-gun' ? choosing : undefined"
        @click="
          kind === 'fit-gun' ? (choosing = !choosing) : kind === 'to-gasless' ? (sure = true) : begin(kind)
        "
        >{{ t(`convert.kinds.${kind}`) }}</v-btn
      >
    </div>
    <SureBox
      v-if="sure"
      :title="t('sure.gasless.title', { machine: machine.name })"
      :text="t('sure.gasless.text')"
      :take="t('sure.gasless.take')"
      @take="begin('to-gasless')"
      @close="sure = false"
    />
    <ChoiceRow
      v-if="choosing"
      :model-value="undefined"
      :ask="t('convert.which')"
      :choices="
        GUN_KINDS.map((value) => ({
          value,
          title: words.GUN_NAMES[value]!,
        }))
      "
      @update:model-value="$event && begin('fit-gun', $event)"
    />
  </div>
</template>

<style scoped>
.work {
  display: grid;
  gap: 10px;
  margin-top: 10px;
}
</style>
