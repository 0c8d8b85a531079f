<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useDisplay } from 'vuetify'
import { counted } from '@/shared/words'
import type { Finder } from '../composables/useFinder'

/** Looks for channels in the rod. */
const props = defineProps<{ finder: Finder; total: number }>()
const emit = defineEmits<{ mark: []; leave: [] }>()
const { text, hits } = props.finder
const { mobile } = useDisplay()
const field = ref<{ focus: () => void; select?: () => void } | null>(null)
onMounted(() => field.value?.focus())

function leave() {
  props.finder.close()
  emit('leave')
}
defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <div class="find acts pad" role="search" aria-label="Find in the list">
    <v-text-field
      ref="field"
      v-model="text"
      class="grow"
      label="Find in the list"
      placeholder="skarra, 145.3, 2m, 71.9, no-tone, doubt, left-out, -simplex"
      persistent-placeholder
      maxlength="120"
      @keydown.enter.prevent="(event: KeyboardEvent) => finder.go(event.shiftKey ? -1 : 1)"
      @keydown.esc.prevent.stop="leave"
    />
    <span role="status" class="figure">{{
      text.trim() ? `${hits.size} of ${counted(total, 'channel')}` : ''
    }}</span>
    <v-btn v-if="!mobile" :disabled="!hits.size" title="Shift+Enter" @click="finder.go(-1)">Previous</v-btn>
    <v-btn :disabled="!hits.size" title="Enter" @click="finder.go(1)">Next</v-btn>
    <v-btn :disabled="!hits.size" @click="emit('mark')">Mark all</v-btn>
    <v-btn variant="text" @click="leave">Close</v-btn>
  </div>
</template>

<style scoped>
.find {
  gap: 6px;
}
.grow {
  flex: 1 1 220px;
}
</style>
