import { saveFile } from '@/shared/saveFile'
import { useQueryClient } from '@tanstack/vue-query'
import { ref, type Ref } from 'vue'
import { api, Problem, unwrap, type Job } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import type { WriteBody } from './useWriting'

/** Cards that go through the browser, as archives. */
export function useCard(radioId: Ref<string | null>, start: (begin: () => Promise<Job>) => Promise<void>) {
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  const packing = ref(false)

  const readZip = (file: File) =>
    start(async () => {
      const answer = await fetch(`/api/radios/${radioId.value}/card`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/octet-stream' },
        body: file,
      })
      const body = await answer.json()
      if (!answer.ok)
        throw new Problem(body.detail ?? 'The card cannot be read.', body.code ?? '', answer.status)
      return body as Job
    })

  async function writeZip(write: WriteBody) {
    if (packing.value) return
    packing.value = true
    try {
      const answer = await fetch(`/api/radios/${radioId.value}/card-file`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(write),
      })
      if (!answer.ok) {
        const body = await answer.json()
        throw new Problem(body.detail ?? 'The card cannot be made.', body.code ?? '', answer.status)
      }
      saveFile(await answer.blob(), `card-of-${radioId.value}.zip`)
      tell('The card is packed. Unpack it onto the card, so that its folder lies at the top.')
      void cache.invalidateQueries({ queryKey: ['radios'] })
    } catch (cause) {
      tellProblem(cause)
    } finally {
      packing.value = false
    }
  }

  async function forget() {
    try {
      await unwrap(
        api.DELETE('/api/radios/{radioId}/card-out', { params: { path: { radioId: radioId.value ?? '' } } }),
      )
      void cache.invalidateQueries({ queryKey: ['radios'] })
    } catch (cause) {
      tellProblem(cause)
    }
  }
  return { readZip, writeZip, forget, packing }
}
