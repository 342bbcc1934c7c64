<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue'
import { useI18n } from 'vue-i18n'

/** Must be pressed and held, by finger, mouse, Space or Enter: for steps where nothing may go on unsure. */
const props = defineProps<{ label: string; ms?: number }>()
const emit = defineEmits<{ held: [] }>()
const { t } = useI18n()
const progress = ref(0)
let began: number | undefined
let frame = 0

function tick(now: number) {
  if (began === undefined) return
  progress.value = Math.min(1, (now - began) / (props.ms ?? 1200))
  if (progress.value === 1) {
    stop()
    emit('held')
  } else frame = requestAnimationFrame(tick)
}
/** A key that brought this button here is still down: only a press of its own counts. */
function start(event?: Event) {
  if (began !== undefined || (event instanceof KeyboardEvent && event.repeat)) return
  began = performance.now()
  frame = requestAnimationFrame(tick)
}
function stop() {
  began = undefined
  progress.value = 0
  cancelAnimationFrame(frame)
}
onBeforeUnmount(stop)
defineExpose({ press: start, release: stop })
</script>

<template>
  <button
    type="button"
    class="hold"
    data-hold
    @pointerdown.prevent="start"
    @pointerup="stop"
    @pointerleave="stop"
    @pointercancel="stop"
    @keydown.space.prevent="start"
    @keydown.enter.prevent="start"
    @keyup="stop"
    @blur="stop"
    @contextmenu.prevent
  >
    <span class="fill" :style="{ transform: `scaleX(${progress})` }" />
    <span class="text"
      >{{ label }}<small>{{ t('run.hold') }}</small></span
    >
  </button>
</template>

<style scoped>
.hold {
  position: relative;
  flex: 1;
  min-height: 84px;
  border: 3px solid var(--paprika);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 1.5rem;
  font-weight: 750;
  cursor: pointer;
  touch-action: none;
  user-select: none;
  overflow: hidden;
}
.fill {
  position: absolute;
  inset: 0;
  background: var(--copper-soft);
  opacity: 0.55;
  transform-origin: left;
}
.text {
  position: relative;
}
small {
  display: block;
  font-size: 1rem;
  font-weight: 500;
}
</style>
