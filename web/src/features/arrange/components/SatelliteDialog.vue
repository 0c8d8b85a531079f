<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, Problem, unwrap, type Schemas } from '@/shared/api/client'
import FindingList from '@/shared/components/FindingList.vue'
import SheetDialog from '@/shared/components/SheetDialog.vue'

const props = defineProps<{ listId: string; cursor: number }>()
const emit = defineEmits<{ put: [lines: string[], block: string] }>()
const open = defineModel<boolean>({ required: true })

const form = ref({ name: '', uplink: '', downlink: '', heightKilometres: 500, talkTone: '' })
const set = ref<Schemas['SatelliteSet'] | null>(null)
const problem = ref<{ field: string; message: string } | null>(null)
const of = (field: string) => (problem.value?.field === field ? problem.value.message : '')

let asked = 0
async function work() {
  // Answers may overtake each other; only that of the newest question counts.
  const mine = ++asked
  const { name, uplink, downlink, heightKilometres, talkTone } = form.value
  if (!name.trim() || !uplink.trim() || !downlink.trim()) {
    set.value = null
    return
  }
  try {
    const worked = await unwrap(
      api.POST('/api/lists/{id}/satellite', {
        params: { path: { id: props.listId } },
        body: {
          name,
          uplink,
          downlink,
          heightKilometres: Number(heightKilometres),
          talkTone: talkTone || null,
        },
      }),
    )
    if (mine !== asked) return
    set.value = worked
    problem.value = null
  } catch (cause) {
    if (mine !== asked) return
    set.value = null
    problem.value = {
      field: cause instanceof Problem ? String(cause.details.field ?? 'name') : 'name',
      message: cause instanceof Error ? cause.message : String(cause),
    }
  }
}
watch([form, () => props.listId], work, { deep: true })

const clock = (seconds: number) => {
  const whole = Math.abs(seconds)
  const sign = seconds < 0 ? '−' : '+'
  return `${sign}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
function put() {
  if (!set.value?.usable) return
  emit(
    'put',
    set.value.passes.map((pass) => pass.line),
    `${form.value.name.trim()} pass`,
  )
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" title="Channels for a satellite pass" :width="820">
    <p class="quiet">
      For an FM satellite whose frequencies you know. The set follows the Doppler shift from rise to setting.
    </p>
    <form @submit.prevent="put">
      <div class="fields">
        <v-text-field
          v-model="form.name"
          label="Name"
          maxlength="30"
          :error-messages="of('name')"
          autofocus
        />
        <v-text-field
          v-model="form.uplink"
          label="Talk to it on, MHz"
          placeholder="145.990"
          :error-messages="of('uplink')"
        />
        <v-text-field
          v-model="form.downlink"
          label="It sends on, MHz"
          placeholder="437.800"
          :error-messages="of('downlink')"
        />
        <v-text-field
          v-model="form.heightKilometres"
          label="Height of orbit, km"
          type="number"
          :error-messages="of('heightKilometres')"
        />
        <v-text-field
          v-model="form.talkTone"
          label="Talk tone, Hz"
          placeholder="none"
          :error-messages="of('talkTone')"
        />
      </div>
      <template v-if="set">
        <div class="scroll" tabindex="0" role="region" aria-label="The set">
          <table>
            <thead>
              <tr>
                <th scope="col">Channel</th>
                <th scope="col">Listen MHz</th>
                <th scope="col">Talk MHz</th>
                <th scope="col">Pass overhead, minutes from the middle</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="pass in set.passes" :key="pass.name">
                <th scope="row">{{ pass.name }}</th>
                <td class="mono"><span class="listen" aria-hidden="true">▽</span> {{ pass.sum.listen }}</td>
                <td class="mono"><span class="talk" aria-hidden="true">▲</span> {{ pass.sum.talk }}</td>
                <td>
                  <span class="mono">{{ clock(pass.fromSeconds) }} to {{ clock(pass.toSeconds) }}</span> ·
                  {{ pass.phase }}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <details open>
          <summary>The arithmetic: Δf = f × v × R ÷ (R + h) ÷ c</summary>
          <p v-for="line in set.working" :key="line" class="quiet">{{ line }}</p>
          <p class="quiet">A circular orbit, and the turning of the earth left out: an estimate.</p>
        </details>
        <FindingList v-if="set.findings.length" :findings="set.findings" />
      </template>
      <div class="actions">
        <v-btn type="submit" color="primary" variant="flat" :disabled="!set?.usable">
          {{
            set ? `Put these ${set.passes.length} in as a block, from slot ${cursor} on` : 'Put the set in'
          }}
        </v-btn>
        <v-btn @click="open = false">Close</v-btn>
      </div>
    </form>
  </SheetDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 14px;
  margin-top: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 12px;
}
.scroll {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 7px 12px;
  border-bottom: 1px solid var(--line);
}
thead th {
  color: var(--quiet);
  font-weight: 500;
  font-size: 13px;
}
.listen {
  color: var(--primary);
}
.talk {
  color: var(--talk);
}
summary {
  cursor: pointer;
  color: var(--primary);
}
p {
  margin: 4px 0 0;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
