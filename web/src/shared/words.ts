// Made once: making one for each number is dear.
const english = new Intl.NumberFormat('en')

/** A number with its thousands apart: 50,000. */
export const grouped = (count: number) => english.format(count)

/** A count with its word: 1 channel, 2 channels. */
export const counted = (count: number, one: string, many = `${one}s`) =>
  `${grouped(count)} ${count === 1 ? one : many}`

/** A moment in the one form that dates have here: 2026-11-26 04:10, by the clock of this machine. */
export function moment(at: string) {
  const date = new Date(at)
  const two = (part: number) => String(part).padStart(2, '0')
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
  return `${day} ${two(date.getHours())}:${two(date.getMinutes())}`
}

/** A tone as briefly as people write it: 71.9, D023N. */
export const shortTone = (tone: string | null | undefined) =>
  tone?.replace('CTCSS ', '').replace(/^DCS (\d+) ([NI])$/, 'D$1$2') ?? ''
