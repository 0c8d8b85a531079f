<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
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
  <SheetDialog v-model="open" title="History" :width="600">
    <p class="quiet">Going back is a change of its own; it can be undone.</p>
    <v-list density="compact" aria-label="History" class="history">
      <v-list-item
        v-for="past in history"
        :key="past.revision"
        :title="past.summary"
        :subtitle="moment(past.at)"
        :active="past.current"
      >
        <template #append>
          <b v-if="past.current">now</b>
          <template v-else>
            <v-btn
              size="small"
              variant="text"
              :to="{ name: 'compare', query: { revision: past.revision } }"
              :aria-label="`Compare with how it was after ${past.summary}`"
              >Compare</v-btn
            >
            <v-btn size="small" @click="emit('restore', past.revision)">Go back here</v-btn>
          </template>
        </template>
      </v-list-item>
    </v-list>
    <template #acts><v-btn @click="open = false">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
.history {
  background: none;
  padding: 0;
}
.history .v-list-item {
  border-bottom: 1px solid var(--line);
  padding-inline: 0;
}
</style>
