<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Edit, ListView } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import type { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { copyOf } from '../belongs'
import { usePreview } from '../composables/usePreview'
import { isWhole } from '../naming'
import { spot } from '../orders'
import NamingFields from './NamingFields.vue'
import PreviewOfChanges from './PreviewOfChanges.vue'

/** What the list is for, how what comes in is named, and its policies; what they would change in its channels is shown first. */
const props = defineProps<{ list: ListView; changes: ReturnType<typeof useListChanges> }>()
const open = defineModel<boolean>({ required: true })

const intent = computed(() => props.list.intent)
const form = ref(copyOf(intent.value))
const LISTENING = [
  { value: 'per_channel', title: 'each channel as it is' },
  { value: 'open', title: 'open: no channel waits for a tone' },
  { value: 'quiet_where_published', title: 'quiet where a listen tone is published' },
]
const POWER = [
  { value: 'as_typed', title: 'each channel as it is' },
  { value: 'low_on_calling', title: 'low on calling frequencies' },
  { value: 'lowest_that_reaches', title: 'the lowest that reaches, from a place' },
]
const from = computed({
  get: () => form.value.talkFrom?.place ?? '',
  set(now: string) {
    if (now !== form.value.talkFrom?.place) form.value.talkFrom = now ? spot(now) : null
  },
})
const reaches = computed(() => form.value.talk === 'lowest_that_reaches')
const differ = (a: unknown, b: unknown) => JSON.stringify(a) !== JSON.stringify(b)
const edits = computed<Edit[]>(() => {
  const [now, next] = [intent.value, form.value]
  const said = { purpose: next.purpose.trim() !== now.purpose, naming: differ(next.naming, now.naming) }
  const talks = next.talk !== now.talk || (reaches.value && next.talkFrom?.place !== now.talkFrom?.place)
  return [
    ...(said.purpose || (said.naming && isWhole(next.naming))
      ? [
          {
            kind: 'mean' as const,
            purpose: said.purpose ? next.purpose : null,
            naming: said.naming ? next.naming : null,
            abbreviations: null,
          },
        ]
      : []),
    ...(next.listen !== now.listen ? [{ kind: 'listen-by' as const, policy: next.listen }] : []),
    ...(talks && (!reaches.value || next.talkFrom)
      ? [{ kind: 'talk-by' as const, policy: next.talk, from: reaches.value ? next.talkFrom : null }]
      : []),
  ]
})
const begin = () => (form.value = copyOf(intent.value))
watch(open, begin)
// What is typed stays when the list is changed elsewhere meanwhile.
watch(intent, (now, before) => {
  if (!differ(form.value, before)) form.value = copyOf(now)
})
const isNamed = computed(() => isWhole(form.value.naming))
const canSet = computed(
  () => edits.value.length > 0 && isNamed.value && (!reaches.value || !!form.value.talkFrom),
)
const { preview, refused, ask, forget } = usePreview(
  () => props.list,
  () => Promise.resolve(false),
)
const PAUSE_MS = 300
let timer = 0
watch([edits, open], () => {
  clearTimeout(timer)
  if (!open.value || !edits.value.length) forget()
  else timer = window.setTimeout(() => void ask(...edits.value), PAUSE_MS)
})
/** Brings the channels to a policy anew: those that came or changed since. */
async function again() {
  const { listen, talk, talkFrom } = intent.value
  // One that all channels hold already is told, and does not stand in the way of the other.
  if (listen !== 'per_channel') await props.changes.say({ kind: 'listen-by', policy: listen })
  if (talk !== 'as_typed') await props.changes.say({ kind: 'talk-by', policy: talk, from: talkFrom })
}
const hasPolicy = computed(() => intent.value.listen !== 'per_channel' || intent.value.talk !== 'as_typed')
async function set() {
  if (canSet.value && !props.changes.busy.value && (await props.changes.say(...edits.value)))
    open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="`About ${list.name}`" :width="760" @submit="set">
    <v-textarea
      v-model="form.purpose"
      label="What it is for"
      rows="2"
      auto-grow
      maxlength="500"
      placeholder="Handhelds of the ferry crew, from the spring on"
      data-first
    />
    <NamingFields
      v-model="form.naming"
      label="What comes from the directory is named by, in the order chosen"
    />
    <FieldRow label="Policies" class="policies">
      <v-select v-model="form.listen" class="grow" label="Listening" :items="LISTENING" />
      <v-select v-model="form.talk" class="grow" label="Power" :items="POWER" />
      <PlaceField v-if="reaches" v-model="from" class="grow" label="Talking from (place or coordinates)" />
    </FieldRow>
    <p v-if="form.listen === 'quiet_where_published'" class="quiet small">
      A wrong or outdated listen tone silences the radio without a word. If a channel stays silent, open it.
    </p>
    <p v-if="reaches" class="quiet small">
      Worked out for all of your radios by the ground between, as in Find: good to nine places of ten. In a
      valley, in a car or indoors it takes more. Above 5 W keep a handheld away from the head.
    </p>
    <p v-if="refused" class="wrong" role="alert">{{ refused }}</p>
    <PreviewOfChanges v-else-if="preview" :preview="preview" />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!canSet || !!refused">Set it so</v-btn>
      <v-btn
        v-if="hasPolicy && !edits.length"
        title="Channels that came or changed since are brought to the policies too"
        @click="again"
        >Bring all channels to the policies</v-btn
      >
      <v-btn @click="open = false">Leave it</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.policies {
  --field: 260px;
}
</style>
