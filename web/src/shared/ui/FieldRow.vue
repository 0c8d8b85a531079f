<script setup lang="ts">
/** Fields side by side, as wide as each needs; one says with `grow` that it takes what is left. */
defineProps<{ label?: string }>()
</script>

<template>
  <div class="field-row" :role="label ? 'group' : undefined" :aria-label="label"><slot /></div>
</template>

<style>
.field-row > .v-input {
  flex: 0 1 auto;
  min-width: var(--field, 132px);
}
.field-row > .v-input.grow {
  flex: 1 1 200px;
}
.field-row > .v-input.short {
  --field: 104px;
  flex-basis: 104px;
}
</style>
