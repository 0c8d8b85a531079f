<script setup lang="ts">
import { useRoute } from 'vue-router'

const route = useRoute()
</script>

<template>
  <section class="nowhere">
    <h1>There is no page here</h1>
    <p>
      <span class="mono">{{ route.path }}</span> is no address of Reckonrod. Nothing was changed. Choose a
      step on the left, or go to the <router-link :to="{ name: 'arrange' }">list</router-link>.
    </p>
  </section>
</template>

<style scoped>
.nowhere {
  padding: 24px 20px;
}
</style>
