import {
  mdiAccessPoint,
  mdiCardTextOutline,
  mdiFormatListNumbered,
  mdiInformationOutline,
  mdiMapSearchOutline,
  mdiTableLarge,
  mdiTrayArrowDown,
  mdiViewGridOutline,
} from '@mdi/js'

export interface Step {
  name: string
  word: string
  icon: string
  /** With Alt it goes there. */
  key?: string
  /** Other pages of the same step, and their titles. */
  also?: Record<string, string>
}

/** The steps of the work, in its order. */
export const STEPS: Step[] = [
  {
    name: 'find',
    word: 'Find',
    icon: mdiMapSearchOutline,
    key: '1',
    also: { sources: 'Sources' },
  },
  {
    name: 'arrange',
    word: 'Arrange',
    icon: mdiFormatListNumbered,
    key: '2',
    also: { compare: 'Compare', export: 'Export', lists: 'Lists', print: 'Print', review: 'Lines to review' },
  },
  {
    name: 'fit',
    word: 'Fit',
    icon: mdiViewGridOutline,
    key: '3',
    also: { matrix: 'Fit, all radios', radios: 'Radios', models: 'Models of radios' },
  },
  { name: 'load', word: 'Load', icon: mdiTrayArrowDown, key: '4' },
  {
    name: 'prove',
    word: 'Prove',
    icon: mdiAccessPoint,
    key: '5',
    also: { 'dry-run': 'Dry run', log: 'Log', ready: 'Readiness' },
  },
  {
    name: 'carry',
    word: 'Carry',
    icon: mdiCardTextOutline,
    key: '6',
    also: { cards: 'Cards', practice: 'Practice' },
  },
]

/** What one looks up. */
export const BESIDES: Step[] = [
  { name: 'tables', word: 'Tables', icon: mdiTableLarge, key: '9' },
  { name: 'about', word: 'About', icon: mdiInformationOutline },
]

const ALL = [...STEPS, ...BESIDES]
export const stepOf = (page: string) => ALL.find((each) => each.name === page || each.also?.[page])
export const titleOf = (page: string) => {
  const step = stepOf(page)
  return step ? (step.also?.[page] ?? step.word) : 'Nowhere'
}
export const stepOfKey = (key: string) => ALL.find((each) => each.key === key)
