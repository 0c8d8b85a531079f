<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SheetDialog from '@/shared/components/SheetDialog.vue'
import { moment } from '@/shared/words'

const props = defineProps<{ listId: string; version: number }>()
const emit = defineEmits<{ restore: [revision: number] }>()
const open = defineModel<boolean>({ required: true })

const { data: history } = useQuery({
  queryKey: ['history', computed(() => props.listId), computed(() => props.version)],
  enabled: open,
  queryFn: () => unwrap(api.GET('/api/lists/{id}/history', { params: { path: { id: props.listId } } })),
})
</script>

<template>
  <SheetDialog v-model="open" title="History" :width="560">
    <p class="quiet">Going back is a change of its own; it can be undone.</p>
    <ol>
      <li v-for="past in history" :key="past.revision" :class="{ current: past.current }">
        <span>{{ past.summary }}</span>
        <span class="quiet">{{ moment(past.at) }}</span>
        <v-btn v-if="!past.current" size="small" @click="emit('restore', past.revision)">Go back here</v-btn>
        <b v-else>now</b>
      </li>
    </ol>
    <v-btn @click="open = false">Close</v-btn>
  </SheetDialog>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
  margin: 12px 0;
}
li {
  display: grid;
  grid-template-columns: 1fr auto 120px;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  border-bottom: 1px solid var(--line);
}
</style>
