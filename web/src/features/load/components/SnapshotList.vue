<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted, moment } from '@/shared/words'
import { useRestoreDifference, useSnapshots } from '../composables/useDifference'
import DifferenceTable from './DifferenceTable.vue'
import SnapshotListDialog from './SnapshotListDialog.vue'

const props = defineProps<{ radioId: string; radioName: string; busy: boolean; back: string | null }>()
const emit = defineEmits<{ restore: [id: string] }>()
const { data: snapshots } = useSnapshots(toRef(() => props.radioId))
/** What is put back is looked at first. */
const looked = ref<string | null>(null)
/** One that was asked for from elsewhere. */
watch(
  () => props.back,
  (now) => {
    if (now) looked.value = now
  },
  { immediate: true },
)
const open = computed({
  get: () => looked.value !== null,
  set: (now: boolean) => {
    if (!now) looked.value = null
  },
})
const { data: difference, error } = useRestoreDifference(
  toRef(() => props.radioId),
  looked,
)
const asList = ref<string | null>(null)
function putBack() {
  const id = looked.value
  looked.value = null
  if (id) emit('restore', id)
}
</script>

<template>
  <details v-if="snapshots?.length" class="snapshots">
    <summary>{{ counted(snapshots.length, 'snapshot') }} kept</summary>
    <v-btn size="small" :to="{ name: 'snapshots' }">All snapshots of all radios</v-btn>
    <v-list density="compact" aria-label="Snapshots" class="list">
      <v-list-item
        v-for="each in snapshots"
        :key="each.id"
        :title="moment(each.takenAt)"
        :subtitle="`${each.reason}, ${counted(each.channels, 'channel')}`"
      >
        <template #append>
          <v-btn
            size="small"
            class="as-list"
            :aria-label="`Make a list of the snapshot of ${moment(each.takenAt)}`"
            @click="asList = each.id"
            >As a list…</v-btn
          >
          <v-btn
            size="small"
            class="beside"
            :aria-label="`Compare the open list with the snapshot of ${moment(each.takenAt)}`"
            :to="{ name: 'compare', query: { radio: radioId, snapshot: each.id } }"
            >Compare</v-btn
          >
          <v-btn size="small" :disabled="busy" @click="looked = each.id">Put back…</v-btn>
        </template>
      </v-list-item>
    </v-list>
  </details>
  <SheetDialog v-model="open" :title="`Put a snapshot back into ${radioName}`" :width="860">
    <p v-if="error" role="alert">{{ error.message }}</p>
    <template v-else-if="difference">
      <p>
        The snapshot of {{ moment(difference.takenAt) }}, beside what was read on
        {{ moment(difference.comparedWith) }}:
        <b v-if="difference.slots.length">{{ counted(difference.slots.length, 'slot') }} would change.</b>
        <b v-else>nothing would change.</b>
        The radio is read first, and what it holds now is kept as a snapshot.
      </p>
      <DifferenceTable v-if="difference.slots.length" label="What would change" :changes="difference.slots" />
    </template>
    <p v-else class="quiet">Comparing…</p>
    <template #acts>
      <v-btn color="primary" variant="flat" :disabled="busy || !difference" @click="putBack">
        Put it back into {{ radioName }}
      </v-btn>
      <v-btn @click="open = false">Leave it</v-btn>
    </template>
  </SheetDialog>
  <SnapshotListDialog v-model="asList" :radio-id="radioId" :radio-name="radioName" />
</template>

<style scoped>
.as-list,
.beside {
  margin-right: 8px;
}
.list {
  background: none;
}
.list .v-list-item {
  border-bottom: 1px solid var(--line);
}
</style>
