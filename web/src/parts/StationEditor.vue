<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { confirmSeen, machineSchema, type Machine, type Station } from '@pepper-knot/core/machine'
import { validate } from '@pepper-knot/core/trade'
import DialogBox from './DialogBox.vue'
import FieldRows from './FieldRows.vue'
import { LINER_FIELDS, ROLL_FIELDS, STATE_FIELDS, fieldName, fieldsAt } from './stationFields.ts'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** What is fitted at one station: seen, nothing there, or not looked at. */
const props = defineProps<{ machine: Machine; station: Station | null }>()
const emit = defineEmits<{ save: [Machine]; close: [] }>()
const { t, te } = useI18n()

type State = 'seen' | 'nothing' | 'unread'
const SINGLE: Partial<Record<Station, string>> = {
  hubBrake: 'hubBrake',
  polarity: 'polarity',
  gas: 'gas',
  gasFlow: 'gasFlowLPerMin',
}
const state = ref<State>('seen')
const values = ref<Record<string, unknown>>({})
const rolls = ref<Record<string, unknown>>({})
const inner = ref<Record<string, unknown>>({})
const states = ref<Record<string, unknown>>({})
const problems = ref<string[]>([])
/** Rust is the wire's own: without a wire there is nothing to say of it. */
const stateFields = computed(() =>
  (props.station ? (STATE_FIELDS[props.station] ?? []) : []).filter(
    (f) => f.key !== 'wireCondition' || props.machine.fitted.wire != null,
  ),
)
const senses = computed(() => (props.station ? Object.entries(words.INSPECT[props.station]) : []))
const canBeNothing = computed(
  () =>
    props.station !== null &&
    !['hubBrake', 'rollPressure', 'polarity', 'gasFlow', 'supply'].includes(props.station),
)
const pushPull = computed(() => props.station === 'gun' && values.value.kind === 'push-pull')

watch(
  () => props.station,
  (station) => {
    if (!station) return
    const raw = (
      station === 'supply'
        ? props.machine.supply
        : (props.machine.fitted as Record<string, unknown>)[SINGLE[station] ?? station]
    ) as unknown
    // Whoever opens an unread station has come to write down what was seen.
    state.value = raw === null ? 'nothing' : 'seen'
    const {
      rolls: ownRolls,
      innerLiner,
      ...rest
    } = (raw != null && !SINGLE[station] ? raw : {}) as Record<string, unknown>
    values.value = SINGLE[station] ? (raw == null ? {} : { value: raw }) : { ...rest }
    rolls.value = { ...(ownRolls as object | undefined) }
    inner.value = { ...(innerLiner as object | undefined) }
    const { wire, conditions } = props.machine.fitted
    states.value = { ...conditions, ...(wire?.condition && { wireCondition: wire.condition }) }
    problems.value = []
  },
  { immediate: true },
)

function value(): unknown {
  if (state.value !== 'seen') return state.value === 'nothing' ? null : undefined
  if (SINGLE[props.station!]) return values.value.value
  const whole = { ...values.value }
  if (pushPull.value)
    Object.assign(
      whole,
      Object.keys(rolls.value).length && { rolls: rolls.value },
      Object.keys(inner.value).length && { innerLiner: inner.value },
    )
  return whole
}

function save() {
  const station = props.station!
  const key = SINGLE[station] ?? station
  const next = JSON.parse(JSON.stringify(props.machine)) as Record<string, unknown> & {
    fitted: Record<string, unknown>
  }
  const into = station === 'supply' ? next : next.fitted
  const fresh = value()
  if (fresh === undefined && state.value === 'unread') delete into[key]
  else into[key] = fresh
  for (const { key: name } of stateFields.value) {
    const state = states.value[name]
    const at = (name === 'wireCondition' ? next.fitted.wire : (next.fitted.conditions ??= {})) as Record<
      string,
      unknown
    >
    const into = name === 'wireCondition' ? 'condition' : name
    if (state === undefined) delete at[into]
    else at[into] = state
  }
  const missing = fieldsAt(station).filter(
    (f) => f.must && state.value === 'seen' && values.value[f.key] === undefined,
  )
  if (missing.length)
    return void (problems.value = missing.map((f) => t('field.needed', { name: fieldName(f.key, te, t) })))
  const read = validate(machineSchema, JSON.parse(JSON.stringify(next)))
  if (!read.ok) return void (problems.value = read.problems.map(words.problemLine))
  // Whoever saves it has looked, or says that nobody did.
  emit('save', confirmSeen(read.value, [station]))
}
</script>

<template>
  <DialogBox
    v-slot="{ close }"
    :open="station !== null"
    :label="station ? words.STATION_NAMES[station] : ''"
    @close="$emit('close')"
  >
    <template v-if="station">
      <h2>{{ t('editor.title', { machine: machine.name, station: words.STATION_NAMES[station] }) }}</h2>
      <fieldset class="states">
        <legend class="visually-hidden">{{ t('editor.state') }}</legend>
        <label
          v-for="s in (['seen', 'nothing', 'unread'] as const).filter((x) => x !== 'nothing' || canBeNothing)"
          :key="s"
        >
          <input v-model="state" type="radio" name="state" :value="s" /> {{ t(`editor.${s}`) }}
        </label>
      </fieldset>
      <template v-if="state === 'seen'">
        <FieldRows v-model="values" :rows="fieldsAt(station)" />
        <template v-if="pushPull">
          <h3>{{ t('editor.gunRolls') }}</h3>
          <FieldRows v-model="rolls" :rows="ROLL_FIELDS" />
          <h3>{{ t('editor.innerLiner') }}</h3>
          <FieldRows v-model="inner" :rows="LINER_FIELDS.filter((f) => f.key !== 'lengthM')" />
        </template>
      </template>
      <FieldRows v-if="stateFields.length" v-model="states" :rows="stateFields" />
      <dl class="senses">
        <template v-for="[sense, text] in senses" :key="sense">
          <dt>{{ t(`editor.${sense}`) }}</dt>
          <dd>{{ text }}</dd>
        </template>
      </dl>
      <p v-for="problem in problems" :key="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn variant="flat" color="primary" @click="save">{{ t('app.save') }}</v-btn>
        <v-btn @click="close">{{ t('app.cancel') }}</v-btn>
      </div>
    </template>
  </DialogBox>
</template>

<style scoped>
.senses {
  display: grid;
  grid-template-columns: 5em 1fr;
  gap: 4px 12px;
  border-left: 4px solid var(--copper-soft);
  padding-left: 12px;
}
.senses dt {
  font-weight: 650;
}
.senses dd {
  margin: 0;
}
.states {
  border: 0;
  padding: 0;
  display: flex;
  gap: 8px 24px;
  flex-wrap: wrap;
}
.states label {
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 8px;
}
.states input {
  width: 20px;
  height: 20px;
  accent-color: var(--copper);
}
</style>
