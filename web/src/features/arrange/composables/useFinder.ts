import { computed, ref, type Ref } from 'vue'
import type { ListView, Row } from '@/shared/api/client'
import { shortTone } from '@/shared/words'
import type { RodItem } from './useRod'

const FITS: Record<string, string> = { left_out: 'left-out', by_hand: 'by-hand' }

/** Everything that a row shows or that is known of it, as words. */
function wordsOf(list: ListView, row: Row) {
  const block = list.blocks.find((each) => each.firstSlot <= row.slot && row.slot <= each.lastSlot)
  const simplex = row.transmitHz === row.receiveHz
  const tones = [row.talkTone, row.listenTone].map(shortTone)
  return [
    row.label,
    row.sum.listen,
    row.sum.talk,
    row.sum.shift,
    row.transmitHz === null ? 'listen-only' : simplex ? 'simplex' : 'repeater',
    row.band,
    row.band.replace(' ', ''),
    ...(tones.some(Boolean) ? tones : ['no-tone']),
    row.emission,
    row.power,
    ...row.flags,
    block?.name ?? 'no-block',
    row.pinned ? 'pinned' : '',
    ...row.findings.flatMap((each) => [each.severity, each.message]),
    row.laidAside.length ? 'laid-aside' : '',
    ...row.fits.map((each) => FITS[each.mark] ?? each.mark),
  ]
    .join(' ')
    .toLowerCase()
}

/** What was asked for: words that begin a word of the row, “several words” in quotes, and words with a minus that it must not have. */
function asked(text: string) {
  return [...text.toLowerCase().matchAll(/(-?)(?:"([^"]*)"?|(\S+))/g)]
    .map(([, minus, quoted, word]) => ({ not: minus === '-', words: quoted ?? word ?? '' }))
    .filter((each) => each.words !== '')
}

/** Looks for channels in the rod; those that are found stay marked in it while one goes from hit to hit. */
export function useFinder(list: Ref<ListView | undefined>, items: Ref<RodItem[]>, at: Ref<number>) {
  const open = ref(false)
  const text = ref('')
  const all = computed(() => {
    const now = list.value
    return new Map(open.value && now ? now.rows.map((row) => [row.id, ` ${wordsOf(now, row)}`]) : [])
  })
  const hits = computed(() => {
    const wanted = asked(text.value)
    const found = new Set<string>()
    if (wanted.length)
      all.value.forEach((words, id) => {
        if (wanted.every((each) => words.includes(` ${each.words}`) !== each.not)) found.add(id)
      })
    return found
  })
  const isHit = (it: RodItem | undefined) => it?.kind === 'channel' && hits.value.has(it.row.id)

  /** To the next hit that way, around the end; whether there is one. */
  function go(by: 1 | -1) {
    const count = items.value.length
    for (let i = 1; i <= count; i++) {
      const index = (((at.value + by * i) % count) + count) % count
      if (isHit(items.value[index])) {
        at.value = index
        return true
      }
    }
    return false
  }
  /** Where the hits lie, in hundredths of the rod. */
  const places = computed(() =>
    hits.value.size
      ? new Set(
          items.value.flatMap((it, i) =>
            isHit(it) ? [Math.round((1000 * i) / items.value.length) / 10] : [],
          ),
        )
      : new Set<number>(),
  )
  function close() {
    open.value = false
    text.value = ''
  }
  return { open, text, hits, isHit, go, places, close }
}
export type Finder = ReturnType<typeof useFinder>
