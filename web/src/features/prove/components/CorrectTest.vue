<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'
import { newId } from '@/shared/newId'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { moment } from '@/shared/words'
import type { FieldTest, Seen } from '../composables/useFieldLog'
import TapBoard from './TapBoard.vue'

/** A test that was tapped wrong is set right afterwards. */
const editing = defineModel<FieldTest | null>({ required: true })
const does = useDoing()
const draft = ref<FieldTest | null>(null)
watch(editing, (now) => (draft.value = now ? { ...now, seen: [...now.seen] } : null))
const edits = computed({ get: () => editing.value !== null, set: (now) => !now && (editing.value = null) })
function tap(seen: Seen) {
  if (!draft.value) return
  const had = draft.value.seen
  draft.value.seen = had.includes(seen) ? had.filter((each) => each !== seen) : [...had, seen]
}
/** When it was, by the clock of this machine. */
const when = ref('')
watch(draft, (now, was) => {
  if (now && now.id !== was?.id) when.value = moment(now.at)
})
const at = computed(() => {
  const day = /^(\d{4})-(\d{2})-(\d{2}) (\d{1,2}):(\d{2})$/.exec(when.value.trim())
  if (!day) return null
  const [, year, month, date, hour, minute] = day.map(Number)
  const found = new Date(year ?? 0, (month ?? 1) - 1, date, hour, minute)
  // What the calendar does not have would roll over into another day.
  return moment(found.toISOString()) === when.value.trim() ? found.toISOString() : null
})
/** The moment stays to the second as long as nobody corrects it. */
const corrected = computed(() =>
  draft.value && when.value.trim() === moment(draft.value.at) ? draft.value.at : at.value,
)
async function keep() {
  const test = draft.value
  const moved = corrected.value
  if (!test || !moved) return
  const sameRadio = test.radio.trim() === editing.value?.radio
  const good = await does(
    () =>
      unwrap(
        api.PUT('/api/tests/{id}', {
          params: { path: { id: test.id } },
          body: {
            editor: newId(),
            baseVersion: test.version,
            at: moved,
            place: test.place,
            latitude: test.latitude,
            longitude: test.longitude,
            radioId: sameRadio ? test.radioId : null,
            radio: test.radio,
            listId: test.listId,
            channelId: test.channelId,
            channel: test.channel,
            line: test.line,
            directoryId: null,
            seen: test.seen,
            strength: test.strength,
            note: test.note,
            answers: test.answers,
          },
        }),
      ),
    'Corrected',
  )
  if (good) editing.value = null
}
</script>

<template>
  <SheetDialog v-model="edits" title="Correct a test" :width="620" @submit="keep">
    <template v-if="draft">
      <p>
        {{ draft.channel }}, <span class="mono">{{ draft.line }}</span>, {{ moment(draft.at) }}
      </p>
      <TapBoard
        :seen="draft.seen"
        :strength="draft.strength"
        :result="draft.result"
        says=""
        kept=""
        @tap="tap"
        @strength="(level: number) => draft && (draft.strength = level)"
      />
      <v-text-field
        v-model="when"
        label="When"
        :error-messages="corrected ? [] : ['As in 2026-11-27 14:05']"
        hide-details="auto"
      />
      <v-text-field v-model="draft.radio" label="Radio" maxlength="120" hide-details />
      <v-text-field v-model="draft.place" data-first label="Place" maxlength="120" hide-details />
      <v-text-field v-model="draft.note" label="Note" maxlength="2000" hide-details />
    </template>
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!corrected">Keep</v-btn>
      <v-btn @click="editing = null">Leave it</v-btn>
    </template>
  </SheetDialog>
</template>
