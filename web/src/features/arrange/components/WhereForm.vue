<script setup lang="ts">
import { computed, ref } from 'vue'
import PlaceField from '@/shared/components/PlaceField.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'

/**
 * Asks from where distances are taken, or by which places a way leads. Channels that were not taken from the directory have no place
 * and stand behind.
 */
const props = defineProps<{ what: string; act: string; by: 'distance' | 'along'; places?: string[] }>()
const emit = defineEmits<{ ask: [places: string[]]; leave: [] }>()
const LEAST = { distance: 1, along: 2 }
const places = ref([...(props.places ?? [])])
while (places.value.length < LEAST[props.by]) places.value.push('')
const said = computed(() => places.value.map((each) => each.trim()).filter((each) => each))
const label = (i: number) =>
  props.by === 'distance'
    ? 'Distance from (place, coordinates or locator)'
    : i === 0
      ? 'The way begins at (place, coordinates or locator)'
      : 'and leads by'
</script>

<template>
  <section class="asking stack" :aria-label="what">
    <h2>{{ what }}</h2>
    <p class="quiet">
      {{
        by === 'distance'
          ? 'The nearest come first.'
          : 'They follow each other as the way passes them, straight from place to place.'
      }}
      Channels whose place is not known, because they were not taken from the directory, stand behind.
    </p>
    <FieldRow>
      <PlaceField v-for="(_, i) in places" :key="i" v-model="places[i]!" class="grow" :label="label(i)" />
    </FieldRow>
    <div class="acts">
      <v-btn color="primary" variant="flat" :disabled="said.length < LEAST[by]" @click="emit('ask', said)">{{
        act
      }}</v-btn>
      <v-btn v-if="by === 'along'" @click="places.push('')">One more place</v-btn>
      <v-btn variant="text" @click="emit('leave')">Leave it</v-btn>
    </div>
  </section>
</template>

<style scoped>
.asking {
  gap: 10px;
  border-left: 3px solid var(--line);
  padding-left: 12px;
}
</style>
