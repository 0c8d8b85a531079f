<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { once } from '@/shared/composables/once'
import { useNotice } from '@/shared/composables/useNotice'
import { counted } from '@/shared/words'

/** How a drill went: the traps, the keys that led away, and when it is to be repeated. Kept under the name of who practised. */
const props = defineProps<{
  list: string
  run: string
  person: string
  hints: number
  body: () => Schemas['PressedRequest']
}>()
const emit = defineEmits<{ kept: []; again: []; next: [] }>()
const { tellProblem } = useNotice()
const went = ref<Schemas['PracticeRunView'] | null>(null)

const keep = once(async () => {
  try {
    went.value = await unwrap(
      api.PUT('/api/lists/{list}/practice/runs/{id}', {
        params: { path: { list: props.list, id: props.run } },
        body: { person: props.person.trim() || 'me', hints: props.hints, pressed: props.body() },
      }),
    )
    emit('kept')
  } catch (cause) {
    tellProblem(cause)
  }
})
onMounted(keep)
</script>

<template>
  <section aria-label="How it went" class="stack" role="status">
    <h2>Done</h2>
    <template v-if="went">
      <p>
        {{ counted(went.presses, 'key') }} in {{ went.seconds }} s; {{ went.least }} would do.
        {{ went.slips.length || hints ? `To be repeated today.` : `Without a slip: again on ${went.dueOn}.` }}
      </p>
      <ul v-if="went.slips.length" class="slips">
        <li v-for="(each, at) in went.slips" :key="at">
          Key {{ each.at + 1 }}: <b>{{ each.called }}.</b> {{ each.says }}
        </li>
      </ul>
      <p v-if="went.ledAway.length" class="small">
        {{ counted(went.ledAway.length, 'key') }} led away: {{ went.ledAway.map((at) => at + 1).join(', ') }}.
      </p>
    </template>
    <p class="acts">
      <v-btn v-if="!went" size="small" @click="keep">Keep it</v-btn>
      <v-btn size="small" color="primary" variant="flat" @click="emit('next')">Next drill</v-btn>
      <v-btn size="small" @click="emit('again')">Once more</v-btn>
    </p>
  </section>
</template>

<style scoped>
.slips {
  padding-left: 18px;
}
</style>
