<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { moment } from '@/shared/words'

/** All of the installation as one file, and back; what an archive would bring is shown before it is put in. */
const cache = useQueryClient()
const { tell, tellProblem } = useNotice()
const picker = ref<HTMLInputElement | null>(null)
const brought = ref<Schemas['ArchiveView'] | null>(null)
const asking = ref(false)
const busy = ref(false)

async function bring() {
  const file = picker.value?.files?.[0]
  if (!file || busy.value) return
  busy.value = true
  try {
    const answer = await fetch('/api/archive', {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: file,
    })
    const body = await answer.json()
    if (!answer.ok)
      throw new Problem(body.detail ?? 'The archive cannot be read.', body.code ?? '', answer.status)
    brought.value = body as Schemas['ArchiveView']
    asking.value = true
  } catch (cause) {
    tellProblem(cause)
  } finally {
    busy.value = false
    // The same file can be chosen again.
    if (picker.value) picker.value.value = ''
  }
}
async function restore() {
  if (!brought.value || busy.value) return
  busy.value = true
  try {
    const done = await unwrap(
      api.POST('/api/archive/{id}/restore', { params: { path: { id: brought.value.id } } }),
    )
    asking.value = false
    await cache.resetQueries()
    tell(
      `Restored. What each radio holds is unknown until you read it. What was here before is kept in ${done.kept}.`,
    )
  } catch (cause) {
    tellProblem(cause)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div>
    <p>
      One archive has all lists with their history, the radios, snapshots, the directory, your band plans and
      recipes. Restoring replaces everything that is here; a copy of it is kept first, the newest three for
      good and up to ten for 30 days. The password stays as it is.
    </p>
    <div class="acts">
      <v-btn href="/api/archive" download>Back up everything</v-btn>
      <v-btn :loading="busy" @click="picker?.click()">Restore an archive…</v-btn>
      <input
        ref="picker"
        class="unseen"
        type="file"
        accept=".zip,application/zip"
        aria-label="Archive to restore"
        tabindex="-1"
        @change="bring"
      />
    </div>
    <SheetDialog v-model="asking" title="Restore this archive?" :width="560" @submit="restore">
      <template v-if="brought">
        <p>
          Made on <span class="mono">{{ moment(brought.madeAt) }}</span> by Reckonrod {{ brought.program }}.
          <b>It replaces everything that is here now</b>, which is kept as an archive first. Snapshots of your
          radios and marks of broken-off writes stay, and each radio must be read again.
        </p>
        <SheetTable label="What is in the archive">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col" class="figure">In the archive</th>
              <th scope="col" class="figure">Here now</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in brought.counts" :key="each.what">
              <td>{{ each.what }}</td>
              <td class="figure">{{ each.there }}</td>
              <td class="figure">{{ each.here }}</td>
            </tr>
          </tbody>
        </SheetTable>
      </template>
      <template #acts>
        <v-btn type="submit" color="primary" variant="flat" :loading="busy">Restore archive</v-btn>
        <v-btn @click="asking = false">Cancel</v-btn>
      </template>
    </SheetDialog>
  </div>
</template>
