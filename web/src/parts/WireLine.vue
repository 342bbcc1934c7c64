<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Station } from '@pepper-knot/core/machine'
import { usePageKeys } from './keys.ts'
import type { Mark } from './marks.ts'
import SpoolSign from './SpoolSign.vue'
import WireMark from './WireMark.vue'

const props = defineProps<{
  marks: Mark[]
  label: string
  large?: boolean
  leaves?: 'top' | 'bottom' | undefined
}>()
const selected = defineModel<Station | null>('selected', { default: null })
const emit = defineEmits<{ open: [Station] }>()
const { t } = useI18n()
const list = ref<HTMLElement>()

const at = computed(() =>
  Math.max(
    0,
    props.marks.findIndex((m) => m.station === selected.value),
  ),
)
const cells = () => [...(list.value?.querySelectorAll<HTMLElement>('button') ?? [])]

function move(by: number) {
  const next = props.marks[Math.min(props.marks.length - 1, Math.max(0, at.value + by))]
  if (!next) return
  selected.value = next.station
  void nextTick(() => cells()[at.value]?.focus())
}
const ARROWS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }
function onKey(event: KeyboardEvent) {
  const by = event.key === 'Home' ? -99 : event.key === 'End' ? 99 : ARROWS[event.key]
  if (by === undefined) return
  event.preventDefault()
  move(by)
}
if (props.large) usePageKeys({ j: () => move(1), k: () => move(-1) })

/** What was not read says so where it stands. On a machine at rest a station is said where something is wrong; what fits is a mark on the line. */
const quiet = (mark: Mark) => !props.large && mark.verdict === 'fits'
function choose(station: Station) {
  selected.value = station
  emit('open', station)
}
</script>

<template>
  <div class="wl" :class="{ 'wl--large': large }">
    <SpoolSign class="spool" :class="{ 'spool--top': leaves === 'top' }" />
    <ol ref="list" class="marks" data-part="marks" :aria-label="label" @keydown="large && onKey($event)">
      <li
        v-for="(mark, i) in marks"
        :key="mark.station"
        class="mark"
        :style="!large && mark.station === 'liner' ? { flexGrow: 1.5 } : {}"
        :class="[`mark--${mark.verdict}`, { 'mark--on': large && mark.station === selected }]"
      >
        <component
          :is="large ? 'button' : 'div'"
          class="cell"
          :type="large ? 'button' : undefined"
          :tabindex="large ? (i === at ? 0 : -1) : undefined"
          :aria-pressed="large ? mark.station === selected : undefined"
          @click="large && choose(mark.station)"
        >
          <span class="name" data-part="name" :class="{ quiet: quiet(mark) }">{{ mark.name }}</span>
          <span
            v-if="mark.wanted !== undefined"
            class="was"
            :class="{ struck: mark.verdict === 'change', quiet: mark.wanted === mark.fitted }"
            >{{ mark.fitted }}</span
          >
          <WireMark :verdict="mark.verdict" class="state" />
          <span class="now" :class="{ 'visually-hidden': quiet(mark) }">{{
            mark.wanted ?? mark.fitted
          }}</span>
          <span
            class="word"
            data-part="word"
            :class="{ 'visually-hidden': quiet(mark) || mark.verdict === 'unknown' }"
            >{{ t(`verdict.${mark.verdict}`) }}</span
          >
          <span v-if="mark.missing" class="tag" data-part="missing">{{ t('match.tag') }}</span>
        </component>
      </li>
    </ol>
    <svg class="arc" viewBox="0 0 24 44" aria-hidden="true">
      <path d="M0 22H6M20 10 8 22 20 34M22 22H9" />
    </svg>
  </div>
</template>

<style scoped>
.wl {
  display: flex;
  align-items: flex-start;
  --top: 22px;
}
.wl--large {
  --top: 62px;
}
.spool {
  width: 68px;
  height: 68px;
  flex: none;
  fill: none;
  margin-top: calc(var(--top) + 22px - 32px);
}
.spool--top {
  transform: scaleY(-1);
  margin-top: calc(var(--top) + 22px - 36px);
}
.marks {
  display: flex;
  flex: 1;
  min-width: 0;
}
.mark {
  flex: 1 1 0;
  min-width: 0;
  margin: -8px 0;
  padding: 8px 0;
}
.mark--on {
  box-shadow: inset 0 0 0 2px var(--ink);
  background: var(--sheet);
}
.cell {
  display: grid;
  position: relative;
  grid-template-columns: minmax(0, 1fr);
  width: 100%;
  background: none;
  border: 0;
  padding: 0;
  color: inherit;
  font: inherit;
  text-align: center;
}
button.cell {
  cursor: pointer;
}
.name {
  font-size: 0.84rem;
  color: var(--muted);
  height: 20px;
  white-space: nowrap;
}
.was,
.now,
.word,
.tag {
  line-height: 1.15;
  padding: 0 3px;
  overflow-wrap: break-word;
}
.was {
  font-size: 0.92rem;
  height: 40px;
  display: flex;
  align-items: flex-end;
  justify-content: center;
}
.quiet {
  opacity: 0;
}
@media (max-width: 700px) {
  /* Down a phone’s screen a machine at rest shows what is not right alone. */
  .wl:not(.wl--large) .mark--fits,
  .wl:not(.wl--large, :has(.mark:not(.mark--fits))) {
    display: none;
  }
}
.struck {
  text-decoration: line-through;
  color: var(--muted);
}
.now {
  font-weight: 700;
  font-size: 0.95rem;
}
.wl:not(.wl--large) .now {
  font-size: 0.81rem;
  margin-top: -6px;
  /* A figure and its unit stay on one line. */
  padding: 0;
}
.word {
  font-size: 0.86rem;
  margin-top: 2px;
}
.mark--change .now,
.mark--change .word,
.tag {
  color: var(--paprika);
}
.mark--adjust .now,
.mark--adjust .word {
  color: var(--slate);
}
.mark--unknown .now,
.mark--unknown .word {
  color: var(--muted);
}
.tag {
  font-size: 0.82rem;
  font-weight: 700;
  border: 1px solid currentcolor;
  justify-self: center;
  margin-top: 4px;
  padding: 1px 5px;
}
.arc {
  width: 24px;
  height: 44px;
  flex: none;
  margin-top: var(--top);
  fill: none;
  stroke: var(--paprika);
  stroke-width: 3;
}
@media (max-width: 900px) {
  /* The wire runs down the screen. */
  .wl {
    flex-direction: column;
    align-items: stretch;
  }
  .spool {
    margin: 0 0 -8px 2px;
    transform: none;
  }
  .marks {
    flex-direction: column;
  }
  .mark {
    margin: 0;
    padding: 0;
  }
  .cell {
    grid-template-columns: 44px minmax(min(4.5rem, 22vw), 6.2rem) minmax(0, 1fr) auto;
    align-items: center;
    align-content: center;
    column-gap: min(8px, 1.5vw);
    text-align: left;
    min-height: 3.25rem;
    position: relative;
  }
  .wl:not(.wl--large) .cell {
    min-height: 2.125rem;
  }
  .state {
    position: absolute;
    left: -4px;
    top: 50%;
    width: 52px;
    margin-top: -22px;
    transform: rotate(90deg);
  }
  .wl:not(.wl--large) .state {
    width: 36px;
    left: 4px;
  }
  .mark--fits .was {
    display: none;
  }
  .name {
    grid-column: 2;
    grid-row: 1;
    height: auto;
    font-size: 0.95rem;
    white-space: normal;
  }
  .was {
    grid-column: 3;
    grid-row: 1;
    height: auto;
    display: block;
    overflow-wrap: anywhere;
    font-size: 0.9rem;
  }
  .now,
  .wl:not(.wl--large) .now {
    grid-column: 3;
    grid-row: 1;
    margin: 0;
    font-size: 1rem;
  }
  .mark:not(.mark--fits) .was + .state + .now {
    grid-row: 2;
  }
  .word.visually-hidden {
    width: 0;
    padding: 0;
  }
  .word {
    grid-column: 4;
    grid-row: 1;
    margin: 0;
  }
  .tag {
    grid-column: 4;
    grid-row: 2;
    margin: 0 0 4px;
  }
  .arc {
    margin: 0 0 0 10px;
    transform: rotate(90deg);
  }
}
/* The smallest phones, with large letters too: the verdict stands under the name. */
@media (max-width: 360px) {
  .cell {
    grid-template-columns: 44px minmax(0, 5rem) minmax(0, 1fr);
  }
  .word,
  .tag {
    grid-column: 2;
    grid-row: 2;
  }
  .tag {
    grid-row: 3;
  }
}
</style>
