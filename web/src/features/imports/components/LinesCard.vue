<script setup lang="ts">
import { useKeptText } from '@/shared/composables/useKeptText'

/** A listing as lines of directory notation; what is typed outlives a reload. */
defineProps<{ busy: boolean }>()
const emit = defineEmits<{ bring: [lines: string, done: () => void] }>()
const lines = useKeptText('reckonrod.sources.lines')
const bring = () => emit('bring', lines.value, () => (lines.value = ''))
</script>

<template>
  <section class="card stack">
    <h2>Pasted lines</h2>
    <form class="stack" @submit.prevent="bring">
      <v-textarea
        id="source-lines"
        v-model="lines"
        class="lines"
        label="Lines of directory notation"
        rows="4"
        no-resize
        spellcheck="false"
        placeholder="SKARRA 145.310- 71.9 E L"
        persistent-placeholder
      />
      <div>
        <v-btn type="submit" :disabled="!lines.trim()" :loading="busy">Bring the lines in</v-btn>
      </div>
    </form>
  </section>
</template>

<style scoped>
.lines :deep(textarea) {
  font-family: var(--mono);
}
</style>
