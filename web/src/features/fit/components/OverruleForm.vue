<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import type { Overrule } from '../composables/useCarrying'

/** What is otherwise for one channel in this radio alone; the list stays as it is. */
const props = defineProps<{
  radio: string
  overrule: Overrule | null
  /** Ends when all is shown as it is kept; whether it was. */
  keep: (overrule: Overrule) => Promise<boolean>
}>()
const NONE: Overrule = { leftOut: false, listenOnly: false, name: null, talkTone: null }
/** Only what the form is about, whatever else comes with it. */
const now = computed<Overrule>(() => {
  const { leftOut, listenOnly, name, talkTone } = props.overrule ?? NONE
  return { leftOut, listenOnly, name, talkTone }
})
const name = ref(now.value.name ?? '')
const tone = ref(now.value.talkTone ?? '')
watch(now, (it, before) => {
  // An answer that comes while the person types on, or to what was asked before, must not take the words away.
  if (name.value === (before.name ?? '')) name.value = it.name ?? ''
  if (tone.value === (before.talkTone ?? '')) tone.value = it.talkTone ?? ''
})
/** What was asked for and is not shown yet: the next wish adds to that. */
let wanted: Overrule | null = null
async function set(part: Partial<Overrule>) {
  const next = { ...(wanted ?? now.value), ...part }
  wanted = next
  const kept = await props.keep(next)
  if (wanted === next) wanted = null
  if (!kept) return
  await nextTick()
  // What was typed stands there as it is kept, unless it was typed on meanwhile.
  if (name.value === part.name) name.value = now.value.name ?? ''
  if (tone.value === part.talkTone) tone.value = now.value.talkTone ?? ''
}
async function asInTheList() {
  await set({ ...NONE })
  if (props.overrule) return
  name.value = ''
  tone.value = ''
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
