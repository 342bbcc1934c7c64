import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { i18n } from './messages/i18n.ts'
import { router } from './router.ts'
import { adoptTheme, vuetify } from './theme/vuetify.ts'
import './theme/base.css'

createApp(App).use(createPinia()).use(router).use(i18n).use(vuetify).mount('#app')
adoptTheme()
