import { ref, watch, type Ref } from 'vue'
import type { Job } from '@/shared/api/client'

const KEY = 'reckonrod.load.sound'

/** A short tone when the radio needs somebody and when a transfer ends; off unless it is switched on. */
export function useSound(job: Ref<Job | null>) {
  const on = ref(localStorage.getItem(KEY) === 'on')
  let audio: AudioContext | null = null
  function tone(hertz: number) {
    if (!on.value) return
    audio ??= new AudioContext()
    const sound = audio.createOscillator()
    const loud = audio.createGain()
    sound.frequency.value = hertz
    loud.gain.value = 0.08
    sound.connect(loud).connect(audio.destination)
    sound.start()
    sound.stop(audio.currentTime + 0.25)
  }
  watch(
    () => job.value?.state,
    (now, before) => {
      if (before === 'RUNNING' && now) tone(now === 'DONE' ? 880 : 330)
    },
  )
  watch(
    () => job.value?.steps.join(),
    (now) => {
      if (now) tone(660)
    },
  )
  function toggle() {
    on.value = !on.value
    localStorage.setItem(KEY, on.value ? 'on' : 'off')
    tone(660)
  }
  return { on, toggle }
}
