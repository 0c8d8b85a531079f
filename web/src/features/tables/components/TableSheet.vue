<script setup lang="ts">
defineProps<{ label: string; found: number; of: number; hint: string }>()
const search = defineModel<string>({ required: true })
</script>

<template>
  <div class="sheet">
    <div class="search no-print">
      <label>
        <span class="unseen">Search {{ label }}</span>
        <input v-model="search" type="search" :placeholder="hint" />
      </label>
      <span class="quiet" role="status">{{ found }} of {{ of }}</span>
    </div>
    <div class="scroll" tabindex="0" role="region" :aria-label="label"><slot /></div>
  </div>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
}
.search {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 0 20px 10px;
}
input {
  width: 320px;
  max-width: 60vw;
  height: 36px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 12px;
  font: inherit;
  background: var(--surface);
  color: var(--ink);
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: var(--surface);
  border-top: 1px solid var(--ink);
}
:slotted(table) {
  border-collapse: collapse;
}
:slotted(table) :is(th, td) {
  text-align: left;
  padding: 0 20px;
  height: 32px;
  border-bottom: 1px solid var(--line);
  font-weight: 400;
}
:slotted(table) thead th {
  position: sticky;
  top: 0;
  background: var(--ground);
  color: var(--quiet);
  font-size: 12.5px;
}
@media print {
  .no-print {
    display: none;
  }
  .scroll {
    overflow: visible;
  }
}
</style>
