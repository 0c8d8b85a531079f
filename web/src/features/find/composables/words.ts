import { shortTone } from '@/shared/words'

/** Hertz as megahertz, with at least three places. */
export function megahertz(hertz: number) {
  const text = (hertz / 1e6).toFixed(6).replace(/0+$/, '')
  const places = text.length - text.indexOf('.') - 1
  return places < 3 ? text + '0'.repeat(3 - places) : text
}

/** A tone as briefly as people write it. */
export const toneOf = (tone: string | null) => (tone === null ? 'no tone' : shortTone(tone))
