import 'vuetify/styles/core'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { themes } from './themes'

export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: { defaultTheme: 'paper', themes },
  defaults: {
    VBtn: { variant: 'text', ripple: false },
    VMenu: { transition: false, closeOnContentClick: false },
    VDialog: { transition: false },
    VSnackbar: { transition: false },
  },
})
