<script setup lang="ts" generic="K extends string">
import { grouped } from '@/shared/words'
/** How many there are of each kind; pressed, only those are shown. */
defineProps<{ kinds: { kind: K; words: string; count: number }[]; label: string; always?: boolean }>()
const only = defineModel<K | null>({ required: true })
</script>

<template>
  <v-btn-toggle
    class="kinds"
    role="group"
    :aria-label="label"
    :mandatory="always"
    :model-value="only"
    @update:model-value="(kind) => (only = kind ?? null)"
  >
    <v-btn
      v-for="each in kinds"
      :key="each.kind"
      :value="each.kind"
      :aria-pressed="only === each.kind"
      :disabled="each.count === 0"
    >
      <slot name="mark" :kind="each.kind" />
      <b>{{ grouped(each.count) }}</b>&nbsp;{{ each.words }}
    </v-btn>
  </v-btn-toggle>
</template>

<style scoped>
.kinds {
  flex-wrap: wrap;
  height: auto;
}
.kinds :deep(.v-btn) {
  height: 34px !important;
}
.kinds .v-btn[aria-pressed='true'] {
  background: var(--picked);
  color: var(--primary);
}
.kinds :deep(.v-btn__content) {
  gap: 4px;
}
.kinds :deep(.v-btn__overlay) {
  opacity: 0;
}
</style>
