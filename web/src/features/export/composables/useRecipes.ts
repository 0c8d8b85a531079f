import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/shared/api/client'
import { once } from '@/shared/composables/once'
import { useNotice } from '@/shared/composables/useNotice'
import type { Fault } from '@/shared/ui/FileText.vue'

/** Recipes for tables: one is open, its text is edited, and what it makes of a list is shown as one types. */
export function useRecipes(listId: Ref<string | null>) {
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  const { data: all, error } = useQuery({
    queryKey: ['recipes'],
    queryFn: () => unwrap(api.GET('/api/table-recipes')),
  })
  const id = ref<string | null>(null)
  watch(all, (now) => (id.value ??= now?.[0]?.id ?? null), { immediate: true })
  const { data: file } = useQuery({
    queryKey: ['recipe', id],
    enabled: computed(() => id.value !== null),
    queryFn: () => unwrap(api.GET('/api/table-recipes/{id}', { params: { path: { id: id.value ?? '' } } })),
  })
  /** A text that is not kept yet, by its recipe; one that was worked out has none. */
  const text = ref('')
  const isNew = ref(false)
  watch(file, (now, before) => {
    const untouched = !before || now?.id !== before.id || text.value === before.yaml
    if (now && !isNew.value && untouched) text.value = now.yaml
  })
  const changed = computed(() => isNew.value || (file.value !== undefined && text.value !== file.value.yaml))

  const faults = ref<Fault[]>([])
  const problem = ref('')
  const preview = ref<Schemas['TablePreview'] | null>(null)
  let asked = 0
  async function look() {
    const list = listId.value
    if (!list || !text.value.trim()) return
    const mine = ++asked
    try {
      const now = await unwrap(api.POST('/api/table-recipes/preview', { body: { yaml: text.value, list } }))
      if (mine !== asked) return
      preview.value = now
      faults.value = []
      problem.value = ''
    } catch (cause) {
      if (mine === asked) tellFaults(cause)
    }
  }
  function tellFaults(cause: unknown) {
    preview.value = null
    problem.value = cause instanceof Error ? cause.message : String(cause)
    faults.value =
      cause instanceof Problem && Array.isArray(cause.details.faults) ? (cause.details.faults as Fault[]) : []
  }
  let waiting: ReturnType<typeof setTimeout> | undefined
  watch(
    [text, listId],
    () => {
      clearTimeout(waiting)
      waiting = setTimeout(look, 250)
    },
    { immediate: true },
  )

  function open(next: string) {
    isNew.value = false
    id.value = next
    if (file.value?.id === next) text.value = file.value.yaml
  }
  function begin(yaml: string) {
    isNew.value = true
    text.value = yaml
  }
  /** The text under a name that says that it is a copy. */
  function copy() {
    begin(
      text.value.replace(
        /^name:.*$/m,
        (line) => `name: ${JSON.stringify(`${nameIn(line)} copy`.slice(0, 60))}`,
      ),
    )
  }
  const nameIn = (line: string) => line.replace(/^name:\s*/, '').replace(/^"(.*)"\s*$/, '$1')

  const save = once(async () => {
    try {
      const kept =
        isNew.value || !file.value
          ? await unwrap(api.POST('/api/table-recipes', { body: { yaml: text.value } }))
          : await unwrap(
              api.PUT('/api/table-recipes/{id}', {
                params: { path: { id: file.value.id } },
                body: { baseVersion: file.value.version, yaml: text.value },
              }),
            )
      isNew.value = false
      cache.setQueryData(['recipe', kept.id], kept)
      id.value = kept.id
      await cache.invalidateQueries({ queryKey: ['recipes'] })
      tell(`The recipe ${kept.name} is kept.`)
    } catch (cause) {
      tellFaults(cause)
      tellProblem(cause)
    }
  })
  const remove = once(async () => {
    if (!file.value) return
    try {
      await unwrap(api.DELETE('/api/table-recipes/{id}', { params: { path: { id: file.value.id } } }))
      // Its text stays as that of a new one, for who did not mean it.
      isNew.value = true
      id.value = null
      tell(
        'The recipe is deleted. Its text stays here until you open another one; keep it again if you like.',
      )
      await cache.invalidateQueries({ queryKey: ['recipes'] })
    } catch (cause) {
      tellProblem(cause)
    }
  })
  return {
    all,
    error,
    id,
    file,
    text,
    isNew,
    changed,
    faults,
    problem,
    preview,
    open,
    begin,
    copy,
    save,
    remove,
  }
}
