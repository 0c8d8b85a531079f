import { ref, type Ref } from 'vue'
import type { RouteGiven, Way } from './useFind'

/** What a click on the map means: the place to search around, or the next point of a route that is being drawn. */
export function useDrawing(way: Ref<Way>, at: Ref<string>, route: Ref<RouteGiven | null>) {
  const drawing = ref(false)
  const drawn = ref<number[][]>([])
  function begin() {
    drawing.value = true
    drawn.value = []
  }
  function point(latitude: number, longitude: number) {
    if (drawing.value) drawn.value = [...drawn.value, [latitude, longitude]]
    else if (way.value === 'around') at.value = `${latitude.toFixed(4)} ${longitude.toFixed(4)}`
  }
  const back = () => (drawn.value = drawn.value.slice(0, -1))
  function end() {
    route.value = { name: 'Drawn on the map', gpx: null, points: drawn.value }
    drawing.value = false
    drawn.value = []
  }
  return { drawing, drawn, begin, point, back, end }
}
