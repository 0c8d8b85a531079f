<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toRef } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { counted } from '@/shared/words'

/** What is left to do by hand after the last write; it stays until it is done. */
const props = defineProps<{ radioId: string; radioName: string }>()
const cache = useQueryClient()
const { tellProblem } = useNotice()
const id = toRef(() => props.radioId)
const { data: steps } = useQuery({
  queryKey: ['by-hand', id],
  queryFn: () =>
    unwrap(api.GET('/api/radios/{radioId}/by-hand', { params: { path: { radioId: id.value } } })),
})
const left = computed(() => steps.value?.filter((each) => !each.doneAt).length ?? 0)
async function tick(step: string, done: boolean) {
  try {
    const now = await unwrap(
      api.PUT('/api/radios/{radioId}/by-hand/{id}', {
        params: { path: { radioId: props.radioId, id: step } },
        body: { done },
      }),
    )
    cache.setQueryData(['by-hand', props.radioId], now)
  } catch (cause) {
    tellProblem(cause)
    void cache.invalidateQueries({ queryKey: ['by-hand'] })
  }
}
</script>

<template>
  <details v-if="steps?.length" :open="left > 0">
    <summary>
      {{
        left
          ? `${counted(left, 'step')} left to do by hand on ${radioName}`
          : `All is done by hand on ${radioName}`
      }}
    </summary>
    <ul class="steps">
      <li v-for="each in steps" :key="each.id">
        <v-checkbox
          :model-value="each.doneAt !== null"
          :label="each.words"
          density="compact"
          hide-details
          @update:model-value="tick(each.id, $event === true)"
        />
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
}
.steps {
  list-style: none;
  padding: 0;
  margin: 4px 0 0;
}
</style>
