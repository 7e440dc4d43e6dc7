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
  { name: 'counter', title: 'Counter', icon: mdiSilverwareForkKnife },
  { name: 'line-up', title: 'Line-up', icon: mdiChartGantt },
  { name: 'pot', title: 'At the pot', icon: mdiTimerSand },
  { name: 'check', title: 'Check', icon: mdiThermometer },
  { name: 'dishes', title: 'Dishes', icon: mdiBowlMixOutline },
  { name: 'book', title: 'Book', icon: mdiBookOpenVariant },
  { name: 'cold', title: 'Cold store', icon: mdiFridgeOutline },
  { name: 'kitchen', title: 'Kitchen', icon: mdiPotSteamOutline },
  { name: 'trust', title: 'Trust', icon: mdiScaleBalance },
] as const

export type Place = (typeof places)[number]

export const atOnce = 5
