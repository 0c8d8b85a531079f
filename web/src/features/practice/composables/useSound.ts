import { computed } from 'vue'
import { useKeptText } from '@/shared/composables/useKeptText'

const SECONDS = 0.03
const HERTZ = 1_600

/** A click with every key, where it is wanted; it is off until then. */
export function useSound() {
  const kept = useKeptText('reckonrod.practice.sounds')
  const sounds = computed({
    get: () => kept.value === 'on',
    set: (on: boolean) => (kept.value = on ? 'on' : ''),
  })
  let audio: AudioContext | undefined
  function click() {
    if (!sounds.value) return
    audio ??= new AudioContext()
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    volume.gain.value = 0.05
    tone.frequency.value = HERTZ
    tone.connect(volume).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + SECONDS)
  }
  return { sounds, click }
}
