let zone: string | undefined

/** Where the clock on the wall is. The browser takes long to find out: not before the page is painted. */
export const timeZone = () => (zone ??= Intl.DateTimeFormat().resolvedOptions().timeZone)

/** The present day on the wall, as "2026-12-06". */
export const today = () => new Date().toLocaleDateString('sv-SE')
