<script setup lang="ts">
import { useMoney } from '../../composables/useMoney.ts'
import { useCareWords } from '../../parts/careWords.ts'
import MoreFold from '../../parts/MoreFold.vue'
import { useRun } from '../../composables/useRun.ts'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { UPKEEP, upkeepDue } from '@pepper-knot/core/machine'
import { SCHOOL_IDS, formatLead, type School } from '@pepper-knot/core/trade'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import SchoolChoices from '../../parts/SchoolChoices.vue'
import { useLog } from '../../stores/log.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWords } from '../../composables/useWords.ts'

type Upkeep = (typeof UPKEEP)[number]

const words = useWords()
/** What this one change does besides, or otherwise than the shop: upkeep, people, schools, the wire in the gun. */
const { run, plan, set } = useRun<'change'>()
const { t } = useI18n()
const say = useMoney()
const settings = useSettings()
const log = useLog()
const { dueSays } = useCareWords()
const practice = computed(() => settings.all.practice)
const overrides = computed(() => run.value.practice ?? {})
const count = computed(() => Object.keys(overrides.value).length)

const today = new Date().toISOString()
const upkeep = computed(() => upkeepDue(plan.value.context.machine, today, log.on(run.value.machineId)))
/** What the change does anyway is not offered again. */
const byItself = computed<Record<Upkeep, boolean>>(() => {
  const has = (task: string) => plan.value.steps.some((s) => s.task === task)
  const asked = (u: Upkeep) => run.value.upkeep?.includes(u) ?? false
  return {
    blowOutLiner: !asked('blowOutLiner') && (has('blowOutLiner') || has('linerIn')),
    brushRolls: !asked('brushRolls') && (has('rollsClean') || has('rollsChange')),
    checkORings: !asked('checkORings') && has('oRing'),
  }
})
function toggle(what: Upkeep) {
  const now = run.value.upkeep ?? []
  set({ upkeep: now.includes(what) ? now.filter((u) => u !== what) : [...now, what] })
}
function choose(school: School, value: string | undefined) {
  const next = { ...run.value.practice, [school]: value }
  if (value === undefined) delete next[school]
  set({ practice: next })
}
const people = computed({
  get: () => overrides.value.people ?? practice.value.people,
  set: (value: 1 | 2 | undefined) => {
    const next = { ...run.value.practice, people: value }
    if (value === undefined || value === practice.value.people) delete next.people
    set({ practice: next })
  },
})
const money = computed(() => {
  const w = plan.value.wireInGun
  return t('this.gunSum', {
    length: formatLead(w.lengthM, settings.units),
    wire: say(w.wireMoney),
    labour: say(w.labourMoney),
    way: t(`this.ways.${w.way}`),
  })
})
</script>

<template>
  <section class="this" :aria-label="t('this.title')">
    <MoreFold :title="t('this.title')">
      <div class="cols">
        <fieldset>
          <legend>{{ t('this.upkeep') }}</legend>
          <label v-for="what in UPKEEP" :key="what" class="tick">
            <input
              type="checkbox"
              :checked="byItself[what] || run.upkeep?.includes(what)"
              :disabled="byItself[what]"
              @change="toggle(what)"
            />
            <span
              >{{ words.UPKEEP_NAMES[what] }}
              <b v-if="upkeep.find((u) => u.upkeep === what)?.due" class="problem">{{
                t('this.due', { since: dueSays(upkeep.find((u) => u.upkeep === what)!) })
              }}</b>
              <span v-else class="muted">{{
                byItself[what]
                  ? t('this.byItself')
                  : upkeep.find((u) => u.upkeep === what)?.days == null
                    ? t('this.never')
                    : t('this.ago', { n: upkeep.find((u) => u.upkeep === what)!.days! })
              }}</span></span
            >
          </label>
        </fieldset>
        <div class="side">
          <ChoiceRow
            v-model="people"
            :ask="t('this.people')"
            :choices="[
              { value: 1, title: t('this.one') },
              { value: 2, title: t('this.two') },
            ]"
          />
          <ChoiceRow
            v-if="run.kind === 'change'"
            :model-value="run.wireCondition"
            :ask="t('this.newWire')"
            optional
            :choices="
              (['good', 'dirty', 'damaged'] as const).map((value) => ({
                value,
                title: t(`this.wireLooks.${value}`),
              }))
            "
            @update:model-value="set({ wireCondition: $event ?? undefined })"
          />
          <p
            v-if="
              plan.context.oldWire &&
              plan.steps.some((s) => s.facts.lengthM !== undefined && s.facts.way !== undefined)
            "
          >
            {{ money }}
          </p>
        </div>
      </div>
      <details>
        <summary>
          {{ t('this.schools') }} <b v-if="count">{{ t('this.other', { n: count }) }}</b>
        </summary>
        <SchoolChoices :schools="SCHOOL_IDS" :practice="practice" :overrides="overrides" @choose="choose" />
      </details>
    </MoreFold>
  </section>
</template>

<style scoped>
.this {
  display: grid;
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 16px;
  margin: 20px 0;
}
.cols {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 40px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 650;
  padding: 0;
}
.side {
  display: grid;
  gap: 12px;
  align-content: start;
}
@media (max-width: 700px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
