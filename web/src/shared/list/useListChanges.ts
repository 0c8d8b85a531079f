import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { api, knows, Problem, unwrap, type Edit, type ListView } from '@/shared/api/client'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { focusWorkGently } from '@/shared/keys/useScreen'

const running = ref(0)

let last: Promise<unknown> = Promise.resolve()
let failures = 0
/**
 * Edits of this tab wait for each other, so that each is based on what the one before it made. If one fails, those that
 * were waiting are dropped: they were meant for another list than the one that is there now.
 */
function inTurn(work: () => Promise<boolean>): Promise<boolean> {
  const before = failures
  const next = last.then(async () => {
    if (before !== failures) return false
    const done = await work()
    if (!done) failures++
    return done
  })
  last = next.catch(() => undefined)
  return next
}

/** A view with the rows that differ from it. */
export function merged(before: ListView, changed: ListView): ListView {
  const rows = new Map(before.rows.map((row) => [row.slot, row]))
  changed.freed.forEach((slot) => rows.delete(slot))
  const fits = new Map(before.rows.map((row) => [row.id, row.fits]))
  const sameFits = new Set(changed.sameFits)
  changed.rows.forEach((row) =>
    rows.set(row.slot, sameFits.has(row.id) ? { ...row, fits: fits.get(row.id) ?? [] } : row),
  )
  return {
    ...changed,
    rows: [...rows.values()].sort((a, b) => a.slot - b.slot),
    freed: [],
    sameFits: [],
    since: null,
  }
}

/** Changes of a list. Each says what it was based on; one that comes too late is told and the newest list is shown. */
export function useListChanges(listId: Ref<string | null>) {
  const cache = useQueryClient()
  const cursor = useCursor()
  const { tell, tellProblem } = useNotice()
  const key = () => ['list', listId.value]

  async function ensured(): Promise<ListView> {
    const id = listId.value ?? ''
    return cache.ensureQueryData({
      queryKey: key(),
      queryFn: () => unwrap(api.GET('/api/lists/{id}', { params: { path: { id } } })),
    })
  }

  /** What differs from the view that is here is put into it; what differs from another one is not enough. */
  async function show(list: ListView) {
    const here = cache.getQueryData<ListView>(key())
    if (list.since === null) cache.setQueryData(key(), list)
    else if (here?.mark === list.since) cache.setQueryData(key(), merged(here, list))
    else await cache.invalidateQueries({ queryKey: key() })
  }

  type Done = { list: ListView; slot?: number; said?: string }

  async function run(
    change: (list: ListView) => Promise<Done> | null,
    said?: true | ((said: string) => boolean),
  ) {
    running.value++
    return inTurn(() => runNow(change, said)).finally(() => running.value--)
  }

  async function runNow(
    change: (list: ListView) => Promise<Done> | null,
    said?: true | ((said: string) => boolean),
  ) {
    try {
      const list = await ensured()
      knows(list)
      const done = await change(list)
      if (!done) return true
      await show(done.list)
      void cache.invalidateQueries({ queryKey: ['lists'] })
      void cache.invalidateQueries({ queryKey: ['difference'] })
      void cache.invalidateQueries({ queryKey: ['fit'] })
      void cache.invalidateQueries({ queryKey: ['findings'] })
      if (done.slot !== undefined) cursor.value = done.slot
      const words = done.said ?? ''
      if (said === true || said?.(words)) tell(words)
      focusWorkGently()
      return true
    } catch (cause) {
      tellProblem(cause)
      if (cause instanceof Problem && cause.status === 409) await cache.invalidateQueries({ queryKey: key() })
      return false
    }
  }

  const post = (list: ListView, edits: Edit[]) =>
    unwrap(
      api.POST('/api/lists/{id}/changes', {
        params: { path: { id: list.id } },
        body: { baseVersion: list.version, edits },
      }),
    )
  const make = (edits: Edit[], said: true | ((said: string) => boolean)) =>
    run((list) => post(list, edits), said)

  return {
    busy: computed(() => running.value > 0),
    /** Makes one edit, or several that stand or fall together. What the blocks made of it, and what a move did, is told. */
    change: (...edits: Edit[]) =>
      make(edits, (words) => edits.some((each) => each.kind === 'move') || / block /.test(words)),
    /** An edit that depends on the list as it is when its turn comes; none is made for null. */
    changeThen: (edit: (list: ListView) => Edit | null) =>
      run(
        (list) => {
          const now = edit(list)
          return now && post(list, [now])
        },
        () => true,
      ),
    /** The same, and what was done is told whatever it was. */
    say: (...edits: Edit[]) => make(edits, true),
    undo: () => step('undo'),
    redo: () => step('redo'),
    restore: (revision: number) =>
      run(async (list) => ({
        list: await unwrap(
          api.POST('/api/lists/{id}/restore', {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version, revision },
          }),
        ),
      })),
  }

  function step(way: 'undo' | 'redo') {
    return run(async (list) => {
      const what = list[way]
      const next = await unwrap(
        api.POST(`/api/lists/{id}/${way}`, {
          params: { path: { id: list.id } },
          body: { baseVersion: list.version },
        }),
      )
      return { list: next, said: what ? `${way === 'undo' ? 'Undone' : 'Done again'}: ${what}` : '' }
    }, Boolean)
  }
}
