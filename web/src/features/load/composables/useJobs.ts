import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, unwrap, type Job } from '@/shared/api/client'
import { useStream } from '@/shared/api/follow'
import { useNotice } from '@/shared/composables/useNotice'

/** The newest transfer of a radio, followed live while it runs; a reload picks it up again. */
export function useRadioJob(radioId: Ref<string | null>) {
  const cache = useQueryClient()
  const { tellProblem } = useNotice()
  const job = ref<Job | null>(null)
  const starting = ref(false)
  const stream = useStream<Job>(
    'job',
    (now) => {
      job.value = now
      if (now.state !== 'RUNNING') ended()
    },
    (now) => now.state === 'RUNNING',
  )

  function follow(started: Job) {
    stream.close()
    job.value = started
    void cache.invalidateQueries({ queryKey: ['jobs'] })
    if (started.state === 'RUNNING') stream.open(`/api/jobs/${started.id}/events`)
  }
  function ended() {
    for (const key of ['jobs', 'radios', 'difference', 'snapshots', 'by-hand', 'plans-kept'])
      void cache.invalidateQueries({ queryKey: [key] })
  }

  async function pickUp(id: string | null) {
    stream.close()
    job.value = null
    if (!id) return
    try {
      const newest = await unwrap(
        api.GET('/api/radios/{radioId}/newest-job', { params: { path: { radioId: id } } }),
      )
      if (newest[0] && id === radioId.value) follow(newest[0])
    } catch (cause) {
      tellProblem(cause)
    }
  }
  watch(radioId, pickUp, { immediate: true })

  /** A second click, before the first one is answered, starts nothing. */
  async function start(begin: () => Promise<Job>) {
    if (starting.value) return
    starting.value = true
    try {
      follow(await begin())
    } catch (cause) {
      tellProblem(cause)
    } finally {
      starting.value = false
    }
  }

  return {
    job,
    lost: stream.lost,
    start,
    running: computed(() => starting.value || job.value?.state === 'RUNNING'),
  }
}

export const cancelJob = (id: string) =>
  unwrap(api.POST('/api/jobs/{id}/cancel', { params: { path: { id } } }))
