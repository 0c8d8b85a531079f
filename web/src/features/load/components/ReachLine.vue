<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Radio, Reached } from '@/shared/api/client'
import ReachFields from '@/shared/components/ReachFields.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { useReach } from '../composables/useReach'

/** By which port or card the radio is reached, and the way to change that. */
const props = defineProps<{ radio: Radio; busy: boolean }>()
const words = computed(() => {
  const { reached, at, way, family } = props.radio.line
  const where: Record<Reached, string> = {
    none:
      way === 'card'
        ? 'No folder is chosen for its card; a zip of it goes through the browser.'
        : 'It is not said yet by which port it is reached.',
    simulated: 'On the bench, simulated.',
    serial: `At the serial port ${at}.`,
    tcp: `At ${at}, over TCP.`,
    card: `Its card is the folder ${at}.`,
  }
  return `${where[reached]} ${family.charAt(0).toUpperCase()}${family.slice(1)}${props.radio.baud ? `, ${props.radio.baud} baud` : ''}.`
})
const open = ref(false)
const reached = ref<Reached>('none')
const at = ref('')
function ask() {
  reached.value = props.radio.line.reached
  at.value = props.radio.line.at
  open.value = true
}
const { reach, canSimulate } = useReach(computed(() => props.radio))
async function submit() {
  if (await reach(reached.value, at.value)) open.value = false
}
</script>

<template>
  <p class="acts">
    <span class="quiet small">{{ words }}</span>
    <v-btn size="small" :disabled="busy" @click="ask">
      {{ radio.line.reached === 'none' ? 'Choose how it is reached…' : 'Change…' }}
    </v-btn>
  </p>
  <SheetDialog v-model="open" :title="`How ${radio.name} is reached`" :width="560" @submit="submit">
    <ReachFields
      v-model:reached="reached"
      v-model:at="at"
      :way="radio.line.way"
      :can-simulate="canSimulate"
    />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat">Keep</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
