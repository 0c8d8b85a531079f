<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import { useOpenList } from '@/shared/composables/useOpenList'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'

/** What a radio held becomes a list of its own. What of it cannot be taken is told before the dialog goes. */
const props = defineProps<{ radioId: string; radioName: string }>()
const snapshot = defineModel<string | null>({ required: true })
const open = computed({
  get: () => snapshot.value !== null,
  set: (now: boolean) => {
    if (!now) snapshot.value = null
  },
})
const { open: openList, choose } = useOpenList()
const { data: plans } = usePlans()
const cache = useQueryClient()
const name = ref('')
const bandPlan = ref('')
const problem = ref('')
const busy = ref(false)
const made = ref<{ name: string; channels: number; unread: string[] } | null>(null)
watch(open, (now) => {
  if (!now) return
  name.value = props.radioName
  bandPlan.value = openList.value?.bandPlan ?? plans.value?.[0]?.id ?? ''
  problem.value = ''
  made.value = null
})
async function make() {
  if (busy.value) return
  if (made.value) return void (open.value = false)
  if (!snapshot.value) return
  busy.value = true
  try {
    const path = { id: props.radioId, snapshotId: snapshot.value }
    const done = await unwrap(
      api.POST('/api/radios/{id}/snapshots/{snapshotId}/list', {
        params: { path },
        body: { name: name.value, bandPlan: bandPlan.value },
      }),
    )
    await cache.invalidateQueries({ queryKey: ['lists'] })
    choose(done.list.id)
    made.value = { name: done.list.name, channels: done.list.channels, unread: done.unread }
  } catch (cause) {
    problem.value = cause instanceof Error ? cause.message : String(cause)
  } finally {
    // The second click of a double click is not the answer to what is told now.
    setTimeout(() => (busy.value = false), made.value ? 600 : 0)
  }
}
</script>

<template>
  <SheetDialog v-model="open" title="A list of what the radio held" @submit="make">
    <template v-if="made">
      <p role="status">
        {{ made.name }} is made of {{ counted(made.channels, 'channel') }} and is the open list now.
        <b v-if="made.unread.length">{{ counted(made.unread.length, 'slot') }} could not be taken:</b>
      </p>
      <ul v-if="made.unread.length" class="bare wrong">
        <li v-for="each in made.unread" :key="each">{{ each }}</li>
      </ul>
    </template>
    <template v-else>
      <v-text-field v-model="name" label="Name" maxlength="60" :error-messages="problem" data-first />
      <v-select
        v-model="bandPlan"
        label="Band plan"
        :items="plans ?? []"
        item-title="title"
        item-value="id"
      />
      <p class="quiet">
        Each channel comes under its slot and as the radio shows its name, with its banks and with what the
        scan of the radio passes by.
      </p>
    </template>
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat">{{ made ? 'Done' : 'Make the list' }}</v-btn>
      <v-btn v-if="!made" @click="open = false">Leave it</v-btn>
    </template>
  </SheetDialog>
</template>
