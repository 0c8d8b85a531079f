<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SheetDialog from '@/shared/components/SheetDialog.vue'
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
    <v-text-field
      v-model="wanted"
      label="Look for a word"
      density="compact"
      variant="outlined"
      hide-details
      autofocus
    />
    <p v-if="error" role="alert">{{ error.message }}</p>
    <div class="table" tabindex="0" role="region" aria-label="Words and examples">
      <table>
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
              <button type="button" class="mono" @click="attempt(each.example)">{{ each.example }}</button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="data && !shown.length" class="quiet">
        No word like “{{ wanted }}” is on this card. Other people’s words are read too: try it in the line.
      </p>
    </div>
    <v-btn @click="open = false">Close</v-btn>
  </SheetDialog>
</template>

<style scoped>
.table {
  max-height: 52vh;
  overflow: auto;
  margin: 12px 0;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
  font-size: 13.5px;
}
thead th {
  color: var(--quiet);
  font-weight: 400;
}
tbody th {
  font-weight: 600;
}
.word {
  display: inline-block;
}
.word + .word::before {
  content: '·';
  padding: 0 8px;
  color: var(--quiet);
}
td button {
  color: var(--primary);
  background: none;
  border: 0;
  padding: 0;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  font-size: 13.5px;
}
</style>
