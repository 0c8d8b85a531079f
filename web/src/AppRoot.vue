<script setup lang="ts">
import App from './App.vue'
import AccessGate from './features/access/AccessGate.vue'
</script>

<template>
  <v-app>
    <AccessGate><App /></AccessGate>
  </v-app>
</template>
