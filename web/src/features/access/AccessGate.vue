<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'

/** The page that asks for the password, where one is needed; everything else comes after it. */
const cache = useQueryClient()
const { data: session, error } = useQuery({
  queryKey: ['session'],
  queryFn: () => unwrap(api.GET('/api/session')),
})
const password = ref('')
const refused = ref('')
const asking = ref(false)

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
    <form @submit.prevent="enter">
      <h1>Reckonrod</h1>
      <label for="password">Password</label>
      <input
        id="password"
        v-model="password"
        type="password"
        autocomplete="current-password"
        autofocus
        :aria-invalid="refused !== ''"
        aria-describedby="refused"
      />
      <p id="refused" class="refused" role="alert">{{ refused }}</p>
      <v-btn type="submit" color="primary" variant="flat" :disabled="asking || !password">Come in</v-btn>
      <p class="quiet">Whoever started this Reckonrod knows it.</p>
    </form>
  </main>
  <slot v-else-if="session" />
  <main v-else class="gate" role="status">
    <p v-if="error">{{ error.message }}</p>
  </main>
</template>

<style scoped>
.gate {
  display: grid;
  place-items: center;
  min-height: 100vh;
  min-height: 100dvh;
  background: var(--ground);
  color: var(--ink);
}
form {
  width: min(340px, calc(100vw - 32px));
  display: grid;
  gap: 8px;
}
h1 {
  font-size: 24px;
}
input {
  height: 40px;
  padding: 0 12px;
  font: inherit;
  color: inherit;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.refused {
  color: var(--error);
  min-height: 1.5em;
  margin: 0;
}
.quiet {
  color: var(--quiet);
  font-size: 13.5px;
}
</style>
