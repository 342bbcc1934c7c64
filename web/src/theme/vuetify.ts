import 'vuetify/styles/layers'
import 'vuetify/styles/core'
import { watch } from 'vue'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { DARK, LIGHT } from './palette.ts'

const square = { rounded: 0, elevation: 0 }

export const vuetify = createVuetify({
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
