import { computed, ref, watch, type Ref } from 'vue'
import { api, unwrap, type Job, type Radio, type Schemas } from '@/shared/api/client'
import { counted } from '@/shared/words'
import { useDifference } from './useDifference'

export type WriteBody = Schemas['WriteRequest']

/** What writing the open list into a radio would do, which of it the person leaves out, and the question before a loss. */
export function useWriting(
  radio: Ref<Radio | null>,
  listId: Ref<string | null>,
  start: (begin: () => Promise<Job>) => Promise<void>,
) {
  /** The slots that the person leaves as they are; null while nothing was chosen. */
  const leave = ref<number[] | null>(null)
  /** What settings of the radio are set with the channels. */
  const settings = ref<Record<string, string>>({})
  const { data: difference, error, isPlaceholderData: stale } = useDifference(radio, listId, leave, settings)
  watch([() => radio.value?.id, listId, () => radio.value?.newestSnapshot?.id], () => (leave.value = null))
  // What was chosen stays over a new reading: set already, it is nothing to write.
  watch(
    () => radio.value?.id,
    () => (settings.value = {}),
  )

  const channels = computed(() => difference.value?.slots.filter((each) => !each.left).length ?? 0)
  const count = computed(() => channels.value + (difference.value?.settings.length ?? 0))
  /** What the button says that it does: Write 5 new, 3 changed to W12 · blue. */
  const words = computed(() => {
    const name = radio.value?.name ?? ''
    const now = difference.value
    if (!now || !count.value) return `Nothing to write to ${name}`
    if (now.removed && now.removed === count.value)
      return `Remove ${counted(count.value, 'channel')} from ${name}`
    const set = now.settings.length
    const parts = {
      new: now.added,
      changed: now.changed,
      replaced: now.replaced,
      removed: now.removed,
      [set === 1 ? 'setting' : 'settings']: set,
    }
    const sum = Object.entries(parts).filter(([, number]) => number > 0)
    return `Write ${sum.map(([word, number]) => `${number} ${word}`).join(', ')} to ${name}`
  })
  /** What would go, by name. */
  const lost = computed(
    () =>
      difference.value?.slots
        .filter((each) => !each.left && each.change.takesAway)
        .map(
          ({ change: { before, slot } }) =>
            `${before?.name || before?.listen || 'unreadable'} (slot ${slot})`,
        ) ?? [],
  )
  function choose(slots: number[], left: boolean) {
    const now = new Set(difference.value?.slots.filter((each) => each.left).map((each) => each.change.slot))
    for (const slot of slots) {
      if (left) now.add(slot)
      else now.delete(slot)
    }
    leave.value = [...now].sort((a, b) => a - b)
  }

  const asking = ref(false)
  /** What is done with the plan once it is meant: written over the line, or packed as a card. */
  let means: (body: WriteBody) => unknown = overTheLine
  function overTheLine(body: WriteBody) {
    const params = { path: { radioId: radio.value?.id ?? '' } }
    void start(() => unwrap(api.POST('/api/radios/{radioId}/write', { params, body })))
  }
  /** Two ways in, so that no second click on the first button is ever taken for the answer to what is asked. */
  const verb = ref('Write')
  function write(by: (body: WriteBody) => unknown = overTheLine, does = 'Write') {
    means = by
    verb.value = does
    if (difference.value?.mustBeAsked) asking.value = true
    else writeAsMeant()
  }
  function writeAsMeant() {
    asking.value = false
    const seen = difference.value
    if (!seen || !radio.value) return
    const { listId: list, listVersion, snapshotId, loses, planned } = seen
    const left = seen.slots.filter((each) => each.left).map((each) => each.change.slot)
    means({
      listId: list,
      listVersion,
      snapshotId,
      leave: left,
      takesAway: loses,
      planned,
      settings: Object.fromEntries(seen.settings.map((each) => [each.name, each.after])),
    })
  }
  return { difference, error, stale, settings, count, words, lost, choose, asking, verb, write, writeAsMeant }
}
