<script setup lang="ts">
import { computed } from 'vue'
import type { Radio, Schemas } from '@/shared/api/client'

/** Who practises, on what, and what. */
const props = defineProps<{ radios: Radio[]; drills: Schemas['PracticeView']; told: boolean }>()
const radio = defineModel<string>('radio', { required: true })
const person = defineModel<string>('person', { required: true })
const channel = defineModel<string>('channel', { required: true })
const emit = defineEmits<{ told: [atOnce: boolean]; next: [] }>()

const due = computed(() => props.drills.drills.filter((each) => each.due).length)
const choices = computed(() => [
  { value: '', title: 'Free play', subtitle: '' },
  ...props.drills.drills.map((each) => ({
    value: each.channelId,
    title: `${each.slot} · ${each.channel}`,
    subtitle: !each.runs
      ? 'new'
      : `${each.due ? 'due' : `again on ${each.dueOn}`}${each.bestSeconds === null ? '' : `, best ${each.bestSeconds} s`}${each.lastSlips.length ? `; last: ${each.lastSlips.join(', ').toLowerCase()}` : ''}`,
  })),
])
const shown = computed(() =>
  choices.value.some((each) => each.value === channel.value) ? channel.value : '',
)
</script>

<template>
  <div class="stack">
    <div class="acts who">
      <v-select
        v-model="radio"
        label="On"
        :items="radios.map((each) => ({ value: each.id, title: each.name }))"
        density="compact"
        hide-details
      />
      <v-text-field v-model="person" label="Who practises" density="compact" hide-details maxlength="60" />
    </div>
    <div class="acts who">
      <v-autocomplete
        label="Drill"
        :model-value="shown"
        :items="choices"
        :item-props="(each: { subtitle: string }) => ({ subtitle: each.subtitle })"
        density="compact"
        hide-details
        variant="outlined"
        auto-select-first
        @update:model-value="(id: string | null) => (channel = id ?? '')"
      />
      <v-btn size="small" :disabled="!drills.next" @click="emit('next')">{{
        due ? `Next of ${due} due` : 'Next drill'
      }}</v-btn>
    </div>
    <v-checkbox
      :model-value="told"
      label="Tell a wrong key at once"
      density="compact"
      hide-details
      @update:model-value="(at: boolean | null) => emit('told', at === true)"
    />
  </div>
</template>

<style scoped>
.who > * {
  flex: 1 1 180px;
}
.who > .v-btn {
  flex: 0 0 auto;
}
</style>
