import type { MultiPolygon, Polygon, Position } from 'geojson'
import { feature } from 'topojson-client'
import type { Topology } from 'topojson-specification'
import landUrl from 'world-atlas/land-50m.json?url'

/** Rings that run over the date line are laid out flat and drawn a turn further too, so that no line crosses the map. */
function flat(ring: Position[]): Position[] {
  let turn = 0
  const out: Position[] = []
  ring.forEach(([longitude = 0, latitude = 0], i) => {
    const before = ring[i - 1]?.[0] ?? longitude
    if (longitude - before > 180) turn -= 360
    if (longitude - before < -180) turn += 360
    out.push([longitude + turn, latitude])
  })
  // A ring that ends a turn away from where it began goes around a pole.
  if (turn !== 0) {
    const pole = (out[0]?.[1] ?? 0) < 0 ? -90 : 90
    out.push([out[out.length - 1]?.[0] ?? 0, pole], [out[0]?.[0] ?? 0, pole], out[0] ?? [0, 0])
  }
  return out
}

const moved = (rings: Position[][], by: number) =>
  rings.map((ring) => ring.map(([longitude = 0, latitude = 0]) => [longitude + by, latitude]))

/** The land of the earth as polygons; loaded when the first map is shown. */
export async function loadLand(): Promise<MultiPolygon> {
  const answer = await fetch(landUrl)
  if (!answer.ok) throw new Error('The coastlines that ship with Reckonrod cannot be loaded.')
  const topology = (await answer.json()) as Topology
  const land = topology.objects.land
  if (!land) throw new Error('The coastlines that ship with Reckonrod cannot be read.')
  const shape = feature(topology, land)
  const polygons: Position[][][] = []
  for (const each of shape.type === 'FeatureCollection' ? shape.features : [shape]) {
    const geometry = each.geometry as Polygon | MultiPolygon
    for (const rings of geometry.type === 'Polygon' ? [geometry.coordinates] : geometry.coordinates) {
      const laid = rings.map(flat)
      const longitudes = (laid[0] ?? []).map(([longitude = 0]) => longitude)
      polygons.push(laid)
      if (Math.max(...longitudes) > 180) polygons.push(moved(laid, -360))
      if (Math.min(...longitudes) < -180) polygons.push(moved(laid, 360))
    }
  }
  return { type: 'MultiPolygon', coordinates: polygons }
}
