import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/shared/api/client'

export type FieldTest = Schemas['FieldTestView']
export type TestBody = Schemas['TestRequest']
export type Seen = FieldTest['seen'][number]

/** What can be tapped, in the order it happens. */
export const SEEN: { seen: Seen; words: string }[] = [
  { seen: 'light', words: 'Transmit light' },
  { seen: 'shown', words: 'Talk frequency shown' },
  { seen: 'tail', words: 'Tail' },
  { seen: 'identified', words: 'Voices, identification' },
  { seen: 'answered', words: 'Answered' },
  { seen: 'noise', words: 'Only noise' },
  { seen: 'nothing', words: 'Nothing' },
]

/** A test that this browser has not brought to the server yet. */
interface Waiting {
  id: string
  body: TestBody
  /** Why the server would not have it. */
  refused: string
}

const PREFIX = 'reckonrod.test.'
const EVERY_MS = 3_000

/** Which tab of which browser says so; a reload is the same one. */
function editorOfTab() {
  const known = sessionStorage.getItem('reckonrod.editor')
  if (known) return known
  const made = crypto.randomUUID()
  sessionStorage.setItem('reckonrod.editor', made)
  return made
}

function stored(): Waiting[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .sort()
    .flatMap((key) => {
      try {
        return [JSON.parse(localStorage.getItem(key) ?? '') as Waiting]
      } catch {
        return []
      }
    })
}

const waiting = ref<Waiting[]>(stored())
/** The tests of this tab as the server has them, with what they show. */
const judged = ref<Record<string, FieldTest>>({})
let sending = false

/** Every tap is kept in the browser at once, and goes to the server as soon as that answers. */
export function useFieldLog() {
  const cache = useQueryClient()

  function tap(id: string, body: TestBody) {
    const test = { id, body: { ...body, editor: editorOfTab() }, refused: '' }
    localStorage.setItem(PREFIX + id, JSON.stringify(test))
    waiting.value = [...waiting.value.filter((each) => each.id !== id), test]
    void send()
  }

  /** One after the other, so that an older state never comes after a newer one. */
  async function send() {
    if (sending) return
    sending = true
    try {
      for (;;) {
        const next = waiting.value.find((each) => !each.refused)
        if (!next) break
        if (!(await sent(next))) break
      }
    } finally {
      sending = false
    }
  }

  /** Whether the next one can be tried. */
  async function sent(test: Waiting) {
    try {
      judged.value[test.id] = await unwrap(
        api.PUT('/api/tests/{id}', { params: { path: { id: test.id } }, body: test.body }),
      )
      // What was tapped while it was on its way goes next.
      if (waiting.value.find((each) => each.id === test.id) === test) forget(test.id)
      for (const key of ['tests', 'list', 'lists', 'ready', 'diagnosis'])
        void cache.invalidateQueries({ queryKey: [key] })
      return true
    } catch (cause) {
      if (!(cause instanceof Problem) || cause.status === 0 || cause.status === 401 || cause.status >= 500)
        return false
      const refused = { ...test, refused: cause.message }
      localStorage.setItem(PREFIX + test.id, JSON.stringify(refused))
      waiting.value = waiting.value.map((each) => (each === test ? refused : each))
      return true
    }
  }

  function forget(id: string) {
    localStorage.removeItem(PREFIX + id)
    waiting.value = waiting.value.filter((each) => each.id !== id)
  }

  const timer = window.setInterval(() => void send(), EVERY_MS)
  const online = () => void send()
  addEventListener('online', online)
  onScopeDispose(() => {
    clearInterval(timer)
    removeEventListener('online', online)
  })
  void send()

  return {
    tap,
    forget,
    judged,
    /** How many are kept in this browser alone. */
    unsent: computed(() => waiting.value.filter((each) => !each.refused).length),
    refused: computed(() => waiting.value.filter((each) => each.refused)),
  }
}

export const useTests = () => useQuery({ queryKey: ['tests'], queryFn: () => unwrap(api.GET('/api/tests')) })
