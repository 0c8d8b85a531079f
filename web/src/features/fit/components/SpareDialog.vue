<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type ListView, type Radio } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import { useDoing } from '@/shared/composables/useDoing'
import { useKeptText } from '@/shared/composables/useKeptText'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'

/** What a radio with too few slots can do without: what another channel covers, what looks dead, what is out of reach from a place. */
const props = defineProps<{ radio: Radio; list: ListView }>()
const open = defineModel<boolean>({ required: true })
const place = useKeptText('reckonrod.fit.from')
const from = ref(place.value)
let later: ReturnType<typeof setTimeout> | undefined
watch(place, (now) => {
  clearTimeout(later)
  later = setTimeout(() => (from.value = now), 400)
})

const { data: spare, error } = useQuery({
  queryKey: ['fit', 'spare', computed(() => props.radio.id), computed(() => props.list.mark), from],
  enabled: open,
  placeholderData: keepPreviousData,
  queryFn: () =>
    unwrap(
      api.GET('/api/radios/{id}/spare', {
        params: { path: { id: props.radio.id }, query: { list: props.list.id, from: from.value } },
      }),
    ),
})
/** What the person has chosen otherwise; by itself only that goes which another channel covers. */
const otherwise = ref(new Map<string, boolean>())
watch(open, (now) => now && (otherwise.value = new Map()))
type Offered = NonNullable<typeof spare.value>[number]
const goes = (each: Offered) => otherwise.value.get(each.channelId) ?? each.covered
const chosen = computed(() => spare.value?.filter(goes) ?? [])
const choose = (channel: string, now: boolean | null) =>
  (otherwise.value = new Map(otherwise.value).set(channel, now ?? false))
const does = useDoing()
async function submit() {
  if (error.value || !chosen.value.length) return
  const channels = chosen.value.map((each) => each.channelId)
  const went = await does(
    () =>
      unwrap(
        api.POST('/api/radios/{id}/leave-out', {
          params: { path: { id: props.radio.id } },
          body: { channels },
        }),
      ),
    `${counted(channels.length, 'channel')} of ${props.list.name} stay out of ${props.radio.name}; nothing is written yet`,
  )
  if (went) open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="`What ${radio.name} can do without`" :width="640" @submit="submit">
    <PlaceField v-model="place" data-first label="Where it is used, if reach is to count" />
    <p v-if="error" role="alert">{{ error.message }}</p>
    <p v-else-if="spare && !spare.length" class="quiet">
      Nothing: no channel is there twice, none looks dead{{ from ? ', and all are in reach' : '' }}. Give the
      channels ranks, and those of the best rank go in.
    </p>
    <ul v-else class="bare" aria-label="Channels that can stay out">
      <li v-for="each in spare" :key="each.channelId">
        <v-checkbox
          :model-value="goes(each)"
          :label="`${each.label}, slot ${each.slot}`"
          @update:model-value="(now) => choose(each.channelId, now)"
        />
        <span class="quiet">{{ each.why.message }}</span>
      </li>
    </ul>
    <template #acts>
      <v-btn type="submit" color="primary" :disabled="error !== null || !chosen.length">
        Leave {{ counted(chosen.length, 'channel') }} out of this radio
      </v-btn>
      <v-btn @click="open = false">Leave it as it is</v-btn>
    </template>
  </SheetDialog>
</template>
