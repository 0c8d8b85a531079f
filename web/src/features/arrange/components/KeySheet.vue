<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Row, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import KeyLines from '@/shared/components/KeyLines.vue'
import { useKeptText } from '@/shared/composables/useKeptText'
import { counted, moment } from '@/shared/words'

/** How the channel is keyed into one of the radios by hand, line by line, with what the display shows after each. */
const props = defineProps<{ listId: string; version: number; row: Row }>()
const { data: radios } = useRadios()
const kept = useKeptText('reckonrod.keys.radio')
const keyed = computed(() => (radios.value ?? []).filter((each) => each.keysKnown))
const radio = computed({
  get: () => keyed.value.find((each) => each.id === kept.value)?.id ?? keyed.value[0]?.id ?? '',
  set: (id: string) => (kept.value = id),
})
const { data: newest, error } = useQuery({
  queryKey: ['keys', () => props.listId, () => props.row.id, radio, () => props.version],
  enabled: computed(() => radio.value !== ''),
  placeholderData: keepPreviousData,
  queryFn: () =>
    unwrap(
      api.GET('/api/lists/{list}/keys', {
        params: { path: { list: props.listId }, query: { channel: props.row.id, radio: radio.value } },
      }),
    ),
})
const name = computed(() => keyed.value.find((each) => each.id === radio.value)?.name)
/** What was found for another channel is nothing for this one. */
const sheet = computed(() =>
  newest.value?.channelId === props.row.id && newest.value.radio === name.value ? newest.value : null,
)
const parts = computed<{ title: string; lines: Schemas['KeyLineView'][] }[]>(() =>
  sheet.value
    ? [
        { title: '', lines: sheet.value.lines },
        { title: `If it shows ${sheet.value.filled}, the slot is in use:`, lines: sheet.value.ifFilled },
      ].filter((each) => each.lines.length)
    : [],
)
</script>

<template>
  <section aria-label="Keyed in by hand" class="keys stack">
    <h2>Keyed in by hand</h2>
    <p v-if="radios && !keyed.length" class="quiet">
      None of your radios has its keys in its definition. A model can have them under Models, as
      <span class="mono">panel</span>.
    </p>
    <v-select
      v-if="keyed.length > 1"
      v-model="radio"
      label="Into"
      :items="keyed.map((each) => ({ value: each.id, title: each.name }))"
      density="compact"
      hide-details
    />
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <template v-else-if="sheet">
      <p v-for="each in sheet.cannot" :key="each" class="small">{{ each }}</p>
      <template v-if="sheet.lines.length">
        <p class="small">
          Slot {{ sheet.slot }} of {{ sheet.radio }}: {{ counted(sheet.presses, 'key') }}, about
          {{ Math.max(1, Math.round(sheet.seconds / 60)) }} min.
          <template v-if="sheet.holds"
            >It holds {{ sheet.holds }}, as read on {{ moment(sheet.readAt ?? '') }}.</template
          >
          {{ sheet.begin }} Leave no more than {{ sheet.pauseSeconds }} s between two keys in the menu: it
          closes then, and keeps nothing of what was begun.
        </p>
        <template v-for="part in parts" :key="part.title">
          <p v-if="part.title" class="small">
            <b>{{ part.title }}</b>
          </p>
          <KeyLines :lines="part.lines" />
        </template>
      </template>
    </template>
  </section>
</template>
