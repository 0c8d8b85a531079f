import L from 'leaflet'
import { onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue'
import { useTheme } from 'vuetify'
import { api, unwrap, type Found, type Schemas } from '@/shared/api/client'
import { loadLand } from './land'
import { drawChanges, drawFound, drawHere, drawWay, placeName, type Spot } from './marks'

/** What is on the map. */
export interface Shown {
  found: Found[]
  /** Which of them is picked. */
  at: number
  here: Spot | null
  route: number[][] | null
  /** Where one changes on a trip, and to whom. */
  legs: Schemas['LegView'][]
  drawing: boolean
  drawn: number[][]
  radiusKm: number | null
}
/** What is done on it. */
interface Told {
  pick: (at: number) => void
  point: (latitude: number, longitude: number) => void
  box: (edges: string) => void
}

/** The map in a box: ground, names, what was found, the way. */
export function useFindMap(box: Ref<HTMLElement | null>, shown: Shown, tell: Told) {
  const failed = ref('')
  const theme = useTheme()
  let map: L.Map | null = null
  let observer: ResizeObserver | null = null
  const canvas = L.canvas({ padding: 0.4 })
  const ground = L.layerGroup()
  const names = L.layerGroup()
  const rings = L.layerGroup()
  const way = L.layerGroup()
  const marks = L.layerGroup()
  const changes = L.layerGroup()
  const shapes: (L.Polygon | L.GeoJSON)[] = []

  const colour = (name: string) =>
    getComputedStyle(box.value as HTMLElement)
      .getPropertyValue(name)
      .trim()
  function paint() {
    const style = { color: colour('--rod-mark'), weight: 0.8, fillColor: colour('--rod'), fillOpacity: 1 }
    for (const shape of shapes) shape.setStyle(style)
  }
  async function drawGround() {
    try {
      const [land, own] = await Promise.all([loadLand(), unwrap(api.GET('/api/map/outlines'))])
      const options = { renderer: canvas, interactive: false, smoothFactor: 1.2 }
      shapes.push(L.geoJSON(land, options as L.GeoJSONOptions))
      for (const each of own.outlines) shapes.push(L.polygon(each.points as [number, number][], options))
      for (const shape of shapes) shape.addTo(ground)
      for (const place of own.places) placeName(place).addTo(names)
      paint()
      namesByZoom()
      // Until there is something to show, the places that have names are.
      if (!framed && own.places.length) {
        const all = own.places.map((place) => [place.latitude, place.longitude] as [number, number])
        map?.fitBounds(L.latLngBounds(all), { animate: false, padding: [40, 40] })
      }
    } catch (cause) {
      failed.value = cause instanceof Error ? cause.message : String(cause)
    }
  }
  function namesByZoom() {
    if (!map) return
    if (map.getZoom() >= 8) names.addTo(map)
    else names.remove()
  }
  function placeAndCursor() {
    rings.clearLayers()
    marks.clearLayers()
    if (shown.here) drawHere(rings, shown.here, shown.radiusKm, shown.found[shown.at], colour)
    drawFound(marks, shown.found, shown.at, (i) => tell.pick(i))
  }

  /** Brings everything that was found into view; once for each place or route, so that it does not jump. */
  let framed = ''
  function frame() {
    if (!map) return
    const key = shown.route
      ? `${shown.route[0]?.join()}-${shown.route.length}`
      : shown.here
        ? `${shown.here.latitude},${shown.here.longitude},${shown.radiusKm}`
        : ''
    if (!key || key === framed) return
    framed = key
    const bounds = shown.route
      ? L.latLngBounds(shown.route as [number, number][])
      : L.latLng(shown.here?.latitude ?? 0, shown.here?.longitude ?? 0).toBounds(
          (shown.radiusKm ?? 50) * 1600,
        )
    map.fitBounds(bounds, { animate: false, padding: [12, 12] })
  }
  function all() {
    if (!map) return
    frame()
    way.clearLayers()
    drawWay(way, shown.drawing ? shown.drawn : (shown.route ?? []), shown.drawing, colour)
    placeAndCursor()
  }

  onMounted(() => {
    if (!box.value) return
    map = L.map(box.value, {
      attributionControl: true,
      zoomSnap: 0.5,
      minZoom: 2,
      maxZoom: 14,
      worldCopyJump: true,
      zoomAnimation: false,
      fadeAnimation: false,
      markerZoomAnimation: false,
      preferCanvas: false,
    }).setView([47.4, -36], 6)
    map.attributionControl.setPrefix(false).addAttribution('Coastlines: Natural Earth, public domain')
    L.control.scale({ imperial: false }).addTo(map)
    for (const layer of [ground, rings, way, marks, changes]) layer.addTo(map)
    map.on('click', (event) => {
      const place = event.latlng.wrap()
      tell.point(place.lat, place.lng)
    })
    map.on('zoomend', namesByZoom)
    observer = new ResizeObserver(() => {
      map?.invalidateSize()
      framed = ''
      frame()
    })
    observer.observe(box.value)
    void drawGround()
    all()
  })
  onBeforeUnmount(() => {
    observer?.disconnect()
    map?.remove()
    map = null
  })
  watch(() => [shown.found, shown.here, shown.route, shown.radiusKm, shown.drawing, shown.drawn], all, {
    deep: true,
  })
  watch(
    () => shown.legs,
    (legs) => {
      changes.clearLayers()
      drawChanges(changes, legs)
    },
  )
  watch(
    () => shown.at,
    () => {
      placeAndCursor()
      const entry = shown.found[shown.at]?.entry
      if (map && entry && entry.latitude !== null && entry.longitude !== null) {
        const place = L.latLng(entry.latitude, entry.longitude)
        if (!map.getBounds().contains(place)) map.panTo(place, { animate: false })
      }
    },
  )
  watch(
    () => theme.global.name.value,
    () => setTimeout(() => (paint(), all())),
  )

  /** The edges of what is shown, as far as the earth goes round. */
  function inView() {
    if (!map) return
    const bounds = map.getBounds()
    const whole = bounds.getEast() - bounds.getWest() >= 360
    const edges = [
      Math.max(-90, bounds.getSouth()),
      whole ? -180 : L.latLng(0, bounds.getWest()).wrap().lng,
      Math.min(90, bounds.getNorth()),
      whole ? 180 : L.latLng(0, bounds.getEast()).wrap().lng,
    ]
    tell.box(edges.map((each) => each.toFixed(4)).join(','))
  }

  /** Enter on the map sets the point in its middle, as a click does anywhere. */
  function onKey(event: KeyboardEvent) {
    if (event.key !== 'Enter' || !map) return
    event.preventDefault()
    const middle = map.getCenter().wrap()
    tell.point(middle.lat, middle.lng)
  }

  return { failed, inView, onKey }
}
