import L from 'leaflet'
import type { Found, Schemas } from '@/shared/api/client'

/** A place on the map. */
export interface Spot {
  latitude: number
  longitude: number
  name: string
}

/** The colour that the page has under that name now. */
export type Colour = (name: string) => string

/** Words as markup that means nothing but themselves. */
export function text(words: string) {
  const span = document.createElement('span')
  span.textContent = words
  return span.outerHTML
}

const plain = { interactive: false, keyboard: false } as const
const label = (className: string, words: string) =>
  L.divIcon({ className, html: text(words), iconSize: [0, 0] })

/** A name beside its place. */
export const placeName = (place: Spot) =>
  L.marker([place.latitude, place.longitude], { icon: label('place-name', place.name), ...plain })

const RINGS = [5, 10, 25, 50, 100, 200, 500, 1000, 2000]

/** The person's place with its range rings, and the bearing line to the entry at the cursor. */
export function drawHere(
  layer: L.LayerGroup,
  here: Spot,
  radiusKm: number | null,
  picked: Found | undefined,
  colour: Colour,
) {
  const at: [number, number] = [here.latitude, here.longitude]
  const most = radiusKm ?? 100
  for (const km of [...RINGS.filter((each) => each < most && each >= most / 7), most]) {
    L.circle(at, {
      radius: km * 1000,
      color: colour('--quiet'),
      weight: 1,
      dashArray: km === most ? undefined : '3 5',
      fill: false,
      interactive: false,
    }).addTo(layer)
    // The label stands where the ring crosses the south-east.
    const aside = (km / 111.2) * Math.SQRT1_2
    L.marker([here.latitude - aside, here.longitude + aside / Math.cos((here.latitude * Math.PI) / 180)], {
      icon: label('ring-label', `${km} km`),
      ...plain,
    }).addTo(layer)
  }
  const entry = picked?.entry
  if (entry && entry.latitude !== null && entry.longitude !== null) {
    L.polyline([at, [entry.latitude, entry.longitude]], {
      color: colour('--primary'),
      weight: 1.8,
      interactive: false,
    }).addTo(layer)
  }
  L.marker(at, {
    icon: L.divIcon({ className: 'here-mark', html: '<i></i>', iconSize: [18, 18] }),
    title: here.name,
    ...plain,
  }).addTo(layer)
}

const WAVES: Record<string, string> = {
  likely:
    '<path d="M4.6 10.6a9 9 0 0 1 0-10M17.4.6a9 9 0 0 1 0 10M7.6 9a5 5 0 0 1 0-7M14.4 2a5 5 0 0 1 0 7"/>',
  marginal: '<path d="M7.6 9a5 5 0 0 1 0-7M14.4 2a5 5 0 0 1 0 7"/>',
  dead: '<path d="M4 15 18 3"/>',
}
const kindOf = (found: Found) => (found.entry.looksDead ? 'dead' : (found.reach?.verdict ?? 'unlikely'))
const mast = (kind: string) =>
  `<svg viewBox="0 0 22 18" width="22" height="18"><path d="M11 7v10M8 17h6"/><circle cx="11" cy="5.5" r="1.8"/>${WAVES[kind] ?? ''}</svg>`

/** A mast for each entry that has a position; the one at the cursor bears its name. */
export function drawFound(layer: L.LayerGroup, found: Found[], at: number, pick: (i: number) => void) {
  found.forEach((each, i) => {
    const { latitude, longitude, label: name, looksDead } = each.entry
    if (latitude === null || longitude === null) return
    const kind = kindOf(each)
    const chosen = i === at
    L.marker([latitude, longitude], {
      icon: L.divIcon({
        className: `mast ${kind}${chosen ? ' chosen' : ''}`,
        html: mast(kind) + (chosen ? text(name) : ''),
        iconSize: [22, 18],
        iconAnchor: [11, 17],
      }),
      title: name,
      keyboard: false,
      zIndexOffset: chosen ? 1000 : looksDead ? -500 : 0,
    })
      .on('click', () => pick(i))
      .addTo(layer)
  })
}

/** A way; while it is drawn, its points too. */
export function drawWay(layer: L.LayerGroup, points: number[][], drawing: boolean, colour: Colour) {
  const talk = colour('--talk')
  if (points.length) {
    L.polyline(points as [number, number][], { color: talk, weight: 3, interactive: false }).addTo(layer)
  }
  for (const point of drawing ? points : []) {
    L.circleMarker(point as [number, number], { radius: 4, color: talk, interactive: false }).addTo(layer)
  }
}

/** Where one changes on a trip, by kilometre. */
export function drawChanges(layer: L.LayerGroup, legs: Schemas['LegView'][]) {
  for (const leg of legs) {
    const km = leg.fromKm.toFixed(0)
    L.marker([leg.latitude, leg.longitude], {
      icon: label('change-mark', `${km} km`),
      title: `From km ${km} on: ${leg.entry.label}`,
      zIndexOffset: 900,
      ...plain,
    }).addTo(layer)
  }
}
