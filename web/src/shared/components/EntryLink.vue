<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'

/** The directory entry that a channel was taken from, as it stands today. */
const props = defineProps<{ id: string; listId: string }>()
const router = useRouter()
const { data: detail, error } = useQuery({
  queryKey: ['entry', () => props.id, () => props.listId],
  queryFn: () =>
    unwrap(api.GET('/api/find/entry', { params: { query: { id: props.id, list: props.listId } } })),
})
const entry = computed(() => detail.value?.entry)
const at = useKeptText('reckonrod.find.at')
const way = useKeptText('reckonrod.find.way')
function show() {
  const { latitude, longitude } = entry.value ?? {}
  if (typeof latitude !== 'number' || typeof longitude !== 'number') return
  at.value = `${latitude} ${longitude}`
  way.value = JSON.stringify('around')
  void router.push({ name: 'find' })
}
</script>

<template>
  <section aria-label="In the directory">
    <h2>In the directory</h2>
    <p v-if="error" class="quiet">{{ error.message }}</p>
    <template v-else-if="entry">
      <p>
        {{ entry.label }}<template v-if="entry.callSign">, {{ entry.callSign }}</template
        >: {{ entry.state.words }}, {{ entry.ageWords
        }}<template v-if="entry.confirmedOn">, on {{ entry.confirmedOn }}</template
        >.
        <template v-for="code in entry.codes" :key="code.words">
          {{ code.words.charAt(0).toUpperCase() + code.words.slice(1) }}: {{ code.meaning }}.
        </template>
      </p>
      <button v-if="entry.latitude !== null" type="button" class="link small" @click="show">
        Look around it in Find
      </button>
    </template>
  </section>
</template>
