<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { useNotationCard } from '@/shared/composables/useNotationCard'

const emit = defineEmits<{ attempt: [line: string] }>()
const open = useNotationCard()
const wanted = ref('')
const { data, error } = useQuery({
  queryKey: ['notation'],
  enabled: open,
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/notation')),
})
const shown = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  return (data.value ?? []).filter(
    (each) =>
      text === '' ||
      each.means.toLowerCase().includes(text) ||
      each.words.some((word) => word.toLowerCase().includes(text)),
  )
})
function attempt(line: string) {
  open.value = false
  // The dialog gives the focus back to the screen first.
  setTimeout(() => emit('attempt', line), 50)
}
</script>

<template>
  <SheetDialog v-model="open" title="Words that the line reads" :width="860">
    <p class="quiet">
      Order, case and separators are free. Two frequencies without a word are output, then input. Click an
      example to try it.
    </p>
    <v-text-field v-model="wanted" label="Look for a word" hide-details data-first />
    <p v-if="error" role="alert">{{ error.message }}</p>
    <SheetTable class="card" label="Words and examples">
      <thead>
        <tr>
          <th scope="col">Words</th>
          <th scope="col">What they mean</th>
          <th scope="col">Example</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in shown" :key="each.example + each.means">
          <th scope="row">
            <span v-for="word in each.words" :key="word" class="mono word">{{ word }}</span>
          </th>
          <td>{{ each.means }}</td>
          <td>
            <button type="button" class="mono link" @click="attempt(each.example)">{{ each.example }}</button>
          </td>
        </tr>
      </tbody>
    </SheetTable>
    <p v-if="data && !shown.length" class="quiet">
      No word like “{{ wanted }}” is on this card. Other people’s words are read too: try it in the line.
    </p>
    <template #acts><v-btn @click="open = false">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
.card {
  max-height: 48vh;
}
.word {
  display: inline-block;
}
.word + .word::before {
  content: '·';
  padding: 0 8px;
  color: var(--quiet);
}
</style>
