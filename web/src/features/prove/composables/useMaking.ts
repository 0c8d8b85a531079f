import { computed, onScopeDispose, ref, watch, type Ref } from 'vue'
import type { Radio, Schemas } from '@/shared/api/client'
import { newId } from '@/shared/newId'
import { useFieldLog, type Seen } from './useFieldLog'

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
}

/** The test of the channel that is looked at: every tap makes it what it is by then, and is kept at once. */
export function useMaking({ list, row, radio, place }: Spot) {
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

  function change(what: Partial<Making>) {
    const at = row.value
    if (!at?.id || !list.value) return
    const base = begun.value ? making.value : { ...fresh(), channelId: at.id, at: new Date().toISOString() }
    making.value = { ...base, ...what }
    log.tap(making.value.id, {
      editor: '',
      baseVersion: null,
      at: making.value.at,
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
      seen: making.value.seen,
      strength: making.value.strength,
      note: making.value.note,
      answers: making.value.answers,
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
    change({ seen: had.includes(seen) ? had.filter((each) => each !== seen) : [...had, seen] })
  }
  const again = () => (making.value = fresh())
  /** As the server has it, if that had it in this tab. */
  const judged = computed(() => log.judged.value[now.value.id])
  return { log, now, begun, judged, again, change, tap }
}
