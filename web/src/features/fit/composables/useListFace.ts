import { ref, watch, type Ref } from 'vue'
import { api, unwrap, type FaceKeyPressed, type FaceState, type RadioDisplay } from '@/shared/api/client'

/** How a radio would show the list that goes into it; turned to a slot, and from there on by its keys. */
export function useListFace(radio: Ref<string>, list: Ref<string>, slot: Ref<number>, version: Ref<number>) {
  const display = ref<RadioDisplay>()
  const error = ref<Error | null>(null)
  let state: FaceState | null = null
  let asked: Promise<unknown> = Promise.resolve()

  // One after the other: a key counts from where the one before left off, and what is turned to anew forgets that.
  function ask(key: FaceKeyPressed | null, anew = false) {
    asked = asked.then(async () => {
      try {
        const now = await unwrap(
          api.POST('/api/radios/{id}/face-of-list', {
            params: { path: { id: radio.value } },
            body: { list: list.value, slot: slot.value, state: anew ? null : state, key },
          }),
        )
        state = now.state
        display.value = now.display
        error.value = null
      } catch (cause) {
        error.value = cause as Error
      }
    })
    return asked
  }

  watch([radio, list, slot], () => void ask(null, true), { immediate: true })
  watch(version, () => void ask(null))
  return { display, error, press: (key: FaceKeyPressed) => void ask(key) }
}
