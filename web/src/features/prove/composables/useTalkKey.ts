import { ref, watch, type Ref } from 'vue'
import { api, unwrap, type Radio, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import type { useMaking } from './useMaking'

interface Spot {
  row: Ref<Schemas['RowView'] | null>
  radio: Ref<Radio | null>
  /** Where the channel is in the radio. */
  slot: Ref<number | null>
  place: Ref<string>
  made: ReturnType<typeof useMaking>
}

/** The talk key of a simulated radio; a real one is keyed by hand. */
export function useTalkKey({ row, radio, slot, place, made }: Spot) {
  const { tell, tellProblem } = useNotice()
  const { again, change } = made
  const heard = ref('')
  const pressing = ref(false)
  watch(
    () => [row.value?.id, radio.value?.id],
    () => (heard.value = ''),
  )
  async function press() {
    if (!radio.value || slot.value === null || pressing.value) return
    if (!place.value.trim()) {
      tell('Say where the radio is first: a place, its coordinates or its locator.')
      return
    }
    pressing.value = true
    try {
      const said = await unwrap(
        api.POST('/api/radios/{id}/talk', {
          params: { path: { id: radio.value.id } },
          body: { slot: slot.value, at: place.value },
        }),
      )
      heard.value = `${said.says}${said.shown ? ` The display showed ${said.shown}.` : ''}`
      again()
      change({ seen: said.seen }, 'the talk key')
    } catch (cause) {
      tellProblem(cause)
    } finally {
      pressing.value = false
    }
  }
  return { heard, pressing, press }
}
