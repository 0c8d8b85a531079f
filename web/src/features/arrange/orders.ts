import type { Schemas } from '@/shared/api/client'

export type By = Schemas['OrderEdit']['by']
type Spot = Schemas['SpotView']

/** The orders that channels can be put in, in words. */
export const ORDERS: { by: By; title: string }[] = [
  { by: 'frequency', title: 'by frequency' },
  { by: 'name', title: 'by name' },
  { by: 'call_sign', title: 'by call sign of the directory' },
  { by: 'use', title: 'by use: simplex, repeaters, listen only' },
  { by: 'talk_tone', title: 'by talk tone' },
  { by: 'rank', title: 'by rank, what matters most first' },
  { by: 'last_proven', title: 'by last proven, the newest first' },
  { by: 'not_proven', title: 'by longest not proven, never tried first' },
  { by: 'distance', title: 'by distance from a place…' },
  { by: 'along', title: 'along a way…' },
]

/** Whether an order has to be told where. */
export const asksWhere = (by: By | null | undefined): by is 'distance' | 'along' =>
  by === 'distance' || by === 'along'

/** A place that is looked up by what is typed. */
export const spot = (place: string): Spot => ({ place, latitude: null, longitude: null })

/** The places of an order, as the wire has them. */
export const where = (by: By | null, places: string[] = []) => ({
  from: by === 'distance' && places[0] ? spot(places[0]) : null,
  via: by === 'along' ? places.map(spot) : null,
})
