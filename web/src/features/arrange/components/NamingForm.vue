<script setup lang="ts">
import { ref } from 'vue'
import { isWhole, type Naming } from '../naming'
import { copyOf } from '../belongs'
import NamingFields from './NamingFields.vue'

/** How what comes from the directory into a block is named. */
const props = defineProps<{ block: string; naming: Naming | null }>()
const emit = defineEmits<{ set: [naming: Naming | null]; leave: [] }>()
const naming = ref<Naming>(props.naming ? copyOf(props.naming) : { parts: [], from: null })
</script>

<template>
  <section class="asking stack" :aria-label="`Names in ${block}`">
    <h2>Names in {{ block }}</h2>
    <p class="quiet">
      Channels that come from the directory into this block are named so. Those that are in it already are
      named anew by Change (c).
    </p>
    <NamingFields v-model="naming" label="Name by, in the order chosen" />
    <div class="acts">
      <v-btn color="primary" variant="flat" :disabled="!isWhole(naming)" @click="emit('set', naming)"
        >Name them so</v-btn
      >
      <v-btn v-if="props.naming" @click="emit('set', null)">As the list has it</v-btn>
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
