<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'

/** A log of another copy of this program, or a table of one's own. */
const taking = defineModel<boolean>({ required: true })
const cache = useQueryClient()
const { tell, tellProblem } = useNotice()
const text = ref('')
async function bring(event: Event) {
  const picked = (event.target as HTMLInputElement).files?.[0]
  if (picked) text.value = await picked.text()
}
async function take() {
  try {
    const { taken, known, ahead } = await unwrap(api.POST('/api/tests/take', { body: { text: text.value } }))
    taking.value = false
    text.value = ''
    tell(
      `${counted(taken, 'test')} taken in${known ? `, ${known} were here already` : ''}${
        ahead ? `. ${counted(ahead, 'test')} dated after today: look at the clock of where it was kept` : ''
      }`,
    )
    await cache.invalidateQueries()
  } catch (cause) {
    tellProblem(cause)
  }
}
</script>

<template>
  <SheetDialog v-model="taking" title="Take a log in" :width="620" @submit="take">
    <p>
      A table as it is given out here, with the columns Moment, Line, and Seen and heard at least; or its
      JSON, as a page for the telephone gives it back, too.
    </p>
    <input
      type="file"
      accept=".csv,.json,text/csv,application/json"
      aria-label="File of a log"
      @change="bring"
    />
    <v-textarea v-model="text" data-first label="Its text" rows="6" hide-details class="mono" />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!text.trim()">Take it in</v-btn>
      <v-btn @click="taking = false">Leave it</v-btn>
    </template>
  </SheetDialog>
</template>
