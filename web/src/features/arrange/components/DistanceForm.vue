<script setup lang="ts">
import { ref } from 'vue'
import PlaceField from '@/shared/components/PlaceField.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'

/** Asks from where distances are taken. Channels that were not taken from the directory have no place and stand behind. */
const props = defineProps<{ what: string; act: string; from?: string }>()
const emit = defineEmits<{ ask: [place: string]; leave: [] }>()
const place = ref(props.from ?? '')
</script>

<template>
  <section class="asking stack" :aria-label="what">
    <h2>{{ what }}</h2>
    <p class="quiet">
      The nearest come first. Channels whose place is not known, because they were not taken from the
      directory, stand behind.
    </p>
    <FieldRow>
      <PlaceField v-model="place" class="grow" label="Distance from (place, coordinates or locator)" />
      <v-btn color="primary" variant="flat" :disabled="!place.trim()" @click="emit('ask', place.trim())">{{
        act
      }}</v-btn>
      <v-btn variant="text" @click="emit('leave')">Leave it</v-btn>
    </FieldRow>
  </section>
</template>

<style scoped>
.asking {
  gap: 10px;
  border-left: 3px solid var(--line);
  padding-left: 12px;
}
</style>
