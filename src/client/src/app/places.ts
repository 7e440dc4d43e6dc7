import {
  mdiBookOpenVariant,
  mdiFridgeOutline,
  mdiBowlMixOutline,
  mdiChartGantt,
  mdiPotSteamOutline,
  mdiScaleBalance,
  mdiSilverwareForkKnife,
  mdiThermometer,
  mdiTimerSand,
} from '@mdi/js'

/** What the rail shows; on a narrow screen the first {@link atOnce}, and the rest on asking. */
export const places = [
  { name: 'counter', path: '/', title: 'Counter', icon: mdiSilverwareForkKnife },
  { name: 'line-up', path: '/line-up', title: 'Line-up', icon: mdiChartGantt },
  { name: 'pot', path: '/pot', title: 'At the pot', icon: mdiTimerSand },
  { name: 'check', path: '/check', title: 'Check', icon: mdiThermometer },
  { name: 'dishes', path: '/dishes', title: 'Dishes', icon: mdiBowlMixOutline },
  { name: 'book', path: '/book', title: 'Book', icon: mdiBookOpenVariant },
  { name: 'cold', path: '/cold', title: 'Cold store', icon: mdiFridgeOutline },
  { name: 'kitchen', path: '/kitchen', title: 'Kitchen', icon: mdiPotSteamOutline },
  { name: 'trust', path: '/trust', title: 'Trust', icon: mdiScaleBalance },
] as const

export type Place = (typeof places)[number]

export const atOnce = 5

/** Where there is nothing but what is said: for who is not let in yet, and for who eats. */
export const bare = ['/let-in', '/dinner']
