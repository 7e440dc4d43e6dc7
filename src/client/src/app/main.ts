import '@fontsource-variable/fraunces'
import '@fontsource-variable/atkinson-hyperlegible-next'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { sheetForTheme } from './themeSheet'
import { vuetify } from './vuetify'
import './styles.css'

createApp(App)
  .provide('usehead', sheetForTheme)
  .use(vuetify)
  .use(router)
  .use(VueQueryPlugin, { queryClientConfig: { defaultOptions: { queries: { staleTime: 30_000, retry: 1 } } } })
  .mount('#app')
