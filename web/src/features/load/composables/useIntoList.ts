import { api, unwrap } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'
import { useOpenList } from '@/shared/composables/useOpenList'
import { counted } from '@/shared/words'

/** Takes channels of a radio into the open list, as a snapshot has them; one step that can be taken back in Arrange. */
export function useIntoList() {
  const does = useDoing()
  const { open } = useOpenList()
  return (radio: string, snapshot: string, slots: number[]) =>
    does(
      async () => {
        const list = open.value
        if (!list) return
        const { rows } = await unwrap(
          api.GET('/api/lists/{id}/compare', {
            params: { path: { id: list.id }, query: { radio, snapshot } },
          }),
        )
        const keys = rows.filter((each) => slots.includes(each.thereSlot ?? -1)).map((each) => each.key)
        const now = await unwrap(api.GET('/api/lists/{id}', { params: { path: { id: list.id } } }))
        await unwrap(
          api.POST('/api/lists/{id}/changes', {
            params: { path: { id: list.id } },
            body: {
              baseVersion: now.version,
              edits: [{ kind: 'take-over', from: null, revision: null, radio, snapshot, rows: keys }],
            },
          }),
        )
      },
      `${counted(slots.length, 'channel')} of the radio went into the list; undo is in Arrange`,
    )
}
