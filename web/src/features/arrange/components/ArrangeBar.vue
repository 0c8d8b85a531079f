<script setup lang="ts">
import { computed } from 'vue'
import { useDisplay } from 'vuetify'
import type { ListView, Row } from '@/shared/api/client'
import { usePastedText } from '@/shared/composables/usePastedText'

/** What can be done with the channel at the cursor, and with the list. What has no room is under More. */
defineProps<{ list: ListView; row: Row | null; counts: string }>()
const emit = defineEmits<{
  edit: []
  pin: []
  delete: []
  undo: []
  redo: []
  history: []
  satellite: []
  blocks: []
  banks: []
  mark: []
  find: []
  names: []
  intent: []
  findings: []
  working: []
}>()
const { mobile } = useDisplay()
const pasted = usePastedText()
const beside = computed<{ title: string; hint?: string; to?: { name: string }; act?: () => void }[]>(() => [
  { title: 'History', act: () => emit('history') },
  { title: pasted.value.trim() ? 'Lines to review' : 'Paste lines', to: { name: 'review' } },
  { title: 'Satellite pass', act: () => emit('satellite') },
  { title: 'Blocks', hint: 'Make, size, move, split, join and remove blocks (b)', act: () => emit('blocks') },
])
</script>

<template>
  <div class="bar acts" role="toolbar" aria-label="Channel and list">
    <v-btn :disabled="!row" @click="emit('edit')">Edit line</v-btn>
    <v-btn :disabled="!row" @click="emit('pin')">{{ row?.pinned ? 'Unpin' : 'Pin' }}</v-btn>
    <v-btn :disabled="!row" @click="emit('delete')">Delete</v-btn>
    <v-btn
      v-if="!mobile"
      :disabled="!row"
      title="Mark the channel, to do something to several (Space)"
      @click="emit('mark')"
      >Mark</v-btn
    >
    <v-menu v-if="mobile">
      <template #activator="{ props: menu }"><v-btn v-bind="menu">More</v-btn></template>
      <v-list density="compact">
        <v-list-item
          v-for="each in beside"
          :key="each.title"
          :title="each.title"
          :to="each.to"
          @click="each.act?.()"
        />
        <v-list-item title="Banks and scan" @click="emit('banks')" />
        <v-list-item title="Names on radios" @click="emit('names')" />
        <v-list-item title="About the list" @click="emit('intent')" />
        <v-list-item title="Find in the list" @click="emit('find')" />
        <v-list-item v-if="row" title="Mark the channel" @click="emit('mark')" />
        <v-list-item title="Working of the channel" @click="emit('working')" />
        <v-list-item v-if="counts" :title="counts" @click="emit('findings')" />
      </v-list>
    </v-menu>
    <template v-else>
      <v-btn v-for="each in beside" :key="each.title" :to="each.to" :title="each.hint" @click="each.act?.()">
        {{ each.title }}
      </v-btn>
    </template>
    <v-spacer />
    <v-btn :disabled="!list.undo" :title="list.undo ?? undefined" @click="emit('undo')">Undo</v-btn>
    <v-btn :disabled="!list.redo" :title="list.redo ?? undefined" @click="emit('redo')">Redo</v-btn>
  </div>
</template>

<style scoped>
.bar {
  flex-wrap: nowrap;
  gap: 6px;
  padding: 0 20px 10px;
}
.bar .v-btn {
  padding-inline: 11px;
}
@media (max-width: 720px) {
  .bar {
    padding: 0 12px 8px;
    gap: 4px;
  }
  .bar .v-btn {
    padding-inline: 9px;
    min-width: 0;
  }
}
</style>
