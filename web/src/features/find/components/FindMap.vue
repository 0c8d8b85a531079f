<script setup lang="ts">
import 'leaflet/dist/leaflet.css'
import L from 'leaflet'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useTheme } from 'vuetify'
import { api, unwrap, type Found, type Schemas } from '@/shared/api/client'
import { loadLand } from '../composables/land'

const props = defineProps<{
  found: Found[]
  at: number
  here: { latitude: number; longitude: number; name: string } | null
  route: number[][] | null
  /** Where one changes on a trip, and to whom. */
  legs: Schemas['LegView'][]
  drawing: boolean
  drawn: number[][]
  radiusKm: number | null
  boxable: boolean
}>()
const emit = defineEmits<{
  pick: [at: number]
  point: [latitude: number, longitude: number]
  box: [edges: string]
}>()

const box = ref<HTMLElement | null>(null)
const failed = ref('')
const theme = useTheme()
let map: L.Map | null = null
let observer: ResizeObserver | null = null
const canvas = L.canvas({ padding: 0.4 })
const ground = L.layerGroup()
const rings = L.layerGroup()
const marks = L.layerGroup()
const way = L.layerGroup()
const changes = L.layerGroup()
const shapes: { polygon: L.Polygon | L.GeoJSON; coast: boolean }[] = []

const colour = (name: string) =>
  getComputedStyle(box.value as HTMLElement)
    .getPropertyValue(name)
    .trim()
function paint() {
  for (const { polygon } of shapes) {
    polygon.setStyle({ color: colour('--rod-mark'), weight: 0.8, fillColor: colour('--rod'), fillOpacity: 1 })
  }
}
async function drawGround() {
  try {
    const [land, own] = await Promise.all([loadLand(), unwrap(api.GET('/api/map/outlines'))])
    const options = { renderer: canvas, interactive: false, smoothFactor: 1.2 }
    const earth = L.geoJSON(land, options as L.GeoJSONOptions)
    shapes.push({ polygon: earth, coast: false })
    earth.addTo(ground)
    for (const each of own.outlines) {
      const polygon = L.polygon(each.points as [number, number][], options)
      shapes.push({ polygon, coast: true })
      polygon.addTo(ground)
    }
    for (const place of own.places) {
      L.marker([place.latitude, place.longitude], {
        icon: L.divIcon({ className: 'place-name', html: text(place.name), iconSize: [0, 0] }),
        interactive: false,
        keyboard: false,
      }).addTo(names)
    }
    paint()
    namesByZoom()
    // Until there is something to show, the places that have names are.
    if (!framed && own.places.length && map) {
      map.fitBounds(
        L.latLngBounds(own.places.map((place) => [place.latitude, place.longitude] as [number, number])),
        { animate: false, padding: [40, 40] },
      )
    }
  } catch (cause) {
    failed.value = cause instanceof Error ? cause.message : String(cause)
  }
}
const names = L.layerGroup()
function namesByZoom() {
  if (!map) return
  if (map.getZoom() >= 8) names.addTo(map)
  else names.remove()
}
function text(words: string) {
  const span = document.createElement('span')
  span.textContent = words
  return span.outerHTML
}

const RINGS = [5, 10, 25, 50, 100, 200, 500, 1000, 2000]
function drawHere() {
  rings.clearLayers()
  if (!props.here || !map) return
  const { latitude, longitude } = props.here
  const here: [number, number] = [latitude, longitude]
  const line = colour('--quiet')
  const most = props.radiusKm ?? 100
  const shown = [...RINGS.filter((km) => km < most && km >= most / 7), most]
  for (const km of shown) {
    L.circle(here, {
      radius: km * 1000,
      color: line,
      weight: 1,
      dashArray: km === most ? undefined : '3 5',
      fill: false,
      interactive: false,
    }).addTo(rings)
    // The label stands where the ring crosses the south-east.
    const aside = (km / 111.2) * Math.SQRT1_2
    L.marker([latitude - aside, longitude + aside / Math.cos((latitude * Math.PI) / 180)], {
      icon: L.divIcon({ className: 'ring-label', html: text(`${km} km`), iconSize: [0, 0] }),
      interactive: false,
      keyboard: false,
    }).addTo(rings)
  }
  const picked = props.found[props.at]?.entry
  if (picked && picked.latitude !== null && picked.longitude !== null) {
    L.polyline([here, [picked.latitude, picked.longitude]], {
      color: colour('--primary'),
      weight: 1.8,
      interactive: false,
    }).addTo(rings)
  }
  L.marker(here, {
    icon: L.divIcon({ className: 'here-mark', html: '<i></i>', iconSize: [18, 18] }),
    interactive: false,
    keyboard: false,
    title: props.here.name,
  }).addTo(rings)
}

const WAVES: Record<string, string> = {
  likely:
    '<path d="M4.6 10.6a9 9 0 0 1 0-10M17.4.6a9 9 0 0 1 0 10M7.6 9a5 5 0 0 1 0-7M14.4 2a5 5 0 0 1 0 7"/>',
  marginal: '<path d="M7.6 9a5 5 0 0 1 0-7M14.4 2a5 5 0 0 1 0 7"/>',
  dead: '<path d="M4 15 18 3"/>',
}
function markOf(found: Found) {
  const kind = found.entry.looksDead ? 'dead' : (found.reach?.verdict ?? 'unlikely')
  return `<svg viewBox="0 0 22 18" width="22" height="18"><path d="M11 7v10M8 17h6"/><circle cx="11" cy="5.5" r="1.8"/>${WAVES[kind] ?? ''}</svg>`
}
function drawFound() {
  marks.clearLayers()
  props.found.forEach((each, i) => {
    const { latitude, longitude, label, looksDead } = each.entry
    if (latitude === null || longitude === null) return
    const kind = looksDead ? 'dead' : (each.reach?.verdict ?? 'unlikely')
    const chosen = i === props.at
    L.marker([latitude, longitude], {
      icon: L.divIcon({
        className: `mast ${kind}${chosen ? ' chosen' : ''}`,
        html: markOf(each) + (chosen ? text(label) : ''),
        iconSize: [22, 18],
        iconAnchor: [11, 17],
      }),
      title: label,
      keyboard: false,
      zIndexOffset: chosen ? 1000 : looksDead ? -500 : 0,
    })
      .on('click', () => emit('pick', i))
      .addTo(marks)
  })
}
function drawWay() {
  way.clearLayers()
  const points = props.drawing ? props.drawn : (props.route ?? [])
  if (points.length) {
    L.polyline(points as [number, number][], {
      color: colour('--talk'),
      weight: 3,
      interactive: false,
    }).addTo(way)
  }
  if (props.drawing) {
    for (const point of points) {
      L.circleMarker(point as [number, number], {
        radius: 4,
        color: colour('--talk'),
        interactive: false,
      }).addTo(way)
    }
  }
}

function drawLegs() {
  changes.clearLayers()
  for (const leg of props.legs) {
    L.marker([leg.latitude, leg.longitude], {
      icon: L.divIcon({
        className: 'change-mark',
        html: text(`${leg.fromKm.toFixed(0)} km`),
        iconSize: [0, 0],
      }),
      title: `From km ${leg.fromKm.toFixed(0)} on: ${leg.entry.label}`,
      interactive: false,
      keyboard: false,
      zIndexOffset: 900,
    }).addTo(changes)
  }
}

/** Brings everything that was found into view; once for each place or route, so that it does not jump. */
let framed = ''
function frame() {
  if (!map) return
  const key = props.route
    ? `${props.route[0]?.join()}-${props.route.length}`
    : props.here
      ? `${props.here.latitude},${props.here.longitude},${props.radiusKm}`
      : ''
  if (!key || key === framed) return
  framed = key
  const bounds = props.route
    ? L.latLngBounds(props.route as [number, number][])
    : L.latLng(props.here?.latitude ?? 0, props.here?.longitude ?? 0).toBounds((props.radiusKm ?? 50) * 1600)
  map.fitBounds(bounds, { animate: false, padding: [12, 12] })
}
function all() {
  if (!map) return
  frame()
  drawHere()
  drawWay()
  drawFound()
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
    emit('point', place.lat, place.lng)
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
watch(() => [props.found, props.here, props.route, props.radiusKm, props.drawing, props.drawn], all, {
  deep: true,
})
watch(() => props.legs, drawLegs)
watch(
  () => props.at,
  () => {
    drawFound()
    drawHere()
    const entry = props.found[props.at]?.entry
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
  emit('box', edges.map((each) => each.toFixed(4)).join(','))
}

/** Enter on the map sets the point in its middle, as a click does anywhere. */
function onKey(event: KeyboardEvent) {
  if (event.key !== 'Enter' || !map) return
  event.preventDefault()
  const middle = map.getCenter().wrap()
  emit('point', middle.lat, middle.lng)
}
</script>

<template>
  <div class="around">
    <div
      ref="box"
      class="map"
      role="application"
      aria-label="Map. Arrow keys move it, plus and minus zoom, Enter takes the point in the middle. The list beside it says the same."
      @keydown="onKey"
    />
    <span class="middle" aria-hidden="true">+</span>
    <v-btn v-if="boxable" class="in-view" size="small" @click="inView">Search what the map shows</v-btn>
    <p v-if="failed" class="failed" role="alert">{{ failed }} The list goes on without the map.</p>
  </div>
</template>

<style scoped>
.around {
  position: relative;
  height: 100%;
  min-height: 0;
}
.map {
  height: 100%;
  background: var(--rail);
  isolation: isolate;
}
.map:focus-visible {
  outline-offset: -3px;
}
.middle {
  display: none;
  position: absolute;
  left: 50%;
  top: 50%;
  transform: translate(-50%, -50%);
  font: 22px var(--mono);
  color: var(--primary);
  pointer-events: none;
}
.map:focus-visible + .middle {
  display: block;
}
.in-view {
  position: absolute;
  right: 10px;
  top: 10px;
}
.failed {
  position: absolute;
  inset: auto 12px 12px;
  margin: 0;
  padding: 8px 12px;
  background: var(--surface);
  color: var(--error);
  border: 1px solid currentColor;
  border-radius: 6px;
}
.map :deep(.mast svg) {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.9;
  stroke-linecap: round;
  paint-order: stroke;
  filter: drop-shadow(0 0 1.5px var(--surface)) drop-shadow(0 0 1.5px var(--surface));
}
.map :deep(.mast circle) {
  fill: currentColor;
}
.map :deep(.mast.likely) {
  color: var(--primary);
}
.map :deep(.mast.marginal) {
  color: var(--doubt);
}
.map :deep(.mast.unlikely) {
  color: var(--quiet);
}
.map :deep(.mast.dead) {
  color: var(--error);
}
.map :deep(.mast.chosen span) {
  position: absolute;
  left: 24px;
  top: -2px;
  padding: 1px 7px;
  white-space: nowrap;
  font: 600 13px var(--body);
  color: var(--ink);
  background: var(--surface);
  border: 1px solid var(--primary);
  border-radius: 6px;
}
.map :deep(.place-name span),
.map :deep(.ring-label span) {
  position: absolute;
  transform: translate(-50%, -50%);
  white-space: nowrap;
  font: 11.5px var(--body);
  color: var(--rod-ink);
}
.map :deep(.ring-label span) {
  padding: 0 4px;
  font: 11px var(--mono);
  color: var(--quiet);
  background: var(--surface);
  border-radius: 4px;
}
.map :deep(.change-mark span) {
  position: absolute;
  transform: translate(-50%, 6px);
  padding: 1px 6px;
  white-space: nowrap;
  font: 600 11.5px var(--mono);
  color: var(--surface);
  background: var(--talk);
  border-radius: 4px;
}
.map :deep(.here-mark i) {
  position: absolute;
  inset: 3px;
  border: 3px solid var(--talk);
  border-radius: 50%;
  background: var(--surface);
}
.map :deep(.leaflet-control-attribution),
.map :deep(.leaflet-control-scale-line) {
  background: var(--surface);
  color: var(--quiet);
  border-color: var(--quiet);
  font: 11px var(--body);
  text-shadow: none;
}
.map :deep(.leaflet-bar a) {
  background: var(--surface);
  color: var(--ink);
  border-color: var(--line);
}
</style>
