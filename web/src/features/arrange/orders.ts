import type { Schemas } from '@/shared/api/client'

export type By = Schemas['OrderEdit']['by']

/** The orders that channels can be put in, in words. */
export const ORDERS: { by: By; title: string }[] = [
  { by: 'frequency', title: 'by frequency' },
  { by: 'name', title: 'by name' },
  { by: 'call_sign', title: 'by call sign of the directory' },
  { by: 'use', title: 'by use: simplex, repeaters, listen only' },
  { by: 'talk_tone', title: 'by talk tone' },
  { by: 'distance', title: 'by distance from a place…' },
]
