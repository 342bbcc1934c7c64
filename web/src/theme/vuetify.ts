import 'vuetify/styles/layers'
import 'vuetify/styles/core'
import { h, watch, type FunctionalComponent } from 'vue'
import { createVuetify } from 'vuetify'
import { en as english } from 'vuetify/locale'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { i18n } from '../messages/i18n.ts'
import { DARK, LIGHT } from './palette.ts'

/** What the component library says by itself, in our words; `{0}` is its own place for the field's name. */
const say = (key: string) => i18n.global.t(key, ['{0}'])
const said = {
  open: { get: () => say('library.open') },
  close: { get: () => say('library.close') },
  noDataText: { get: () => say('library.noData') },
}
const input = Object.defineProperties({} as Record<string, string>, {
  clear: { enumerable: true, get: () => say('library.clear') },
  prependAction: { enumerable: true, get: () => say('library.action') },
  appendAction: { enumerable: true, get: () => say('library.action') },
})

const square = { rounded: 0, elevation: 0 }
/**
 * Stands where messages under a field would slide in and out: they come with every letter, and moving them lays the page
 * out again at every frame.
 */
const still: FunctionalComponent<{ tag?: string }> = (_, { slots }) => h('div', slots.default?.())
still.props = ['tag']

export const vuetify = createVuetify({
  locale: {
    messages: {
      en: Object.defineProperties({ ...english, input: Object.assign(input, {}) }, said) as typeof english,
    },
  },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'light',
    themes: { light: { dark: false, ...LIGHT }, dark: { dark: true, ...DARK } },
  },
  defaults: {
    VBtn: { ...square, variant: 'outlined', ripple: false },
    VTextField: {
      variant: 'outlined',
      rounded: 0,
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'primary',
    },
    VSelect: {
      variant: 'outlined',
      rounded: 0,
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'primary',
    },
    VTextarea: { variant: 'outlined', rounded: 0, hideDetails: 'auto', color: 'primary' },
    VCheckbox: { hideDetails: 'auto', color: 'primary', density: 'comfortable' },
    VCard: square,
    VMessages: { transition: { component: still } },
    VDialog: { maxWidth: 640 },
    VSnackbar: { rounded: 0, timeout: 20000 },
  },
})

/**
 * Vuetify writes its theme into a <style>, which the content security policy blocks: the same text goes into a
 * constructed sheet instead, and follows the theme.
 */
export function adoptTheme() {
  const sheet = new CSSStyleSheet()
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet]
  watch(vuetify.theme.styles, (text) => sheet.replaceSync(text), { immediate: true })
}
