<script setup lang="ts">
defineProps<{ title: string; keys: [string, string][] }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <v-dialog v-model="open" max-width="460" aria-label="Keys of this screen">
    <div class="sheet">
      <h1>{{ title }}</h1>
      <dl>
        <template v-for="[key, does] in keys" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
      <v-btn @click="open = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  background: var(--ground);
  color: var(--ink);
  border-radius: 6px;
  padding: 20px;
}
dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 8px;
  margin: 16px 0;
}
dd {
  margin: 0;
}
</style>
