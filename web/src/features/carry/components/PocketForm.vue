<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, unwrap, type Radio } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { saveFile } from '@/shared/saveFile'

/** The list as one file for a telephone, with the key sheets of some radios. */
const props = defineProps<{ radios: Radio[] }>()
const { openId, open } = useOpenList()
const { tell, tellProblem } = useNotice()
const chosen = ref<string[]>([])
const keyed = computed(() => props.radios.filter((each) => each.keysKnown))
const busy = ref(false)
async function save() {
  busy.value = true
  try {
    const page = (await unwrap(
      api.GET('/api/lists/{list}/pocket', {
        params: { path: { list: openId.value ?? '' }, query: { radio: chosen.value } },
        parseAs: 'blob',
      }),
    )) as unknown as Blob
    saveFile(page, `${open.value?.name ?? 'list'}.html`)
    tell(
      `The page is saved, ${Math.ceil(page.size / 1000)} kB. Send it to the telephone and open it there with a browser.`,
    )
  } catch (cause) {
    tellProblem(cause)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section aria-label="Page for a telephone" class="stack">
    <h2>Page for a telephone</h2>
    <p>
      One file with all channels, a search, the key sheets of the radios chosen here, and a log. It needs no
      network and not this program; the log comes back as a file that
      <router-link :to="{ name: 'log' }">Log</router-link> takes in.
    </p>
    <v-select
      v-model="chosen"
      multiple
      chips
      label="Key sheets of"
      :items="keyed.map((each) => ({ value: each.id, title: each.name }))"
    />
    <div class="acts">
      <v-btn :loading="busy" :disabled="!openId" @click="save">Save the page</v-btn>
    </div>
  </section>
</template>
