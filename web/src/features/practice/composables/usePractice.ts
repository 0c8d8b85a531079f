import { computed, onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

export type PanelKey = Schemas['PressRequest']['key']
type Standing = Schemas['StandingView']

interface Kept {
  presses: Schemas['PressRequest'][]
  /** When the last key was pressed, in milliseconds. */
  at: number
  hints: number
}

const MOST_PAUSE = 3_600_000
const NOTHING: Kept = { presses: [], at: 0, hints: 0 }

/** What was pressed on a practice radio so far, kept in this browser, and what the radio shows of it. */
export function usePractice(of: {
  list: Ref<string>
  radio: Ref<string>
  /** The drill; empty to play freely. */
  channel: Ref<string>
  told: Ref<boolean>
}) {
  const { tellProblem } = useNotice()
  const place = computed(() => `reckonrod.practice.${of.list.value}.${of.radio.value}.${of.channel.value}`)
  const kept = ref<Kept>(NOTHING)
  const standing = ref<Standing | null>(null)
  const hint = ref<Schemas['KeyLineView'] | null>(null)
  const failed = ref('')
  let asked = 0
  let clock: ReturnType<typeof setTimeout> | undefined

  const body = (wantsHint = false): Schemas['PressedRequest'] => ({
    radio: of.radio.value,
    channel: of.channel.value || null,
    presses: kept.value.presses,
    idleMillis: kept.value.at ? Math.min(MOST_PAUSE, Date.now() - kept.value.at) : 0,
    hint: wantsHint,
    told: of.told.value,
  })

  function keep(next: Kept) {
    kept.value = next
    localStorage.setItem(place.value, JSON.stringify(next))
  }

  async function look(wantsHint = false) {
    if (!of.list.value || !of.radio.value) return
    clearTimeout(clock)
    const mine = ++asked
    try {
      const now = await unwrap(
        api.POST('/api/lists/{list}/practice/pressed', {
          params: { path: { list: of.list.value } },
          body: body(wantsHint),
        }),
      )
      // An answer to fewer keys is of no use any more.
      if (mine !== asked) return
      standing.value = now
      failed.value = ''
      if (wantsHint) hint.value = now.hint
      // What closes by itself closes here as it would on the radio.
      const idle = kept.value.at ? Date.now() - kept.value.at : 0
      if (now.dark > idle) clock = setTimeout(() => void look(), now.dark - idle + 30)
    } catch (cause) {
      if (mine !== asked) return
      failed.value = cause instanceof Error ? cause.message : String(cause)
      if (!standing.value) return
      tellProblem(cause)
    }
  }

  function press(key: PanelKey) {
    if (standing.value?.done && of.channel.value) return
    const now = Date.now()
    const { presses, at, hints } = kept.value
    const after = at ? Math.min(MOST_PAUSE, now - at) : 0
    keep({ presses: [...presses, { key, afterMillis: after }], at: now, hints })
    hint.value = null
    void look()
  }

  function begin() {
    hint.value = null
    // Keys that follow at once are keys of the new round.
    if (standing.value) standing.value = { ...standing.value, done: false, slips: [], leadsAway: false }
    keep(NOTHING)
    void look()
  }

  function wantHint() {
    if (standing.value?.done || !of.channel.value) return
    keep({ ...kept.value, hints: kept.value.hints + 1 })
    void look(true)
  }

  function read(): Kept {
    try {
      return { ...NOTHING, ...(JSON.parse(localStorage.getItem(place.value) ?? '{}') as Partial<Kept>) }
    } catch {
      return NOTHING
    }
  }

  watch(
    place,
    () => {
      kept.value = read()
      standing.value = null
      hint.value = null
      failed.value = ''
      void look()
    },
    { immediate: true },
  )
  onBeforeUnmount(() => clearTimeout(clock))

  return { standing, hint, failed, hints: computed(() => kept.value.hints), body, press, begin, wantHint }
}
