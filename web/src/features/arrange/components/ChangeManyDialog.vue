<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Edit, ListView, Schemas } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted, moment } from '@/shared/words'
import { usePreview } from '../composables/usePreview'
import { isWhole, type Naming } from '../naming'
import NamingFields from './NamingFields.vue'
import PreviewOfChanges from './PreviewOfChanges.vue'

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
const AS_IT_IS = { title: 'as it is', value: null }
/** By what they are named: not at all, by the recipes of the list and its blocks, or by one that is made here. */
const names = ref<'recipe' | 'own' | null>(null)
const NAMES = [
  AS_IT_IS,
  { title: 'by the recipes of the list and its blocks', value: 'recipe' },
  { title: 'by parts…', value: 'own' },
]
const naming = ref<Naming>({ parts: [], from: null })
const rank = ref<number | 'none' | null>(null)
const RANKS = [
  AS_IT_IS,
  ...Array.from({ length: 9 }, (_, i) => ({
    title: i === 0 ? '1, the most' : i === 8 ? '9, the least' : String(i + 1),
    value: i + 1,
  })),
  { title: 'none', value: 'none' },
]
const proven = ref<'today' | 'none' | null>(null)
const PROVEN = [AS_IT_IS, { title: 'today', value: 'today' }, { title: 'not any more', value: 'none' }]
const find = ref('')
const replacement = ref('')
const POWERS = [AS_IT_IS, ...['high', 'mid', 'low'].map((value) => ({ title: value, value }))]
const KINDS = [AS_IT_IS, ...['FM', 'NFM', 'AM'].map((value) => ({ title: value, value }))]

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
    ...(names.value === 'recipe' || (names.value === 'own' && isWhole(naming.value))
      ? [{ kind: 'name-many' as const, channels, naming: names.value === 'own' ? naming.value : null }]
      : []),
    ...(find.value
      ? [{ kind: 'replace-in-names' as const, channels, find: find.value, with: replacement.value }]
      : []),
    ...(rank.value
      ? [{ kind: 'rank' as const, channels, rank: rank.value === 'none' ? null : rank.value }]
      : []),
    ...(proven.value
      ? [
          {
            kind: 'prove' as const,
            channels,
            day: proven.value === 'today' ? moment(new Date().toISOString()).slice(0, 10) : null,
          },
        ]
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

async function make() {
  const wanted = edits.value
  if (!wanted.length || props.changes.busy.value) return
  if (!(await props.changes.say(...wanted))) return
  emit('made', wanted)
  open.value = false
  power.value = emission.value = null
  talkTone.value = listenTone.value = find.value = replacement.value = ''
  naming.value = { parts: [], from: null }
  names.value = rank.value = proven.value = null
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
      <v-select v-model="names" label="Name them" :items="NAMES" />
      <v-text-field v-model="find" label="In names, find" maxlength="32" />
      <v-text-field v-model="replacement" label="and write instead" maxlength="32" />
    </FieldRow>
    <NamingFields v-if="names === 'own'" v-model="naming" label="Name by, in the order chosen" />
    <FieldRow label="To you" class="names">
      <v-select v-model="rank" label="Rank: how much it matters" :items="RANKS" />
      <v-select v-model="proven" label="Answered, and so proven" :items="PROVEN" />
    </FieldRow>
    <p v-if="refused" class="wrong" role="alert">{{ refused }}</p>
    <PreviewOfChanges v-else-if="preview" :preview="preview" />
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
