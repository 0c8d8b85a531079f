import type { Schemas } from '@/shared/api/client'

export type Naming = Schemas['NamingView']

/** What names can be made of. */
export const PARTS: { value: Naming['parts'][number]; title: string }[] = [
  { value: 'place', title: 'place' },
  { value: 'call_sign', title: 'call sign' },
  { value: 'listen', title: 'output' },
  { value: 'talk', title: 'talk frequency, if another' },
  { value: 'cross_band_talk', title: 'talk frequency, if on another band' },
  { value: 'talk_tone', title: 'talk tone' },
  { value: 'band', title: 'band' },
  { value: 'distance', title: 'distance from a place' },
  { value: 'number', title: 'number in its block' },
]

/** Whether a recipe says all that it must. */
export const isWhole = (it: Naming) =>
  it.parts.length > 0 && (!it.parts.includes('distance') || !!it.from?.place.trim())
