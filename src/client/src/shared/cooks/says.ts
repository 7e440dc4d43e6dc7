/** What a thing says, whatever was left out of it and in whichever order. */
export const says = (document: unknown): string =>
  JSON.stringify(document, (_, value: unknown) =>
    value && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([, v]) => v !== null && v !== false && !(Array.isArray(v) && v.length === 0))
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : value,
  )
