<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { Problem } from '@/shared/api/client'
import { useLists } from '@/shared/api/queries'

/** The server or its database is away: it is told on every screen, tried again by itself, and all that failed is asked for anew. */
const cache = useQueryClient()
const { dataUpdatedAt, failureReason } = useLists()
const lost = ref('')
watch(failureReason, (why) => {
  if (!why || (why instanceof Problem && why.status === 401)) return
  const title =
    why instanceof Problem && typeof why.details.title === 'string' ? `${why.details.title}. ` : ''
  lost.value = `${title}${why.message} It is asked again by itself.`
})
watch(dataUpdatedAt, () => {
  if (!lost.value) return
  lost.value = ''
  void cache.invalidateQueries({ predicate: (query) => query.state.status === 'error' })
})
</script>

<template>
  <p class="server no-print" role="alert">{{ lost }}</p>
</template>

<style scoped>
.server {
  padding: 8px 20px;
  background: var(--bar);
  color: var(--bar-ink);
  border-left: 4px solid var(--error);
}
.server:empty {
  display: none;
}
</style>
