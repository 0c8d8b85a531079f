import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { useModels } from './useShelf'

/** One model of radio with the text of its file; copies of it, files of others, and away with one of one's own. */
export function useModel(wanted: Ref<string>, edit: () => void) {
  const router = useRouter()
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  const { data: models } = useModels()
  const id = computed(() => wanted.value || models.value?.[0]?.id || '')
  const { data: file, error } = useQuery({
    queryKey: ['model', id],
    enabled: computed(() => id.value !== ''),
    queryFn: () => unwrap(api.GET('/api/radio-models/{id}', { params: { path: { id: id.value } } })),
  })
  const show = (model: string) => router.push({ name: 'models', params: { id: model } })

  /** A text becomes a model of one's own. */
  async function make(yaml: string) {
    const made = await unwrap(api.POST('/api/radio-models', { body: { yaml } }))
    cache.setQueryData(['model', made.model.id], made)
    await cache.invalidateQueries({ queryKey: ['models'] })
    await show(made.model.id)
    return made
  }
  async function told(work: () => Promise<unknown>) {
    try {
      await work()
      return true
    } catch (cause) {
      tellProblem(cause)
      return false
    }
  }
  /** A copy gets an id and a name of its own; the person changes the rest. */
  const copy = () =>
    told(async () => {
      if (!file.value) return
      const from = file.value.model.id
      const taken = new Set(models.value?.map((each) => each.id))
      let number = 1
      while (taken.has(`my-${from}-${number}`.slice(0, 60))) number++
      await make(
        file.value.yaml
          .replace(/^id: .*$/m, `id: ${`my-${from}-${number}`.slice(0, 60)}`)
          .replace(
            /^model: (.*)$/m,
            (_, model: string) => `model: ${model.replace(/^"|"$/g, '')} my copy ${number}`,
          ),
      )
      edit()
    })
  return {
    models,
    id,
    file,
    error,
    show,
    copy,
    make: (yaml: string) => told(() => make(yaml)),
    take: (chosen: File) =>
      told(async () => {
        const made = await make(await chosen.text())
        tell(`${made.model.title} is a model of your own now`)
      }),
    save: async (yaml: string) => {
      const saved = await unwrap(
        api.PUT('/api/radio-models/{id}', {
          params: { path: { id: id.value } },
          body: { baseVersion: file.value?.version ?? 0, yaml },
        }),
      )
      cache.setQueryData(['model', saved.model.id], saved)
      await cache.invalidateQueries()
      tell('The model is kept. Radios of it are fitted by it from now on.')
    },
    remove: () =>
      told(async () => {
        if (!file.value) return
        await unwrap(api.DELETE('/api/radio-models/{id}', { params: { path: { id: file.value.model.id } } }))
        tell(`${file.value.model.title} is gone`)
        await cache.invalidateQueries({ queryKey: ['models'] })
        await show('')
      }),
  }
}
