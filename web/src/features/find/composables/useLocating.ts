import { ref } from 'vue'
import { useNotice } from '@/shared/composables/useNotice'

/** Where the browser says that it is. */
export function useLocating(found: (place: string) => void) {
  const { tellProblem } = useNotice()
  const locating = ref(false)
  function locate() {
    locating.value = true
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        locating.value = false
        found(`${coords.latitude.toFixed(5)} ${coords.longitude.toFixed(5)}`)
      },
      (refused) => {
        locating.value = false
        tellProblem(
          new Error(`The browser does not say where you are: ${refused.message}. Type the place instead.`),
        )
      },
      { timeout: 10_000, maximumAge: 60_000 },
    )
  }
  return { canLocate: 'geolocation' in navigator, locating, locate }
}
