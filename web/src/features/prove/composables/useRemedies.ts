import { useQueryClient } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { useListChanges } from '@/shared/list/useListChanges'
import type { useMaking } from './useMaking'
import type { Step } from './useSteps'

interface Spot {
  openId: Ref<string | null>
  rows: Ref<Schemas['RowView'][]>
  row: Ref<Schemas['RowView'] | null>
  place: Ref<string>
  made: ReturnType<typeof useMaking>
  did: (step: Step) => void
}

/** What was found out goes into the list: the line that mends, a tone that was found by trial, another repeater. */
export function useRemedies({ openId, rows, row, place, made, did }: Spot) {
  const cache = useQueryClient()
  const cursor = useCursor()
  const { tell } = useNotice()
  const { say } = useListChanges(openId)
  const { now, change, again } = made

  async function mend(line: string, before: string) {
    if (!row.value) return
    if (row.value.line !== before) {
      tell(`${row.value.label} was changed meanwhile. Nothing was put in; look at the causes again.`)
      await cache.invalidateQueries({ queryKey: ['diagnosis'] })
      return
    }
    const { id, label } = row.value
    if (!(await say({ kind: 'rewrite', channel: id, line }))) return
    again()
    did({
      what: `${label} is ${line}`,
      back: () => say({ kind: 'rewrite', channel: id, line: before }),
      forth: () => say({ kind: 'rewrite', channel: id, line }),
    })
    tell(`${label} is now ${line}. Write it into the radio in Load, then try again.`)
  }
  async function tone(found: string) {
    const at = row.value
    if (!at) return
    const where = place.value.trim() ? ` at ${place.value.trim()}` : ''
    const note = now.value.note
    const put = () =>
      say({
        kind: 'set-many',
        channels: [at.id],
        power: null,
        emission: null,
        talkTone: found,
        listenTone: null,
      })
    // Into the test before the channel has it: that was tried as it was.
    change({ note: [note, `Tone ${found} found by trial${where}.`].filter(Boolean).join(' ') }, 'the note')
    if (!(await put())) {
      change({ note }, 'the note')
      return
    }
    again()
    did({
      what: `tone ${found} for ${at.label}`,
      back: () => say({ kind: 'rewrite', channel: at.id, line: at.line }),
      forth: put,
    })
  }
  async function take(directoryId: string, label: string) {
    if (
      !(await say({ kind: 'take', slot: null, block: null, take: { entries: [directoryId], recipe: null } }))
    )
      return
    const taken = rows.value.find((each) => each.slot === cursor.value)
    if (taken)
      did({
        what: `${label} into the list`,
        back: () => say({ kind: 'delete', channel: taken.id }),
        forth: () =>
          say({ kind: 'take', slot: null, block: null, take: { entries: [directoryId], recipe: null } }),
      })
    tell(`${label} is in the list${taken ? ` in slot ${taken.slot}` : ''}.`)
  }
  return { mend, tone, take }
}
