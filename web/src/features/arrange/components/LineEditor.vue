<script setup lang="ts">
import { onMounted, ref } from 'vue'

/** A channel's line, edited where it stands. */
defineProps<{ slotNumber: number }>()
const emit = defineEmits<{ save: []; cancel: [] }>()
const draft = defineModel<string>({ required: true })
const field = ref<{ focus: () => void; select: () => void } | null>(null)
onMounted(() => {
  field.value?.focus()
  field.value?.select()
})
</script>

<template>
  <v-text-field
    ref="field"
    v-model="draft"
    class="editor"
    hide-details
    spellcheck="false"
    autocomplete="off"
    :aria-label="`Line of slot ${slotNumber}`"
    @click.stop
    @dblclick.stop
    @keydown.enter.stop.prevent="emit('save')"
    @keydown.esc.stop.prevent="emit('cancel')"
    @keydown.stop
  />
</template>

<style scoped>
.editor :deep(.v-field__input) {
  min-height: 28px;
  padding: 0 8px;
  font: 15px var(--mono);
}
</style>
