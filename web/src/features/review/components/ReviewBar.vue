<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import KindToggle from '@/shared/ui/KindToggle.vue'
import type { ReviewLine } from '../composables/useReview'

type Verdict = ReviewLine['verdict']
/** How many lines there are of each kind, and what is done to many of them at once. */
const props = defineProps<{ review: Schemas['ReviewView']; alike: number; stale: boolean }>()
const emit = defineEmits<{ mendAll: []; letIn: []; edit: []; clear: [] }>()
const only = defineModel<Verdict | null>({ required: true })
const kinds = computed<{ kind: Verdict; words: string; count: number }[]>(() => [
  { kind: 'good', words: 'good', count: props.review.good },
  { kind: 'doubtful', words: 'to look at', count: props.review.doubtful },
  { kind: 'bad', words: 'to mend', count: props.review.bad },
])
</script>

<template>
  <div class="bar acts pad">
    <KindToggle v-model="only" :kinds="kinds" label="Show only" />
    <v-spacer />
    <v-btn v-if="alike > 1" :disabled="stale" @click="emit('mendAll')">Mend all {{ alike }} like this</v-btn>
    <v-btn v-if="review.doubtful" @click="emit('letIn')">Let all {{ review.doubtful }} doubtful in</v-btn>
    <v-btn @click="emit('edit')">Edit as text</v-btn>
    <v-btn @click="emit('clear')">Clear</v-btn>
  </div>
</template>
