<script setup lang="ts">
/** A table that scrolls by itself, by keys too, below a head that stays. */
defineProps<{ label: string }>()
</script>

<template>
  <v-table class="sheet-table">
    <template #wrapper>
      <div class="v-table__wrapper" tabindex="0" role="region" :aria-label="label">
        <table>
          <slot />
        </table>
      </div>
    </template>
  </v-table>
</template>

<style scoped>
.sheet-table {
  border: 1px solid var(--line);
  border-radius: 6px;
  min-height: 0;
}
.v-table__wrapper {
  max-height: 100%;
}
@media print {
  .sheet-table,
  .v-table__wrapper {
    overflow: visible;
    height: auto;
    border: 0;
  }
}
</style>
