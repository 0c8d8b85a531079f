<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, unwrap, type ListView, type Radio, type Schemas } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import { useNotice } from '@/shared/composables/useNotice'
import SheetTable from '@/shared/ui/SheetTable.vue'

/** Who hears whom, from place to place, straight across and by repeater. */
const props = defineProps<{ list: ListView; radios: Radio[] }>()
const { tellProblem } = useNotice()
interface Post {
  radioId: string
  at: string
}
const MOST = 12
const first = props.radios[0]?.id ?? ''
const posts = ref<Post[]>([
  { radioId: first, at: '' },
  { radioId: props.radios[1]?.id ?? first, at: '' },
])
const channels = ref<string[]>([])
const items = computed(() =>
  props.list.rows.map((each) => ({ value: each.id, title: `${each.slot} · ${each.label}` })),
)
const owners = computed(() => props.radios.map((each) => ({ value: each.id, title: each.name })))
const ready = computed(
  () =>
    channels.value.length > 0 &&
    posts.value.length > 1 &&
    posts.value.every((each) => each.radioId && each.at.trim()),
)
const heard = ref<Schemas['HearingView'][]>([])
const asked = ref<string[]>([])
const nameOf = (post: Post) =>
  `${props.radios.find((each) => each.id === post.radioId)?.name}, ${post.at.trim()}`
const busy = ref(false)
async function ask() {
  if (!ready.value) return
  busy.value = true
  try {
    heard.value = await unwrap(
      api.POST('/api/prove/who-hears', {
        body: { listId: props.list.id, channels: channels.value, posts: posts.value },
      }),
    )
    asked.value = posts.value.map(nameOf)
  } catch (cause) {
    tellProblem(cause)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section aria-label="Who hears whom" class="stack">
    <form class="stack" @submit.prevent="ask">
      <v-autocomplete
        v-model="channels"
        label="Channels"
        :items="items"
        multiple
        chips
        closable-chips
        density="compact"
        hide-details
      />
      <div v-for="(post, index) in posts" :key="index" class="acts post">
        <v-select
          v-model="post.radioId"
          :label="`Radio ${index + 1}`"
          :items="owners"
          density="compact"
          hide-details
        />
        <PlaceField v-model="post.at" :label="`Where ${index + 1}`" density="compact" hide-details />
        <v-btn
          size="small"
          :disabled="posts.length < 3"
          :aria-label="`Leave ${index + 1} out`"
          @click="posts.splice(index, 1)"
          >Leave out</v-btn
        >
      </div>
      <p class="acts">
        <v-btn size="small" :disabled="posts.length >= MOST" @click="posts.push({ radioId: first, at: '' })"
          >One more</v-btn
        >
        <v-btn type="submit" color="primary" variant="flat" :disabled="!ready || busy">Who hears whom</v-btn>
      </p>
    </form>
    <template v-for="each in heard" :key="each.channelId">
      <h2>
        {{ each.slot }} · {{ each.name
        }}<template v-if="each.repeater">, by {{ each.repeater }} or straight across</template>
      </h2>
      <SheetTable :label="`Who hears whom on ${each.name}`">
        <thead>
          <tr>
            <th scope="col">Who talks</th>
            <th v-for="name in asked" :key="name" scope="col">{{ name }} hears it</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, talker) in each.heard" :key="talker">
            <th scope="row">{{ asked[talker] }}</th>
            <td v-for="(cell, listener) in row" :key="listener">
              <template v-if="cell"
                ><span :class="{ wrong: cell.by !== 'direct' && cell.by !== 'repeater' }">{{
                  cell.words
                }}</span>
                <span v-if="cell.margin !== null" class="quiet small">
                  {{ cell.margin }} dB to spare</span
                ></template
              >
              <template v-else>–</template>
            </td>
          </tr>
        </tbody>
      </SheetTable>
    </template>
  </section>
</template>

<style scoped>
.post > * {
  flex: 1 1 180px;
}
.post > .v-btn {
  flex: 0 0 auto;
}
</style>
