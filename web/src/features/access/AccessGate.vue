<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { api, LOCKED, unwrap } from '@/shared/api/client'

/** The page that asks for the password, where one is needed; everything else comes after it. */
const cache = useQueryClient()
const { data: session, error } = useQuery({
  queryKey: ['session'],
  queryFn: () => unwrap(api.GET('/api/session')),
})
const password = ref('')
const refused = ref('')
const asking = ref(false)
/** What was open stays behind the page that asks again, with all that was typed into it. */
const wasOpen = ref(false)
watch(session, (now) => (wasOpen.value ||= now?.open ?? false), { immediate: true })
const askAnew = () => cache.invalidateQueries({ queryKey: ['session'] })
onMounted(() => addEventListener(LOCKED, askAnew))
onBeforeUnmount(() => removeEventListener(LOCKED, askAnew))

async function enter() {
  asking.value = true
  refused.value = ''
  try {
    await unwrap(api.POST('/api/session', { body: { password: password.value } }))
    password.value = ''
    await cache.invalidateQueries()
  } catch (cause) {
    refused.value = cause instanceof Error ? cause.message : String(cause)
  } finally {
    asking.value = false
  }
}
</script>

<template>
  <main v-if="session && !session.open" class="gate">
    <form class="stack" @submit.prevent="enter">
      <h1>Reckonrod</h1>
      <v-text-field
        v-model="password"
        label="Password"
        type="password"
        autocomplete="current-password"
        autofocus
        :error-messages="refused"
        hint="Whoever started this Reckonrod knows it."
        persistent-hint
      />
      <v-btn type="submit" color="primary" variant="flat" :disabled="asking || !password">Come in</v-btn>
    </form>
  </main>
  <main v-else-if="!session" class="gate" role="status">
    <p v-if="error">{{ error.message }}</p>
  </main>
  <div v-if="wasOpen" class="behind" :inert="session ? !session.open : false"><slot /></div>
</template>

<style scoped>
.gate {
  position: fixed;
  inset: 0;
  z-index: 3000;
  display: grid;
  place-items: center;
  background: var(--ground);
}
form {
  width: min(340px, calc(100vw - 32px));
}
.behind {
  display: contents;
}
</style>
