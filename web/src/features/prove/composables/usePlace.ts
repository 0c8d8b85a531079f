import { ref } from 'vue'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'

/** Where the person is, in words or coordinates; the same on all screens of this step. */
export function usePlace() {
  const place = useKeptText('reckonrod.prove.place')
  const { tell } = useNotice()
  const looking = ref(false)
  function here() {
    const position = 'geolocation' in navigator ? navigator.geolocation : null
    if (!position) {
      tell('This browser does not say where it is. Type the place, its coordinates or its locator.')
      return
    }
    looking.value = true
    position.getCurrentPosition(
      ({ coords }) => {
        looking.value = false
        place.value = `${coords.latitude.toFixed(5)}, ${coords.longitude.toFixed(5)}`
      },
      () => {
        looking.value = false
        tell('The browser was not allowed to say where it is, or does not know. Type the place instead.')
      },
      { enableHighAccuracy: true, timeout: 10_000 },
    )
  }
  return { place, here, looking }
}
