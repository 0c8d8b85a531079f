<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onMounted, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useKeys } from '@/shared/keys/useKeys'
import ArchivePanel from './components/ArchivePanel.vue'

const { data: about } = useQuery({ queryKey: ['about'], queryFn: () => unwrap(api.GET('/api/about')) })
const { data: notices } = useQuery({
  queryKey: ['notices'],
  staleTime: Infinity,
  queryFn: async () => {
    const texts = await Promise.all(['/notices-web.txt', '/notices-java.txt'].map((each) => fetch(each)))
    if (texts.some((each) => !each.ok)) throw new Error('The notices cannot be read just now.')
    return (await Promise.all(texts.map((each) => each.text()))).join('\n')
  },
})
const session = useQuery({ queryKey: ['session'], queryFn: () => unwrap(api.GET('/api/session')) })
const guarded = computed(() => session.data.value?.passwordNeeded)
async function leave() {
  await unwrap(api.DELETE('/api/session'))
  location.assign('/')
}

const work = ref<HTMLElement | null>(null)
useKeys({ title: 'About', keys: [], focus: () => work.value?.focus() })
onMounted(() => work.value?.focus())
</script>

<template>
  <section ref="work" class="about" tabindex="-1" aria-label="About">
    <h1>Reckonrod {{ about?.version }}</h1>
    <p>
      Keeps channel lists, works out repeater shifts, splits and tones, and writes them to radios that differ.
      Everything is worked out on the machine that it was started on; nothing is asked of the network.
    </p>
    <h2>Before you transmit</h2>
    <p>
      Transmitting needs a licence. Band plans are templates of common practice and are not verified for your
      area; reach is an estimate; entries may be out of date. Local rules and your frequency coordinator
      prevail.
    </p>
    <h2>Who can reach it</h2>
    <p v-if="guarded">
      Whoever has the password.
      <v-btn size="small" @click="leave">Leave on this browser</v-btn>
    </p>
    <p v-else>
      Every user of the machine that it runs on, without a password, and nobody from elsewhere. The README
      says how to open it to others.
    </p>
    <h2>All of it as one file</h2>
    <ArchivePanel />
    <h2>What it is built with</h2>
    <pre v-if="notices" tabindex="0" role="region" aria-label="Third-party notices">{{ notices }}</pre>
    <p v-else class="quiet">The notices of others’ work come in a moment.</p>
  </section>
</template>

<style scoped>
.about {
  padding: 20px 24px;
  max-width: 860px;
}
h1 {
  margin-bottom: 8px;
}
h2 {
  margin: 20px 0 4px;
  font-size: 16px;
}
pre {
  font: 13px/1.45 var(--mono);
  white-space: pre-wrap;
  max-height: 46vh;
  overflow: auto;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 12px;
}
</style>
