<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted, moment } from '@/shared/words'
import type { Shelved } from '../composables/useLibrary'
import DifferenceTable from './DifferenceTable.vue'

/** Two snapshots beside each other, from the older to the newer. */
const props = defineProps<{ pair: Shelved[] }>()
const open = defineModel<boolean>({ required: true })
const older = computed(() => props.pair[1])
const newer = computed(() => props.pair[0])
const { data, error } = useQuery({
  queryKey: ['beside', older, newer],
  enabled: computed(() => open.value && props.pair.length === 2),
  queryFn: () =>
    unwrap(
      api.GET('/api/radios/{id}/snapshots/{snapshotId}/beside/{otherRadio}/{other}', {
        params: {
          path: {
            id: newer.value?.radioId ?? '',
            snapshotId: newer.value?.id ?? '',
            otherRadio: older.value?.radioId ?? '',
            other: older.value?.id ?? '',
          },
        },
      }),
    ),
})
</script>

<template>
  <SheetDialog v-model="open" title="Two snapshots beside each other" :width="900">
    <p v-if="error" role="alert">{{ error.message }}</p>
    <template v-else-if="data && older && newer">
      <p>
        From {{ older.name || older.radio }}, {{ moment(older.takenAt) }}, to {{ newer.name || newer.radio }},
        {{ moment(newer.takenAt) }}:
        <b>{{ data.slots.length ? `${counted(data.slots.length, 'slot')} differ.` : 'no slot differs.' }}</b>
      </p>
      <DifferenceTable v-if="data.slots.length" label="What differs" :changes="data.slots" then="later" />
    </template>
    <p v-else class="quiet">Comparing…</p>
    <template #acts><v-btn data-first @click="open = false">Close</v-btn></template>
  </SheetDialog>
</template>
