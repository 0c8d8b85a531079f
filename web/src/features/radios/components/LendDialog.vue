<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Radio } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { moment } from '@/shared/words'

/** Somebody gets the radio, or brings it back; who had it before stands below. */
const props = defineProps<{
  radio: Radio
  lend: (to: string, note: string) => Promise<boolean>
  back: (note: string) => Promise<boolean>
}>()
const open = defineModel<boolean>({ required: true })
const to = ref('')
const note = ref('')
const out = computed(() => props.radio.shelf.lent)
watch(open, () => ((to.value = ''), (note.value = '')), { immediate: true })
const { data: log } = useQuery({
  queryKey: ['lendings', computed(() => props.radio.id), computed(() => out.value?.at)],
  queryFn: () => unwrap(api.GET('/api/radios/{id}/lendings', { params: { path: { id: props.radio.id } } })),
})
const past = computed(() => log.value?.filter((each) => each.backAt) ?? [])
const busy = ref(false)
async function submit() {
  if (busy.value || (!out.value && !to.value.trim())) return
  busy.value = true
  const went = await (out.value ? props.back(note.value) : props.lend(to.value.trim(), note.value)).finally(
    () => (busy.value = false),
  )
  if (went) open.value = false
}
</script>

<template>
  <SheetDialog
    v-model="open"
    :title="out ? `${radio.name} comes back` : `Lend ${radio.name}`"
    @submit="submit"
  >
    <p v-if="out">
      <b>{{ out.to }}</b> has had it since {{ moment(out.at) }}. {{ out.note }}
    </p>
    <v-text-field v-else v-model="to" data-first label="Who has it" maxlength="60" />
    <v-textarea
      v-model="note"
      :data-first="out ? '' : undefined"
      :label="out ? 'How it came back' : 'What goes with it'"
      rows="2"
      auto-grow
      maxlength="500"
    />
    <ul v-if="past.length" class="past quiet" aria-label="Who had it before">
      <li v-for="each in past" :key="each.at">
        {{ each.to }}, {{ moment(each.at) }} to {{ moment(each.backAt ?? '') }}. {{ each.note }}
        {{ each.backNote }}
      </li>
    </ul>
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="busy || (!out && !to.trim())">{{
        out ? 'It is back' : 'Lend it'
      }}</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.past {
  list-style: none;
  font-size: 13.5px;
}
</style>
