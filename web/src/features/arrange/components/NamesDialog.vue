<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type ListView, type Schemas } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import type { Column } from '@/shared/ui/grid'

/** What displays of every length show for the names of the list; a short name of one's own is typed here. */
const props = defineProps<{ list: ListView; cursor: number; changes: ReturnType<typeof useListChanges> }>()
const open = defineModel<boolean>({ required: true })

const { data, error } = useQuery({
  queryKey: ['names', () => props.list.id, () => props.list.version],
  enabled: open,
  placeholderData: keepPreviousData,
  queryFn: () => unwrap(api.GET('/api/lists/{id}/names', { params: { path: { id: props.list.id } } })),
})
const lengths = computed(() => data.value?.lengths ?? [])
const all = ref(false)
const rows = computed(() =>
  (data.value?.rows ?? []).filter(
    (row) =>
      all.value ||
      row.shown.some((each) => each.chosen || each.shown.toLowerCase() !== row.name.toLowerCase()),
  ),
)
const at = ref(0)
watch(
  [open, () => data.value !== undefined],
  ([now, here]) => {
    if (now && here)
      at.value = Math.max(
        0,
        rows.value.findIndex((it) => it.slot === props.cursor),
      )
  },
  { immediate: true },
)
const row = computed(() => rows.value[at.value])

const columns = computed<Column[]>(() => [
  { key: 'slot', head: 'Slot', width: '44px', end: true },
  { key: 'name', head: 'Name', width: 'minmax(130px, 1fr)' },
  ...lengths.value.map((each) => ({
    key: `of${each.length}`,
    head: String(each.length),
    width: `${each.length * 9 + 18}px`,
  })),
])
/** As wide as all columns need; what has no room is scrolled to. */
const wide = computed(() => lengths.value.reduce((sum, each) => sum + each.length * 9 + 26, 230))
const titles = computed(() =>
  lengths.value.map((each) => ({
    value: each.length,
    title: `${each.length} characters${each.radios.length ? `: ${each.radios.join(', ')}` : ''}`,
  })),
)
const length = ref<number | null>(null)
watch(
  lengths,
  (now) => (length.value ??= (now.find((each) => each.radios.length) ?? now[0])?.length ?? null),
  { immediate: true },
)
const cell = (it: Schemas['NameRow'], of: number) =>
  it.shown[lengths.value.findIndex((each) => each.length === of)]
const chosen = computed(() => (row.value && length.value ? cell(row.value, length.value) : undefined))
const text = ref('')
// What is worked out anew, because the list has changed elsewhere, leaves what is typed.
watch(
  () => [open.value, row.value?.id, length.value, chosen.value?.shown].join(),
  () => (text.value = chosen.value?.shown ?? ''),
  { immediate: true },
)

/** Words that the person abbreviates besides the usual ones, as they are typed: LIGHTHOUSE=LTS. */
const words = computed(() => props.list.intent.abbreviations.map((each) => `${each.word}=${each.shorter}`))
/** They stand as they were typed until they can be kept. */
const typed = ref(words.value)
const wrongWord = ref('')
let waiting = false
watch(words, (now) => {
  if (!waiting && !wrongWord.value) typed.value = now
})
const pair = (each: string) => each.split('=').map((it) => it.trim())
function abbreviate(now: string[]) {
  typed.value = now
  const wrong = now.find((each) => pair(each).length !== 2 || pair(each).some((it) => !it))
  wrongWord.value = wrong ? `“${wrong}” is not of the form word=shorter, such as LIGHTHOUSE=LTS.` : ''
  waiting = !wrong && now.join() !== words.value.join()
  keepWords()
}
/** Sent once, as soon as nothing else is on its way. */
function keepWords() {
  if (!waiting || props.changes.busy.value) return
  waiting = false
  void props.changes.say({
    kind: 'mean',
    purpose: null,
    naming: null,
    abbreviations: typed.value.map((each) => ({ word: pair(each)[0] ?? '', shorter: pair(each)[1] ?? '' })),
  })
}
watch(() => props.changes.busy.value, keepWords)

function choose(name: string | null) {
  if (!row.value || !length.value || props.changes.busy.value) return
  void props.changes.say({ kind: 'short-name', channel: row.value.id, length: length.value, name })
}
</script>

<template>
  <SheetDialog v-model="open" title="What the radios show" :width="1100" @submit="choose(text)">
    <p class="quiet">
      Names are shortened so that they can still be read, and differ on the display if they differ in the
      list. A name of your own is kept.
    </p>
    <p v-if="error" class="wrong" role="alert">{{ error.message }}</p>
    <v-checkbox v-model="all" label="Those too that every display shows whole" />
    <KeyedGrid
      v-if="rows.length"
      v-model:at="at"
      class="names"
      :style="{ '--wide': `${wide}px` }"
      label="Names on displays"
      :items="rows"
      :columns="columns"
      :item-key="(it) => it.id"
      :height="30"
      @keydown.down.prevent="at = Math.min(at + 1, rows.length - 1)"
      @keydown.up.prevent="at = Math.max(at - 1, 0)"
    >
      <template #slot="{ item }">{{ item.slot }}</template>
      <template #name="{ item }">{{ item.name }}</template>
      <template v-for="each in lengths" :key="each.length" #[`of${each.length}`]="{ item }">
        <span
          class="mono"
          :class="{ own: cell(item, each.length)?.chosen, apart: cell(item, each.length)?.apartFrom }"
          >{{ cell(item, each.length)?.shown }}</span
        >
      </template>
    </KeyedGrid>
    <p v-else-if="data">Every display shows every name as it is.</p>
    <FieldRow v-if="row" class="choice">
      <v-select v-model="length" class="grow" label="On displays of" :items="titles" />
      <v-text-field
        v-model="text"
        class="mono"
        :label="`${row.name || 'The channel'} shows as`"
        :maxlength="length ?? 31"
      />
      <v-btn type="submit" color="primary" variant="flat" :disabled="!text.trim()">Show it so</v-btn>
      <v-btn v-if="chosen?.chosen" @click="choose(null)">Shorten it by rule</v-btn>
    </FieldRow>
    <p v-if="chosen?.apartFrom" class="small quiet">
      Told apart from {{ chosen.apartFrom }}, which it would look like otherwise.
    </p>
    <v-combobox
      label="Words you abbreviate, where a display is too short: LIGHTHOUSE=LTS, Enter after each"
      multiple
      chips
      closable-chips
      hide-no-data
      :model-value="typed"
      :error-messages="wrongWord"
      @update:model-value="(now) => abbreviate(now as string[])"
    />
    <template #acts><v-btn @click="open = false">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
.names {
  height: min(44vh, 420px);
  flex: none;
  border: 1px solid var(--line);
  overflow-x: auto;
}
.names :deep(:is(.head, .rows)) {
  min-width: var(--wide);
}
.choice {
  --field: 260px;
}
.own {
  color: var(--primary);
  text-decoration: underline;
}
.apart {
  color: var(--doubt);
}
</style>
