<script setup lang="ts">
import { ref } from 'vue'

/** Why a finding is all right. It comes back when the channel changes. */
const emit = defineEmits<{ lay: [reason: string]; keep: [] }>()
const reason = ref('')
function lay() {
  if (reason.value.trim()) emit('lay', reason.value)
}
</script>

<template>
  <v-form class="acts" @submit.prevent="lay" @keydown.esc.stop.prevent="emit('keep')" @keydown.stop>
    <v-text-field
      v-model="reason"
      class="reason"
      label="Why it is all right, until the channel changes"
      maxlength="200"
      autofocus
    />
    <v-btn size="small" type="submit" :disabled="!reason.trim()">Lay aside</v-btn>
    <v-btn size="small" variant="text" @click="emit('keep')">Keep it</v-btn>
  </v-form>
</template>

<style scoped>
.acts {
  margin-top: 8px;
}
.reason {
  flex: 1 1 100%;
}
</style>
