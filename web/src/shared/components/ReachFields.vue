<script setup lang="ts">
import { computed } from 'vue'
import type { Reached, Way } from '@/shared/api/client'
import { useCardFolders, usePorts } from '@/shared/api/queries'

/** How a radio is reached: its port, the folder of its card, or the bench. */
const props = defineProps<{ way: Way; canSimulate: boolean }>()
const reached = defineModel<Reached>('reached', { required: true })
const at = defineModel<string>('at', { required: true })
const WORDS: Record<Reached, string> = {
  none: 'not said yet',
  simulated: 'a simulated radio on the bench, to practise on',
  serial: 'a serial port of this machine',
  tcp: 'a TCP port that something else offers',
  card: 'a folder of this machine: its card, or a copy of it',
}
const ways = computed(() => {
  const here: Reached[] = props.way === 'card' ? ['card'] : ['serial', 'tcp']
  return (['none', ...(props.canSimulate ? ['simulated'] : []), ...here] as Reached[]).map((value) => ({
    value,
    title: WORDS[value],
  }))
})
const { data: ports } = usePorts(computed(() => reached.value === 'serial'))
const { data: folders } = useCardFolders(computed(() => reached.value === 'card'))
const chosen = computed(() => ports.value?.find((each) => each.path === at.value))
</script>

<template>
  <v-select
    :model-value="reached"
    label="How it is reached"
    :items="ways"
    @update:model-value="((reached = $event), (at = ''))"
  />
  <template v-if="reached === 'serial'">
    <v-combobox
      :model-value="at"
      label="Port"
      :items="ports?.map((each) => each.path) ?? []"
      hint="Ports appear here when you plug them in."
      persistent-hint
      @update:model-value="at = $event ?? ''"
    >
      <template #item="{ props: item, item: port }">
        <v-list-item v-bind="item" :subtitle="ports?.find((each) => each.path === String(port))?.says" />
      </template>
    </v-combobox>
    <p v-if="chosen?.trouble" class="wrong small" role="status">{{ chosen.trouble }}.</p>
    <p v-else-if="chosen" class="quiet small">{{ chosen.says }}</p>
    <p v-else-if="ports && !ports.length" class="quiet small">
      This machine has no serial port now. Plug the cable in.
    </p>
  </template>
  <v-text-field
    v-else-if="reached === 'tcp'"
    v-model="at"
    label="Host and port"
    placeholder="localhost:4012"
    persistent-placeholder
  />
  <v-combobox
    v-else-if="reached === 'card'"
    :model-value="at"
    label="Folder"
    :items="folders?.offered ?? []"
    placeholder="/media/card"
    persistent-placeholder
    :hint="`The card must be in ${folders?.allowed.join(' or ') ?? 'an allowed folder'}. You can also upload it as a zip file.`"
    persistent-hint
    @update:model-value="at = $event ?? ''"
  />
</template>
