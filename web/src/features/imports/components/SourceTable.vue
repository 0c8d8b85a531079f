<script setup lang="ts">
import { computed, ref } from 'vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted, grouped } from '@/shared/words'
import type { Source } from '../composables/useSources'

/** What the directory is made of. Removing a source says how much would go. */
defineProps<{ sources: Source[] }>()
const emit = defineEmits<{ remove: [source: Source] }>()
const removing = ref<Source | null>(null)
const open = computed({
  get: () => removing.value !== null,
  set: (now: boolean) => {
    if (!now) removing.value = null
  },
})
const goes = computed(() => counted(removing.value?.entries ?? 0, 'entry', 'entries'))
function remove() {
  const it = removing.value
  removing.value = null
  if (it) emit('remove', it)
}
</script>

<template>
  <v-table class="plain" aria-label="Sources">
    <thead>
      <tr>
        <th scope="col">Source</th>
        <th scope="col" class="figure">Entries</th>
        <th scope="col">Newest confirmed</th>
        <th scope="col"><span class="unseen">What can be done</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in sources" :key="each.source">
        <th scope="row">{{ each.source }}</th>
        <td class="figure">{{ grouped(each.entries) }}</td>
        <td>{{ each.newest ?? 'without a date' }}</td>
        <td class="end">
          <v-btn size="small" :aria-label="`Remove ${each.source}`" @click="removing = each">Remove…</v-btn>
        </td>
      </tr>
    </tbody>
  </v-table>
  <SheetDialog v-model="open" :title="`Remove ${removing?.source ?? ''} from the directory`">
    <p>
      {{ goes }} would go. Channels that were taken from it stay in their lists, and its listing can be
      brought in again.
    </p>
    <template #acts>
      <v-btn color="error" variant="flat" @click="remove">Remove {{ goes }}</v-btn>
      <v-btn data-first @click="removing = null">Keep them</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.plain {
  border: 1px solid var(--line);
  border-radius: 6px;
}
.plain :deep(:is(td, th)) {
  vertical-align: middle !important;
}
</style>
