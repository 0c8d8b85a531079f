<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type ListView } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'

/** What a radio must be able to do to carry the list, and which radios can talk to which with it. */
const props = defineProps<{ list: ListView }>()
const open = defineModel<boolean>({ required: true })
const path = computed(() => ({ params: { path: { id: props.list.id } } }))
const { data: needs } = useQuery({
  queryKey: ['fit', 'needs', computed(() => props.list.mark)],
  queryFn: () => unwrap(api.GET('/api/lists/{id}/needs', path.value)),
})
const { data: pairs } = useQuery({
  queryKey: ['fit', 'together', computed(() => props.list.mark)],
  queryFn: () => unwrap(api.GET('/api/lists/{id}/together', path.value)),
})
</script>

<template>
  <SheetDialog
    v-model="open"
    title="What the list needs, and who can talk to whom"
    :width="760"
    @submit="open = false"
  >
    <section class="stack">
      <h2>A radio that carries {{ list.name }} as it is</h2>
      <p v-if="needs && !needs.length" class="quiet">The list has no channel yet, so any radio carries it.</p>
      <dl class="facts">
        <template v-for="need in needs" :key="need.name">
          <dt>{{ need.name }}</dt>
          <dd>{{ need.words }}</dd>
        </template>
      </dl>
    </section>
    <section v-if="pairs?.length" class="stack">
      <h2>Radio to radio, on the channels that are talked on</h2>
      <ul class="bare pairs">
        <li v-for="pair in pairs" :key="pair.first + pair.second">
          <b>{{ pair.first }} and {{ pair.second }}</b> get on on {{ counted(pair.both, 'channel') }}.
          <span v-if="pair.onlyFirst.length" class="quiet">
            Only {{ pair.first }} talks on {{ pair.onlyFirst.join(', ') }}.</span
          >
          <span v-if="pair.onlySecond.length" class="quiet">
            Only {{ pair.second }} talks on {{ pair.onlySecond.join(', ') }}.</span
          >
          <span v-for="each in pair.hindered" :key="each.channel" class="quiet">
            {{ each.channel }}: {{ each.why }}.</span
          >
        </li>
      </ul>
    </section>
    <template #acts><v-btn type="submit">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
.facts {
  --facts: 140px;
}
.pairs {
  display: grid;
  gap: 8px;
}
</style>
