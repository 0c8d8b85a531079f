<script setup lang="ts">
import { computed } from 'vue'
import type { ListView } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'

const props = defineProps<{ list: ListView }>()
const emit = defineEmits<{ move: [id: string, slot: number, way: 'swap' | 'push'] }>()
const moving = defineModel<{ id: string; slot: number } | null>({ required: true })

const open = computed({
  get: () => moving.value !== null,
  set: (now: boolean) => {
    if (!now) moving.value = null
  },
})
const mover = computed(() => props.list.rows.find((each) => each.id === moving.value?.id))
const other = computed(() => props.list.rows.find((each) => each.slot === moving.value?.slot))
function move(way: 'swap' | 'push') {
  const now = moving.value
  moving.value = null
  if (now) emit('move', now.id, now.slot, way)
}
</script>

<template>
  <SheetDialog v-model="open" title="The slot is taken" :width="560">
    <p v-if="mover && other">
      Slot {{ other.slot }} holds <b>{{ other.label }}</b><template v-if="other.pinned"
        >, which is pinned there</template
      >. Where does it go when <b>{{ mover.label }}</b> comes?
    </p>
    <template #acts>
      <v-btn color="primary" variant="flat" :disabled="other?.pinned" data-first @click="move('swap')">
        Swap: {{ other?.label }} to slot {{ mover?.slot }}
      </v-btn>
      <v-btn :disabled="other?.pinned" @click="move('push')">Push down to the next free slot</v-btn>
      <v-btn @click="open = false">Leave both</v-btn>
    </template>
  </SheetDialog>
</template>
