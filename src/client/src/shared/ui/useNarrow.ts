import { useMediaQuery } from '@vueuse/core'

/** Whether there is room for one column only: a phone. The same width as in the sheets. */
export const useNarrow = () => useMediaQuery('(max-width: 700px)')
