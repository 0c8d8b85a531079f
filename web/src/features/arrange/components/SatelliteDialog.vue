<script setup lang="ts">
import FindingList from '@/shared/components/FindingList.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { useSatellite } from '../composables/useSatellite'

const props = defineProps<{ listId: string; cursor: number }>()
const emit = defineEmits<{ put: [lines: string[], block: string] }>()
const open = defineModel<boolean>({ required: true })

const { form, set, problemOf } = useSatellite(() => props.listId)

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
  <SheetDialog v-model="open" title="Channels for a satellite pass" :width="860" @submit="put">
    <p class="quiet">
      For an FM satellite whose frequencies you know. The set follows the Doppler shift from rise to setting.
    </p>
    <FieldRow>
      <v-text-field
        v-model="form.name"
        label="Name"
        maxlength="30"
        :error-messages="problemOf('name')"
        data-first
      />
      <v-text-field
        v-model="form.uplink"
        label="Talk to it on, MHz"
        placeholder="145.990"
        :error-messages="problemOf('uplink')"
      />
      <v-text-field
        v-model="form.downlink"
        label="It sends on, MHz"
        placeholder="437.800"
        :error-messages="problemOf('downlink')"
      />
      <FigureField
        v-model="form.heightKilometres"
        label="Height of orbit, km"
        :precision="null"
        :error-messages="problemOf('heightKilometres')"
      />
      <v-text-field
        v-model="form.talkTone"
        label="Talk tone, Hz"
        placeholder="none"
        :error-messages="problemOf('talkTone')"
      />
    </FieldRow>
    <template v-if="set">
      <SheetTable label="The set">
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
      </SheetTable>
      <details open>
        <summary>The arithmetic: Δf = f × v × R ÷ (R + h) ÷ c</summary>
        <p v-for="line in set.working" :key="line" class="quiet">{{ line }}</p>
        <p class="quiet">A circular orbit, and the turning of the earth left out: an estimate.</p>
      </details>
      <FindingList v-if="set.findings.length" :findings="set.findings" />
    </template>
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!set?.usable">
        {{ set ? `Put these ${set.passes.length} in as a block, from slot ${cursor} on` : 'Put the set in' }}
      </v-btn>
      <v-btn @click="open = false">Close</v-btn>
    </template>
  </SheetDialog>
</template>
