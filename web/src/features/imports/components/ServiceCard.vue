<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

/** The simulated service of a directory, and how it behaves. */
defineProps<{ busy: boolean }>()
const emit = defineEmits<{ pull: [] }>()
const cache = useQueryClient()
const { tellProblem } = useNotice()
const { data: service } = useQuery({
  queryKey: ['service'],
  queryFn: () => unwrap(api.GET('/api/imports/service')),
})
async function mood(change: object) {
  try {
    const body = { there: true, delayMillis: 0, failsFrom: -1, later: false, ...service.value, ...change }
    cache.setQueryData(['service'], await unwrap(api.PUT('/api/imports/service', { body })))
  } catch (cause) {
    tellProblem(cause)
  }
}
</script>

<template>
  <section v-if="service?.there" class="card stack">
    <h2>Directory service</h2>
    <p>
      The simulated service that ships with Reckonrod lists the Vellan Isles, Ardmoor, and 50,000 invented
      repeaters all over the earth.
    </p>
    <v-btn color="primary" variant="flat" :loading="busy" @click="emit('pull')">Pull its listing</v-btn>
    <fieldset>
      <legend class="quiet small">Practise with it</legend>
      <v-checkbox
        label="make it slow"
        :model-value="service.delayMillis > 0"
        @update:model-value="(on) => mood({ delayMillis: on ? 700 : 0 })"
      />
      <v-checkbox
        label="let it fail at entry 20,000"
        :model-value="service.failsFrom >= 0"
        @update:model-value="(on) => mood({ failsFrom: on ? 20000 : -1 })"
      />
      <v-checkbox
        label="next month's edition"
        :model-value="service.later"
        @update:model-value="(on) => mood({ later: !!on })"
      />
    </fieldset>
  </section>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
}
</style>
