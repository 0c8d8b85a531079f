<script setup lang="ts">
import { computed } from 'vue'
import { useNotationCard } from '@/shared/composables/useNotationCard'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { currentScreen } from './useScreen'

const EVERYWHERE: [string, string][] = [
  ['/', 'to the Reckon line'],
  ['a figure or a word', 'begins a line there'],
  ['Alt+1 2 3 4', 'to Find, Arrange, Fit, Load'],
  ['Alt+9', 'to the tables'],
  ['Tab', 'through what is on the screen'],
]
const open = defineModel<boolean>({ required: true })
const screen = computed(() => (open.value ? currentScreen() : null))
const card = useNotationCard()
function showCard() {
  open.value = false
  card.value = true
}
</script>

<template>
  <SheetDialog v-model="open" :title="screen?.pages.length ? `Keys of ${screen.title}` : 'Keys'">
    <dl class="facts keys">
      <template v-for="[key, does] in [...(screen?.pages ?? []), ...EVERYWHERE]" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
    <template #acts>
      <v-btn @click="showCard">Words of the line</v-btn>
      <v-btn @click="open = false">Close</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.keys {
  --facts: 150px;
  gap: 8px;
}
</style>
