<script setup lang="ts">
import { ref } from 'vue'
import FieldRow from '@/shared/ui/FieldRow.vue'

/** A listing from a file: chosen, or dropped here. */
defineProps<{ busy: boolean; refused: string }>()
const emit = defineEmits<{ bring: [file: File, charset: string]; chosen: [] }>()

const FOUND_OUT = { value: '', title: 'found out' }
const CHARSETS = ['UTF-8', 'windows-1252', 'ISO-8859-15', 'windows-1250', 'windows-1251', 'Shift_JIS']
const encodings = [FOUND_OUT, ...CHARSETS.map((each) => ({ value: each, title: each }))]
const charset = ref('')
const file = ref<File>()
</script>

<template>
  <section class="card stack">
    <h2>A file</h2>
    <p>
      CSV with any columns, or GeoJSON points. You say what the columns mean, and see what would change first.
    </p>
    <form class="stack" @submit.prevent="file && emit('bring', file, charset)">
      <v-file-upload
        v-model="file"
        title="Drop a listing here, or click to choose one"
        aria-label="Listing file"
        accept=".csv,.tsv,.txt,.json,.geojson,text/csv,application/geo+json"
        clearable
        show-size
        :error-messages="refused"
        @update:model-value="emit('chosen')"
      />
      <FieldRow>
        <v-select v-model="charset" label="Encoding" :items="encodings" />
        <v-btn
          type="submit"
          :disabled="!file"
          :loading="busy"
          :color="file ? 'primary' : undefined"
          :variant="file ? 'flat' : 'outlined'"
          >Bring the file in</v-btn
        >
      </FieldRow>
    </form>
  </section>
</template>

<style scoped>
form :deep(.v-file-upload-title) {
  font-size: 14px;
  font-weight: 500;
}
form :deep(.v-file-upload-icon) {
  font-size: 26px;
}
form :deep(.v-file-upload-dropzone) {
  gap: 12px;
  padding: 12px;
}
</style>
