const variables = { 'medium-emphasis-opacity': 0.8, 'border-opacity': 0.2 }

/** Rice paper, indigo ink, persimmon for the hand, moss for proven safe; charcoal and warm greys by night. */
export const themes = {
  paper: {
    dark: false,
    variables,
    colors: {
      background: '#f6f1e4',
      surface: '#fcf9f1',
      'on-background': '#1f2a52',
      'on-surface': '#1f2a52',
      primary: '#1f2a52',
      secondary: '#b5401a',
      success: '#44622a',
      error: '#b5401a',
    },
  },
  charcoal: {
    dark: true,
    variables,
    colors: {
      background: '#201e1c',
      surface: '#2b2825',
      'on-background': '#f0e8da',
      'on-surface': '#f0e8da',
      primary: '#d9cfc0',
      secondary: '#f39a6b',
      success: '#a9c583',
      error: '#f39a6b',
    },
  },
}
