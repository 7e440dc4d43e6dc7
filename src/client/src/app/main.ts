import '@fontsource-variable/fraunces'
import '@fontsource-variable/atkinson-hyperlegible-next'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import { keepQueries } from '@/shared/offline/keepQueries'
import App from './App.vue'
import { router } from './router'
import { sheetForTheme } from './themeSheet'
import { vuetify } from './vuetify'
import './styles.css'

const queryClient = new QueryClient({ defaultOptions: { queries: { staleTime: 30_000, retry: 1 } } })
const place = router.resolve(location.pathname).matched.at(-1)?.components?.default as
  (() => Promise<unknown>) | undefined
void place?.() // its code comes while the rest is drawn

createApp(App)
  .provide('usehead', sheetForTheme)
  .use(vuetify)
  .use(router)
  .use(VueQueryPlugin, { queryClient, clientPersister: keepQueries as never }) // what was kept is read while the page is drawn
  .mount('#app')
