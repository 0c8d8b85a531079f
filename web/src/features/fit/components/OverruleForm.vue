<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import type { Overrule } from '../composables/useCarrying'

/** What is otherwise for one channel in this radio alone; the list stays as it is. */
const props = defineProps<{ radio: string; overrule: Overrule | null }>()
const emit = defineEmits<{ overrule: [overrule: Overrule] }>()
const NONE: Overrule = { leftOut: false, listenOnly: false, name: null, talkTone: null }
/** Only what the form is about, whatever else comes with it. */
const now = computed<Overrule>(() => {
  const { leftOut, listenOnly, name, talkTone } = props.overrule ?? NONE
  return { leftOut, listenOnly, name, talkTone }
})
const name = ref('')
const tone = ref('')
watch(
  now,
  (it) => {
    name.value = it.name ?? ''
    tone.value = it.talkTone ?? ''
  },
  { immediate: true },
)
const set = (part: Partial<Overrule>) => emit('overrule', { ...now.value, ...part })
const typed = computed(
  () => name.value !== (now.value.name ?? '') || tone.value !== (now.value.talkTone ?? ''),
)
</script>

<template>
  <form class="stack" aria-label="In this radio only" @submit.prevent="set({ name, talkTone: tone })">
    <h2>In {{ radio }} only</h2>
    <v-checkbox
      label="Leave it out of this radio"
      :model-value="now.leftOut"
      @update:model-value="(on) => set({ leftOut: on === true })"
    />
    <v-checkbox
      label="It only listens there"
      :model-value="now.listenOnly"
      @update:model-value="(on) => set({ listenOnly: on === true })"
    />
    <FieldRow>
      <v-text-field v-model="name" class="grow" label="Name there" maxlength="32" />
      <v-text-field
        v-model="tone"
        class="grow"
        label="Talk tone there"
        placeholder="88.5 or D023N"
        maxlength="40"
      />
    </FieldRow>
    <div class="acts">
      <v-btn type="submit" size="small" :disabled="!typed">Keep name and tone</v-btn>
      <v-btn v-if="overrule" size="small" @click="emit('overrule', NONE)">As in the list again</v-btn>
    </div>
  </form>
</template>
