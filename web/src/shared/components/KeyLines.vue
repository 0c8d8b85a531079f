<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'

/** Keys to press, line by line, with what the display shows after each. */
defineProps<{ lines: Schemas['KeyLineView'][] }>()
</script>

<template>
  <ol class="lines">
    <li v-for="(line, index) in lines" :key="index">
      <span class="pressed"
        ><kbd v-for="(key, at) in line.keys" :key="at" :class="{ digit: key.length === 1 }">{{
          key
        }}</kbd></span
      >
      <span class="shows mono small"
        ><b v-if="line.item" class="item">{{ line.item }}</b
        ><span class="unseen">shows </span>{{ line.shows.join(' · ') }}</span
      >
    </li>
  </ol>
</template>

<style scoped>
.lines {
  padding-left: 24px;
  margin: 0;
}
.lines li {
  padding: 3px 0;
}
.pressed {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 3px;
  margin-right: 10px;
}
kbd {
  font: inherit;
  font-size: 12.5px;
  border: 1px solid var(--line);
  border-bottom-width: 2px;
  border-radius: 4px;
  padding: 0 6px;
}
.digit {
  font-weight: 620;
}
.item {
  margin-right: 8px;
}
.shows {
  opacity: 0.8;
}
</style>
