<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Radio } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import { useProfiles } from '../composables/useProfiles'

/** The settings of the radio itself that matter to the job: what they are, what is advised and why, and what is written. */
const props = defineProps<{ radio: Radio; busy: boolean }>()
const settings = defineModel<Record<string, string>>({ required: true })
const rows = computed(() => props.radio.settings)
const wanted = computed(() => rows.value.filter((each) => each.inMemory && each.value !== each.advised))
const allAdvised = computed(() => wanted.value.every((each) => settings.value[each.name] === each.advised))
function set(name: string, value: string | null, now: string | null) {
  const next = { ...settings.value }
  if (value === null || value === now) delete next[name]
  else next[name] = value
  settings.value = next
}
const { profiles, keep, forget } = useProfiles()
/** What this radio has of a profile; the rest of it is nothing to this radio. */
function byProfile(name: string) {
  const chosen = profiles.value?.find((each) => each.name === name)?.chosen ?? {}
  const next: Record<string, string> = {}
  for (const each of rows.value) {
    const value = chosen[each.name]
    if (each.inMemory && value !== undefined && each.values.includes(value) && value !== each.value)
      next[each.name] = value
  }
  settings.value = next
}
const asks = ref(false)
const shown = ref(false)
const name = ref('')
async function keepProfile() {
  const chosen = Object.fromEntries(
    rows.value.flatMap((each) => {
      const value = settings.value[each.name] ?? each.value
      return each.inMemory && value ? [[each.name, value]] : []
    }),
  )
  if (name.value.trim() && (await keep(name.value.trim(), chosen))) asks.value = false
}
function advise() {
  settings.value = allAdvised.value
    ? {}
    : {
        ...settings.value,
        ...Object.fromEntries(wanted.value.map((each) => [each.name, each.advised])),
      }
}
</script>

<template>
  <details
    v-if="rows.length"
    class="settings"
    :open="rows.some((each) => each.fails)"
    @toggle="shown = ($event.target as HTMLDetailsElement).open"
  >
    <summary>
      Settings of {{ radio.name }}:
      {{ wanted.length ? `${wanted.length} other than advised` : 'all as advised' }}
    </summary>
    <p v-if="shown" class="acts">
      <v-btn v-if="wanted.length" size="small" :disabled="busy" @click="advise">
        {{ allAdvised ? 'Leave them as they are' : 'Set all as advised' }}
      </v-btn>
      <v-select
        v-if="profiles?.length"
        class="profile"
        density="compact"
        label="Set by a profile"
        hide-details
        :model-value="null"
        :items="profiles.map((each) => each.name)"
        :disabled="busy"
        @update:model-value="(name: string | null) => name && byProfile(name)"
      />
      <v-btn size="small" :disabled="busy" @click="asks = true">Keep as a profile…</v-btn>
      <span class="quiet small">They go with the channels, in the same write.</span>
    </p>
    <SheetTable v-if="shown" label="Settings of the radio">
      <thead>
        <tr>
          <th scope="col">Setting</th>
          <th scope="col">Now</th>
          <th scope="col">After writing</th>
          <th scope="col" class="roomy">Why</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in rows" :key="each.name">
          <th scope="row">{{ each.name }}</th>
          <td>
            <SeverityMark v-if="each.fails" severity="doubt" />
            {{ each.value ?? 'not known' }}
          </td>
          <td>
            <v-select
              v-if="each.inMemory"
              :model-value="settings[each.name] ?? each.value"
              :items="each.values"
              :aria-label="`${each.name} after writing`"
              class="choice"
              density="compact"
              single-line
              hide-details
              :disabled="busy"
              @update:model-value="(value: string) => set(each.name, value, each.value)"
            />
            <span
              v-if="each.inMemory && (settings[each.name] ?? each.value) !== each.advised"
              class="quiet small"
              >{{ each.advised }} is advised</span
            >
            <span v-else-if="!each.inMemory" class="quiet small"
              >{{ each.advised }} advised; on the radio: {{ each.panel }}</span
            >
          </td>
          <td class="roomy quiet small">{{ each.why }}</td>
        </tr>
      </tbody>
    </SheetTable>
    <SheetDialog v-model="asks" title="Keep these settings as a profile" :width="480" @submit="keepProfile">
      <p class="quiet">
        All of these settings as they will be after writing. Another radio takes those of them that it has.
      </p>
      <v-text-field v-model="name" data-first label="Name of the profile" maxlength="40" />
      <p v-for="each in profiles" :key="each.name" class="acts small">
        {{ each.name }}
        <v-btn size="small" :aria-label="`Drop the profile ${each.name}`" @click="forget(each.name)"
          >Drop</v-btn
        >
      </p>
      <template #acts>
        <v-btn type="submit" color="primary" variant="flat" :disabled="!name.trim()">Keep</v-btn>
        <v-btn @click="asks = false">Cancel</v-btn>
      </template>
    </SheetDialog>
  </details>
</template>

<style scoped>
.settings {
  margin-top: 12px;
}
.settings summary {
  cursor: pointer;
}
.profile {
  max-width: 220px;
}
.choice {
  min-width: 130px;
}
.choice :deep(.v-field__input) {
  min-height: 36px;
  padding-block: 4px;
}
.settings .acts {
  margin: 8px 0;
}
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
}
</style>
