import 'vuetify/styles/core'
import { mdiFileDocumentOutline } from '@mdi/js'
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

/** What is the same in either theme: the bar on top with its line, and the radio's own face. */
const SAME = {
  'bar-ink': '#E7EDE9',
  'bar-quiet': '#C9D6CF',
  'bar-field': '#22302C',
  'bar-line': '#57706A',
  'bar-focus': '#6CC2B4',
  'bar-rod': '#E9DDBF',
  'bar-mark': '#6B5A28',
  face: '#2A302E',
  'face-lit': '#C9D3B0',
  'face-ink': '#1A1F12',
  'face-page': '#10202E',
  'face-page-ink': '#E6EEF4',
  'face-off': '#555D4A',
  'face-sending': '#F0C79A',
}

/** Every colour there is. Styles name them as `var(--name)`, see styles.css. */
const light = {
  background: '#F2F4F0',
  surface: '#FFFFFF',
  'on-background': '#16211E',
  'on-surface': '#16211E',
  ink: '#16211E',
  quiet: '#55655F',
  line: '#D3DBD5',
  primary: '#1F6F66',
  secondary: '#55655F',
  talk: '#B4471F',
  doubt: '#8A6116',
  error: '#A3242B',
  note: '#3C5A86',
  picked: '#E3F0ED',
  rod: '#E9DDBF',
  'rod-ink': '#4A3D16',
  'rod-mark': '#6B5A28',
  rail: '#E6EBE5',
  bar: '#16211E',
  ...SAME,
}
const dark: typeof light = {
  background: '#0F1715',
  surface: '#17221F',
  'on-background': '#E7EDE9',
  'on-surface': '#E7EDE9',
  ink: '#E7EDE9',
  quiet: '#9DB0A9',
  line: '#2B3A35',
  primary: '#6CC2B4',
  secondary: '#9DB0A9',
  talk: '#F0895A',
  doubt: '#E0B45C',
  error: '#F08A8A',
  note: '#9DB8E8',
  picked: '#1D3430',
  rod: '#3A331F',
  'rod-ink': '#E9DDBF',
  'rod-mark': '#B39A55',
  rail: '#131D1A',
  bar: '#0B1210',
  ...SAME,
}
const variables = { 'medium-emphasis-opacity': 0.8, 'border-opacity': 0.16 }

/** Narrower than this a screen has one column; styles say the same as `max-width: 720px`. */
const NARROW = 721

const field = { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' } as const
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  display: { mobileBreakpoint: NARROW },
  defaults: {
    VBtn: { variant: 'outlined', rounded: 'md', height: 36 },
    VBtnToggle: {
      density: 'compact',
      variant: 'outlined',
      rounded: 'md',
      divided: true,
      VBtn: { height: 34 },
    },
    VSelect: { ...field, menuProps: { maxHeight: 420 } },
    VCombobox: field,
    VTextField: field,
    VTextarea: field,
    VNumberInput: { ...field, controlVariant: 'hidden', inset: true },
    VFileUpload: { density: 'compact', hideDetails: 'auto' },
    VFileUploadItem: { fileIcon: mdiFileDocumentOutline },
    VCheckbox: { density: 'compact', hideDetails: true, color: 'primary' },
    VCheckboxBtn: { density: 'compact', color: 'primary' },
    VTable: { density: 'compact', fixedHeader: true },
    VTabs: { color: 'primary', density: 'compact' },
    VTooltip: { openDelay: 400 },
    VCard: { elevation: 0 },
  },
  theme: {
    defaultTheme: rememberedTheme(),
    themes: {
      light: { dark: false, colors: light, variables },
      dark: { dark: true, colors: { ...dark, 'on-primary': '#0F1715', 'on-error': '#0F1715' }, variables },
    },
  },
})
