/** Peppercorn ink, mill-paper ground, copper wire, paprika for what must change, slate for what is adjusted. */
export const LIGHT = {
  colors: {
    background: '#f4efe4',
    surface: '#fbf8f1',
    primary: '#221e1b',
    'on-primary': '#fbf8f1',
    secondary: '#753b11',
    error: '#961f0a',
    info: '#2c476a',
    success: '#221e1b',
    warning: '#753b11',
    'on-background': '#221e1b',
    'on-surface': '#221e1b',
  },
  variables: {
    'border-color': '#221e1b',
    'border-opacity': 0.35,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 0.78,
    'disabled-opacity': 0.55,
  },
}
export const DARK = {
  colors: {
    background: '#1c1816',
    surface: '#272220',
    primary: '#f1e9da',
    'on-primary': '#1c1816',
    secondary: '#e0a066',
    error: '#ffa08a',
    info: '#a9c4ea',
    success: '#f1e9da',
    warning: '#e0a066',
    'on-background': '#f1e9da',
    'on-surface': '#f1e9da',
  },
  variables: {
    'border-color': '#f1e9da',
    'border-opacity': 0.4,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 0.8,
    'disabled-opacity': 0.55,
  },
}
