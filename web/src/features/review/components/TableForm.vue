<script setup lang="ts">
import { computed, ref } from 'vue'
import ColumnTable from '@/shared/table/ColumnTable.vue'
import type { AskedTable } from '../composables/useListing'

/** Asks what the columns of a pasted table mean, before a row is read. */
const props = defineProps<{ table: AskedTable }>()
const emit = defineEmits<{ read: [columns: string[]]; edit: [] }>()
const meanings = ref(props.table.columns.map((each) => each.meaning))
const side = ref<number | null>(null)
const left = computed(() =>
  props.table.columns.filter((each, i) => each.unknown && !meanings.value[i]).map((each) => each.heading),
)
const missing = computed(() => !meanings.value.includes('OUTPUT'))
</script>

<template>
  <form class="stack pad" @submit.prevent="missing || emit('read', meanings)">
    <h2>What do the columns of this table mean?</h2>
    <ColumnTable v-model="meanings" v-model:side="side" :columns="table.columns" :sides="table.question" />
    <p v-if="left.length" role="status">
      Not understood, and left out so far: {{ left.map((each) => `"${each}"`).join(', ') }}. Choose a meaning
      if it belongs to a channel.
    </p>
    <p v-if="missing && !table.question" role="status">Choose the column you receive on: Output.</p>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :disabled="missing">Read rows</v-btn>
      <v-btn @click="emit('edit')">Edit text</v-btn>
    </div>
  </form>
</template>

<style scoped>
form {
  overflow: auto;
}
</style>
