import { ref, watch } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/shared/api/client'

/** The set of channels for a satellite's pass, worked out as its figures are typed. */
export function useSatellite(listId: () => string) {
  const form = ref({
    name: '',
    uplink: '',
    downlink: '',
    heightKilometres: 500,
    talkTone: '',
  })
  const set = ref<Schemas['SatelliteSet'] | null>(null)
  const problem = ref<{ field: string; message: string } | null>(null)
  const problemOf = (field: string) => (problem.value?.field === field ? problem.value.message : '')

  let asked = 0
  async function work() {
    // Answers may overtake each other; only that of the newest question counts.
    const mine = ++asked
    const { name, uplink, downlink, heightKilometres, talkTone } = form.value
    if (!name.trim() || !uplink.trim() || !downlink.trim()) {
      set.value = null
      return
    }
    try {
      const worked = await unwrap(
        api.POST('/api/lists/{id}/satellite', {
          params: { path: { id: listId() } },
          body: {
            name,
            uplink,
            downlink,
            heightKilometres,
            talkTone: talkTone || null,
          },
        }),
      )
      if (mine !== asked) return
      set.value = worked
      problem.value = null
    } catch (cause) {
      if (mine !== asked) return
      set.value = null
      problem.value = {
        field: cause instanceof Problem ? String(cause.details.field ?? 'name') : 'name',
        message: cause instanceof Error ? cause.message : String(cause),
      }
    }
  }
  watch([form, listId], work, { deep: true })

  return { form, set, problemOf }
}
