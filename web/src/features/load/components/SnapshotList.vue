<script setup lang="ts">
import { computed, ref, toRef } from 'vue'
import SheetDialog from '@/shared/components/SheetDialog.vue'
import { counted, moment } from '@/shared/words'
import { useRestoreDifference, useSnapshots } from '../composables/useDifference'
import DifferenceTable from './DifferenceTable.vue'

const props = defineProps<{ radioId: string; radioName: string; busy: boolean }>()
const emit = defineEmits<{ restore: [id: string] }>()
const { data: snapshots } = useSnapshots(toRef(() => props.radioId))
/** What is put back is looked at first. */
const looked = ref<string | null>(null)
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
function putBack() {
  const id = looked.value
  looked.value = null
  if (id) emit('restore', id)
}
</script>

<template>
  <details v-if="snapshots?.length" class="snapshots">
    <summary>{{ counted(snapshots.length, 'snapshot') }} kept</summary>
    <ul>
      <li v-for="each in snapshots" :key="each.id">
        <span>{{ moment(each.takenAt) }}</span>
        <span class="quiet">{{ each.reason }}, {{ counted(each.channels, 'channel') }}</span>
        <v-btn size="small" :disabled="busy" @click="looked = each.id">Put back…</v-btn>
      </li>
    </ul>
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
      <div
        v-if="difference.slots.length"
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="What would change"
      >
        <DifferenceTable :changes="difference.slots" />
      </div>
    </template>
    <p v-else class="quiet">Comparing…</p>
    <div class="acts">
      <v-btn color="primary" variant="flat" :disabled="busy || !difference" @click="putBack">
        Put it back into {{ radioName }}
      </v-btn>
      <v-btn @click="open = false">Leave it</v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.scroll {
  max-height: 46vh;
  overflow: auto;
  margin: 12px 0;
}
.acts {
  display: flex;
  gap: 8px;
}
summary {
  cursor: pointer;
  color: var(--primary);
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 200px 1fr auto;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 720px) {
  li {
    grid-template-columns: 1fr auto;
  }
  li .quiet {
    grid-row: 2;
  }
}
</style>
