import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/shared/api/client'
import { newId } from '@/shared/newId'

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
  /** When it was tapped last, in milliseconds. */
  tapped: number
  /** Why the server would not have it. */
  refused: string
}

const PREFIX = 'reckonrod.test.'
const EVERY_MS = 3_000
/** What another tab goes on with is its own to send, until it has been left alone for so long. */
const LEFT_ALONE_MS = 60_000

/** Which tab of which browser says so; a reload is the same one. */
function editorOfTab() {
  const known = sessionStorage.getItem('reckonrod.editor')
  if (known) return known
  const made = newId()
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

/** Where the browser has no room, or keeps nothing, a test lives as long as the tab. */
const homeless = new Set<string>()
function store(test: Waiting) {
  try {
    localStorage.setItem(PREFIX + test.id, JSON.stringify(test))
    homeless.delete(test.id)
  } catch {
    homeless.add(test.id)
  }
}

/** Another tab may have gone on with a test, or have brought it to the server. */
function newest(test: Waiting): Waiting | null {
  if (homeless.has(test.id)) return test
  const text = localStorage.getItem(PREFIX + test.id)
  if (!text) return null
  return text === JSON.stringify(test) ? test : (JSON.parse(text) as Waiting)
}

/** It is brought there, unless it was gone on with meanwhile: that has to go too. */
function settle(test: Waiting) {
  if (localStorage.getItem(PREFIX + test.id) === JSON.stringify(test))
    localStorage.removeItem(PREFIX + test.id)
}
const isOurs = (test: Waiting) =>
  test.body.editor === editorOfTab() || Date.now() - test.tapped > LEFT_ALONE_MS

const waiting = ref<Waiting[]>(stored())
/** The tests of this tab as the server has them, with what they show. */
const judged = ref<Record<string, FieldTest>>({})
let sending = false

/** Every tap is kept in the browser at once, and goes to the server as soon as that answers. */
export function useFieldLog() {
  const cache = useQueryClient()

  function tap(id: string, body: TestBody) {
    const test = { id, body: { ...body, editor: editorOfTab() }, tapped: Date.now(), refused: '' }
    store(test)
    waiting.value = [...waiting.value.filter((each) => each.id !== id), test]
    void send()
  }

  /** One after the other, so that an older state never comes after a newer one. */
  async function send() {
    if (sending) return
    sending = true
    try {
      for (;;) {
        const next = waiting.value.find((each) => !each.refused && isOurs(each))
        if (!next) break
        if (!(await sent(next))) break
      }
    } finally {
      sending = false
    }
  }

  /** Whether the next one can be tried. */
  async function sent(known: Waiting) {
    const test = newest(known)
    if (!test) {
      // Another tab of this browser has brought it there.
      waiting.value = waiting.value.filter((each) => each !== known)
      return true
    }
    try {
      judged.value[test.id] = await unwrap(
        api.PUT('/api/tests/{id}', { params: { path: { id: test.id } }, body: test.body }),
      )
      // What was tapped while it was on its way goes next.
      const now = waiting.value.find((each) => each.id === test.id)
      if (now === known || now === test) {
        settle(test)
        homeless.delete(test.id)
        waiting.value = waiting.value.filter((each) => each !== now)
      }
      for (const key of ['tests', 'list', 'lists', 'ready', 'diagnosis'])
        void cache.invalidateQueries({ queryKey: [key] })
      return true
    } catch (cause) {
      if (!(cause instanceof Problem) || cause.status === 0 || cause.status === 401 || cause.status >= 500)
        return false
      const refused = { ...test, refused: cause.message }
      store(refused)
      waiting.value = waiting.value.map((each) => (each === known ? refused : each))
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
