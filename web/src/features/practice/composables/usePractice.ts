import { computed, onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { newId } from '@/shared/newId'

export type PanelKey = Schemas['PressRequest']['key']
type Standing = Schemas['StandingView']

interface Kept {
  presses: Schemas['PressRequest'][]
  /** When the last key was pressed, in milliseconds. */
  at: number
  hints: number
  /** The same as often as this round is kept. */
  run: string
}

const MOST_PAUSE = 3_600_000
const nothing = (): Kept => ({ presses: [], at: 0, hints: 0, run: newId() })

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
  const kept = ref<Kept>(nothing())
  const standing = ref<Standing | null>(null)
  const hint = ref<Schemas['KeyLineView'] | null>(null)
  const failed = ref('')
  let asked = 0
  let clock: ReturnType<typeof setTimeout> | undefined

  /** How long ago the last key was; a clock that was set back in between makes that nothing. */
  const since = () => (kept.value.at ? Math.max(0, Math.min(MOST_PAUSE, Date.now() - kept.value.at)) : 0)
  const body = (wantsHint = false): Schemas['PressedRequest'] => ({
    radio: of.radio.value,
    channel: of.channel.value || null,
    presses: kept.value.presses,
    idleMillis: since(),
    hint: wantsHint,
    told: of.told.value,
  })

  function keep(next: Kept) {
    kept.value = next
    try {
      localStorage.setItem(place.value, JSON.stringify(next))
    } catch {
      // What the browser has no room for stays in this tab for as long as it is open.
    }
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
      const idle = since()
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
    const presses = [...kept.value.presses, { key, afterMillis: since() }]
    keep({ ...kept.value, presses, at: Date.now() })
    hint.value = null
    void look()
  }

  function begin() {
    hint.value = null
    // Keys that follow at once are keys of the new round.
    if (standing.value) standing.value = { ...standing.value, done: false, slips: [], leadsAway: false }
    keep(nothing())
    void look()
  }

  function wantHint() {
    if (standing.value?.done || !of.channel.value) return
    keep({ ...kept.value, hints: kept.value.hints + 1 })
    void look(true)
  }

  function read(): Kept {
    try {
      return { ...nothing(), ...(JSON.parse(localStorage.getItem(place.value) ?? '{}') as Partial<Kept>) }
    } catch {
      return nothing()
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

  return {
    standing,
    hint,
    failed,
    hints: computed(() => kept.value.hints),
    run: computed(() => kept.value.run),
    body,
    press,
    begin,
    wantHint,
  }
}
