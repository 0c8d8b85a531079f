import 'vuetify/styles'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

const KEY = 'reckonrod.theme'

export function rememberedTheme(): 'light' | 'dark' {
  const kept = localStorage.getItem(KEY)
  if (kept === 'light' || kept === 'dark') return kept
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

export function rememberTheme(name: 'light' | 'dark') {
  localStorage.setItem(KEY, name)
}

export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    VBtn: { variant: 'outlined', rounded: 'md', height: 36 },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
  },
  theme: {
    defaultTheme: rememberedTheme(),
    themes: {
      light: {
        dark: false,
        colors: {
          background: '#F2F4F0',
          surface: '#FFFFFF',
          'on-background': '#16211E',
          'on-surface': '#16211E',
          primary: '#1F6F66',
          secondary: '#55655F',
          error: '#A3242B',
        },
        variables: { 'medium-emphasis-opacity': 0.8 },
      },
      dark: {
        dark: true,
        colors: {
          background: '#0F1715',
          surface: '#17221F',
          'on-background': '#E7EDE9',
          'on-surface': '#E7EDE9',
          primary: '#6CC2B4',
          'on-primary': '#0F1715',
          secondary: '#9DB0A9',
          error: '#F08A8A',
          'on-error': '#0F1715',
        },
        variables: { 'medium-emphasis-opacity': 0.8 },
      },
    },
  },
})
