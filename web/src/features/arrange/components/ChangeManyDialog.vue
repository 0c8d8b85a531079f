<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Edit, ListView, Schemas } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'
import { usePreview } from '../composables/usePreview'

/** Power, kind, tones and names of all channels that are marked, changed at once; what would become of them is shown first. */
const props = defineProps<{
  list: ListView
  channels: string[]
  changes: ReturnType<typeof useListChanges>
}>()
const emit = defineEmits<{ made: [edits: Edit[]] }>()
const open = defineModel<boolean>({ required: true })

type SetMany = Schemas['SetManyEdit']
const power = ref<SetMany['power']>(null)
const emission = ref<SetMany['emission']>(null)
const talkTone = ref('')
const listenTone = ref('')
const parts = ref<Schemas['NameManyEdit']['parts']>([])
const PARTS = [
  { value: 'place', title: 'place' },
  { value: 'call_sign', title: 'call sign' },
  { value: 'listen', title: 'listen frequency' },
  { value: 'talk', title: 'talk frequency, if another' },
  { value: 'talk_tone', title: 'talk tone' },
  { value: 'band', title: 'band' },
]
const find = ref('')
const replacement = ref('')
const POWERS = [
  { title: 'as it is', value: null },
  ...['high', 'mid', 'low'].map((value) => ({ title: value, value })),
]
const KINDS = [
  { title: 'as it is', value: null },
  ...['FM', 'NFM', 'AM'].map((value) => ({ title: value, value })),
]

const edits = computed<Edit[]>(() => {
  const { channels } = props
  const [talk, listen] = [talkTone.value.trim() || null, listenTone.value.trim() || null]
  const sets = power.value || emission.value || talk || listen
  return [
    ...(sets
      ? [
          {
            kind: 'set-many' as const,
            channels,
            power: power.value,
            emission: emission.value,
            talkTone: talk,
            listenTone: listen,
          },
        ]
      : []),
    ...(parts.value.length ? [{ kind: 'name-many' as const, channels, parts: parts.value }] : []),
    ...(find.value
      ? [{ kind: 'replace-in-names' as const, channels, find: find.value, with: replacement.value }]
      : []),
  ]
})
const { preview, refused, ask, forget } = usePreview(
  () => props.list,
  () => Promise.resolve(false),
)
const PAUSE_MS = 250
let timer = 0
watch([edits, () => props.list.version, open], () => {
  clearTimeout(timer)
  if (!open.value || !edits.value.length) forget()
  else timer = window.setTimeout(() => void ask(...edits.value), PAUSE_MS)
})
const SHOWN = 40

async function make() {
  const wanted = edits.value
  if (!wanted.length || props.changes.busy.value) return
  if (!(await props.changes.say(...wanted))) return
  emit('made', wanted)
  open.value = false
  power.value = emission.value = null
  talkTone.value = listenTone.value = find.value = replacement.value = ''
  parts.value = []
}
</script>

<template>
  <SheetDialog
    v-model="open"
    :title="`Change ${counted(channels.length, 'channel')}`"
    :width="760"
    @submit="make"
  >
    <p class="quiet">
      What is left empty stays as it is. Channels that never talk get no power and no talk tone.
    </p>
    <FieldRow label="Set for all">
      <v-select v-model="power" label="Power" :items="POWERS" data-first />
      <v-select v-model="emission" label="Kind" :items="KINDS" />
      <v-text-field v-model="talkTone" label="Talk tone" placeholder="118.8, D023N, none" maxlength="40" />
      <v-text-field
        v-model="listenTone"
        label="Listen tone"
        placeholder="118.8, D023N, none"
        maxlength="40"
      />
    </FieldRow>
    <FieldRow label="In their names" class="names">
      <v-select v-model="parts" label="Name by, in the order chosen" multiple :items="PARTS" />
      <v-text-field v-model="find" label="In names, find" maxlength="32" />
      <v-text-field v-model="replacement" label="and write instead" maxlength="32" />
    </FieldRow>
    <p v-if="refused" class="wrong" role="alert">{{ refused }}</p>
    <section v-else-if="preview" role="status">
      <p>{{ counted(preview.rewritten.length, 'channel') }} would change:</p>
      <ul class="bare mono small">
        <li v-for="each in preview.rewritten.slice(0, SHOWN)" :key="each.slot">
          {{ each.slot }} <span class="quiet">{{ each.before }}</span> → {{ each.after }}
        </li>
        <li v-if="preview.rewritten.length > SHOWN" class="quiet">
          and {{ preview.rewritten.length - SHOWN }} more
        </li>
      </ul>
      <p v-if="preview.moves.length">
        {{ counted(preview.moves.length, 'channel') }} would go to another slot, for blocks are kept in order.
      </p>
    </section>
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!edits.length || !!refused"
        >Change them</v-btn
      >
      <v-btn @click="open = false">Leave them</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.names {
  --field: 232px;
}
</style>
