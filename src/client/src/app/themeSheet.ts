interface HeadEntry {
  style: { textContent: string }[]
}

/** Puts Vuetify's theme into a constructed style sheet, so that no inline style breaks the content security policy. */
export const sheetForTheme = {
  push(get: () => HeadEntry) {
    const sheet = new CSSStyleSheet()
    const write = (entry: () => HeadEntry) =>
      sheet.replaceSync(
        entry()
          .style.map((s) => s.textContent)
          .join('\n'),
      )
    write(get)
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet]
    return { patch: write }
  },
}
