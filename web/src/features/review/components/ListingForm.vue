<script setup lang="ts">
/** Where a listing is pasted, or mended as text. */
const draft = defineModel<string>({ required: true })
const emit = defineEmits<{ workOut: [] }>()
const EXAMPLE = 'SKARRA 145.310- 71.9 E L\nOSTREY N 145.430 -0.6 T118.8\nPELL\t147.135\t+\t127.3'
</script>

<template>
  <form class="stack pad" @submit.prevent="emit('workOut')">
    <label for="listing">
      Paste a directory listing, one repeater a line: name, output, shift, tones, in any order. Up to 5,000
      lines.
    </label>
    <v-textarea id="listing" v-model="draft" rows="14" no-resize spellcheck="false" :placeholder="EXAMPLE" />
    <v-btn type="submit" color="primary" variant="flat" :disabled="!draft.trim()">Work these lines out</v-btn>
  </form>
</template>

<style scoped>
form {
  justify-items: start;
  gap: 12px;
}
form .v-textarea {
  width: 100%;
}
form :deep(textarea) {
  font: 15px/1.6 var(--mono);
}
</style>
