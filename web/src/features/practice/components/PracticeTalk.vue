<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import { once } from '@/shared/composables/once'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'

/** The talk key of the practice radio: the invented air hears it. */
const props = defineProps<{
  list: string
  body: () => Schemas['PressedRequest']
  standing: Schemas['StandingView'] | null
}>()
const place = useKeptText('reckonrod.prove.place')
const { tell, tellProblem } = useNotice()
const heard = ref('')
watch(
  () => props.standing,
  () => (heard.value = ''),
)
const talk = once(async () => {
  if (!place.value.trim()) {
    tell('Say where the radio is first: a place, its coordinates or its locator.')
    return
  }
  try {
    const said = await unwrap(
      api.POST('/api/lists/{list}/practice/talk', {
        params: { path: { list: props.list } },
        body: { at: place.value, pressed: props.body() },
      }),
    )
    heard.value = `${said.shown ? `On ${said.shown}: ` : ''}${said.says}`
  } catch (cause) {
    tellProblem(cause)
  }
})
</script>

<template>
  <section aria-label="Talk key" class="acts keyed-up">
    <PlaceField v-model="place" label="Where" density="compact" hide-details />
    <v-btn @click="talk">Press the talk key</v-btn>
    <span role="status">{{ heard }}</span>
  </section>
</template>

<style scoped>
.keyed-up > :first-child {
  flex: 1 1 200px;
}
</style>
