let zone: string | undefined

/** Where the clock on the wall is. The browser takes long to find out: not before the page is painted. */
export const timeZone = () => (zone ??= Intl.DateTimeFormat().resolvedOptions().timeZone)
