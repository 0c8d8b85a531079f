<script setup lang="ts">
import { useNotationCard } from '../composables/useNotationCard'
import SheetDialog from './SheetDialog.vue'

defineProps<{ title: string; keys: [string, string][] }>()
const open = defineModel<boolean>({ required: true })
const card = useNotationCard()
function showCard() {
  open.value = false
  card.value = true
}
</script>

<template>
  <SheetDialog v-model="open" :title="title">
    <dl>
      <template v-for="[key, does] in keys" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
    <div class="acts">
      <v-btn @click="showCard">Words of the line</v-btn>
      <v-btn @click="open = false">Close</v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 8px;
  margin: 16px 0;
}
dd {
  margin: 0;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
