import { useQueryClient } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type PlanFile } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import { useNotice } from '@/shared/composables/useNotice'

/** Band plans of one's own: a copy of another, and away with it. */
export function usePlanCopies(file: Ref<PlanFile | undefined>, edit: () => void) {
  const router = useRouter()
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  const { data: plans } = usePlans()
  const show = (plan: string) => router.push({ name: 'tables', params: { table: 'plans', plan } })

  /** A copy gets an id and a title of its own; the person changes the rest. */
  async function copy() {
    if (!file.value) return
    const taken = new Set(plans.value?.map((each) => each.id))
    let number = 1
    while (taken.has(`my-${file.value.plan.id}-${number}`)) number++
    const fresh = `my-${file.value.plan.id}-${number}`.slice(0, 60)
    const yaml = file.value.yaml
      .replace(/^id: .*$/m, `id: ${fresh}`)
      .replace(/^title: (.*)$/m, (_, title: string) => `title: ${title}, my copy ${number}`)
      .replace(/^status: .*$/m, 'status: my copy of an unverified template')
    try {
      const made = await unwrap(api.POST('/api/band-plans', { body: { yaml } }))
      cache.setQueryData(['plan', made.plan.id], made)
      await cache.invalidateQueries({ queryKey: ['plans'] })
      await show(made.plan.id)
      edit()
    } catch (cause) {
      tellProblem(cause)
    }
  }
  async function remove() {
    if (!file.value) return
    try {
      await unwrap(api.DELETE('/api/band-plans/{id}', { params: { path: { id: file.value.plan.id } } }))
      tell(`${file.value.plan.title} is gone`)
      await cache.invalidateQueries({ queryKey: ['plans'] })
      await show('')
    } catch (cause) {
      tellProblem(cause)
    }
  }
  return { show, copy, remove }
}
