import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem, unwrap, type Import } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'

/** Ways to bring a listing in. What is refused stays chosen, with the reason. */
export function useBringing() {
  const cache = useQueryClient()
  const router = useRouter()
  const { tellProblem } = useNotice()
  const { open } = useOpenList()
  const busy = ref(false)
  const refused = ref('')

  function show(next: Import) {
    cache.setQueryData(['import', next.id], next)
    void router.push({ name: 'sources', params: { id: next.id } })
  }
  async function begin(work: () => Promise<Import>) {
    busy.value = true
    refused.value = ''
    try {
      show(await work())
      return true
    } catch (cause) {
      if (cause instanceof Problem && cause.status === 422) refused.value = cause.message
      else tellProblem(cause)
      return false
    } finally {
      busy.value = false
    }
  }

  async function bring(name: string, kind: string, charset: string, body: Blob) {
    const query = new URLSearchParams({ name, kind, charset })
    // Lines leave shifts out that the plan of the open list supplies.
    if (open.value) query.set('bandPlan', open.value.bandPlan)
    let response: Response
    try {
      response = await fetch(`/api/imports?${query.toString()}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/octet-stream' },
        body,
      })
    } catch {
      throw new Problem('The server does not answer. The file is still chosen; try again.', 'server-lost', 0)
    }
    const answer = (await response.json()) as Import & { detail?: string; code?: string }
    if (!response.ok)
      throw new Problem(answer.detail ?? 'The file was refused.', answer.code ?? '', response.status)
    return answer
  }
  return {
    busy,
    refused,
    show,
    pull: () => begin(() => unwrap(api.POST('/api/imports/service'))),
    bringFile: (file: File, charset: string) =>
      begin(() => bring(file.name, /\.(geo)?json$/i.test(file.name) ? 'geojson' : 'csv', charset, file)),
    bringLines: (lines: string) => begin(() => bring('Pasted lines', 'lines', 'UTF-8', new Blob([lines]))),
  }
}
