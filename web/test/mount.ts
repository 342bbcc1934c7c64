import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia, type Pinia } from 'pinia'
import { defineComponent, h, type Component, type Plugin } from 'vue'
import { createI18n } from 'vue-i18n'
import { en } from '../src/messages/en/index.ts'

/** A field as a person sees it: label, what stands in it, hint, what is wrong. */
const TextField = defineComponent({
  props: ['modelValue', 'label', 'hint', 'errorMessages'],
  emits: ['update:modelValue'],
  setup:
    (props, { emit }) =>
    () =>
      h('label', [
        props.label,
        h('input', {
          value: props.modelValue,
          onInput: (event: Event) => emit('update:modelValue', (event.target as HTMLInputElement).value),
        }),
        h('small', props.hint),
        h('em', (props.errorMessages ?? []).join(' ')),
      ]),
})
const Button = defineComponent({
  setup:
    (_props, { slots }) =>
    () =>
      h('button', slots.default?.()),
})

/** Mounts a part with its words and a store of its own. */
export function show(
  part: Component,
  props: Record<string, unknown>,
  pinia: Pinia = createPinia(),
  more: Plugin[] = [],
) {
  setActivePinia(pinia)
  const i18n = createI18n({ legacy: false, locale: 'en', messages: { en } })
  return mount(part, {
    props,
    attachTo: document.body,
    global: {
      config: { warnHandler: () => undefined },
      plugins: [i18n, pinia, ...more],
      stubs: { teleport: true },
      components: { VTextField: TextField, VBtn: Button, VTextarea: TextField },
    },
  })
}
