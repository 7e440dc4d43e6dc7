import '@fontsource-variable/fraunces'
import '@fontsource-variable/atkinson-hyperlegible-next'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import '@/shared/ask/ask.css'
import { endEarly } from '@/shared/ask/early'
import { keepQueries } from '@/shared/offline/keepQueries'
import App from './App.vue'
import { router } from './router'
import { sheetForTheme } from './themeSheet'
import { vuetify } from './vuetify'
import 'virtual:early.css'
import './styles.css'
import './rail.css'
import './early.css'

// The server may be this very machine: a browser that knows of no network asks all the same.
const networkMode = 'always'
const queryClient = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 30_000, retry: 1, networkMode, refetchOnReconnect: true },
    mutations: { networkMode },
  },
})
const app = createApp(App)
  .use(router) // the code of the place comes meanwhile
  .provide('usehead', sheetForTheme)
  .use(vuetify)
  .use(VueQueryPlugin, { queryClient, clientPersister: keepQueries as never }) // what was kept is read while the page is drawn

// What was sent with the page stands until the place itself can.
void router.isReady().finally(() => {
  app.mount('#app')
  endEarly()
})
