import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { api, knows, Problem, unwrap, type Finding, type ListView } from '@/shared/api/client'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { focusWorkGently } from '@/shared/keys/useScreen'

const running = ref(0)

/** A view with the rows that differ from it. */
export function merged(before: ListView, changed: ListView): ListView {
  const rows = new Map(before.rows.map((row) => [row.slot, row]))
  changed.freed.forEach((slot) => rows.delete(slot))
  changed.rows.forEach((row) => rows.set(row.slot, row))
  return {
    ...changed,
    rows: [...rows.values()].sort((a, b) => a.slot - b.slot),
    freed: [],
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

  async function run(
    change: (list: ListView) => Promise<{ list: ListView; slot?: number; said?: string }>,
    said?: string | true,
  ) {
    running.value++
    try {
      const list = await ensured()
      knows(list)
      const done = await change(list)
      await show(done.list)
      void cache.invalidateQueries({ queryKey: ['lists'] })
      void cache.invalidateQueries({ queryKey: ['difference'] })
      void cache.invalidateQueries({ queryKey: ['fit'] })
      void cache.invalidateQueries({ queryKey: ['findings'] })
      if (done.slot !== undefined) cursor.value = done.slot
      if (said) tell(said === true ? (done.said ?? '') : said)
      focusWorkGently()
      return true
    } catch (cause) {
      tellProblem(cause)
      if (cause instanceof Problem && cause.status === 409) await cache.invalidateQueries({ queryKey: key() })
      return false
    } finally {
      running.value--
    }
  }

  const path = (list: ListView, channelId: string) => ({ path: { id: list.id, channelId } })
  return {
    busy: computed(() => running.value > 0),
    put: (line: string) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/channels', {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version, slot: cursor.value, line },
          }),
        ),
      ),
    edit: (channelId: string, line: string) =>
      run((list) =>
        unwrap(
          api.PUT('/api/lists/{id}/channels/{channelId}', {
            params: path(list, channelId),
            body: { baseVersion: list.version, line },
          }),
        ),
      ),
    remove: (channelId: string) =>
      run((list) =>
        unwrap(
          api.DELETE('/api/lists/{id}/channels/{channelId}', {
            params: { ...path(list, channelId), query: { baseVersion: list.version } },
          }),
        ),
      ),
    /** What it did to others, to blocks and pins is told. */
    move: (channelId: string, slot: number, way: 'swap' | 'push' = 'swap') =>
      run(
        (list) =>
          unwrap(
            api.POST('/api/lists/{id}/channels/{channelId}/move', {
              params: path(list, channelId),
              body: { baseVersion: list.version, slot, way },
            }),
          ),
        true,
      ),
    pin: (channelId: string, pinned: boolean) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/channels/{channelId}/pin', {
            params: path(list, channelId),
            body: { baseVersion: list.version, pinned },
          }),
        ),
      ),
    putMany: (lines: string[], slot: number, block: string | null = null) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/channels/many', {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version, slot, lines, block },
          }),
        ),
      ),
    take: (entries: string[], recipe: string | null, slot: number) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/take', {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version, slot, take: { entries, recipe } },
          }),
        ),
      ),
    takeBlock: (name: string, entries: string[]) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/take/block', {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version, name, take: { entries, recipe: null } },
          }),
        ),
      ),
    takeBlockOut: (name: string) =>
      run((list) =>
        unwrap(
          api.DELETE('/api/lists/{id}/blocks', {
            params: { path: { id: list.id }, query: { name, baseVersion: list.version } },
          }),
        ),
      ),
    layAside: (channelId: string, finding: Finding, reason: string) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/channels/{channelId}/lay-aside', {
            params: path(list, channelId),
            body: { baseVersion: list.version, code: finding.code, field: finding.field, reason },
          }),
        ),
      ),
    lookAgain: (channelId: string, finding: Finding) =>
      run((list) =>
        unwrap(
          api.POST('/api/lists/{id}/channels/{channelId}/look-again', {
            params: path(list, channelId),
            body: { baseVersion: list.version, code: finding.code, field: finding.field },
          }),
        ),
      ),
    goBy: (bandPlan: string, licence: string) =>
      run((list) =>
        unwrap(
          api.PUT('/api/lists/{id}/plan', {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version, bandPlan, licence },
          }),
        ),
      ),
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

  async function step(way: 'undo' | 'redo') {
    const what = (await ensured())[way]
    return run(
      async (list) => ({
        list: await unwrap(
          api.POST(`/api/lists/{id}/${way}`, {
            params: { path: { id: list.id } },
            body: { baseVersion: list.version },
          }),
        ),
      }),
      what ? `${way === 'undo' ? 'Undone' : 'Done again'}: ${what}` : undefined,
    )
  }
}
