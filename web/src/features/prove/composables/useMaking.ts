import { computed, onScopeDispose, ref, watch, type Ref } from 'vue'
import type { Radio, Schemas } from '@/shared/api/client'
import { newId } from '@/shared/newId'
import { SEEN, useFieldLog, type Seen, type TestBody } from './useFieldLog'
import type { Step } from './useSteps'

/** A test that is being made; it begins with the first tap. */
export interface Making {
  id: string
  channelId: string
  at: string
  seen: Seen[]
  strength: number
  note: string
  answers: Record<string, string>
}
const KEY = 'reckonrod.prove.making'
const fresh = (): Making => ({
  id: newId(),
  channelId: '',
  at: '',
  seen: [],
  strength: 0,
  note: '',
  answers: {},
})
function kept(): Making {
  try {
    return { ...fresh(), ...(JSON.parse(sessionStorage.getItem(KEY) ?? '{}') as Partial<Making>) }
  } catch {
    return fresh()
  }
}
/** After a while the same channel is another test. */
const SAME_TEST_MS = 30 * 60_000

interface Spot {
  list: Ref<Schemas['ListView'] | undefined>
  row: Ref<Schemas['RowView'] | null>
  radio: Ref<Radio | null>
  place: Ref<string>
  /** Goes back to a channel. */
  look: (channelId: string) => void
  did: (step: Step) => void
}

/** The test of the channel that is looked at: every tap makes it what it is by then, and is kept at once. */
export function useMaking({ list, row, radio, place, look, did }: Spot) {
  const log = useFieldLog()
  const making = ref<Making>(kept())
  watch(making, (now) => sessionStorage.setItem(KEY, JSON.stringify(now)), { deep: true })
  const minute = ref(Date.now())
  const clock = window.setInterval(() => (minute.value = Date.now()), 60_000)
  onScopeDispose(() => clearInterval(clock))
  const begun = computed(
    () =>
      making.value.channelId === row.value?.id && minute.value - Date.parse(making.value.at) < SAME_TEST_MS,
  )
  const now = computed<Making>(() => (begun.value ? making.value : fresh()))

  function body(it: Making): TestBody | null {
    const at = row.value
    if (!at?.id || !list.value) return null
    return {
      editor: '',
      baseVersion: null,
      at: it.at,
      place: place.value,
      latitude: null,
      longitude: null,
      radioId: radio.value?.id ?? null,
      radio: radio.value?.name ?? '',
      listId: list.value.id,
      channelId: at.id,
      channel: at.label,
      line: at.line,
      directoryId: at.directoryId || null,
      seen: it.seen,
      strength: it.strength,
      note: it.note,
      answers: it.answers,
    }
  }
  /** The test becomes what it is by then; what it says can be taken back, on whatever channel one is by that time. */
  function change(what: Partial<Making>, said: string, joins?: string) {
    const at = row.value
    if (!at?.id) return
    const base = begun.value ? making.value : { ...fresh(), channelId: at.id, at: new Date().toISOString() }
    const next = { ...base, ...what }
    const sent = body(next)
    if (!sent) return
    const become = (it: Making) => {
      making.value = it
      log.tap(it.id, { ...sent, seen: it.seen, strength: it.strength, note: it.note, answers: it.answers })
    }
    become(next)
    did({
      what: said,
      ...(joins ? { joins: `${joins} of ${next.id}` } : {}),
      back: () => (look(next.channelId), become(base)),
      forth: () => (look(next.channelId), become(next)),
    })
  }
  /** What was tapped by keys before the list was there is not lost. */
  const early: Seen[] = []
  watch(row, (at) => {
    if (at) early.splice(0).forEach(tap)
  })
  function tap(seen: Seen) {
    if (!row.value) {
      early.push(seen)
      return
    }
    const had = now.value.seen
    const words = SEEN.find((each) => each.seen === seen)?.words ?? seen
    if (had.includes(seen)) change({ seen: had.filter((each) => each !== seen) }, `${words} taken back`)
    else change({ seen: [...had, seen] }, words)
  }
  const again = () => (making.value = fresh())
  /** As the server has it, if that had it in this tab. */
  const judged = computed(() => log.judged.value[now.value.id])
  return { log, now, begun, judged, again, change, tap }
}
