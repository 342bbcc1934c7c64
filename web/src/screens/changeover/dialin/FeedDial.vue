<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { RUN_OUT_S, speedOfRunOut } from '@pepper-knot/core/arc'
import { type Machine } from '@pepper-knot/core/machine'
import { typedNumber, formatSpeed } from '@pepper-knot/core/trade'
import { dialOf } from '@pepper-knot/core/wire'
import QuantityField from '../../../parts/QuantityField.vue'
import { useShop } from '../../../stores/shop.ts'
import { useMachines } from '../../../stores/machines.ts'
import { useSettings } from '../../../stores/settings.ts'

/** A feed dial without a speed scale, learned from timed run-outs. */
const props = defineProps<{ machine: Machine }>()
const { t } = useI18n()
const shop = useShop()
const settings = useSettings()
const machineStore = useMachines()
const min = ref(String(props.machine.feedDial?.min ?? 1))
const max = ref(String(props.machine.feedDial?.max ?? 10))
const mark = ref('')
const lengthMm = ref<number>()
const seconds = ref(String(RUN_OUT_S))
const said = ref('')
const number = (text: string) => typedNumber(text) ?? NaN
const own = computed(() => props.machine.feedDial)
const scale = computed(() => dialOf(props.machine))
const runOuts = computed(() => own.value?.runOuts ?? [])

/** Stands open where there is a dial to learn; it does not shut itself once it is learned. */
const asks = own.value != null && !scale.value?.learned

function put(feedDial: NonNullable<Machine['feedDial']>) {
  machineStore.put(JSON.parse(JSON.stringify({ ...props.machine, feedDial })))
}
function use() {
  const [low, high] = [number(min.value), number(max.value)]
  if (!(Math.abs(low) <= 1000 && Math.abs(high) <= 1000 && high > low))
    return void (said.value = t('dialIn.learn.badMarks'))
  said.value = ''
  put({ min: low, max: high, runOuts: runOuts.value })
}
function add() {
  const dial = number(mark.value)
  const s = number(seconds.value)
  const at = own.value!
  const speed = lengthMm.value && s > 0 ? speedOfRunOut(lengthMm.value, s) : NaN
  if (!(dial >= at.min && dial <= at.max) || !(speed >= 0.1 && speed <= 100))
    return void (said.value = t('dialIn.learn.bad', { min: at.min, max: at.max }))
  said.value = ''
  put({ ...at, runOuts: [...at.runOuts, { dial, wireSpeedMPerMin: speed }].slice(-50) })
  mark.value = ''
  lengthMm.value = undefined
}
const forget = () => shop.undoable(t('dialIn.learn.forgot'), () => put({ ...own.value!, runOuts: [] }))
</script>

<template>
  <details class="dial" :open="asks">
    <summary>{{ t('dialIn.learn.title') }}</summary>
    <div class="within">
      <p>{{ t('dialIn.learn.ask') }}</p>
      <p class="problem">{{ t('dialIn.learn.hazard') }}</p>
      <form class="fields" @submit.prevent="use">
        <v-text-field v-model="min" :label="t('dialIn.learn.min')" inputmode="decimal" />
        <v-text-field v-model="max" :label="t('dialIn.learn.max')" inputmode="decimal" />
        <v-btn type="submit" size="large">{{ t('dialIn.learn.use') }}</v-btn>
      </form>
      <template v-if="own">
        <form class="fields" @submit.prevent="add">
          <v-text-field v-model="mark" :label="t('dialIn.learn.mark')" inputmode="decimal" />
          <QuantityField
            v-model="lengthMm"
            kind="length"
            :label="t('dialIn.learn.length')"
            :units="settings.units"
            :min="10"
            :max="20000"
          />
          <v-text-field v-model="seconds" :label="t('dialIn.learn.seconds')" inputmode="decimal" />
          <v-btn type="submit" size="large">{{ t('dialIn.learn.add') }}</v-btn>
        </form>
        <ul class="tabular">
          <li v-for="(r, i) in runOuts" :key="i">
            {{
              t('dialIn.learn.is', { dial: r.dial, speed: formatSpeed(r.wireSpeedMPerMin, settings.units) })
            }}
          </li>
        </ul>
        <p>
          {{ scale?.learned ? t('dialIn.learn.learned', { n: runOuts.length }) : t('dialIn.learn.needs') }}
        </p>
        <v-btn v-if="runOuts.length" @click="forget">{{ t('dialIn.learn.forget') }}</v-btn>
      </template>
      <p v-if="said" class="problem" role="alert">{{ said }}</p>
    </div>
  </details>
</template>

<style scoped>
.dial {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.within {
  display: grid;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(180px, 100%), 1fr));
  gap: 12px;
  align-items: start;
}
</style>
