<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import FieldRow from '@/shared/ui/FieldRow.vue'
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
/** The change of the past that is being named. */
const naming = ref<Schemas['PastRevision'] | null>(null)
const name = ref('')
function begin(past: Schemas['PastRevision']) {
  naming.value = past
  name.value = past.name
}
const cache = useQueryClient()
const { tellProblem } = useNotice()
async function keep() {
  if (!naming.value) return
  try {
    await unwrap(
      api.PUT('/api/lists/{id}/history/{revision}/name', {
        params: { path: { id: props.listId, revision: naming.value.revision } },
        body: { name: name.value.trim() },
      }),
    )
    naming.value = null
  } catch (cause) {
    tellProblem(cause)
  }
  await cache.invalidateQueries({ queryKey: ['history'] })
}
</script>

<template>
  <SheetDialog v-model="open" title="History" :width="760">
    <p class="quiet">
      Going back is a change of its own; it can be undone. One with a name of its own is found here however
      old it is.
    </p>
    <FieldRow v-if="naming">
      <v-text-field
        v-model="name"
        class="grow"
        :label="`What it was after “${naming.summary}” is called`"
        maxlength="60"
        placeholder="before the Round"
        autofocus
        @keydown.enter.prevent="keep"
      />
      <v-btn color="primary" variant="flat" @click="keep">Keep the name</v-btn>
      <v-btn variant="text" @click="naming = null">Leave it</v-btn>
    </FieldRow>
    <v-list density="compact" aria-label="History" class="history">
      <v-list-item
        v-for="past in history"
        :key="past.revision"
        :title="past.name || past.summary"
        :subtitle="past.name ? `${moment(past.at)} · ${past.summary}` : moment(past.at)"
        :active="past.current"
      >
        <template #append>
          <v-btn
            size="small"
            variant="text"
            :aria-label="`Name what it was after ${past.summary}`"
            @click="begin(past)"
            >{{ past.name ? 'Rename' : 'Name' }}</v-btn
          >
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
