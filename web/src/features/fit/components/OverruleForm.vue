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
const name = ref(now.value.name ?? '')
const tone = ref(now.value.talkTone ?? '')
/** What was asked to be kept last: that, and what stood before, an answer may replace. */
let asked = { name: '', tone: '' }
watch(now, (it, before) => {
  // An answer that comes while the person types on must not take the words away.
  if ([before.name ?? '', asked.name].includes(name.value)) name.value = it.name ?? ''
  if ([before.talkTone ?? '', asked.tone].includes(tone.value)) tone.value = it.talkTone ?? ''
})
const set = (part: Partial<Overrule>) => {
  asked = { name: part.name ?? '', tone: part.talkTone ?? '' }
  emit('overrule', { ...now.value, ...part })
}
const asInTheList = () => {
  name.value = ''
  tone.value = ''
  emit('overrule', NONE)
}
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
      <v-btn v-if="overrule" size="small" @click="asInTheList">As in the list again</v-btn>
    </div>
  </form>
</template>
